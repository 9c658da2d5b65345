import { JOB_LIMITS } from '@hoxen/core/day'
import { problemsOf } from '@hoxen/core/gear'
import {
  ANGLE_LIMITS,
  MEND_LIMITS,
  MENDS,
  type Mend,
  type MendKind,
  type Plan,
  planSchema,
  RETRIEVE_LIMITS,
  ROD_HANDLING,
  type RodHandling,
  SWING_OPTIONS,
  type SwingPlan,
  USUAL_MEND,
} from '@hoxen/core/swing'
import { MEND_NAMES, ROD_NAMES, sayAngle, sayProblem } from '@hoxen/core/words'
import { useEffect, useId, useState } from 'react'
import { QuantityField, Select, useUnits, useWithin } from '../../ui/index.ts'

interface Props {
  readonly plan: SwingPlan
  /** Count that is usual here, where the plan says none [s]. */
  readonly countS: number
  readonly onChange: (label: string, next: Partial<Plan>) => void
  /** Reports a new cast length: that is the job's to say. */
  readonly onCast: (castM: number) => void
}

/** Plan of fishing the run: the cast, what the rod does, the mend. */
export function PlanPanel({ plan: { castM, ...plan }, countS, onChange, onCast }: Props) {
  const mend = plan.mends[0]
  const { system } = useUnits()
  const within = useWithin()
  /** Fault of a plan, in the angler's units; undefined when it can. */
  const fault = (change: Partial<Plan>): string | undefined => {
    const { error } = planSchema.safeParse({ ...plan, ...change })
    const [problem] = error === undefined ? [] : problemsOf(error, planSchema)
    return problem && sayProblem(problem, system)
  }
  return (
    <section aria-label="How it is fished" className="no-print">
      <Angle
        angleDeg={plan.angleDeg}
        onChange={(angleDeg) => onChange('Change the cast’s angle', { angleDeg })}
      />
      <div className="mt-1 grid grid-cols-2 gap-x-3 gap-y-2">
        <QuantityField
          label="Cast, from you to the fly"
          measure="length"
          value={castM}
          onChange={onCast}
          refuse={within(JOB_LIMITS.castM, 'length')}
        />
        <QuantityField
          label="Rod tip above the water"
          measure="length"
          value={plan.tipHeightM}
          onChange={(tipHeightM) => onChange('Change the rod tip’s height', { tipHeightM })}
          refuse={(tipHeightM) => fault({ tipHeightM })}
        />
        <Select
          label="The rod"
          value={plan.rod}
          options={ROD_HANDLING.map((rod) => [rod, ROD_NAMES[rod]])}
          onChange={(rod) => onChange('Change what the rod does', { rod: rod as RodHandling })}
        />
        <Select
          label="Mend"
          value={mend?.kind ?? 'none'}
          options={[['none', 'none'], ...MENDS.map((kind) => [kind, MEND_NAMES[kind]] as const)]}
          onChange={(kind) =>
            onChange('Change the mend', {
              mends: kind === 'none' ? [] : [{ ...USUAL_MEND, ...mend, kind: kind as MendKind }],
            })
          }
        />
        {mend !== undefined && <MendFields {...{ mend, onChange, fault }} />}
        {plan.rod === 'strip' && <StripFields {...{ plan, countS, onChange, fault }} />}
      </div>
    </section>
  )
}

interface MoreProps extends Pick<Props, 'onChange'> {
  readonly fault: (change: Partial<Plan>) => string | undefined
}

/** What is wrong with a time, if anything. @param what subject of the sentence */
const outside = (
  what: string,
  { low, high }: { readonly low: number; readonly high: number },
  s: number,
): string | undefined => (s >= low && s <= high ? undefined : `${what} between ${low} and ${high} seconds.`)

const MendFields = ({ mend, onChange, fault }: MoreProps & { readonly mend: Mend }) => (
  <>
    <QuantityField
      label={mend.kind === 'stack' ? 'Line stacked' : 'Line moved by'}
      measure="length"
      value={mend.sizeM}
      onChange={(sizeM) => onChange('Change the mend’s size', { mends: [{ ...mend, sizeM }] })}
      refuse={(sizeM) => fault({ mends: [{ ...mend, sizeM }] })}
    />
    <QuantityField
      label="Time after landing"
      measure="seconds"
      value={mend.atS}
      onChange={(atS) => onChange('Change when the mend is made', { mends: [{ ...mend, atS }] })}
      refuse={(s) => outside('A mend comes', MEND_LIMITS.atS, s)}
    />
  </>
)

const StripFields = ({
  plan,
  countS,
  onChange,
  fault,
}: MoreProps & { readonly plan: Plan; readonly countS: number }) => (
  <>
    <QuantityField
      label="Count down"
      measure="seconds"
      value={plan.countdownS ?? Math.round(countS)}
      onChange={(countdownS) => onChange('Change the count', { countdownS })}
      refuse={(s) => outside('The count is', RETRIEVE_LIMITS.countdownS, s)}
    />
    <QuantityField
      label="Stripping speed"
      measure="current"
      value={plan.retrieveMps ?? SWING_OPTIONS.stripMps}
      onChange={(retrieveMps) => onChange('Change the retrieve', { retrieveMps })}
      refuse={(retrieveMps) => fault({ retrieveMps })}
    />
  </>
)

/** The angle follows the thumb; it is kept when the thumb lets go. */
function Angle({
  angleDeg,
  onChange,
}: {
  readonly angleDeg: number
  readonly onChange: (deg: number) => void
}) {
  const id = useId()
  const [shown, setShown] = useState(angleDeg)
  useEffect(() => setShown(angleDeg), [angleDeg])
  const keep = (): void => {
    if (shown !== angleDeg) onChange(shown)
  }
  return (
    <div>
      <label htmlFor={id} className="flex justify-between">
        <span className="text-sm text-faint">Angle of the cast</span>
        <span>
          <b>{shown}°</b> {sayAngle(shown)}
        </span>
      </label>
      <input
        id={id}
        type="range"
        min={ANGLE_LIMITS.low}
        max={ANGLE_LIMITS.high}
        step={1}
        value={shown}
        onChange={(event) => setShown(Number(event.target.value))}
        onPointerUp={keep}
        onKeyUp={keep}
        onBlur={keep}
        className="h-11 w-full"
      />
    </div>
  )
}
