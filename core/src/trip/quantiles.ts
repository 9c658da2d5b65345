import { quantileSorted } from 'd3-array'
import type { GaugeReading } from '../water/index.ts'

/** Shares of a gauge's readings below low, usual and high water. [estimate] */
export const LEVEL_SHARES = Object.freeze([0.1, 0.5, 0.9])

/** Low, usual and high flow of a gauge's own record, between readings in proportion (Hyndman & Fan 1996, type 7) [m³/s]; undefined without a reading. */
export function flowQuantiles(
  readings: readonly Pick<GaugeReading, 'flowM3ps'>[],
  shares: readonly number[] = LEVEL_SHARES,
): readonly number[] | undefined {
  const flows = readings.flatMap(({ flowM3ps }) => flowM3ps ?? []).sort((a, b) => a - b)
  if (flows.length === 0) return undefined
  return shares.map((share) => quantileSorted(flows, share) ?? 0)
}
