import { problemsOf } from '@hoxen/core/gear'
import { indicatorRig } from '@hoxen/core/leader'
import { type Measure, unitFor } from '@hoxen/core/quantity'
import {
  BANKS,
  BOTTOMS,
  fishedWater,
  RUN_LIMITS,
  type Run,
  readLies,
  runSchema,
  sectionFlowM3ps,
} from '@hoxen/core/water'
import {
  BOTTOM_NAMES,
  PLAIN_WORDS,
  sayByBed,
  sayIndicator,
  sayLies,
  sayNoLie,
  sayProblem,
} from '@hoxen/core/words'
import { useState } from 'react'
import { noticeDone, noticeFailed } from '../../../store/index.ts'
import { editRow, removeRun } from '../../../store/rows.ts'
import {
  Button,
  DECIMAL_MARK,
  FormName,
  QuantityField,
  Select,
  Tag,
  Term,
  TextField,
  useUnits,
} from '../../../ui/index.ts'
import { BedDrawing } from './BedDrawing.tsx'
import { GAUGES } from './gauges.ts'

interface Props {
  readonly run: Run
}

/** Changes a pool; what cannot be is said, and changes nothing. */
interface RunEdit extends Props {
  readonly save: (label: string, next: Run) => void
  /** Fault of a run, as a sentence; undefined when it is sound. */
  readonly fault: (next: Run) => string | undefined
}

/** @returns also what was wrong with the last change, undefined when it was kept */
function useRunEdit(run: Run): RunEdit & { readonly wrong: string | undefined } {
  const { system } = useUnits()
  const [wrong, setWrong] = useState<string>()
  const fault = (next: Run): string | undefined => {
    const parsed = runSchema.safeParse(next)
    const [problem] = parsed.success ? [] : problemsOf(parsed.error, runSchema)
    return problem && sayProblem(problem, system)
  }
  const save = (label: string, next: Run): void => {
    const found = fault(next)
    setWrong(found)
    if (found === undefined) editRow(label, 'runs', run, next).catch(noticeFailed)
  }
  return { run, save, fault, wrong }
}

/** A pool as it was measured: its bed, its current, and the level of that day. What cannot be is refused beside its field. */
export function BedView({ run }: Props) {
  const { wrong, ...edit } = useRunEdit(run)
  return (
    <FormName value={`pool ${run.id}`}>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <div className="min-w-0">
          <BedDrawing
            run={run}
            onChange={(label, soundings) => edit.save(label, { ...run, soundings: [...soundings] })}
          />
          {wrong !== undefined && (
            <p role="alert" className="mt-2 font-medium text-breaks">
              {wrong} The pool stays as it was.
            </p>
          )}
          <div className="mt-4 grid gap-6 sm:grid-cols-2">
            <Points title="Soundings" list="soundings" field="depthM" measure="length" {...edit} />
            <Points title="Current at the surface" list="currents" field="mps" measure="current" {...edit} />
          </div>
        </div>
        <RunFields {...edit} />
      </div>
    </FormName>
  )
}

/** What of a pool is not drawn. */
function RunFields(edit: RunEdit) {
  const { run } = edit
  const remove = (): void =>
    void removeRun(run).then((did) => did && noticeDone(`${run.name} deleted`), noticeFailed)
  return (
    <div className="space-y-3">
      <Typed {...edit} label="Name" field="name" change="Rename the pool" />
      <Place {...edit} />
      <MeasuredFlow {...edit} />
      <Lies {...edit} />
      <IndicatorLine run={run} />
      <Typed {...edit} label="Notes" field="notes" change="Change the notes" lines={2} />
      <Button weight="danger" onClick={remove}>
        Delete this pool
      </Button>
    </div>
  )
}

interface TypedProps extends RunEdit {
  readonly label: string
  readonly field: 'name' | 'notes'
  /** Name of the change, for undo. */
  readonly change: string
  readonly lines?: number
}

/** Words of a pool. */
const Typed = ({ run, save, fault, label, field, change, lines }: TypedProps) => (
  <TextField
    label={label}
    value={run[field] ?? ''}
    {...(lines !== undefined && { lines })}
    take={(text) => {
      const next = { ...run, [field]: field === 'name' ? text.trim() : text }
      const found = fault(next)
      if (found === undefined) save(change, next)
      return found
    }}
  />
)

