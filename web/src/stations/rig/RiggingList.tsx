import { itemsOf } from '@hoxen/core/gear'
import type { RankedRig } from '@hoxen/core/match'
import {
  JOINT_KNOTS,
  type RiggingStep,
  type RigJoint,
  type RigKnot,
  riggingSteps,
  usualKnot,
} from '@hoxen/core/rig'
import { JOINT_NAMES, KNOT_NAMES, sayStep } from '@hoxen/core/words'
import { KnotDrawing } from '../../drawing/index.ts'
import type { Question } from '../../ledger/index.ts'
import { changeKept, noticeFailed, noticeSaid, useRigging } from '../../store/index.ts'
import { Button, fieldLook, saveFile, today, useUnits } from '../../ui/index.ts'
import { useReadAloud } from './useReadAloud.ts'

interface Props {
  readonly rig: RankedRig
  readonly question: Question
}

/** The steps of a rig, which are ticked off, and the knots chosen; what is said of each. */
function useRiggingList({ rig, question }: Props) {
  const { system } = useUnits()
  const kept = useRigging()
  const steps = riggingSteps(rig.parts, itemsOf(question.gear, 'backing')[0]?.name)
  const knotOf = (joint: RigJoint): RigKnot => kept.knots[joint] ?? usualKnot(joint, question.day.schools)
  const say = (step: RiggingStep): string => sayStep(step, step.joint && knotOf(step.joint), system)
  const isDone = ({ id }: RiggingStep): boolean => kept.done.includes(id)
  const save = (label: string, next: (now: typeof kept) => typeof kept): void =>
    void changeKept(label, 'rigging', next).catch(noticeFailed)
  return {
    steps,
    knotOf,
    say,
    isDone,
    begun: kept.done.length > 0,
    tick: ({ id }: RiggingStep): void =>
      save('Tick a step', (now) => ({
        ...now,
        done: now.done.includes(id) ? now.done.filter((d) => d !== id) : [...now.done, id],
      })),
    clear: (): void => save('Clear the ticks', (now) => ({ ...now, done: [] })),
    choose: (joint: RigJoint, knot: RigKnot): void =>
      save(`Knot: ${JOINT_NAMES[joint]}`, (now) => ({ ...now, knots: { ...now.knots, [joint]: knot } })),
  }
}
type List = ReturnType<typeof useRiggingList>

/** The order from spool to fly, to tick off at the tailgate, print, or carry as plain text. */
export function RiggingList(props: Props) {
  const { rod, head } = props.rig.parts
  const name = `${rod.name} with ${head.head.name}`
  const list = useRiggingList(props)
  const { steps, say, isDone } = list
  const aloud = useReadAloud(steps.map((step, i) => `${i + 1}. ${say(step)}`))
  const plain = (): string =>
    [name, '', ...steps.map((s) => `[${isDone(s) ? 'x' : ' '}] ${say(s)}`), ''].join('\n')
  return (
    <section aria-labelledby="list-title" className="max-w-5xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 id="list-title" className="text-2xl">
          Rigging list
        </h1>
        <Deeds list={list} aloud={aloud} plain={plain} />
      </div>
      <p className="text-faint">{name}</p>
      <ol className="mt-3">
        {steps.map((step, i) => (
          <Step key={step.id} list={list} step={step} at={i} read={aloud.at === i} />
        ))}
      </ol>
      <p className="mt-3 text-[0.9rem] text-faint">
        A well-tied plain knot beats a badly tied strong one: choose the one you tie reliably.
      </p>
    </section>
  )
}

interface DeedsProps {
  readonly list: List
  readonly aloud: ReturnType<typeof useReadAloud>
  readonly plain: () => string
}

function Deeds({ list: { steps, isDone, begun, clear }, aloud, plain }: DeedsProps) {
  const firstOpen = Math.max(
    0,
    steps.findIndex((step) => !isDone(step)),
  )
  const copy = (): void =>
    void navigator.clipboard.writeText(plain()).then(() => noticeSaid('Copied as plain text'), noticeFailed)
  return (
    <div className="no-print flex flex-wrap gap-2">
      <Button
        disabled={!aloud.able}
        title={aloud.able ? '' : 'This device can’t read aloud'}
        onClick={() => (aloud.at === undefined ? aloud.start(firstOpen) : aloud.stop())}
      >
        {aloud.at === undefined ? 'Read aloud' : 'Stop reading'}
      </Button>
      <Button onClick={() => print()}>Print</Button>
      <Button onClick={() => saveFile(`hoxen-rigging-${today()}.txt`, plain(), 'text/plain')}>
        Save as text
      </Button>
      <Button onClick={copy}>Copy</Button>
      <Button onClick={clear} disabled={!begun}>
        Start again
      </Button>
    </div>
  )
}

