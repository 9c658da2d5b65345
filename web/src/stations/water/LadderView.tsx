import { frontsToTry, type Strand, strandsOf, tipIdOf, tipRungs } from '@hoxen/core/ladder'
import { choiceOf, judgeStrand } from '@hoxen/core/match'
import { printShare } from '@hoxen/core/quantity'
import type { CheckState, SwingSetup } from '@hoxen/core/rig'
import { sayLeader, sayTouches } from '@hoxen/core/words'
import { useMemo, useState } from 'react'
import { useDay } from '../../day/index.ts'
import { takeTip, useTips, WorkedOut } from '../../pool/index.ts'
import { useRides } from '../../swings/index.ts'
import { Button, StateMark, Tag, useUnits } from '../../ui/index.ts'
import { LadderDrawing } from './LadderDrawing.tsx'

/** A strand without a tip. */
export const NO_TIP = 'No tip'

/** Verdict on the rig with a tip at the angle that serves it best: what taking it would bring. */
function useVerdict({ parts }: SwingSetup, { front, best }: Strand): CheckState | undefined {
  const day = useDay()
  return useMemo(() => day && judgeStrand(parts, day, front, best).verdict, [day, parts, front, best])
}

/** Each tip at its angles, swung so far and ranked. */
function useStrands(setup: SwingSetup) {
  const owned = useTips()
  const mineId = tipIdOf(setup.parts)
  const fronts = useMemo(() => frontsToTry(setup.parts, owned), [owned, setup])
  const rungs = useMemo(() => tipRungs(setup, fronts), [setup, fronts])
  const { rides, done, of, failed } = useRides(rungs)
  const strands = useMemo(() => strandsOf(rungs, rides, fronts, mineId), [rungs, rides, fronts, mineId])
  return { fronts, strands, done, of, failed }
}

/** Each tip of the wallet as a strand at its depth in this run, ranked by how its swing is judged, then by the time it has the fly with the fish. */
export function LadderView({ setup }: { readonly setup: SwingSetup }) {
  const { fronts, strands, done, of, failed } = useStrands(setup)
  const [pointed, setPointed] = useState<string | null>()
  if (fronts.length === 0)
    return <p className="py-8">There are no tips in your gear yet. Add one in Gear: “T-11 10 ft” will do.</p>
  return (
    <section aria-labelledby="ladder-title">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="ladder-title" className="text-xl">
          Every tip you own, in this pool <Tag tag="estimate" />
        </h2>
        <p className="text-[0.9rem] text-faint" role="status" data-ladder={done < of ? 'working' : 'done'}>
          {done < of ? `${done} of ${of} swings` : `${of} swings, each tip at three angles`}
        </p>
      </div>
      <WorkedOut done={done} of={of} failed={failed} />
      <LadderDrawing run={setup.run} fishAt={setup.fishAt} strands={strands} pointed={pointed} />
      <table className="mt-3 w-full text-left">
        <LadderHead />
        <tbody className="divide-y divide-rule border-y border-rule">
          {strands.map((strand, i) => (
            <RungRow
              key={strand.tipId ?? '_'}
              place={i + 1}
              setup={setup}
              strand={strand}
              onPoint={(on) => setPointed(on ? strand.tipId : undefined)}
            />
          ))}
        </tbody>
      </table>
    </section>
  )
}

const LadderHead = () => (
  <thead className="text-[0.85rem] text-faint">
    <tr>
      <th className="w-8 py-1 font-normal">
        <span className="sr-only">Rank</span>
      </th>
      <th className="font-normal">Tip</th>
      <th className="font-normal">With the fish</th>
      <th className="hidden font-normal sm:table-cell">At each angle</th>
      <th className="hidden font-normal sm:table-cell">Hang-down</th>
      <th className="hidden font-normal md:table-cell">Verdict</th>
      <th className="hidden font-normal md:table-cell">Touches</th>
      <th className="hidden font-normal md:table-cell">Snag</th>
      <th>
        <span className="sr-only">Choose</span>
      </th>
    </tr>
  </thead>
)

interface RowProps {
  readonly place: number
  readonly setup: SwingSetup
  readonly strand: Strand
  readonly onPoint: (on: boolean) => void
}

function RungRow({ place, setup, strand, onPoint }: RowProps) {
  const { show } = useUnits()
  const verdict = useVerdict(setup, strand)
  const { mine, tipId, best, angles } = strand
  const { summary } = best.ride
  const name = strand.name ?? NO_TIP
  return (
    <tr
      data-rung={name}
      onPointerEnter={() => onPoint(true)}
      onPointerLeave={() => onPoint(false)}
      onFocus={() => onPoint(true)}
      onBlur={() => onPoint(false)}
      className={`hover:bg-shoal ${mine ? 'font-semibold' : ''}`}
    >
      <td className="py-1 text-faint">{place}</td>
      <RungName setup={setup} strand={strand} verdict={verdict} />
      <td className="pr-3 whitespace-nowrap">
        {summary.holdingS.toFixed(0)} s of {summary.overHoldingS.toFixed(0)}{' '}
        <span className="block text-[0.85rem] text-faint sm:inline">at {best.angleDeg}°</span>
      </td>
      <td className="hidden pr-3 text-[0.85rem] text-faint sm:table-cell">{sayAngles(angles)}</td>
      <td className="hidden pr-3 sm:table-cell">{show(summary.hangDepthM, 'length')}</td>
      <td className="hidden pr-3 text-[0.9rem] md:table-cell">
        {verdict !== undefined && <StateMark state={verdict} />}
      </td>
      <td className="hidden pr-3 md:table-cell">{summary.touches}</td>
      <td className="hidden pr-3 md:table-cell">{printShare(summary.snagRisk)}</td>
      <td className="py-1 text-right">
        {mine ? (
          <span className="inline-flex min-h-11 items-center text-[0.9rem]">on the line</span>
        ) : (
          <Button
            aria-label={`Use ${name}`}
            onClick={() => takeTip({ tipId, name, angleDeg: best.angleDeg, of: choiceOf(setup.parts) })}
          >
            Use
          </Button>
        )}
      </td>
    </tr>
  )
}

/** Seconds with the fish at each angle that was tried. */
const sayAngles = (angles: Strand['angles']): string =>
  angles
    .toSorted((a, b) => a.angleDeg - b.angleDeg)
    .map(({ angleDeg, ride }) =>
      ride === undefined ? `${angleDeg}° …` : `${angleDeg}° ${ride.summary.holdingS.toFixed(0)} s`,
    )
    .join('  ·  ')

interface NameProps extends Pick<RowProps, 'setup' | 'strand'> {
  readonly verdict: CheckState | undefined
}

/** The tip, and what has no column of its own on a narrow screen. */
function RungName({ setup, strand, verdict }: NameProps) {
  const { show } = useUnits()
  const { leader } = strand.front
  const { summary } = strand.best.ride
  return (
    <th scope="row" className="py-1 pr-2 font-medium">
      {strand.name ?? NO_TIP}
      {leader !== setup.parts.leader && (
        <span className="block text-[0.82rem] font-normal text-faint">{sayLeader(leader?.name ?? null)}</span>
      )}
      <span className="block text-[0.82rem] font-normal text-faint md:hidden">
        {verdict !== undefined && <StateMark state={verdict} />} hang-down{' '}
        {show(summary.hangDepthM, 'length')}, {sayTouches(summary)}, snag {printShare(summary.snagRisk)}
      </span>
    </th>
  )
}