const LENGTHS = [
  ['widthM', 'Width of the water', 'length', 'Change the width'],
  ['wadeM', 'You stand from the bank', 'length', 'Change where you stand'],
  ['measuredFlowM3ps', 'Flow when measured', 'flow', 'Change the measured flow'],
] as const

/** Bank, bottom, widths and gauge. */
const Place = ({ run, save, fault }: RunEdit) => (
  <div className="grid grid-cols-2 gap-3">
    <Select
      label="You stand on"
      value={run.bank}
      options={BANKS.map((bank) => [bank, `the ${bank} bank`])}
      onChange={(bank) => save('Change the bank', { ...run, bank: bank as Run['bank'] })}
    />
    <Select
      label="The bottom is"
      value={run.bottom}
      options={BOTTOMS.map((bottom) => [bottom, BOTTOM_NAMES[bottom]])}
      onChange={(bottom) => save('Change the bottom', { ...run, bottom: bottom as Run['bottom'] })}
    />
    {LENGTHS.map(([field, label, measure, change]) => (
      <QuantityField
        key={field}
        label={label}
        measure={measure}
        value={run[field]}
        refuse={(si) => fault({ ...run, [field]: si })}
        onChange={(si) => save(change, { ...run, [field]: si })}
      />
    ))}
    <Select
      label="Its gauge"
      value={run.gaugeId ?? 'none'}
      options={[['none', 'none'], ...GAUGES]}
      onChange={(id) => {
        const { gaugeId: _old, ...rest } = run
        save('Change the gauge', id === 'none' ? rest : { ...rest, gaugeId: id })
      }}
    />
  </div>
)

/** The flow that bed and current come to, to be used where none was measured. */
function MeasuredFlow({ run, save }: RunEdit) {
  const { system } = useUnits()
  const estimated = sectionFlowM3ps(run)
  const use = (): void =>
    save('Use the flow from the bed', {
      ...run,
      measuredFlowM3ps: Math.max(RUN_LIMITS.flowM3ps.low, estimated),
    })
  return (
    <p className="text-[0.9rem] text-faint">
      {sayByBed(estimated, system)}
      {run.measuredFlowM3ps === undefined && (
        <>
          {' '}
          <Button weight="quiet" onClick={use}>
            Use as its measured flow
          </Button>
        </>
      )}
    </p>
  )
}

/** Where fish are known to hold, in words. */
function Lies({ run, save, fault }: RunEdit) {
  const { system } = useUnits()
  const take = (text: string): string | undefined => {
    const read = readLies(text, unitFor('length', system), DECIMAL_MARK)
    if (!read.ok) return sayNoLie(read.text, system)
    const { lies: _old, ...rest } = run
    const next = read.lies.length === 0 ? rest : { ...rest, lies: [...read.lies] }
    const found = fault(next)
    if (found === undefined) save('Change where fish hold', next)
    return found
  }
  return (
    <>
      <TextField
        label="Where you know fish hold, from your bank"
        value={sayLies(run.lies ?? [], system)}
        take={take}
      />
      <p className="text-[0.9rem] text-faint">
        {run.lies === undefined
          ? 'Left empty, Hoxen looks for walking-pace water deep enough to hide in.'
          : 'This counts, whatever the pace and depth.'}
      </p>
    </>
  )
}

/** Indicator rig for the pool as it was measured. */
function IndicatorLine({ run }: { readonly run: Run }) {
  const { system } = useUnits()
  const { depthM, currentMps } = fishedWater(run)

  return (
    <p className="text-[0.9rem] text-faint">
      {sayIndicator(indicatorRig(depthM, currentMps), undefined, system)} <Tag tag="practice" />
    </p>
  )
}

interface PointsProps extends RunEdit {
  readonly title: string
  readonly list: 'soundings' | 'currents'
  readonly field: 'depthM' | 'mps'
  readonly measure: Measure
}

type Point = Readonly<Record<string, number>>

