import { betterRide, frontsToTry, gainS, type SingleChange, singleChanges } from '@hoxen/core/ladder'
import { choiceOf } from '@hoxen/core/match'
import { printShare } from '@hoxen/core/quantity'
import type { SwingSetup } from '@hoxen/core/rig'
import { type Ride, type Swung, swingVerdict } from '@hoxen/core/swing'
import { STATE_NAMES, sayChange, sayDiffers, sayTouches } from '@hoxen/core/words'
import { useMemo } from 'react'
import { useTips, type Water } from '../../pool/index.ts'
import { useRides } from '../../swings/index.ts'
import { Button, Tag, useUnits } from '../../ui/index.ts'
import { takeChange } from './takeChange.ts'

const FIRST_SHOWN = 6

interface Props {
  readonly setup: SwingSetup
  readonly water: Water
  readonly now: Swung | undefined
}

/** Single changes, swung so far and ranked. */
function useChanges({ setup, now }: Props) {
  const owned = useTips()
  const trials = useMemo(
    () => singleChanges(setup, { fronts: frontsToTry(setup.parts, owned), leaders: owned.leaders }),
    [setup, owned],
  )
  const { rides, done, of, failed } = useRides(trials)
  const ranked = useMemo(
    () =>
      trials
        .flatMap(({ id, change }) => {
          const ride = rides.get(id)
          return ride === undefined ? [] : [{ id, change, ride }]
        })
        .sort((a, b) => betterRide(a.ride, b.ride)),
    [trials, rides],
  )
  const better = now === undefined ? [] : ranked.filter((r) => betterRide(r.ride, now) < 0)
  const bestId = ranked.find((r) => canUse(r.change))?.id
  return { ranked, better, done, of, failed, bestId }
}

/** Every single change, each swung by itself; the one that is judged best stands first. */
export function ChangeList(props: Props) {
  const { water, now, setup } = props
  const { system } = useUnits()
  const { ranked, better, done, of, failed, bestId } = useChanges(props)
  return (
    <section aria-labelledby="changes-title" className="mt-4">
      <h2 id="changes-title" className="text-lg">
        One thing to change <Tag tag="estimate" />
      </h2>
      {failed !== undefined && (
        <p role="alert" className="font-medium text-breaks">
          {failed}
        </p>
      )}
      <p className="text-[0.85rem] text-faint" role="status">
        {done < of
          ? `Swinging change ${Math.min(done + 1, of)} of ${of}…`
          : better.length === 0
            ? 'No single change beats what you have.'
            : 'Each swung on its own, best first.'}
      </p>
      <ol className="mt-1 divide-y divide-rule border-y border-rule">
        {ranked.slice(0, FIRST_SHOWN).map(({ id, change, ride }) => (
          <ChangeRow
            key={id}
            text={sayChange(change, system)}
            ride={ride}
            now={now}
            first={id === bestId && done === of && better.some((b) => b.id === id)}
            onUse={
              canUse(change)
                ? () => takeChange(change, sayChange(change, system), water, choiceOf(setup.parts))
                : undefined
            }
          />
        ))}
      </ol>
    </section>
  )
}

/** Says whether it can be taken: not what is not in your gear. */
function canUse(change: SingleChange): boolean {
  return !(change.code === 'sinking-part' || (change.code === 'leader' && change.leaderId === null))
}

interface RowProps {
  readonly text: string
  readonly ride: Ride
  readonly now: Swung | undefined
  readonly first: boolean
  readonly onUse: (() => void) | undefined
}

function ChangeRow({ text, ride, now, first, onUse }: RowProps) {
  const { summary } = ride
  const gain = now === undefined ? 0 : gainS(now.summary, summary)
  const { state } = swingVerdict(ride)
  return (
    <li className={`flex items-center gap-2 py-1 ${first ? 'font-semibold' : ''}`}>
      <div className="min-w-0 flex-1 leading-snug">
        {text}
        <span className="block text-[0.85rem] font-normal text-faint">
          {STATE_NAMES[state]}: {summary.holdingS.toFixed(0)} s with the fish{' '}
          {gain === 0
            ? `(${now === undefined ? 'as now' : sayDiffers(now.summary, summary)})`
            : `(${gain > 0 ? '+' : '−'}${Math.abs(gain).toFixed(0)})`}
          , {sayTouches(summary)},{' '}
          <span className="whitespace-nowrap">snag {printShare(summary.snagRisk)}</span>
        </span>
      </div>
      {onUse === undefined ? (
        <span className="text-[0.8rem] text-faint">not in your gear</span>
      ) : (
        <Button weight={first ? 'strong' : 'plain'} aria-label={`Use: ${text}`} onClick={onUse}>
          Use
        </Button>
      )}
    </li>
  )
}
