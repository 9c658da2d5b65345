import type { Measure } from '@hoxen/core/quantity'
import type { Run } from '@hoxen/core/water'
import { PLAIN_WORDS } from '@hoxen/core/words'
import { Button, QuantityField, Term, useUnits } from '../../../ui/index.ts'
import type { RunEdit } from './useRunEdit.ts'

interface PointsProps extends RunEdit {
  readonly title: string
  readonly list: 'soundings' | 'currents'
  readonly field: 'depthM' | 'mps'
  readonly measure: Measure
}

type Point = Readonly<Record<string, number>>

/** Soundings or currents as they stand across the river, typed or in plain words. */
export function Points({ title, list, field, measure, run, save, fault }: PointsProps) {
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