/** Soundings or currents as they stand across the river, typed or in plain words. */
function Points({ title, list, field, measure, run, save, fault }: PointsProps) {
  const points: readonly Point[] = run[list]
  const withPoint = (index: number, change: Point): Run => ({
    ...run,
    [list]: points.map((p, i) => (i === index ? { ...p, ...change } : p)),
  })
  const add = (): void => {
    const last = points.at(-1)
    const from = last?.fromBankM ?? 0
    const room = run.widthM - from
    const fromBankM = room > 0.4 ? Math.round((from + room / 2) * 100) / 100 : undefined
    if (fromBankM !== undefined)
      save(`Add to ${title.toLowerCase()}`, { ...run, [list]: [...points, { ...last, fromBankM }] })
  }
  return (
    <fieldset>
      <legend className="font-display text-lg font-semibold">
        {list === 'soundings' ? <Term about="word-sounding">{title}</Term> : title}
      </legend>
      <ol className="divide-y divide-rule border-y border-rule">
        {points.map((point, i) => (
          <PointRow
            // biome-ignore lint/suspicious/noArrayIndexKey: a point is known by its place in the row
            key={i}
            {...{ point, field, measure }}
            number={i + 1}
            only={points.length === 1}
            fault={(change) => fault(withPoint(i, change))}
            onChange={(label, change) => save(label, withPoint(i, change))}
            onDelete={() => save('Delete a point', { ...run, [list]: points.filter((_, k) => k !== i) })}
          />
        ))}
      </ol>
      <Button weight="quiet" onClick={add}>
        Add a point
      </Button>
    </fieldset>
  )
}

/** Of each figure: its name, and the plain words that stand for one. */
const POINT_FIELDS = {
  depthM: { name: 'Depth', one: 'sounding', words: 'waterDepthM' },
  mps: { name: 'Current', one: 'current', words: 'currentMps' },
} as const

interface PointRowProps extends Pick<PointsProps, 'field' | 'measure'> {
  readonly point: Point
  readonly number: number
  /** The last one stays. */
  readonly only: boolean
  readonly fault: (change: Point) => string | undefined
  readonly onChange: (label: string, change: Point) => void
  readonly onDelete: () => void
}

function PointRow({ point, number, field, measure, only, fault, onChange, onDelete }: PointRowProps) {
  const { name, one } = POINT_FIELDS[field]
  return (
    <li className="grid grid-cols-[1fr_1fr_auto] items-start gap-2 py-1.5">
      <QuantityField
        label="From your bank"
        measure="length"
        value={point.fromBankM}
        refuse={(fromBankM) => fault({ fromBankM })}
        onChange={(fromBankM) => onChange('Move a point', { fromBankM })}
      />
      <div>
        <QuantityField
          label={name}
          measure={measure}
          value={point[field]}
          refuse={(si) => fault({ [field]: si })}
          onChange={(si) => onChange(`Change a ${name.toLowerCase()}`, { [field]: si })}
        />
        <InWords {...{ field, measure, number, onChange }} />
      </div>
      <button
        type="button"
        aria-label={`Delete ${one} ${number}`}
        disabled={only}
        onClick={onDelete}
        className="mt-6 grid size-11 place-items-center rounded text-xl hover:bg-shoal disabled:opacity-30"
      >
        ×
      </button>
    </li>
  )
}

/** A figure chosen by the words anglers have for it. */
function InWords({
  field,
  measure,
  number,
  onChange,
}: Pick<PointRowProps, 'field' | 'measure' | 'number' | 'onChange'>) {
  const { show } = useUnits()
  const { name, words } = POINT_FIELDS[field]
  return (
    <select
      aria-label={`${name} ${number} in plain words`}
      value=""
      onChange={(event) => onChange('In plain words', { [field]: Number(event.target.value) })}
      className="mt-1 block min-h-11 w-full rounded border border-rule bg-sheet text-sm"
    >
      <option value="">in words…</option>
      {PLAIN_WORDS[words].map(({ word, si }) => (
        <option key={word} value={si}>
          {word}: {show(si, measure)}
        </option>
      ))}
    </select>
  )
}
