import type { Day, Stand } from '@hoxen/core/day'
import { CAUTION_WORDS, sayWading } from '@hoxen/core/words'
import { Link } from 'react-router'
import { type Air, useCautions } from '../../pool/index.ts'
import { useUnits } from '../../ui/index.ts'

const SHOWN = 2

interface Props {
  readonly day: Day
  readonly stand: Stand
  readonly air: Air
}

/** The most urgent of what to mind, in a few words; all of it a touch away. */
export function Minded({ day, stand, air }: Props) {
  const { system } = useUnits()
  const { shown } = useCautions(day, stand, air)
  const wading = sayWading(day, system)
  const first = shown.filter((caution) => caution !== 'law' && caution !== 'wading').slice(0, SHOWN)
  return (
    <Link
      to="/cast/cautions"
      className="mt-2 flex min-h-11 items-center border-l-4 border-watch pl-3 text-[0.95rem] leading-snug"
    >
      <span>
        {wading !== undefined && <b className="block font-medium text-watch">{wading}</b>}
        {first.map((caution) => (
          <span key={caution} data-caution={caution} className="mr-3">
            {CAUTION_WORDS[caution].title}.
          </span>
        ))}
        {wading === undefined && first.length === 0 && (
          <span className="text-faint">Local rules come first. All cautions</span>
        )}
      </span>
    </Link>
  )
}
