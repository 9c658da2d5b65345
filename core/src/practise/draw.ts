import type { Steps } from '../rig/index.ts'
import { CAST } from './draw/cast.ts'
import type { Drawing, Kind, PractiseAbout } from './draw/drawing.ts'
import { GO } from './draw/go.ts'
import { HEAD } from './draw/head.ts'
import { CHANGE, DEEP } from './draw/ride.ts'
import { TIP } from './draw/tip.ts'
import { WRONG } from './draw/wrong.ts'
import { rollFrom } from './random.ts'
import type { Round, RoundOf } from './round.ts'
import type { Situation } from './situation.ts'
import { solveInSteps } from './solve.ts'
import type { Level, RoundKind } from './vocabulary.ts'

/** Situations tried until one is a round whose margins hold. */
const MOST_TRIES = 200

/** Every kind of round, and how it is drawn. */
const KINDS: { readonly [K in RoundKind]: Kind<K> } = {
  cast: CAST,
  tip: TIP,
  deep: DEEP,
  head: HEAD,
  wrong: WRONG,
  go: GO,
  change: CHANGE,
}

/** A round, and whether its gear or water is not one’s own. */
export interface Drawn {
  readonly round: Round
  readonly spare: boolean
}

function* drawFrom<K extends RoundKind>(kind: K, drawing: Drawing): Steps<Round | undefined> {
  const { draw, stands } = KINDS[kind] as unknown as Kind<K>
  for (let i = 0; i < MOST_TRIES; i++) {
    const situation = draw(drawing)
    const round = situation === undefined ? undefined : yield* solveInSteps(situation as Situation)
    if (round !== undefined && stands(round as RoundOf<K>, drawing)) return round
    yield
  }
  return undefined
}

/**
 * A round of a kind, the same one for the same seed and gear: drawn from one’s own gear and waters, or where these give none, from what
 * stands in for them. Never one that lies on a threshold.
 * @param spare gear and waters that always give one: the demo’s; without them there may be none
 */
export function* roundInSteps(
  kind: RoundKind,
  seed: number,
  about: PractiseAbout,
  { spare, level = 1 }: { readonly spare?: Pick<PractiseAbout, 'gear' | 'runs'>; readonly level?: Level },
): Steps<Drawn | undefined> {
  const own = yield* drawFrom(kind, { ...about, roll: rollFrom(seed), level })
  if (own !== undefined) return { round: own, spare: false }
  if (spare === undefined) return undefined
  const round = yield* drawFrom(kind, { ...about, ...spare, roll: rollFrom(seed), level })
  return round && { round, spare: true }
}