interface StepProps {
  readonly list: List
  readonly step: RiggingStep
  readonly at: number
  /** Whether it is being read aloud. */
  readonly read: boolean
}

function Step({ list: { steps, knotOf, say, isDone, tick, choose }, step, at, read }: StepProps) {
  const { joint } = step
  return (
    <li
      aria-current={read ? 'step' : undefined}
      className="grid grid-cols-[2.2rem_minmax(0,1fr)] items-stretch gap-x-3 aria-[current=step]:bg-shoal sm:grid-cols-[2.2rem_6rem_minmax(0,1fr)_auto]"
    >
      <Spine steps={steps} at={at} />
      <span className="hidden items-center sm:flex">
        {joint !== undefined && <KnotDrawing knot={knotOf(joint)} />}
      </span>
      <label className="flex min-h-11 items-center gap-3 border-b border-rule py-1">
        <input
          type="checkbox"
          checked={isDone(step)}
          onChange={() => tick(step)}
          className="size-5 shrink-0"
        />
        <span className={isDone(step) ? 'text-faint line-through' : ''}>{say(step)}</span>
      </label>
      {joint !== undefined && JOINT_KNOTS[joint].length > 1 && (
        <span className="col-start-2 sm:col-start-4">
          <KnotChoice joint={joint} knot={knotOf(joint)} onChoose={choose} />
        </span>
      )}
    </li>
  )
}

/** Thickness of each part in the spine [px]; what sinks is hatched in the strip above, here it is lighter. */
const SPINE: Readonly<Record<RigJoint, { readonly behind: number; readonly ahead: number }>> = {
  'reel-backing': { behind: 22, ahead: 2 },
  'backing-running': { behind: 2, ahead: 4 },
  'running-head': { behind: 4, ahead: 15 },
  'head-tip': { behind: 15, ahead: 9 },
  'front-leader': { behind: 9, ahead: 3 },
  'leader-fly': { behind: 3, ahead: 0 },
}

/** A piece of the rig beside each step, from the spool at the top to the fly: what hangs there, and where it is joined. */
function Spine({ steps, at }: { readonly steps: readonly RiggingStep[]; readonly at: number }) {
  const joints = steps.slice(0, at + 1).flatMap(({ joint }) => (joint === undefined ? [] : [joint]))
  const last = joints.at(-1)
  const here = steps[at]?.joint
  if (last === undefined || (here === undefined && last === 'leader-fly')) return <span />
  const { behind, ahead } = SPINE[last]
  return (
    <svg viewBox="0 0 36 44" preserveAspectRatio="none" aria-hidden="true" className="h-full min-h-11 w-9">
      {here !== undefined && <rect x={18 - behind / 2} y="0" width={behind} height="22" fill="var(--ink)" />}
      <rect
        x={18 - ahead / 2}
        y={here === undefined ? 0 : 22}
        width={ahead}
        height={here === undefined ? 44 : 22}
        fill="var(--ink)"
      />
      {here !== undefined && <rect x="9" y="19" width="18" height="6" rx="3" fill="var(--caster)" />}
    </svg>
  )
}

interface KnotProps {
  readonly joint: RigJoint
  readonly knot: RigKnot
  readonly onChoose: (joint: RigJoint, knot: RigKnot) => void
}

function KnotChoice({ joint, knot, onChoose }: KnotProps) {
  return (
    <select
      aria-label={`Knot, ${JOINT_NAMES[joint]}`}
      value={knot}
      onChange={(event) => onChoose(joint, event.target.value as RigKnot)}
      className={`${fieldLook} no-print !w-56`}
    >
      {JOINT_KNOTS[joint].map((name) => (
        <option key={name} value={name}>
          {KNOT_NAMES[name]}
        </option>
      ))}
    </select>
  )
}
