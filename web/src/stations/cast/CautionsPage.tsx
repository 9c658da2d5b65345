import { CAUTION_NAMES, type Day, type Stand } from '@hoxen/core/day'
import { CAUTION_WORDS } from '@hoxen/core/words'
import { Link } from 'react-router'
import { useDay } from '../../day/index.ts'
import { useAir, useCautions } from '../../pool/index.ts'
import { useStand } from '../../store/index.ts'
import { Button, useUnits } from '../../ui/index.ts'

/** All cautions on one page; what applies here and now stands out. */
export function CautionsPage() {
  const day = useDay()
  const stand = useStand()
  if (day === undefined || stand === undefined) return <p className="py-10 text-faint">Opening…</p>
  return <Cautions day={day} stand={stand} />
}

function Cautions({ day, stand }: { readonly day: Day; readonly stand: Stand }) {
  const { system } = useUnits()
  const { apply, hushed, showAll } = useCautions(day, stand, useAir(day, stand))
  return (
    <section aria-labelledby="cautions-title">
      <p className="text-[0.9rem] text-faint">
        <Link to="/cast" className="underline underline-offset-4">
          Cast
        </Link>
      </p>
      <h1 id="cautions-title" className="text-2xl">
        Cautions
      </h1>
      {hushed.length > 0 && (
        <p className="no-print mt-1">
          {hushed.length} hidden for today.{' '}
          <Button weight="quiet" onClick={showAll}>
            Show them again
          </Button>
        </p>
      )}
      <ul className="mt-3 grid gap-4 md:grid-cols-2">
        {CAUTION_NAMES.map((caution) => {
          const { title, whole } = CAUTION_WORDS[caution]
          const now = apply.includes(caution)
          return (
            <li
              key={caution}
              className={`rounded-lg border bg-sheet px-4 py-3 ${now ? 'border-watch' : 'border-rule'}`}
            >
              <h2 className="text-lg">
                {title} {now && <span className="text-[0.85rem] text-watch">here, now</span>}
              </h2>
              <ul className="mt-1 list-disc space-y-1 pl-5">
                {whole.map((text) => {
                  const sentence = typeof text === 'string' ? text : text(system)
                  return <li key={sentence}>{sentence}</li>
                })}
              </ul>
            </li>
          )
        })}
      </ul>
    </section>
  )
}
