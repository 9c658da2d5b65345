import { type Measure, printMeasure, type UnitSystem, unitFor, unitOf } from '@hoxen/core/quantity'
import { ticks } from 'd3-array'

/** A place on an axis and what stands there. */
export interface Tick {
  readonly si: number
  readonly text: string
}

/** Round figures of the unit in use along an axis, about `count` of them. @param low, high ends of the axis, SI */
export function unitTicks(
  low: number,
  high: number,
  count: number,
  measure: Measure,
  system: UnitSystem,
): readonly Tick[] {
  const { toSi, fromSi } = unitOf(unitFor(measure, system))
  return ticks(fromSi(low), fromSi(high), count).map((n) => {
    const si = toSi(n)
    return { si, text: n === 0 ? '0' : printMeasure(si, measure, system) }
  })
}
