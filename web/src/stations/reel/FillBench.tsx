import { BACKING_LIMIT_M, type Backing, itemsOf, type Reel, type Spool } from '@hoxen/core/gear'
import { runningLineFacts } from '@hoxen/core/line'
import type { RankedRig } from '@hoxen/core/match'
import {
  afterRun,
  backingState,
  backingWantedM,
  calibratePacking,
  dragRangeN,
  FILL_STATE,
  fillBand,
  fillSpool,
  HEXAGONAL_PACKING,
  numberByVolume,
  PACKING,
  reelNumbersFor,
  spoolVolumeM3,
  type Verdict,
} from '@hoxen/core/reel'
import { lineOnReelKg, type Wound, woundLines } from '@hoxen/core/rig'
import { sayCheck } from '@hoxen/core/words'
import { useState } from 'react'
import type { Question } from '../../ledger/index.ts'
import { Button, QuantityField, StateMark, Tag, useUnits } from '../../ui/index.ts'
import { SpoolSection } from './SpoolSection.tsx'

interface Props {
  readonly rig: RankedRig
  readonly question: Question
  readonly reel: Reel
  readonly spool: Spool
}

const VERDICTS: Readonly<Record<Verdict, string>> = {
  fits: 'Everything goes on, even wound loosely.',
  'only-if-wound-well': 'It goes on only if wound firmly and evenly.',
  'does-not-fit': 'It does not go on, however well it is wound.',
}
const RUNS_M = [0, 30, 60, 100] as const

/** The spool in section, filling as lines go on, and what a run leaves on it. */
export function FillBench({ rig, question, reel, spool }: Props) {
  const { show, range, system } = useUnits()
  const wanted = backingWantedM(rig.parts.rod, question.day.fishKg)
  const [backingM, setBackingM] = useState(wanted.low)
  const [packing, setPacking] = useState<number>(PACKING.usual)
  const [calibration, setCalibration] = useState<string>()
  const backing: Backing | undefined = itemsOf(question.gear, 'backing')[0]
  const lines = woundLines(rig.parts, backing, backingM)
  const [under, ...rest] = lines
  const band = fillBand(spool, lines)
  const now = fillSpool(spool, packing, lines)
  const { backingM: room = 0 } = fillSpool(spool, packing, rest, under.diameterM)
  const over = backingM - room
  const enough = backingState(backingM, wanted)
  const cage = rig.checks.find((check) => check.code === 'reel-cage')
  const leaderN = rig.parts.leader?.breakingN
  const calibrate = (): void => {
    const result = calibratePacking(spool, lines)
    if (result.outcome === 'calibrated') setPacking(result.packing)
    setCalibration(
      result.outcome === 'calibrated'
        ? `Your hands wind at ${result.packing.toFixed(2)} on this spool.`
        : `That would be denser than round lines can lie (${HEXAGONAL_PACKING.toFixed(3)}): check the spool’s measures or the lengths.`,
    )
  }
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 lg:grid-cols-[20rem_minmax(0,1fr)]">
      <figure>
        <SpoolSection
          spool={spool}
          lines={lines}
          packing={packing}
          describe={`Section of the spool, ${Math.round(now.fillFraction * 100)} percent full`}
        />
        <figcaption className="mt-1 text-[0.88rem] text-faint">
          The dashed line is the clearance below the rim. Dots backing, hatching running line, solid the head.
        </figcaption>
      </figure>
      <div>
        <p className="text-lg">
          <StateMark state={FILL_STATE[band.verdict]} />{' '}
          <span data-fill={band.verdict}>{VERDICTS[band.verdict]}</span>
        </p>
        <p className="mt-1">
          {Math.round(now.fillFraction * 100)} % full at a packing of {packing.toFixed(2)}; between{' '}
          {Math.round(band.tight.fillFraction * 100)} % wound tightly and{' '}
          {Math.round(band.loose.fillFraction * 100)} % loosely <Tag tag="physics" />
        </p>
        <p className="mt-1">
          Under this head and running line go <b>{show(room, 'backingLength')}</b> of backing.
          {over > 0.5 ? <b className="text-breaks"> Take {show(over, 'backingLength')} off.</b> : ''} Wanted
          for this fish: {range(wanted, 'backingLength')} <Tag tag="practice" />
        </p>
        <div className="mt-3 grid max-w-xl gap-3 sm:grid-cols-2">
          <QuantityField
            label="Backing"
            measure="backingLength"
            value={backingM}
            onChange={setBackingM}
            refuse={(m) => (m > BACKING_LIMIT_M ? 'That is more backing than any spool takes.' : undefined)}
          />
          <label className="text-sm text-faint">
            Packing, {packing.toFixed(2)}
            <input
              type="range"
              min={PACKING.loose}
              max={PACKING.tight}
              step={0.01}
              value={packing}
              onChange={(event) => setPacking(Number(event.target.value))}
              className="mt-3 block w-full accent-river"
            />
          </label>
        </div>
        <p className="mt-2">
          <Button onClick={calibrate}>It is just full with this: learn my winding</Button>
        </p>
        {calibration !== undefined && <p role="status">{calibration}</p>}
        <p className="mt-2" data-run={enough}>
          <StateMark state={enough} />{' '}
          {enough === 'holds'
            ? 'Backing enough for the run of such a fish.'
            : 'Short of backing for a fish of this size that runs.'}
          {leaderN === undefined
            ? ''
            : ` Drag between ${range(dragRangeN(leaderN), 'breakingLoad')}, a quarter to a third of the leader.`}
        </p>
        <p className="mt-1">
          All this line adds {show(lineOnReelKg(rig.parts, backing, backingM), 'gearMass')} to the reel.
        </p>
        <Layers lines={lines} />
        <RunTable spool={spool} packing={packing} lines={lines} />
        <OtherLines rig={rig} question={question} spool={spool} packing={packing} backing={backing} />
        <p className="mt-3">
          By volume this spool is a single-hand no. {numberByVolume(spoolVolumeM3(spool))}
          {reel.forNumber === undefined ? '' : `, its box says ${reel.forNumber}`}; this rod wants{' '}
          {reelNumbersFor(rig.parts.rod).low} to {reelNumbersFor(rig.parts.rod).high} <Tag tag="practice" />
        </p>
        {cage !== undefined && (
          <p className="mt-2" data-cage={cage.state}>
            <StateMark state={cage.state} /> {sayCheck(cage, system)}
          </p>
        )}
      </div>
    </div>
  )
}

