import type { Item } from '@hoxen/core/gear'
import type { Card, RankedRig, Remedy } from '@hoxen/core/match'
import { rigKey, windowStyleOf, worstFirst } from '@hoxen/core/rig'
import { CHECK_TITLES, sayCheck, sayScore, WINDOW_NAMES } from '@hoxen/core/words'
import { Link } from 'react-router'
import { GrainAxis } from '../../drawing/index.ts'
import { RemedyLine } from '../../ledger/index.ts'
import { Button, buttonLook, Tag, useUnits, VerdictMark } from '../../ui/index.ts'
import { CardDrawing } from './CardDrawing.tsx'
import { OtherParts } from './OtherParts.tsx'
import { TipLadder } from './TipLadder.tsx'

interface Props {
  readonly card: Card
  readonly place: number
  readonly remedy: Remedy | undefined
  readonly items: ReadonlyMap<string, Item>
  readonly mine: boolean
  readonly pinned: boolean
  readonly onMine: () => void
  readonly onPin: () => void
}

/** One rod and head as an object, on its best tip: drawn, placed on the grain axis, with its worst line and what would remedy it. */
export function RigCard({ card, place, remedy, items, mine, pinned, onMine, onPin }: Props) {
  const { rig } = card
  const { parts } = rig
  const href = `/match/rig/${rigKey(rig.choice)}`
  const names = [
    parts.tip?.item.name,
    parts.leader?.name,
    parts.runningLine?.item.name,
    parts.reel?.name,
  ].filter((n) => n !== undefined)
  return (
    <article
      className="rounded-lg border border-rule bg-sheet px-4 pt-3 pb-3"
      aria-labelledby={`rig-${place}`}
    >
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 id={`rig-${place}`} className="text-[1.13rem] leading-snug">
          <span className="mr-1 text-faint">{place}</span>{' '}
          <Link to={href} className="decoration-1 underline-offset-4 hover:underline">
            {parts.rod.name} with {parts.head.head.name}
          </Link>
        </h3>
        <VerdictMark state={rig.verdict} provisional={rig.provisional} />
      </div>
      <p className="text-[0.92rem] text-faint">
        {names.length === 0 ? 'Nothing else chosen' : names.join(' · ')}
      </p>
      <Placed rig={rig} />
      <Worst rig={rig} remedy={remedy} items={items} />
      <TipLadder card={card} items={items} label={`Tips on ${parts.rod.name} with ${parts.head.head.name}`} />
      <OtherParts title="Leader" options={card.leaders} />
      <OtherParts title="Running line" options={card.lines} />
      <Deeds {...{ rig, href, mine, pinned, onMine, onPin }} />
    </article>
  )
}

/** The rig drawn, and where its mass lies in the window. */
function Placed({ rig }: { readonly rig: RankedRig }) {
  const { show } = useUnits()
  const { head } = rig.parts.head
  const style = windowStyleOf(head.style)
  return (
    <div className="mt-1 grid grid-cols-[minmax(0,1fr)] items-center gap-x-5 gap-y-1 md:grid-cols-[minmax(0,1fr)_13rem]">
      <CardDrawing rig={rig} />
      <div>
        {rig.window !== undefined && (
          <>
            <GrainAxis
              compact
              bands={[{ label: WINDOW_NAMES[style], window: rig.window }]}
              marks={[{ id: 'it', label: head.name, massKg: rig.massKg, chosen: true }]}
            />
            <p className="-mt-1 flex items-center justify-between text-[0.82rem] text-faint">
              <span>
                <b className="font-semibold text-caster">{show(rig.massKg, 'lineMass')}</b> in{' '}
                {show(rig.window.lowKg, 'lineMass').split(' ')[0]}–{show(rig.window.highKg, 'lineMass')}
              </span>
              <Tag tag={rig.window.tag} />
            </p>
          </>
        )}
      </div>
    </div>
  )
}

/** The worst check, and what would fix it. */
function Worst({ rig, remedy, items }: Pick<Props, 'remedy' | 'items'> & { readonly rig: RankedRig }) {
  const { system } = useUnits()
  const [worst] = worstFirst(rig.checks)
  const failing = worst !== undefined && worst.state !== 'holds'
  return (
    <div className="mt-2 text-[0.95rem]">
      {failing ? (
        <p>
          <b className="font-semibold">{CHECK_TITLES[worst.code]}.</b> {sayCheck(worst, system)}
        </p>
      ) : (
        <p>Every check holds.</p>
      )}
      {failing && remedy !== undefined && (
        <RemedyLine remedy={remedy} items={items} href={`/match/rig/${rigKey(remedy.choice)}`} />
      )}
    </div>
  )
}

interface DeedsProps extends Pick<Props, 'mine' | 'pinned' | 'onMine' | 'onPin'> {
  readonly rig: RankedRig
  readonly href: string
}

function Deeds({ rig, href, mine, pinned, onMine, onPin }: DeedsProps) {
  const { system } = useUnits()
  return (
    <div className="mt-2 flex flex-wrap items-center justify-between gap-2">
      <p className="text-[0.82rem] text-faint">{sayScore(rig, system)}</p>
      <div className="flex flex-wrap gap-2">
        <Link to={href} className={buttonLook('plain')}>
          Ledger
        </Link>
        <Button onClick={onPin} aria-pressed={pinned}>
          {pinned ? 'Pinned' : 'Pin'}
        </Button>
        <Button
          weight={mine ? 'plain' : 'strong'}
          onClick={onMine}
          disabled={mine}
          aria-label={
            mine ? undefined : `Make this my rig: ${rig.parts.rod.name} with ${rig.parts.head.head.name}`
          }
        >
          {mine ? 'My rig' : 'Make this my rig'}
        </Button>
      </div>
    </div>
  )
}
