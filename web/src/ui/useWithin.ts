import type { Measure } from '@hoxen/core/quantity'
import { useUnits } from './units.ts'

interface Limits {
  readonly low: number
  readonly high: number
}

/** A unit's rounding is no figure outside. */
const SLACK = 1e-9

/** Refuses a figure outside its limits, naming them in the unit in use. */
export function useWithin() {
  const { range } = useUnits()
  return (limits: Limits, measure: Measure) =>
    (si: number): string | undefined =>
      si >= limits.low - SLACK && si <= limits.high + SLACK
        ? undefined
        : `Enter ${range(limits, measure, ' to ')}.`
}
