import type { Day } from '../../day/index.ts'
import type { Leader } from '../../gear/index.ts'
import { leaderDiameterM } from '../../leader/index.ts'
import { type HeadFacts, headFacts } from '../../line/index.ts'
import { headSinkMps, type TipFacts, tipFacts } from '../../sink/index.ts'
import type { RigParts } from '../parts.ts'
import { type QuickRide, quickRide } from './quickRide.ts'

/** A part made up to stand for all that ride about alike, with what they have in common. */
interface Like<T> {
  readonly key: string
  readonly part: T
}

/** Quantisation of the surrogate: parts this much alike share a depth in a search. [estimate] */
const ALIKE = { lengthM: 0.6, diameterM: 0.1e-3, massShare: 0.15, sinkMps: 0.025 } as const
/** Pieces that each level piece of a part is cut into for a search: rough, and quick. */
const SEARCH_PIECES = 1
const NAMED = { id: 'stands-for-its-like', name: 'stands for its like' } as const

const toStep = (value: number, step: number): number => Math.round(value / step) * step
/** The same in steps of a share of it. */
const toShare = (value: number, share: number): number => Math.exp(toStep(Math.log(value), Math.log1p(share)))

/** Heads that sink alike, or float, carry a tip about alike whatever they weigh. */
function headLike(head: HeadFacts): Like<HeadFacts> {
  const { style, density } = head.head
  return {
    key: headSinkMps(head).join(),
    part: headFacts({
      ...NAMED,
      kind: 'head',
      style: style === 'multi-density' ? style : 'scandi',
      massKg: 0.03,
      lengthM: 9,
      ...(density === undefined ? {} : { density }),
    }),
  }
}

function tipLike({ lengthM, massKg, sinkRateMps, sinkingLengthM, buttKgPerM, pointKgPerM }: TipFacts) {
  const build =
    sinkingLengthM <= 0
      ? 'floating'
      : sinkingLengthM < lengthM
        ? 'part-sinking'
        : buttKgPerM > pointKgPerM
          ? 'tapered'
          : 'level'
  const long = Math.max(ALIKE.lengthM, toStep(lengthM, ALIKE.lengthM))
  const sinks = Math.min(long, Math.max(ALIKE.lengthM, toStep(sinkingLengthM, ALIKE.lengthM)))
  const kgPerM = toShare(massKg.value / lengthM, ALIKE.massShare)
  const sinkMps = toStep(sinkRateMps.value, ALIKE.sinkMps)
  const part = tipFacts({
    ...NAMED,
    kind: 'tip',
    build,
    lengthM: long,
    massKg: kgPerM * long,
    sinkRateMps: sinkMps,
    ...(build === 'floating' ? {} : { sinkingLengthM: sinks }),
  })
  return { key: [build, long.toFixed(1), sinks.toFixed(1), kgPerM, sinkMps].join(' '), part }
}

function leaderLike(leader: Leader): Like<Leader> {
  const lengthM = Math.max(ALIKE.lengthM, toStep(leader.lengthM, ALIKE.lengthM))
  const diameterM = Math.max(ALIKE.diameterM, toStep(leaderDiameterM(leader, 0.5), ALIKE.diameterM))
  const material = leader.material ?? 'nylon'
  return {
    key: `${lengthM.toFixed(1)} ${diameterM.toFixed(5)} ${material}`,
    part: {
      ...NAMED,
      kind: 'leader',
      form: 'level',
      material,
      lengthM,
      buttDiameterM: diameterM,
      pointDiameterM: diameterM,
    },
  }
}

/** Value of a key, computed and stored if absent (memoisation). */
function kept<K, V>(
  map: { get(key: K): V | undefined; set(key: K, value: V): unknown },
  key: K,
  make: () => V,
): V {
  const known = map.get(key)
  if (known !== undefined) return known
  const made = make()
  map.set(key, made)
  return made
}

/** Memoises the representative of a part; no part has none. */
function remembering<T extends object>(like: (part: T) => Like<T>): (part: T | null) => Like<T | null> {
  const known = new WeakMap<T, Like<T>>()
  return (part) => (part === null ? { key: '', part } : kept(known, part, () => like(part)))
}

const heads = remembering(headLike)
const tips = remembering(tipLike)
const leaders = remembering(leaderLike)

type RideParts = Pick<RigParts, 'head' | 'tip' | 'leader'>

/** Memo key of head and tip in the surrogate of depth. */
export const rideKey = ({ head, tip }: Pick<RideParts, 'head' | 'tip'>): string =>
  `${heads(head).key} ${tips(tip).key}`

/** Rides of a day by all that decides them: many searches ask for the same. */
const rides = new WeakMap<Day, Map<string, QuickRide>>()

/**
 * The first look while searching: rough, and shared by all that ride about alike, with the slack that the estimate has
 * anyway. [estimate]
 */
export function searchedRide(front: RideParts, day: Day): QuickRide {
  const leader = leaders(front.leader)
  const known = kept(rides, day, () => new Map<string, QuickRide>())
  return kept(known, `${rideKey(front)} ${leader.key}`, () =>
    quickRide(
      { head: heads(front.head).part ?? front.head, tip: tips(front.tip).part, leader: leader.part },
      day,
      SEARCH_PIECES,
    ),
  )
}
