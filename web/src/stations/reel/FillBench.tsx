import { BACKING_LIMIT_M, type Backing, itemsOf, type Reel, type Spool } from '@hoxen/core/gear'
import { runningLineFacts } from '@hoxen/core/line'
import type { RankedRig } from '@hoxen/core/match'
import { printShare } from '@hoxen/core/quantity'
import {
  afterRun,
  backingState,
  backingWantedM,
  calibratePacking,
  dragRangeN,
  fillBand,
  fillSpool,
  numberByVolume,
  PACKING,
  type Ring,
  reelNumbersFor,
  ringsOn,
  spoolVolumeM3,
} from '@hoxen/core/reel'
import { backingRoomM, lineOf, lineOnReelKg, roomByVolume, type Wound, woundLines } from '@hoxen/core/rig'
import {
  CHECK_TITLES,
  sayAllowed,
  sayBacking,
  sayCheck,
  sayDrag,
  sayFill,
  sayLeft,
  sayPacking,
  sayRoom,
  saySpoolNumber,
  sayWound,
} from '@hoxen/core/words'
import { type ReactNode, useState } from 'react'
import { ReelPicture, RingSwatch } from '../../drawing/index.ts'
import { LedgerLine, type Question } from '../../ledger/index.ts'
import { useDraftState } from '../../store/index.ts'
import { Button, QuantityField, SaidText, Tag, useUnits } from '../../ui/index.ts'

interface Props {
  readonly rig: RankedRig
  readonly question: Question
  readonly reel: Reel
  readonly spool: Spool
}

/** What is wound on a spool, and how full that makes it. */
function useFill({ rig, question, reel, spool }: Props) {
  const wanted = backingWantedM(rig.parts.rod, question.day.fishKg)
  const [backingM, setBackingM] = useDraftState(`fill ${reel.id}`, 'backing', wanted.low)
  const [packing, setPacking] = useState<number>(PACKING.usual)
  const backing: Backing | undefined = itemsOf(question.gear, 'backing')[0]
  const lines = woundLines(rig.parts, backing, backingM)
  const { fillFraction } = fillSpool(spool, packing, lines)
  return { wanted, backing, backingM, setBackingM, packing, setPacking, lines, fillFraction }
}
type Fill = ReturnType<typeof useFill>

/** The reel, filling as lines go on and emptying as a fish runs, and what the ledger says of it. */
export function FillBench(props: Props) {
  const { rig, question, reel, spool } = props
  const { show, system } = useUnits()
  const fill = useFill(props)
  const { packing, lines, backing, backingM } = fill
  const [runM, setRunM] = useState(0)
  const rings = ringsOn(spool, packing, lines, runM)
  const all = lines.reduce((sum, line) => sum + line.lengthM, 0)
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,30rem)_minmax(0,1fr)]">
      <div>
        <figure className="rounded-lg border border-rule bg-sheet p-2">
          <ReelPicture
            reel={reel}
            spool={spool}
            rings={rings}
            out={runM > 0 ? show(runM, 'backingLength') : undefined}
            describe={sayFill(reel, fill.fillFraction, runM, system)}
          />
          <Rings rings={rings} />
        </figure>
        <Run runM={Math.min(runM, all)} mostM={all} onRun={setRunM}>
          <AfterRun spool={spool} packing={packing} lines={lines} rings={rings} runM={runM} />
        </Run>
      </div>
      <div className="min-w-0">
        <FillChecks {...props} fill={fill} />
        <p className="mt-2 text-[0.95rem]">
          {saySpoolNumber(
            numberByVolume(spoolVolumeM3(spool)),
            reel.forNumber,
            reelNumbersFor(rig.parts.rod),
            lineOnReelKg(rig.parts, backing, backingM),
            system,
          )}{' '}
          <Tag tag="practice" />
        </p>
        <WoundOn spool={spool} fill={fill} />
        <OtherLines rig={rig} question={question} spool={spool} packing={packing} backing={backing} />
      </div>
    </div>
  )
}

/** The ledger's checks of a reel, at this fill. */
function FillChecks({ rig, spool, fill }: Props & { readonly fill: Fill }) {
  const { show, range, system } = useUnits()
  const { wanted, backing, backingM, packing, lines, fillFraction } = fill
  const room = lineOf('reel-room', roomByVolume(fillFraction))
  const backingRoom = backingRoomM(rig.parts, spool, packing, backing)
  const over = backingM - backingRoom
  const enough = backingState(backingM, wanted)
  const cage = rig.checks.find((check) => check.code === 'reel-cage')
  const leaderN = rig.parts.leader?.breakingN
  return (
    <ol aria-label="Checks of the reel" className="divide-y divide-rule border-y border-rule">
      <LedgerLine
        state={room.state}
        title={CHECK_TITLES[room.code]}
        figure={printShare(fillFraction)}
        allowed={sayAllowed(room, system)}
        tag={room.tag}
      >
        <p data-fill={room.state}>
          {sayCheck(room, system)} {sayWound(fillBand(spool, lines))}
        </p>
        <p className="text-[0.95rem]">
          <SaidText said={sayRoom(backingRoom, system)} />
          {over > 0.5 ? <b className="text-breaks"> Take off {show(over, 'backingLength')}.</b> : ''}
        </p>
      </LedgerLine>
      <LedgerLine
        state={enough}
        title="Backing for a run"
        figure={show(backingM, 'backingLength')}
        allowed={range(wanted, 'backingLength')}
        tag="practice"
      >
        <p data-run={enough}>{sayBacking(enough === 'holds')}</p>
        {leaderN !== undefined && <p className="text-[0.95rem]">{sayDrag(dragRangeN(leaderN), system)}</p>}
      </LedgerLine>
      {cage !== undefined && (
        <LedgerLine state={cage.state} title={CHECK_TITLES[cage.code]} tag={cage.tag}>
          <p data-cage={cage.state}>{sayCheck(cage, system)}</p>
        </LedgerLine>
      )}
    </ol>
  )
}

