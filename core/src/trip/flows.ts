import { quantileSorted } from 'd3-array'
import type { GaugeReading } from '../water/index.ts'
import type { FlowsAsked } from './tripSchema.ts'

/** Shares of a gauge's readings below low, usual and high water. [estimate] */
export const LEVEL_SHARES = Object.freeze([0.1, 0.5, 0.9])

/** Low and high water against what a pool was measured at, where nobody has said better. [estimate] */
const USUAL_REACH = Object.freeze({ low: 0.6, high: 1.7 })

/** Flows of a pool to begin with, around the one it was measured at [m³/s]; undefined for the water as it is. */
export function flowsAround(by: FlowsAsked['by'], measuredM3ps: number): FlowsAsked | undefined {
  const [lowM3ps, highM3ps] = [USUAL_REACH.low * measuredM3ps, USUAL_REACH.high * measuredM3ps]
  if (by === 'now') return undefined
  return by === 'span' ? { by, lowM3ps, highM3ps } : { by, flowsM3ps: [lowM3ps, measuredM3ps, highM3ps] }
}

/** Low, usual and high flow of a gauge's own record, between readings in proportion (Hyndman & Fan 1996, type 7) [m³/s]; undefined without a reading. */
export function flowQuantiles(
  readings: readonly Pick<GaugeReading, 'flowM3ps'>[],
  shares: readonly number[] = LEVEL_SHARES,
): readonly number[] | undefined {
  const flows = readings.flatMap(({ flowM3ps }) => flowM3ps ?? []).sort((a, b) => a - b)
  if (flows.length === 0) return undefined
  return shares.map((share) => quantileSorted(flows, share) ?? 0)
}
