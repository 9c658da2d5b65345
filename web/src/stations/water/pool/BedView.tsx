import { indicatorRig } from '@hoxen/core/leader'
import { unitFor } from '@hoxen/core/quantity'
import {
  BANKS,
  BOTTOMS,
  fishedWater,
  RUN_LIMITS,
  type Run,
  readLies,
  sectionFlowM3ps,
} from '@hoxen/core/water'
import { BOTTOM_NAMES, sayByBed, sayIndicator, sayLies, sayNoLie } from '@hoxen/core/words'
import { noticeDone, noticeFailed, removeRun } from '../../../store/index.ts'
import {
  Button,
  DECIMAL_MARK,
  FormName,
  QuantityField,
  Select,
  Tag,
  TextField,
  useUnits,
} from '../../../ui/index.ts'
import { BedDrawing } from './BedDrawing.tsx'
import { GAUGES } from './gauges.ts'
import { Points } from './Points.tsx'
import { type RunEdit, useRunEdit } from './useRunEdit.ts'

/** A pool as it was measured: its bed, its current, and the level of that day. What cannot be is refused beside its field. */
export function BedView({ run }: { readonly run: Run }) {
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
