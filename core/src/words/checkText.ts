import type { Measure } from '../quantity/index.ts'
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

/** Title of a check, and one sentence for each way it can come out; none can be left out. */
export type CheckWords = {
  readonly [C in CheckCode]: {
    readonly title: string
    readonly says: { readonly [R in keyof CheckReasons<C>]: Say<CheckReasons<C>[R]> }
  }
}
