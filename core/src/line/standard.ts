import type { LineStandard } from '../gear/index.ts'
import { KG_PER_GRAIN, M_PER_FOOT } from '../quantity/index.ts'
import singleHand from './data/single-hand.json' with { type: 'json' }
import twoHand from './data/two-hand.json' with { type: 'json' }

export type TwoHandClass = Exclude<LineStandard, 'single-hand'>
export const TWO_HAND_CLASSES: readonly TwoHandClass[] = ['H', 'S', 'M', 'L']

/** Length the single-hand number is weighed over [m]. [standard] */
export const SINGLE_HAND_LENGTH_M = 30 * M_PER_FOOT
export const SINGLE_HAND_MAX = singleHand.rows.length

export function classLengthM(of: TwoHandClass): number {
  return twoHand.classes[of] * M_PER_FOOT
}

/**
 * Mass of the first 30 ft of single-hand line n [kg]; undefined outside 1…15.
 * Source: the single-hand standard, from memory. [standard]
 */
export function singleHandKg(number: number): number | undefined {
  const row = singleHand.rows[number - 1]
  return row === undefined ? undefined : row.grains * KG_PER_GRAIN
}

/** The single-hand standard as figures: mass of the first 30 ft and what it may miss by [kg]. [standard] */
export const singleHandRows = (): readonly { number: number; kg: number; toleranceKg: number }[] =>
  singleHand.rows.map(({ number, grains, tolerance }) => ({
    number,
    kg: grains * KG_PER_GRAIN,
    toleranceKg: tolerance * KG_PER_GRAIN,
  }))

/** The two-hand standard as figures: mass over each class's own length [kg]. [standard] */
export const twoHandRows = (): readonly { number: number; kg: Readonly<Record<TwoHandClass, number>> }[] =>
  twoHand.rows.map((row) => ({
    number: row.number,
    kg: {
      H: row.H * KG_PER_GRAIN,
      S: row.S * KG_PER_GRAIN,
      M: row.M * KG_PER_GRAIN,
      L: row.L * KG_PER_GRAIN,
    },
  }))

/** Mass of two-hand line n over its class's length [kg]; undefined outside 6…12. [standard] */
export function twoHandKg(number: number, of: TwoHandClass): number | undefined {
  const row = twoHand.rows.find((r) => r.number === number)
  return row === undefined ? undefined : row[of] * KG_PER_GRAIN
}

/** Sources of the tables, said beside them. */
export const STANDARD_SOURCES = Object.freeze({ singleHand: singleHand.source, twoHand: twoHand.source })

export interface NumberReading {
  /** Nearest number of the table. */
  readonly number: number
  /** Interpolated, so that 7.6 is seen to be between 7 and 8; clipped to the table. */
  readonly exact: number
  /** Heavier or lighter than the whole table. */
  readonly beyond?: 'below' | 'above'
}

function readTable(kg: number, rows: readonly { number: number; kg: number }[]): NumberReading {
  const first = rows[0]
  const last = rows.at(-1)
  if (first === undefined || last === undefined) throw new Error('empty table')
  if (kg < first.kg * 0.9) return { number: first.number, exact: first.number, beyond: 'below' }
  if (kg > last.kg * 1.1) return { number: last.number, exact: last.number, beyond: 'above' }
  const upper = rows.findIndex((row) => row.kg >= kg)
  const high = rows[upper]
  const low = rows[upper - 1]
  const exact =
    upper === -1
      ? last.number
      : low === undefined || high === undefined
        ? first.number
        : low.number + (kg - low.kg) / (high.kg - low.kg)
  return { number: Math.round(exact), exact }
}

const inKg = (
  rows: readonly { number: number; grains: number }[],
): readonly { number: number; kg: number }[] =>
  rows.map((row) => ({ number: row.number, kg: row.grains * KG_PER_GRAIN }))

const SINGLE_HAND_ROWS = inKg(singleHand.rows)
const TWO_HAND_ROWS = Object.fromEntries(
  TWO_HAND_CLASSES.map((of) => [
    of,
    inKg(twoHand.rows.map((row) => ({ number: row.number, grains: row[of] }))),
  ]),
) as Readonly<Record<TwoHandClass, ReturnType<typeof inKg>>>

/** The single-hand number whose first 30 ft weigh `kg`. [standard] */
export const singleHandNumber = (kg: number): NumberReading => readTable(kg, SINGLE_HAND_ROWS)

/** The two-hand number of a class whose class length weighs `kg`. [standard] */
export const twoHandNumber = (kg: number, of: TwoHandClass): NumberReading => readTable(kg, TWO_HAND_ROWS[of])

/** The class whose length lies nearest to a head of this length. */
export function nearestClass(lengthM: number): TwoHandClass {
  const gap = (of: TwoHandClass): number => Math.abs(classLengthM(of) - lengthM)
  return TWO_HAND_CLASSES.reduce((best, of) => (gap(of) < gap(best) ? of : best))
}
