import { betterRide, gainS, type SingleChange, type SwingSetup, singleChanges } from '@hoxen/core/ladder'
import type { SwingSummary } from '@hoxen/core/swing'
import { sayChange } from '@hoxen/core/words'
import { useMemo } from 'react'
import { Button, Tag, useUnits } from '../../ui/index.ts'
import { takeChange } from './takeChange.ts'
import { useRides, useWallet } from './useSwing.ts'
import type { Water } from './useWater.ts'

const FIRST_SHOWN = 6

/** Every single change, each let swing by itself; the one that holds the fly longest in the band stands first. */
export function ChangeList({
  setup,
  water,
  now,
}: {
  readonly setup: SwingSetup
  readonly water: Water
  readonly now: SwingSummary | undefined
}) {
  const wallet = useWallet()
  const { system } = useUnits()
  const trials = useMemo(() => singleChanges(setup, wallet), [setup, wallet])
  const { rides, done, of, failed } = useRides(trials)
  const ranked = useMemo(
    () =>
      trials
        .flatMap(({ id, change }) => {
          const ride = rides.get(id)
          return ride === undefined ? [] : [{ id, change, ride }]
        })
        .sort((a, b) => betterRide(a.ride.summary, b.ride.summary)),
    [trials, rides],
  )
  const bestId = ranked.find((r) => canTake(r.change))?.id
  const better = now === undefined ? [] : ranked.filter((r) => gainS(now, r.ride.summary) > 0)
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
          ? `${done} of ${of} changes let swing…`
          : better.length === 0
            ? 'Nothing single holds the fly in the band for longer.'
            : 'Each let swing by itself; the longest in the holding band first.'}
      </p>
      <ol className="mt-1 divide-y divide-rule border-y border-rule">
        {ranked.slice(0, FIRST_SHOWN).map(({ id, change, ride }) => (
          <ChangeRow
            key={id}
            text={sayChange(change, system)}
            summary={ride.summary}
            now={now}
            first={id === bestId && done === of && better.some((b) => b.id === id)}
            onTake={canTake(change) ? () => takeChange(change, sayChange(change, system), water) : undefined}
          />
        ))}
      </ol>
    </section>
  )
}

/** What is not owned cannot be taken. */
function canTake(change: SingleChange): boolean {
  return !(change.code === 'sinking-part' || (change.code === 'leader' && change.leaderId === null))
}

interface RowProps {
  readonly text: string
  readonly summary: SwingSummary
  readonly now: SwingSummary | undefined
  readonly first: boolean
  readonly onTake: (() => void) | undefined
}

function ChangeRow({ text, summary, now, first, onTake }: RowProps) {
  const gain = now === undefined ? 0 : gainS(now, summary)
  return (
    <li className={`flex items-center gap-2 py-1 ${first ? 'font-semibold' : ''}`}>
      <div className="min-w-0 flex-1 leading-snug">
        {text}
        <span className="block text-[0.85rem] font-normal text-faint">
          {summary.holdingS.toFixed(0)} s in the band{' '}
          {gain === 0 ? '(as now)' : `(${gain > 0 ? '+' : '−'}${Math.abs(gain).toFixed(0)})`},{' '}
          {summary.touches === 0
            ? 'no touch'
            : `${summary.touches} ${summary.touches === 1 ? 'touch' : 'touches'}`}
          , <span className="whitespace-nowrap">snag {Math.round(summary.snagRisk * 100)} %</span>
        </span>
      </div>
      {onTake === undefined ? (
        <span className="text-[0.8rem] text-faint">not owned</span>
      ) : (
        <Button weight={first ? 'strong' : 'plain'} aria-label={`Take: ${text}`} onClick={onTake}>
          Take
        </Button>
      )}
    </li>
  )
}
