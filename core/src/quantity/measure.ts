import type { Dimension } from './unit.ts'

/** The two faces of every figure: grains and feet, or grams and metres. */
export const UNIT_SYSTEMS = ['trade', 'metric'] as const
export type UnitSystem = (typeof UNIT_SYSTEMS)[number]

/** Measure of a figure, in the trade's own terms; decides the unit and the rounding it is shown with. */
export type Measure =
  | 'lineMass'
  | 'gearMass'
  | 'fishMass'
  | 'flyMass'
  | 'length'
  | 'rodLength'
  | 'backingLength'
  | 'diameter'
  | 'spoolSize'
  | 'sinkRate'
  | 'current'
  | 'windSpeed'
  | 'flow'
  | 'temperature'
  | 'massPerLength'
  | 'breakingLoad'
  | 'seconds'

interface Shown {
  readonly dimension: Dimension
  readonly trade: readonly [unit: string, decimals: number]
  readonly metric: readonly [unit: string, decimals: number]
}

export const MEASURES: Readonly<Record<Measure, Shown>> = Object.freeze({
  lineMass: { dimension: 'mass', trade: ['gr', 0], metric: ['g', 1] },
  gearMass: { dimension: 'mass', trade: ['oz', 1], metric: ['g', 0] },
  fishMass: { dimension: 'mass', trade: ['lb', 1], metric: ['kg', 1] },
  flyMass: { dimension: 'mass', trade: ['gr', 0], metric: ['g', 1] },
  length: { dimension: 'length', trade: ['ft', 1], metric: ['m', 2] },
  rodLength: { dimension: 'length', trade: ['ft', 1], metric: ['m', 2] },
  backingLength: { dimension: 'length', trade: ['yd', 0], metric: ['m', 0] },
  diameter: { dimension: 'length', trade: ['mm', 2], metric: ['mm', 2] },
  spoolSize: { dimension: 'length', trade: ['in', 2], metric: ['mm', 1] },
  sinkRate: { dimension: 'speed', trade: ['in/s', 1], metric: ['cm/s', 0] },
  current: { dimension: 'speed', trade: ['ft/s', 1], metric: ['m/s', 2] },
  windSpeed: { dimension: 'speed', trade: ['mph', 0], metric: ['m/s', 1] },
  flow: { dimension: 'flow', trade: ['ft³/s', 0], metric: ['m³/s', 1] },
  temperature: { dimension: 'temperature', trade: ['°F', 0], metric: ['°C', 1] },
  massPerLength: { dimension: 'massPerLength', trade: ['gr/ft', 1], metric: ['g/m', 2] },
  breakingLoad: { dimension: 'force', trade: ['lbf', 0], metric: ['kgf', 1] },
  seconds: { dimension: 'time', trade: ['s', 0], metric: ['s', 0] },
})

export function unitFor(measure: Measure, system: UnitSystem): string {
  return MEASURES[measure][system][0]
}

export function dimensionOf(measure: Measure): Dimension {
  return MEASURES[measure].dimension
}
