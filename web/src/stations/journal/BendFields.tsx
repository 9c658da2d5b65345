import type { Rod } from '@hoxen/core/gear'
import { BEND_LIMITS } from '@hoxen/core/journal'
import { QuantityField, Select, useWithin } from '../../ui/index.ts'
import type { Free, Row, Which } from './bendRows.ts'

interface OneRodProps {
  readonly title: string
  readonly rods: readonly Rod[]
  readonly rod: Rod
  readonly onRod: (id: string) => void
  readonly freeLengthM: number | undefined
  readonly onFree: (m: number) => void
}

export function OneRod({ title, rods, rod, onRod, freeLengthM, onFree }: OneRodProps) {
  const within = useWithin()
  return (
    <fieldset className="grid gap-x-3 gap-y-2 sm:grid-cols-2">
      <legend className="font-display text-lg font-semibold">{title}</legend>
      <Select label="Rod" value={rod.id} options={rods.map((r) => [r.id, r.name])} onChange={onRod} />
      <QuantityField
        label="From the clamp to the tip-top"
        measure="length"
        value={freeLengthM}
        onChange={onFree}
        refuse={within(BEND_LIMITS.freeLengthM, 'length')}
      />
    </fieldset>
  )
}

interface WeightsProps {
  readonly rows: readonly Row[]
  readonly names: readonly [known: string, unknown: string]
  readonly free: Free
  readonly onRow: (index: number, row: Row) => void
}

/** The weights, and how far each brings the two tips down. */
export function Weights({ rows, names: [known, unknown], free, onRow }: WeightsProps) {
  const within = useWithin()
  const drop = (which: Which) =>
    within(
      {
        low: BEND_LIMITS.dropM.low,
        high: (free[which] ?? BEND_LIMITS.freeLengthM.high) * BEND_LIMITS.dropShare,
      },
      'length',
    )
  return (
    <div className="mt-3 grid grid-cols-[repeat(3,minmax(0,1fr))] gap-x-3 gap-y-1">
      {rows.map(({ massKg, known: a, unknown: b }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a weight is known by its place in the row
        <div key={i} className="contents">
          <QuantityField
            label={`Weight ${i + 1}`}
            measure="gearMass"
            value={massKg}
            onChange={(m) => onRow(i, { massKg: m })}
            refuse={within(BEND_LIMITS.massKg, 'gearMass')}
          />
          <QuantityField
            label={`Drops ${known}`}
            measure="length"
            value={a}
            onChange={(m) => onRow(i, { known: m })}
            refuse={drop('known')}
          />
          <QuantityField
            label={`Drops ${unknown}`}
            measure="length"
            value={b}
            onChange={(m) => onRow(i, { unknown: m })}
            refuse={drop('unknown')}
          />
        </div>
      ))}
    </div>
  )
}
