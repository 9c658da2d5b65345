import {
  MENDS,
  type MendKind,
  problemsOf,
  ROD_HANDLING,
  type RodHandling,
  type SwingPlan,
  swingPlanSchema,
  USUAL_MEND,
} from '@hoxen/core/gear'
import { MEND_NAMES, ROD_NAMES, sayAngle, sayProblem } from '@hoxen/core/words'
import { useEffect, useId, useState } from 'react'
import { fieldLook, QuantityField, useUnits } from '../../ui/index.ts'

interface Props {
  readonly plan: SwingPlan
  readonly onChange: (label: string, next: Partial<SwingPlan>) => void
}

/** How the run is to be fished: the cast, what the rod does, the mend. */
export function PlanPanel({ plan, onChange }: Props) {
  const mend = plan.mends[0]
  const { system } = useUnits()
  /** What no plan can be, in the angler's units; undefined when it can. */
  const fault = (change: Partial<SwingPlan>): string | undefined => {
    const { error } = swingPlanSchema.safeParse({ ...plan, ...change })
    const [problem] = error === undefined ? [] : problemsOf(error)
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
          value={plan.castM}
          onChange={(castM) => onChange('Change the cast', { castM })}
          refuse={(castM) => fault({ castM })}
        />
        <QuantityField
          label="Rod tip over the water"
          measure="length"
          value={plan.tipHeightM}
          onChange={(tipHeightM) => onChange('Change the rod’s height', { tipHeightM })}
          refuse={(tipHeightM) => fault({ tipHeightM })}
        />
        <Choice
          label="The rod"
          value={plan.rod}
          options={ROD_HANDLING.map((rod) => [rod, ROD_NAMES[rod]])}
          onChange={(rod) => onChange('Change what the rod does', { rod: rod as RodHandling })}
        />
        <Choice
          label="Mend"
          value={mend?.kind ?? 'none'}
          options={[['none', 'none'], ...MENDS.map((kind) => [kind, MEND_NAMES[kind]] as const)]}
          onChange={(kind) =>
            onChange('Change the mend', {
              mends: kind === 'none' ? [] : [{ ...USUAL_MEND, ...mend, kind: kind as MendKind }],
            })
          }
        />
        {mend !== undefined && (
          <>
            <QuantityField
              label={mend.kind === 'stack' ? 'Line stacked' : 'Line moved by'}
              measure="length"
              value={mend.sizeM}
              onChange={(sizeM) => onChange('Change the mend’s size', { mends: [{ ...mend, sizeM }] })}
              refuse={(sizeM) => mend && fault({ mends: [{ ...mend, sizeM }] })}
            />
            <Seconds
              value={mend.atS}
              onChange={(atS) => onChange('Change when the mend is made', { mends: [{ ...mend, atS }] })}
            />
          </>
        )}
      </div>
    </section>
  )
}

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
        min={20}
        max={110}
        step={5}
        value={shown}
        onChange={(event) => setShown(Number(event.target.value))}
        onPointerUp={keep}
        onKeyUp={keep}
        onBlur={keep}
        className="h-11 w-full accent-river"
      />
    </div>
  )
}

interface ChoiceProps {
  readonly label: string
  readonly value: string
  readonly options: readonly (readonly [value: string, name: string])[]
  readonly onChange: (value: string) => void
}

export function Choice({ label, value, options, onChange }: ChoiceProps) {
  const id = useId()
  return (
    <div>
      <label htmlFor={id} className="block text-sm text-faint">
        {label}
      </label>
      <select id={id} value={value} onChange={(event) => onChange(event.target.value)} className={fieldLook}>
        {options.map(([key, name]) => (
          <option key={key} value={key}>
            {name}
          </option>
        ))}
      </select>
    </div>
  )
}

function Seconds({ value, onChange }: { readonly value: number; readonly onChange: (s: number) => void }) {
  const id = useId()
  const [text, setText] = useState(String(value))
  const [wrong, setWrong] = useState(false)
  useEffect(() => setText(String(value)), [value])
  const take = (): void => {
    const seconds = Number(text.replace(',', '.').replace(/\s*s$/, ''))
    const sound = text.trim() !== '' && seconds >= 0 && seconds <= 60
    setWrong(!sound)
    if (sound && seconds !== value) onChange(seconds)
  }
  return (
    <div>
      <label htmlFor={id} className="block text-sm text-faint">
        Seconds after landing
      </label>
      <input
        id={id}
        value={text}
        inputMode="decimal"
        aria-invalid={wrong}
        aria-describedby={wrong ? `${id}-error` : undefined}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === 'Enter') take()
        }}
        className={fieldLook}
      />
      {wrong && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-sm font-medium text-breaks">
          A mend comes between 0 and 60 seconds.
        </p>
      )}
    </div>
  )
}
