import type { Day } from '@hoxen/core/day'
import { type Remembered, remembers, seenWith } from '@hoxen/core/journal'
import { printShare } from '@hoxen/core/quantity'
import { useMemo, useState } from 'react'
import { judgedIn } from '../../ledger/index.ts'
import { SawMarks, takeTip, useWalletTips, type WalletTip } from '../../pool/index.ts'
import { useList } from '../../store/index.ts'
import { Button, StateMark } from '../../ui/index.ts'

/** Tips in view at first: what is on the line, and the best of the others. */
const SHOWN = 5

type TipOrder = readonly (string | null)[]

/** What is on the line first, then the best; or in the order they stood in when one was touched, so that none moves under the thumb. */
function inOrder(tips: readonly WalletTip[], order: TipOrder): readonly WalletTip[] {
  const rank = ({ tipId, onTheLine }: WalletTip): number =>
    order.length === 0 ? Number(!onTheLine) : order.includes(tipId) ? order.indexOf(tipId) : order.length
  return tips.toSorted((a, b) => rank(a) - rank(b))
}

/** The tips one carries, best first in this water: what each would do, what it did here before, and on the line at a touch. */
export function TipRungs({ day }: { readonly day: Day }) {
  const found = useWalletTips()
  const entries = useList('entries')
  const known = useMemo(() => {
    const { where } = day
    return where.by === 'pool' && where.flow !== undefined
      ? remembers(where.pool, where.flow.m3ps, entries ?? [])
      : []
  }, [day, entries])
  const [all, setAll] = useState(false)
  const where = day.where.by === 'pool' ? `${day.where.pool.id} ${day.where.flow?.m3ps ?? ''}` : ''
  const [held, setHeld] = useState<{ readonly where: string; readonly order: TipOrder }>()
  if (found === undefined) return null
  const tips = inOrder(found.tips, held?.where === where ? held.order : [])
  const more = tips.length - SHOWN
  return (
    <section aria-labelledby="tips-title" className="mt-2 lg:col-start-2 lg:row-span-6 lg:row-start-1">
      <h2 id="tips-title" className="sr-only">
        Tips you carry
      </h2>
      <ol
        className="divide-y divide-rule border-y border-rule"
        data-tips={found.working ? 'working' : 'done'}
      >
        {tips.slice(0, all ? tips.length : SHOWN).map((tip) => (
          <li key={tip.tipId ?? '_'}>
            <Rung
              day={day}
              tip={tip}
              memory={seenWith(known, tip.tipId === null ? null : tip.name)}
              onSwap={() => setHeld({ where, order: tips.map(({ tipId }) => tipId) })}
            />
          </li>
        ))}
      </ol>
      {!all && more > 0 && (
        <Button weight="quiet" className="px-0" onClick={() => setAll(true)}>
          {more} more
        </Button>
      )}
      {tips.length === 0 && <p className="py-3 text-faint">No tips in your gear yet.</p>}
    </section>
  )
}

interface RungProps {
  readonly day: Day
  readonly tip: WalletTip
  readonly memory: Remembered['saw'] | undefined
  readonly onSwap: () => void
}

function Rung({ day, tip, memory, onSwap }: RungProps) {
  const { tipId, name, pocket, leader, onTheLine, parts, ride } = tip
  const share = ride?.summary.holdingShare ?? 0
  const swap = (): void => {
    onSwap()
    takeTip({ tipId, name }, true)
  }
  return (
    <button
      type="button"
      aria-pressed={onTheLine}
      aria-label={onTheLine ? `${name} is on the line` : `Put ${name} on the line`}
      onClick={() => !onTheLine && swap()}
      className={`relative flex min-h-14 w-full items-center gap-3 overflow-hidden px-2 py-1.5 text-left ${onTheLine ? 'bg-shoal' : 'hover:bg-shoal/60'}`}
    >
      <span
        aria-hidden="true"
        className="absolute bottom-0 left-0 h-[5px] bg-river"
        style={{ width: `${Math.round(share * 100)}%` }}
      />
      <span className="min-w-0 flex-1 leading-tight">
        <b className={`block truncate text-lg ${onTheLine ? 'font-bold' : 'font-medium'}`}>{name}</b>
        <span className="block truncate text-[0.85rem] text-faint">
          {onTheLine ? 'on the line' : (pocket ?? 'not packed')}
          {leader === undefined ? '' : ` · ${leader}`}
        </span>
      </span>
      {memory !== undefined && <SawMarks saw={memory} />}
      <span className="w-[6.4rem] shrink-0 text-right leading-tight whitespace-nowrap">
        {ride === undefined ? (
          <span className="text-faint">…</span>
        ) : (
          <>
            <StateMark state={judgedIn(parts, day, ride).verdict} />
            <span className="block text-[0.85rem] text-faint">{printShare(share)} with the fish</span>
          </>
        )}
      </span>
    </button>
  )
}
