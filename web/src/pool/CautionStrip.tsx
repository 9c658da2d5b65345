import type { Day, Stand } from '@hoxen/core/day'
import { CAUTION_WORDS } from '@hoxen/core/words'
import { Link } from 'react-router'
import type { Air } from './useAir.ts'
import { useCautions } from './useCautions.ts'

interface Props {
  readonly day: Day
  readonly stand: Stand
  readonly air: Air
}

/** Cautions here and now: one line that opens; each can be put aside for the day. */
export function CautionStrip({ day, stand, air }: Props) {
  const { shown, hush } = useCautions(day, stand, air)
  return (
    <details className="mb-2 border-l-4 border-watch pl-3 text-[0.92rem]" data-cautions={shown.length}>
      <summary className="min-h-11 cursor-pointer content-center sm:min-h-8">
        <b className="font-semibold">Mind:</b>{' '}
        {shown.length === 0
          ? 'nothing more today'
          : shown.map((caution) => CAUTION_WORDS[caution].title.toLowerCase()).join(', ')}
      </summary>
      <ul aria-label="Cautions">
        {shown.map((caution) => (
          <li key={caution} data-caution={caution} className="flex items-center justify-between gap-3">
            <p>
              <b className="font-semibold">{CAUTION_WORDS[caution].title}.</b> {CAUTION_WORDS[caution].short}
            </p>
            <button
              type="button"
              onClick={() => hush(caution)}
              aria-label={`${CAUTION_WORDS[caution].title}: hide for today`}
              className="no-print min-h-11 shrink-0 px-1 text-faint underline underline-offset-4 sm:min-h-9"
            >
              Hide for today
            </button>
          </li>
        ))}
      </ul>
      <Link
        to="/cast/cautions"
        className="no-print inline-flex min-h-11 items-center text-faint underline underline-offset-4 sm:min-h-8"
      >
        All cautions
      </Link>
    </details>
  )
}
