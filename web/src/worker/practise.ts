import {
  type Drawn,
  type Level,
  type PractiseAbout,
  type RoundKind,
  roundInSteps,
  type Situation,
  solveInSteps,
} from '@hoxen/core/practise'
import type { Steps } from '@hoxen/core/rig'

/** A round to be drawn, or one that was sent or comes again. */
export type RoundAsked =
  | { readonly situation: Situation }
  | {
      readonly kind: RoundKind
      readonly seed: number
      readonly level: Level
      readonly about: PractiseAbout
      readonly spare: Pick<PractiseAbout, 'gear' | 'runs'>
    }

/** The round; undefined where there is none, or where what was sent is none. */
export function* askedRound(asked: RoundAsked): Steps<Drawn | undefined> {
  if ('situation' in asked) {
    const round = yield* solveInSteps(asked.situation)
    return round && { round, spare: false }
  }
  return yield* roundInSteps(asked.kind, asked.seed, asked.about, asked)
}
