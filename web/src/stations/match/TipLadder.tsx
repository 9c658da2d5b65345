import type { Item } from '@hoxen/core/gear'
import type { Card } from '@hoxen/core/match'
import { rigKey } from '@hoxen/core/rig'
import { sayTouches, sayWhyTip } from '@hoxen/core/words'
import { Link } from 'react-router'
import { StateMark } from '../../ui/index.ts'

/** Tips shown of a rod and head; the rest are on the ladder of the water. */
const SHOWN = 5
const BAR_PX = 92

interface Props {
  readonly card: Card
  readonly items: ReadonlyMap<string, Item>
  readonly label: string
}

/** The tips of a rod and head by how they swing: each with the leader that serves it: time with the fish, touches, verdict; and why the first leads. */
export function TipLadder({ card, items, label }: Props) {
  const why = sayWhyTip(card)
  const swung = card.tips.filter((tip) => tip.swung !== undefined)
  if (swung.length === 0) return null
  return (
    <div className="mt-2">
      {why !== undefined && <p className="text-[0.95rem]">{why}</p>}
      <div aria-hidden="true" className="mt-1 hidden items-center gap-x-3 text-[0.8rem] text-faint sm:flex">
        <span className="min-w-40 flex-1">Tip and leader</span>
        <span className="shrink-0" style={{ width: BAR_PX }} />
        <span className="w-24 whitespace-nowrap">With the fish</span>
        <span className="w-48">Touches</span>
        <span className="w-24" />
      </div>
      <ol aria-label={label} className="text-[0.9rem]">
        {swung.slice(0, SHOWN).map((tip, i) => (
          <TipRow key={rigKey(tip.choice)} tip={tip} items={items} first={i === 0} />
        ))}
      </ol>
    </div>
  )
}

interface RowProps extends Pick<Props, 'items'> {
  readonly tip: Card['tips'][number]
  readonly first: boolean
}

function TipRow({ tip: { choice, name, verdict, swung }, items, first }: RowProps) {
  const { holdingS = 0, overHoldingS = 0, holdingShare = 0 } = swung?.summary ?? {}
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-rule/60 last:border-b-0">
      <Link
        to={`/match/rig/${rigKey(choice)}`}
        className={`inline-flex min-h-11 min-w-40 flex-1 items-center hover:underline sm:min-h-8 ${first ? 'font-semibold' : ''}`}
      >
        <span>
          {name ?? 'No tip'}{' '}
          <span className="ml-1 font-normal text-faint">
            {choice.leaderId === null ? 'no leader' : items.get(choice.leaderId)?.name}
          </span>
        </span>
      </Link>
      <ShareBar share={holdingShare} />
      <span className="w-24 whitespace-nowrap">
        {holdingS.toFixed(0)} of {overHoldingS.toFixed(0)} s
      </span>
      <span className="w-48 text-faint">{swung && sayTouches(swung.summary)}</span>
      <span className="w-24">
        <StateMark state={verdict} />
      </span>
    </li>
  )
}

/** A share of the time, as a bar. */
const ShareBar = ({ share }: { readonly share: number }) => (
  <svg
    width={BAR_PX}
    height="10"
    aria-hidden="true"
    className="shrink-0"
    strokeWidth="4"
    strokeLinecap="round"
  >
    <path d={`M1 5H${BAR_PX - 1}`} stroke="var(--rule)" />
    {share > 0.01 && <path d={`M1 5H${1 + (BAR_PX - 2) * share}`} stroke="var(--river)" />}
  </svg>
)
