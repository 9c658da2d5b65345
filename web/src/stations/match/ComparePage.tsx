import type { Day } from '@hoxen/core/day'
import { advantagesOf, type ComparedLine, compareRigs, type RankedRig } from '@hoxen/core/match'
import { backingWantedM } from '@hoxen/core/reel'
import {
  backingRoomM,
  type Check,
  rigFromKey,
  stateRank,
  swingInput,
  windowOf,
  woundLines,
} from '@hoxen/core/rig'
import { CHECK_TITLES, sayAdvantages, sayBothSwings, sayFigure, sayScore } from '@hoxen/core/words'
import { useMemo } from 'react'
import { Link, useParams } from 'react-router'
import { type AxisBand, GrainAxis, SmallSpool, SwingAcross } from '../../drawing/index.ts'
import { useQuestion, useRig } from '../../ledger/index.ts'
import { useSingle } from '../../store/index.ts'
import { useFullSwings } from '../../swings/index.ts'
import { buttonLook, Empty, StateMark, useUnits } from '../../ui/index.ts'

/** Two rigs: what each is for, drawn; what differs line by line, and what is the same. */
export function ComparePage() {
  const { key = '' } = useParams()
  const choice = useMemo(() => rigFromKey(key), [key])
  const question = useQuestion()
  const pinned = useSingle('pinned')
  const left = useRig(question, pinned)
  const right = useRig(question, choice)
  if (question === undefined || pinned === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (left === undefined || left === 'gone' || right === undefined || right === 'gone')
    return (
      <Empty
        title="Nothing to compare"
        action={
          <Link to="/match" className={buttonLook('strong')}>
            Match
          </Link>
        }
      >
        Pin one rig, then open another and compare.
      </Empty>
    )
  return <TwoRigs left={left} right={right} day={question.day} />
}

interface TwoProps {
  readonly left: RankedRig
  readonly right: RankedRig
  readonly day: Day
}

const nameOf = ({ parts }: RankedRig): string => `${parts.rod.name} with ${parts.head.head.name}`

function TwoRigs({ left, right, day }: TwoProps) {
  const { system } = useUnits()
  const { differ, same } = useMemo(() => compareRigs(left, right), [left, right])
  return (
    <>
      <h1 className="mb-1 text-2xl">Which for what</h1>
      <p className="mb-3 max-w-3xl text-lg" data-which>
        {sayAdvantages(advantagesOf(left, right), ['The pinned rig', 'This rig'], system)}
      </p>
      <Heads left={left} right={right} day={day} />
      <Swings left={left} right={right} day={day} />
      <Reels left={left} right={right} day={day} />
      <h2 className="mt-5 text-xl">What differs</h2>
      {differ.length === 0 ? (
        <p>Nothing: every check reads the same.</p>
      ) : (
        <Lines lines={differ} left={left} right={right} />
      )}
      <details className="mt-4">
        <summary className="min-h-11 cursor-pointer content-center font-semibold">
          What is the same: {same.length} {same.length === 1 ? 'line' : 'lines'}
        </summary>
        <Lines lines={same} left={left} right={right} />
      </details>
    </>
  )
}

/** Both heads on one axis, each rod's window for its own. */
function Heads({ left, right, day }: TwoProps) {
  const bands = [left, right].flatMap((rig, i): AxisBand[] => {
    const window = windowOf(rig.parts, day)
    return window === undefined ? [] : [{ label: i === 0 ? 'Pinned' : 'This rig', window }]
  })
  const marks = [left, right].map((rig, i) => ({
    id: i === 0 ? 'pinned' : 'other',
    label: nameOf(rig),
    massKg: rig.massKg,
    chosen: true,
  }))
  return (
    <figure className="rounded-lg border border-rule bg-sheet px-4 pt-3 pb-1">
      <GrainAxis bands={bands} marks={marks} />
    </figure>
  )
}

/** Both swings in one picture, in today's water. */
function Swings({ left, right, day }: TwoProps) {
  const inputs = useMemo(
    () => [left, right].map((rig) => swingInput({ ...day, parts: rig.parts })),
    [left, right, day],
  )
  const {
    results: [a, b],
  } = useFullSwings(inputs)
  if (a === undefined || b === undefined) return null
  const said = sayBothSwings(a.summary, b.summary)

  return (
    <figure className="mt-3">
      <SwingAcross
        run={day.run}
        swings={[
          { id: 'pinned', samples: a.samples },
          { id: 'other', samples: b.samples, dash: '6 4' },
        ]}
        atS={Math.min(a.summary.swingS, b.summary.swingS) / 2}
        label="Both flies’ paths in the pool"
      />
      <figcaption className="mt-1 text-[0.9rem] text-faint">{said}</figcaption>
    </figure>
  )
}

/** Both reels to one scale, with what goes on them. */
function Reels({ left, right, day }: TwoProps) {
  const { show } = useUnits()
  const rigs = [left, right].flatMap(({ parts }, i) =>
    parts.reel?.spool === undefined
      ? []
      : [{ who: i === 0 ? 'pinned' : 'other', parts, reel: parts.reel, spool: parts.reel.spool }],
  )
  if (rigs.length === 0) return null
  const largestM = Math.max(...rigs.map(({ spool }) => spool.rimDiameterM))
  return (
    <ul aria-label="Both reels" className="mt-3 flex flex-wrap gap-x-10 gap-y-3">
      {rigs.map(({ who, parts, reel, spool }) => (
        <li key={who} className="flex items-center gap-3">
          <SmallSpool
            spool={spool}
            lines={woundLines(parts, undefined, backingWantedM(parts.rod, day.fishKg).low)}
            largestM={largestM}
            label={`${reel.name} with its lines`}
          />
          <span className="text-[0.95rem]">
            <span className="block text-sm text-faint">{who === 'pinned' ? 'Pinned' : 'This rig'}</span>
            <b className="block">{reel.name}</b>
            room for {show(backingRoomM(parts, spool), 'backingLength')} of backing
            {reel.massKg === undefined ? '' : `, ${show(reel.massKg, 'gearMass')}`}
          </span>
        </li>
      ))}
    </ul>
  )
}

interface LinesProps {
  readonly lines: readonly ComparedLine[]
  readonly left: RankedRig
  readonly right: RankedRig
}

function Lines({ lines, left, right }: LinesProps) {
  const { system } = useUnits()
  return (
    <div className="overflow-x-auto">
      <table className="w-full min-w-[34rem] border-collapse text-left">
        <thead>
          <tr className="border-b border-ink align-bottom">
            <td className="w-1/4 py-2" />
            {[left, right].map((rig, i) => (
              <th key={i === 0 ? 'pinned' : 'other'} scope="col" className="py-2 pr-4 font-normal">
                <span className="block text-sm text-faint">{i === 0 ? 'Pinned' : 'This rig'}</span>
                <span className="font-display block font-semibold">{nameOf(rig)}</span>
                <span className="block text-sm">
                  {[rig.parts.tip?.item.name, rig.parts.leader?.name]
                    .filter((n) => n !== undefined)
                    .join(' · ')}
                </span>
                <span className="block text-sm text-faint">{sayScore(rig, system)}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map(({ code, lines: [a, b] }) => {
            const better = stateRank(a?.state ?? 'holds') - stateRank(b?.state ?? 'holds')
            return (
              <tr key={code} className="border-b border-rule align-top">
                <th scope="row" className="py-2 pr-4 font-medium">
                  {CHECK_TITLES[code]}
                </th>
                <Cell check={a} better={better < 0} />
                <Cell check={b} better={better > 0} />
              </tr>
            )
          })}
        </tbody>
      </table>
    </div>
  )
}

function Cell({ check, better }: { readonly check: Check | undefined; readonly better: boolean }) {
  const { system } = useUnits()
  if (check === undefined) return <td className="py-2 text-faint">n/a</td>
  return (
    <td className={`py-2 pr-4 ${better ? 'bg-shoal' : ''}`}>
      <span className="flex flex-wrap items-center gap-x-3">
        <StateMark state={check.state} />
        {check.value !== null && <span>{sayFigure(check, check.value, system)}</span>}
      </span>
    </td>
  )
}
