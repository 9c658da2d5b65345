import type { CastChoice, CastSetting } from '../cast/index.ts'
import type { Day } from '../day/index.ts'
import type { Head, Rod } from '../gear/index.ts'
import type { RankedRig } from '../match/index.ts'
import type { Check, CheckCode, RigParts } from '../rig/index.ts'
import type { GrainWindow } from '../rod/index.ts'
import type { Swung } from '../swing/index.ts'
import type { LeaveBy, TideTurn } from '../tide/index.ts'
import type { Run } from '../water/index.ts'
import type { SituationOf } from './situation.ts'

/** One of several spans, open at an end that is left out. */
export interface SpanChoice {
  readonly id: string
  readonly low?: number | undefined
  readonly high?: number | undefined
}

interface Base<C extends { readonly id: string }> {
  readonly choices: readonly C[]
  /** The right one’s identifier. */
  readonly answer: string
}

/** Which cast, off which side. */
export interface CastRound extends Base<{ readonly id: string; readonly cast: CastChoice }> {
  readonly kind: 'cast'
  readonly situation: SituationOf<'cast'>
  readonly setting: CastSetting
}
/** Which of the tips. */
export interface TipRound extends Base<{ readonly id: string; readonly rig: RankedRig }> {
  readonly kind: 'tip'
  readonly situation: SituationOf<'tip'>
  readonly day: Day
}
/** How deep the fly rides [m]. */
export interface DeepRound extends Base<SpanChoice> {
  readonly kind: 'deep'
  readonly situation: SituationOf<'deep'>
  readonly day: Day
  readonly parts: RigParts
  readonly swung: Swung
  readonly ridesM: number
  /** Between which it rides in four pools of five [m]. */
  readonly likely: readonly [lowM: number, highM: number]
}
/** Which head for a rod. */
export interface HeadRound
  extends Base<{
    readonly id: string
    readonly head: Head
    readonly label: number
    readonly massKg: number
    readonly check: Check
  }> {
  readonly kind: 'head'
  readonly situation: SituationOf<'head'>
  readonly rod: Rod
  readonly window: GrainWindow
}
/** Which check breaks; the fix is to put one part back. */
export interface WrongRound extends Base<{ readonly id: CheckCode }> {
  readonly kind: 'wrong'
  readonly situation: SituationOf<'wrong'>
  readonly rig: RankedRig
  readonly broken: Check
  readonly fixed: RankedRig
}
/** When to leave a beach, in spans of time [ms]. */
export interface GoRound extends Base<SpanChoice> {
  readonly kind: 'go'
  readonly situation: SituationOf<'go'>
  readonly run: Run
  readonly leave: Extract<LeaveBy, { readonly outcome: 'leave-by' }>
  /** The turns before and after, as a tide table has them. */
  readonly turns: readonly TideTurn[]
  /** The lowest point of the way back over the datum of the tide [m]. */
  readonly wayBackM: number
}
/** How much higher over the bed the fly rides at another flow [m]. */
export interface ChangeRound extends Base<SpanChoice> {
  readonly kind: 'change'
  readonly situation: SituationOf<'change'>
  readonly parts: RigParts
  readonly before: { readonly day: Day; readonly swung: Swung; readonly overBedM: number }
  readonly after: { readonly day: Day; readonly swung: Swung; readonly overBedM: number }
  readonly higherM: number
}

export type Round = CastRound | TipRound | DeepRound | HeadRound | WrongRound | GoRound | ChangeRound
export type RoundOf<K extends Round['kind']> = Extract<Round, { readonly kind: K }>
