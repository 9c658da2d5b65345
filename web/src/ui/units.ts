import {
  type DecimalMark,
  type Measure,
  printIn,
  printRange,
  readBy,
  type UnitSystem,
} from '@hoxen/core/quantity'
import { createContext, useContext, useMemo } from 'react'

/** Decimal sign of the browser's own language: it settles what a comma before three figures is. */
export const DECIMAL_MARK: DecimalMark =
  new Intl.NumberFormat(globalThis.navigator?.language)
    .formatToParts(1.5)
    .find(({ type }) => type === 'decimal')?.value === ','
    ? ','
    : '.'

readBy(DECIMAL_MARK)

/** The unit system every figure is shown in; switched once, for all. */
export const UnitsContext = createContext<UnitSystem>('trade')

export interface Units {
  readonly system: UnitSystem
  readonly show: (si: number, measure: Measure) => string
  /** @param between ' to ' in running text */
  readonly range: (range: { low?: number; high?: number }, measure: Measure, between?: string) => string
}

export function useUnits(): Units {
  const system = useContext(UnitsContext)
  return useMemo(
    () => ({
      system,
      show: printIn(system),
      range: (range, measure, between) => printRange(range, measure, system, between),
    }),
    [system],
  )
}