function Layers({ lines }: { readonly lines: readonly Wound[] }) {
  const { show } = useUnits()
  return (
    <ol aria-label="On the spool, arbor outward" className="mt-3 divide-y divide-rule border-y border-rule">
      {lines.map((line) => (
        <li key={line.part} className="flex justify-between gap-4 py-1.5">
          <span>{line.name}</span>
          <span>
            {show(line.lengthM, 'backingLength')} of {show(line.diameterM, 'diameter')}
          </span>
        </li>
      ))}
    </ol>
  )
}

interface OtherProps {
  readonly rig: RankedRig
  readonly question: Question
  readonly spool: Spool
  readonly packing: number
  readonly backing: Backing | undefined
}

/** Mono against coated on the same spool: how much backing each leaves room for. */
function OtherLines({ rig, question, spool, packing, backing }: OtherProps) {
  const { show } = useUnits()
  if (rig.parts.head.onePiece) return null
  return (
    <div className="mt-3 max-w-xl">
      <p className="text-sm text-faint">Backing there is room for, by running line</p>
      <dl>
        {itemsOf(question.gear, 'running-line').map((item) => {
          const [under, ...rest] = woundLines(
            { ...rig.parts, runningLine: runningLineFacts(item) },
            backing,
            0,
          )
          const { backingM = 0 } = fillSpool(spool, packing, rest, under.diameterM)
          return (
            <div key={item.id} className="flex justify-between border-b border-rule py-1">
              <dt>{item.name}</dt>
              <dd>{show(backingM, 'backingLength')}</dd>
            </div>
          )
        })}
      </dl>
    </div>
  )
}

function RunTable({
  spool,
  packing,
  lines,
}: {
  readonly spool: Spool
  readonly packing: number
  readonly lines: readonly Wound[]
}) {
  const { show } = useUnits()
  return (
    <table className="mt-3 w-full max-w-xl text-left">
      <caption className="text-left text-sm text-faint">After a run</caption>
      <thead>
        <tr className="text-sm text-faint">
          <th scope="col" className="py-1 font-normal">
            of
          </th>
          <th scope="col" className="font-normal">
            left on the spool
          </th>
          <th scope="col" className="font-normal">
            a turn brings
          </th>
        </tr>
      </thead>
      <tbody>
        {RUNS_M.map((runM) => {
          const after = afterRun(spool, packing, lines, runM)
          return (
            <tr key={runM} className="border-t border-rule">
              <th scope="row" className="py-1 font-medium">
                {show(runM, 'backingLength')}
              </th>
              <td>{Math.round(after.leftShare * 100)} %</td>
              <td>{show(after.retrieveM, 'length')}</td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
