import type { Item } from '@hoxen/core/gear'
import { headFacts } from '@hoxen/core/line'
import { RIG_SLOTS, type RigChoice, type Suited, suitedTo, windowStyleOf } from '@hoxen/core/rig'
import { windowFor } from '@hoxen/core/rod'
import { KIND_NAMES, sayCheck } from '@hoxen/core/words'
import { Link } from 'react-router'
import { type AxisBand, GrainAxis } from '../../drawing/index.ts'
import { type Question, useQuestion } from '../../ledger/index.ts'
import { useSingle } from '../../store/index.ts'
import { StateMark, useUnits } from '../../ui/index.ts'

/** As many are listed; the rest are counted. */
const LISTED = 14

/** Things of one's gear that go with this one, and where it is used. */
export function Suits({ item }: { readonly item: Item }) {
  const question = useQuestion()
  if (question === undefined) return null
  const suited = suitedTo(item, question.gear.items, question.day)
  return (
    <>
      {suited.length > 0 && (
        <section aria-labelledby="suits" className="mt-5">
          <h2 id="suits" className="text-xl">
            {item.kind === 'head' ? 'Rods it suits' : `Goes with these ${kindOf(suited)}`}
          </h2>
          {item.kind === 'head' && <OnRods head={item} suited={suited} question={question} />}
          <SuitedList suited={suited} />
        </section>
      )}
      <Used item={item} />
    </>
  )
}

const kindOf = ([first]: readonly Suited[]): string =>
  first === undefined ? '' : KIND_NAMES[first.item.kind].many.toLowerCase()

function SuitedList({ suited }: { readonly suited: readonly Suited[] }) {
  const { system } = useUnits()
  return (
    <ul className="mt-1 divide-y divide-rule">
      {suited.slice(0, LISTED).map(({ item, state, line }) => (
        <li key={item.id} data-suits={state} className="py-1.5">
          <span className="flex flex-wrap items-baseline gap-x-2">
            <StateMark state={state} />
            <Link to={`/gear/item/${item.id}`} className="font-medium underline underline-offset-4">
              {item.name}
            </Link>
          </span>
          {state !== 'holds' && (
            <span className="block text-[0.88rem] text-faint">{sayCheck(line, system)}</span>
          )}
        </li>
      ))}
      {suited.length > LISTED && <li className="py-1.5 text-faint">and {suited.length - LISTED} more</li>}
    </ul>
  )
}

interface OnRodsProps {
  readonly head: Extract<Item, { kind: 'head' }>
  readonly suited: readonly Suited[]
  readonly question: Question
}

/** A head on the windows of one’s rods for such heads. */
function OnRods({ head, suited, question }: OnRodsProps) {
  const bands = suited.slice(0, LISTED).flatMap(({ item: rod }): readonly AxisBand[] => {
    if (rod.kind !== 'rod') return []
    const found = windowFor(rod, windowStyleOf(head.style), question.day)
    return found.outcome === 'window' ? [{ label: rod.name, window: found.window }] : []
  })
  const massKg = headFacts(head).massKg.value
  return (
    <figure className="mt-1">
      <GrainAxis bands={bands} marks={[{ id: head.id, label: head.name, massKg, chosen: true }]} />
    </figure>
  )
}

/** Rigs that are made with it. */
function Used({ item }: { readonly item: Item }) {
  const mine = useSingle('rig')
  const pinned = useSingle('pinned')
  const has = (rig: RigChoice | null | undefined): boolean =>
    rig != null && RIG_SLOTS.some((slot) => rig[slot] === item.id)
  const where = [
    ...(has(mine) ? [['/rig', 'my rig'] as const] : []),
    ...(has(pinned) ? [['/match', 'the pinned rig'] as const] : []),
  ]
  return (
    <section aria-labelledby="used" className="mt-5">
      <h2 id="used" className="text-xl">
        Where it is used
      </h2>
      {where.length === 0 ? (
        <p className="text-faint">Not on your rig, nor on the pinned rig.</p>
      ) : (
        <ul>
          {where.map(([to, name]) => (
            <li key={to}>
              On{' '}
              <Link to={to} className="underline underline-offset-4">
                {name}
              </Link>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