/** How much backing, and how tightly it is wound; both can be told from a spool that is exactly full. */
function WoundOn({ spool, fill }: { readonly spool: Spool; readonly fill: Fill }) {
  const { backingM, setBackingM, packing, setPacking, lines } = fill
  const [calibration, setCalibration] = useState<string>()
  const calibrate = (): void => {
    const result = calibratePacking(spool, lines)
    if (result.outcome === 'calibrated') setPacking(result.packing)
    setCalibration(sayPacking(result.outcome === 'calibrated' ? result.packing : undefined))
  }
  return (
    <>
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        <QuantityField
          label="Backing"
          measure="backingLength"
          value={backingM}
          onChange={setBackingM}
          refuse={(m) => (m > BACKING_LIMIT_M ? 'No spool holds that much backing.' : undefined)}
        />
        <div>
          <label className="text-sm text-faint">
            How tightly I wind{' '}
            <input
              type="range"
              min={PACKING.loose}
              max={PACKING.tight}
              step={0.01}
              value={packing}
              aria-valuetext={packing.toFixed(2)}
              onChange={(event) => setPacking(Number(event.target.value))}
              className="block h-9 w-full"
            />
          </label>
          <p aria-hidden="true" className="flex justify-between text-[0.8rem] text-faint">
            <span>loose</span>
            <span>tight</span>
          </p>
          <Button onClick={calibrate}>It’s exactly full: set how I wind</Button>
        </div>
      </div>
      {calibration !== undefined && <p role="status">{calibration}</p>}
    </>
  )
}

/** Legend of the rings, and how much of each is on. */
function Rings({ rings }: { readonly rings: readonly Ring<Wound>[] }) {
  const { show } = useUnits()
  return (
    <ol
      aria-label="On the spool, arbor outward"
      className="flex flex-wrap gap-x-5 gap-y-1 px-2 py-1 text-[0.88rem]"
    >
      {rings.map(({ line, leftM }) => (
        <li key={line.part} className="inline-flex items-center gap-1.5">
          <RingSwatch part={line.part} />
          {line.name}, <b>{show(leftM, 'backingLength')}</b>
          <span className="text-faint">of {show(line.diameterM, 'diameter')}</span>
        </li>
      ))}
    </ol>
  )
}

interface RunProps {
  readonly runM: number
  readonly mostM: number
  readonly onRun: (m: number) => void
  readonly children: ReactNode
}

/** A run, to be dragged. */
function Run({ runM, mostM, onRun, children }: RunProps) {
  const { show } = useUnits()
  return (
    <div className="mt-3">
      <label className="flex flex-wrap justify-between gap-x-3">
        <span>A fish runs</span>
        <b>{show(runM, 'backingLength')}</b>
        <input
          type="range"
          min={0}
          max={Math.ceil(mostM)}
          step={1}
          value={runM}
          onChange={(event) => onRun(Number(event.target.value))}
          aria-valuetext={show(runM, 'backingLength')}
          className="h-11 w-full"
        />
      </label>
      {children}
    </div>
  )
}

interface AfterProps {
  readonly spool: Spool
  readonly packing: number
  readonly lines: readonly Wound[]
  readonly rings: readonly Ring<Wound>[]
  readonly runM: number
}

/** State after a run, in words. */
function AfterRun({ spool, packing, lines, rings, runM }: AfterProps) {
  const { system } = useUnits()
  const after = afterRun(spool, packing, lines, runM)
  const said = sayLeft(after, rings[0]?.leftM ?? 0, system)
  return (
    <p role="status" data-after-run>
      <SaidText said={said} className={after.leftShare <= 0 ? 'text-breaks' : ''} />{' '}
      {after.leftShare > 0 && <Tag tag="physics" />}
    </p>
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
      <p className="text-sm text-faint">Room for backing, by running line</p>
      <dl>
        {itemsOf(question.gear, 'running-line').map((item) => {
          const parts = { ...rig.parts, runningLine: runningLineFacts(item) }
          const backingM = backingRoomM(parts, spool, packing, backing)
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
