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
import type { Question } from '../../ledger/index.ts'
import { noticeFailed, noticeSaid, setKept, useRigging } from '../../store/index.ts'
import { Button, fieldLook, saveFile, today, useUnits } from '../../ui/index.ts'

/** The order from spool to fly, to tick off at the tailgate, print, or carry as plain text. */
export function RiggingList({ rig, question }: { readonly rig: RankedRig; readonly question: Question }) {
  const { system } = useUnits()
  const kept = useRigging()
  const steps = riggingSteps(rig.parts, itemsOf(question.gear, 'backing')[0]?.name)
  const knotOf = (joint: RigJoint): RigKnot => kept.knots[joint] ?? usualKnot(joint, question.day.schools)
  const say = (step: RiggingStep): string => sayStep(step, step.joint && knotOf(step.joint), system)
  const save = (label: string, next: typeof kept): void =>
    void setKept(label, 'rigging', next).catch(noticeFailed)
  const tick = (id: string): void =>
    save('Tick a step', {
      ...kept,
      done: kept.done.includes(id) ? kept.done.filter((d) => d !== id) : [...kept.done, id],
    })
  const plain = (): string =>
    [
      `${rig.parts.rod.name} with ${rig.parts.head.head.name}`,
      '',
      ...steps.map((s) => `[${kept.done.includes(s.id) ? 'x' : ' '}] ${say(s)}`),
      '',
    ].join('\n')
  return (
    <section aria-labelledby="list-title" className="max-w-3xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 id="list-title" className="text-2xl">
          Rigging list
        </h1>
        <div className="no-print flex flex-wrap gap-2">
          <Button onClick={() => print()}>Print</Button>
          <Button onClick={() => saveFile(`hoxen-rigging-${today()}.txt`, plain(), 'text/plain')}>
            Save as text
          </Button>
          <Button
            onClick={() =>
              void navigator.clipboard
                .writeText(plain())
                .then(() => noticeSaid('Copied as plain text'), noticeFailed)
            }
          >
            Copy
          </Button>
          <Button
            onClick={() => save('Clear the ticks', { ...kept, done: [] })}
            disabled={kept.done.length === 0}
          >
            Start again
          </Button>
        </div>
      </div>
      <p className="text-faint">
        {rig.parts.rod.name} with {rig.parts.head.head.name}
      </p>
      <ol className="mt-3 divide-y divide-rule border-y border-rule">
        {steps.map((step) => (
          <li key={step.id} className="flex flex-wrap items-center gap-x-3">
            <label className="flex min-h-11 flex-1 basis-72 items-center gap-3 py-1.5">
              <input
                type="checkbox"
                checked={kept.done.includes(step.id)}
                onChange={() => tick(step.id)}
                className="size-5 shrink-0"
              />
              <span className={kept.done.includes(step.id) ? 'text-faint line-through' : ''}>
                {say(step)}
              </span>
            </label>
            {step.joint !== undefined && JOINT_KNOTS[step.joint].length > 1 && (
              <KnotChoice
                joint={step.joint}
                knot={knotOf(step.joint)}
                onChoose={(joint, knot) =>
                  save(`Knot: ${JOINT_NAMES[joint]}`, { ...kept, knots: { ...kept.knots, [joint]: knot } })
                }
              />
            )}
          </li>
        ))}
      </ol>
      <p className="mt-3 text-[0.9rem] text-faint">
        A well-tied plain knot beats a badly tied strong one: choose the one you tie reliably.
      </p>
    </section>
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
