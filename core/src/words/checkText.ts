import { M_PER_FOOT, type Measure, printMeasure, type UnitSystem } from '../quantity/index.ts'
import type { CheckCode, CheckReasons } from '../rig/index.ts'

/** Material of a sentence: the figure and its limits as they are printed, and the data of its reason. */
export interface Text<Data> {
  readonly value: string
  readonly low: string
  readonly high: string
  /** An estimated limit is a window with soft ends, and is spoken of as one. */
  readonly estimated: boolean
  readonly data: Data
  readonly in: (si: number, measure: Measure) => string
}

export type Say<Data> = (text: Text<Data>) => string

/** A paragraph of the help; figures in it follow the units in use. */
export type Paragraph = string | ((system: UnitSystem) => string)

/** Feet of a rule, in the units in use. */
export const sayFeet = (ft: number, system: UnitSystem): string =>
  printMeasure(ft * M_PER_FOOT, 'length', system)

/** Title of a check, what it asks and how far it can be trusted, and one sentence for each way it can come out. */
export type CheckWords = {
  readonly [C in CheckCode]: {
    readonly title: string
    readonly means: Paragraph
    readonly says: { readonly [R in keyof CheckReasons<C>]: Say<CheckReasons<C>[R]> }
  }
}
