import { CAST_NAMES, chooseCasts } from '../cast/index.ts'
import type { Job } from '../day/index.ts'
import {
  type Caster,
  type Gear,
  type Item,
  itemsOf,
  type Rod,
  type Schools,
  WINDOW_STYLES,
} from '../gear/index.ts'
import { betterRide } from '../ladder/index.ts'
import { candidatesOf, choiceOf, judge, type RankedRig } from '../match/index.ts'
import { type CheckCode, itemIn, type RigParts, type RigSlot, type Steps } from '../rig/index.ts'
import { windowFor } from '../rod/index.ts'
import type { TipItem } from '../sink/index.ts'
import { GENERIC_HEADS } from '../specify/index.ts'
import type { Swung } from '../swing/index.ts'
import { leaveBy } from '../tide/index.ts'
import { stillPairs, stillRigs } from '../trip/index.ts'
import { OBSTRUCTIONS, type Run } from '../water/index.ts'
import { pick, type Roll, rollFrom, shuffled } from './random.ts'
import type { Round, RoundOf } from './round.ts'
import type { Situation, SituationOf } from './situation.ts'
import { atRest, dayIn, depthEdges, PLAIN_JOB, partsIn, settingIn, solveInSteps } from './solve.ts'
import { BY_LEVEL, type Level, MARGINS, type RoundKind } from './vocabulary.ts'

/** What situations are drawn from. */
export interface PractiseAbout {
  readonly gear: Gear
  readonly runs: readonly Run[]
  readonly caster: Caster
  readonly schools: Schools
}

interface Drawing extends PractiseAbout {
  readonly roll: Roll
  readonly level: Level
}

/** Situations tried until one is a round whose margins hold. */
const MOST_TRIES = 200

const margin = ({ level }: Pick<Drawing, 'level'>): number => BY_LEVEL[level].margin
const count = ({ level }: Pick<Drawing, 'level'>): number => BY_LEVEL[level].choices

const CLOSE_WATER_M = 16
/** Days on small water, of those without a pool. */
const SMALL_SHARE = 0.35

/** Job of a pool: what its width lets one cast. */
function jobFor({ roll, caster }: Drawing, run?: Run): Job {
  const small = run === undefined ? roll() < SMALL_SHARE : run.widthM < CLOSE_WATER_M
  return {
    ...PLAIN_JOB,
    caster,
    water: small ? 'beck' : 'river',
    castM: small ? 12 : 20,
    fishAt: pick(roll, ['bottom', 'middle'] as const) ?? 'middle',
    season: pick(roll, ['autumn', 'spring'] as const) ?? 'autumn',
    fly: pick(roll, FLIES) ?? PLAIN_JOB.fly,
  }
}
const FLIES = [
  { dress: 'bulky', weighting: 'light' },
  { dress: 'medium', weighting: 'light' },
  { dress: 'sparse', weighting: 'unweighted' },
] as const satisfies readonly Job['fly'][]

/** A rig of the gear that holds on a day as far as that is told without a swing. */
function stillRig(
  { roll, gear, schools }: Drawing,
  job: Job,
  run?: Run,
  flowM3ps?: number,
): RigParts | undefined {
  const day = dayIn(job, schools, run, flowM3ps)
  const c = candidatesOf(gear, day)
  const pair = pick(roll, stillPairs(c, day, false))
  const still = pair && pick(roll, stillRigs(c, day, [pair], false).rigs)
  return still && { ...still.parts, reel: still.reels[0] ?? null }
}

const SLOTS = [
  'rodId',
  'headId',
  'tipId',
  'leaderId',
  'runningLineId',
  'reelId',
] as const satisfies readonly RigSlot[]
const itemsIn = (parts: RigParts): readonly Item[] => SLOTS.flatMap((slot) => itemIn(parts, slot) ?? [])
/** Items without their owner's notes. */
const bare = (items: readonly Item[]): Item[] =>
  [...new Map(items.map((item) => [item.id, item])).values()].map(
    ({ notes: _notes, ...item }) => item as Item,
  )

/** A pool at some level, as it goes into an address: no gauge, no notes, no place. */
function pool({ roll, runs }: Drawing): { readonly run: Run; readonly flowM3ps: number } | undefined {
  const run = pick(
    roll,
    runs.filter(({ shore, measuredFlowM3ps }) => shore === undefined && measuredFlowM3ps !== undefined),
  )
  if (run?.measuredFlowM3ps === undefined) return undefined
  const { notes: _notes, gaugeId: _gauge, spot: _spot, byLog: _log, ...shown } = run
  return { run: shown, flowM3ps: run.measuredFlowM3ps * (pick(roll, LEVEL_SHARES) ?? 1) }
}
const LEVEL_SHARES = [0.6, 0.8, 1, 1.3, 1.7] as const

/** One way of drawing a kind of situation, and of telling whether its round stands out enough. */
interface Kind<K extends RoundKind> {
  readonly draw: (drawing: Drawing) => SituationOf<K> | undefined
  readonly stands: (round: RoundOf<K>, drawing: Drawing) => boolean
}

const KINDS: { readonly [K in RoundKind]: Kind<K> } = {
  cast: {
    draw: drawCast,
    stands: ({ choices, answer }) => choices.every(({ id, cast }) => id === answer || cast.fit === 'no'),
  },
  tip: { draw: drawTip, stands: tipStands },
  deep: {
    draw: (drawing) => inPool(drawing, 'deep'),
    stands: ({ ridesM, day: { waterDepthM } }, drawing) =>
      ridesM > 0.05 &&
      depthEdges(waterDepthM).every(
        (edge) => Math.abs(edge - ridesM) >= margin(drawing) * MARGINS.deep * waterDepthM,
      ),
  },
  head: {
    draw: drawHead,
    stands: ({ choices, answer, window: { lowKg, highKg } }, drawing) => {
      const clear = margin(drawing) * MARGINS.head
      return choices.every(
        ({ id, massKg }) => id === answer || massKg < lowKg * (1 - clear) || massKg > highKg * (1 + clear),
      )
    },
  },
  wrong: { draw: drawWrong, stands: () => true },
  go: {
    draw: drawGo,
    stands: ({ leave, situation: { edgesMs } }, drawing) =>
      edgesMs.every((edge) => Math.abs(edge - leave.leaveMs) >= margin(drawing) * MARGINS.goMs),
  },
  change: {
    draw(drawing) {
      const base = inPool(drawing, 'deep')
      const ratio = pick(drawing.roll, RATIOS) ?? 1
      return base && { ...base, kind: 'change', thenM3ps: base.flowM3ps * ratio, edgesM: [...CHANGE_EDGES_M] }
    },
    stands: ({ higherM, situation: { edgesM } }, drawing) =>
      edgesM.every((edge) => Math.abs(edge - higherM) >= margin(drawing) * MARGINS.changeM),
  },
}
const RATIOS = [4 / 3, 3 / 4, 1.7, 0.6] as const
/** A hand’s breadth either way is much the same; more is clearly higher or lower over the bed [m]. [practice] */
const CHANGE_EDGES_M = [-0.1, 0.1, 0.35] as const

/** A rig in a pool at a level. */
function inPool(drawing: Drawing, kind: 'deep'): SituationOf<'deep'> | undefined {
  const there = pool(drawing)
  if (there === undefined) return undefined
  const job = jobFor(drawing, there.run)
  const parts = stillRig(drawing, job, there.run, there.flowM3ps)
  if (parts === undefined) return undefined
  const { level, schools } = drawing
  return { kind, level, items: bare(itemsIn(parts)), rig: choiceOf(parts), job, schools, ...there }
}

/** Rounds on a beach, of all rounds of casts. */
const SURF_SHARE = 0.15
/** Choices of a round at least. */
const FEWEST = 3
const WINDS = [0, 2, 3, 4, 5, 7] as const

function drawCast(drawing: Drawing): SituationOf<'cast'> | undefined {
  const { roll, caster, level, schools } = drawing
  const surf = roll() < SURF_SHARE
  const job: Job = { ...jobFor(drawing), ...(surf ? { water: 'surf', castM: 24, roomBehindM: 25 } : {}) }
  const parts = stillRig(drawing, job)
  if (parts === undefined) return undefined
  const bank = surf ? null : (pick(roll, ['left', 'right'] as const) ?? 'left')
  const situation: SituationOf<'cast'> = {
    kind: 'cast',
    level,
    items: bare(itemsIn(parts)),
    rig: choiceOf(parts),
    job,
    schools,
    hand: caster.hand,
    bank,
    wind: { fromDeg: 15 * Math.floor(roll() * 24), mps: pick(roll, WINDS) ?? 0 },
    angleDeg: surf ? 0 : (pick(roll, [5, 30, 45, 60, 75] as const) ?? 60),
    roomM: pick(roll, [2, 3, 4, 6, 10, 20, 30] as const) ?? 6,
    obstruction: pick(roll, OBSTRUCTIONS) ?? 'none',
    offered: CAST_NAMES.slice(0, 2).map((cast) => ({ cast, side: 'left' })),
  }
  const setting = settingIn(situation)
  const all = setting === undefined ? [] : chooseCasts(setting)
  const good = all.filter(({ fit }) => fit === 'good')
  // A cast first, then its side.
  const name = pick(roll, [...new Set(good.map(({ cast }) => cast))])
  const right = pick(
    roll,
    good.filter(({ cast }) => cast === name),
  )
  if (right === undefined) return undefined
  const wrong = all.filter(({ fit }) => fit === 'no')
  // The same cast off the other side is the mistake that hurts; where it is one, it is offered.
  const mirrored = wrong.filter(({ cast, side }) => cast === right.cast && side !== right.side)
  const others = shuffled(
    roll,
    wrong.filter((each) => !mirrored.includes(each)),
  )
  const offered = shuffled(roll, [right, ...[...mirrored, ...others].slice(0, count(drawing) - 1)])
  if (offered.length < FEWEST) return undefined
  return { ...situation, offered: offered.map(({ cast, side }) => ({ cast, side })) }
}

function drawTip(drawing: Drawing): SituationOf<'tip'> | undefined {
  const base = inPool(drawing, 'deep')
  const parts = base && partsIn(base)
  if (base === undefined || parts?.tip == null) return undefined
  const { roll, gear, schools } = drawing
  const day = dayIn(base.job, schools, base.run, base.flowM3ps)
  // Tips that hold on this head by themselves: what is asked is where the fly rides.
  const tips = [...itemsOf(gear, 'tip'), ...itemsOf(gear, 'sinking-leader')] as readonly TipItem[]
  const c = candidatesOf({ items: [...itemsIn({ ...parts, tip: null }), ...tips] }, day)
  const fits = new Set(
    stillRigs(
      c,
      day,
      [{ ...parts, tip: null, leader: null, runningLine: null, reel: null }],
      false,
    ).rigs.flatMap(({ parts: { tip } }) => tip?.item.id ?? []),
  )
  const some = shuffled(
    roll,
    tips.filter(({ id }) => fits.has(id)),
  ).slice(0, count(drawing))
  if (some.length < FEWEST) return undefined
  const items = bare([...base.items, ...some])
  return { ...base, kind: 'tip', items, tipIds: some.map(({ id }) => id) }
}

/** The best tip is told from the next by seconds, or holds where the next does not. */
function tipStands({ choices }: RoundOf<'tip'>, drawing: Drawing): boolean {
  const [best, ...others] = [...choices].sort((a, b) =>
    betterRide(a.rig.swung as Swung, b.rig.swung as Swung),
  )
  if (best?.rig.swung === undefined) return false
  const held = others.map(({ rig }) => rig.swung?.summary.holdingS ?? 0)
  const gain = best.rig.swung.summary.holdingS - Math.max(...held)
  return best.rig.verdict !== 'breaks' && gain >= margin(drawing) * MARGINS.tipS
}

/** Numbers that stand on boxes. */
const BOXES = [4, 5, 6, 7, 8, 9, 10] as const

function drawHead(drawing: Drawing): SituationOf<'head'> | undefined {
  const { roll, gear, caster, schools, level } = drawing
  const rod = pick(roll, itemsOf(gear, 'rod'))
  const style = pick(
    roll,
    WINDOW_STYLES.filter(
      (each) => each === 'skagit' || each === 'scandi' || (each === 'overhead' && rod?.hands === 'surf'),
    ),
  )
  if (rod === undefined || style === undefined || style === 'trout-line') return undefined
  const found = windowFor(rod, style, { schools, caster })
  if (found.outcome !== 'window') return undefined
  const { lowKg, highKg, aimKg } = found.window
  const made = GENERIC_HEADS[style].filter(({ massKg = 0 }) => massKg > 0.5 * lowKg && massKg < 1.7 * highKg)
  const clear = 1 + margin(drawing) * MARGINS.head
  const kg = ({ massKg = 0 }: { readonly massKg?: number | undefined }): number => massKg
  const inside = pick(
    roll,
    made.filter((head) => Math.abs(kg(head) - aimKg) < (highKg - lowKg) / 4),
  )
  if (inside === undefined) return undefined
  const outside = made.filter((head) => kg(head) * clear < lowKg || kg(head) > highKg * clear)
  const taken: (typeof outside)[number][] = []
  for (const head of shuffled(roll, outside))
    if (
      taken.length < Math.min(4, count(drawing)) - 1 &&
      taken.every((each) => Math.abs(kg(each) / kg(head) - 1) > 0.05)
    )
      taken.push(head)
  if (taken.length < 2) return undefined
  const own = numberOf(rod)
  const heads = shuffled(roll, [inside, ...taken]).map((head, i) => ({
    item: { ...head, id: `head-${i + 1}` },
    // The box of a wrong one bears the rod's own number.
    label:
      head === inside
        ? (pick(
            roll,
            BOXES.filter((number) => number !== own),
          ) ?? own)
        : own,
  }))
  const [shown] = bare([rod])
  return shown && { kind: 'head', level, rod: shown, style, heads, caster, schools }
}
const numberOf = ({ lineNumber }: Rod): number => Math.min(15, Math.max(1, lineNumber))

/** Parts that are swapped for a wrong one, and where they stand in the gear. */
const SWAPS = [
  ['tipId', 'tip', 'tips'],
  ['leaderId', 'leader', 'leaders'],
  ['reelId', 'reel', 'reels'],
  ['runningLineId', 'runningLine', 'runningLines'],
  ['headId', 'head', 'heads'],
] as const

function drawWrong(drawing: Drawing): SituationOf<'wrong'> | undefined {
  const { roll, gear, schools, level } = drawing
  const job = jobFor(drawing)
  const parts = stillRig(drawing, job)
  if (parts === undefined) return undefined
  const day = dayIn(job, schools)
  const c = candidatesOf(gear, day)
  const wrong = SWAPS.flatMap(([slot, part, list]): readonly Broken[] =>
    (c[list] as readonly RigParts[typeof part][]).flatMap((other) => {
      if (other === parts[part] || (part === 'runningLine' && parts.head.onePiece)) return []
      const rig = judge({ ...parts, [part]: other }, day)
      const off = atRest(rig).filter(({ state }) => state !== 'holds')
      const [check] = off
      return off.length === 1 && check?.state === 'breaks' ? [{ slot, rig, code: check.code }] : []
    }),
  )
  // A kind of fault first, so that the usual ones do not come all the time.
  const code = pick(roll, [...new Set(wrong.map((each) => each.code))])
  const broken = pick(
    roll,
    wrong.filter((each) => each.code === code),
  )
  if (broken === undefined) return undefined
  const { slot, rig } = broken
  const others = shuffled(
    roll,
    atRest(rig).filter(({ state }) => state === 'holds'),
  ).map((check) => check.code)
  return {
    kind: 'wrong',
    level,
    items: bare([...itemsIn(rig.parts), ...itemsIn(parts)]),
    rig: rig.choice,
    wasId: choiceOf(parts)[slot],
    slot,
    codes: [...shuffled(roll, [broken.code, ...new Set(others)].slice(0, count(drawing)))],
    job,
    schools,
  }
}

/** A rig with one part swapped, and the one check that breaks. */
interface Broken {
  readonly slot: (typeof SWAPS)[number][0]
  readonly rig: RankedRig
  readonly code: CheckCode
}

const HOUR_MS = 3_600_000
/** A day to begin with, and how many follow [ms]. */
const FIRST_MS = Date.UTC(2027, 0, 1)
const DAYS = 360

function drawGo({ roll, runs, level }: Drawing): SituationOf<'go'> | undefined {
  const beach = pick(
    roll,
    runs.filter(({ shore }) => shore !== undefined),
  )
  if (beach?.shore === undefined) return undefined
  const { notes: _notes, spot: _spot, gaugeId: _gauge, ...run } = beach
  const atMs = FIRST_MS + Math.floor(roll() * DAYS) * 24 * HOUR_MS + (6 + Math.floor(roll() * 11)) * HOUR_MS
  const leave = leaveBy(beach.shore, atMs)
  if (
    leave.outcome !== 'leave-by' ||
    leave.leaveMs - atMs < HOUR_MS / 2 ||
    leave.leaveMs - atMs > 6 * HOUR_MS
  )
    return undefined
  // Hours by the half hour; which of them it is is drawn.
  const half = HOUR_MS / 2
  const first = Math.round((leave.leaveMs - Math.floor(roll() * 3) * HOUR_MS - half * roll()) / half) * half
  const edgesMs = [0, 1, 2].map((i) => first + i * HOUR_MS).filter((ms) => ms > atMs)
  return edgesMs.length < 2 ? undefined : { kind: 'go', level, run, atMs, edgesMs }
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
 * @param spare gear and waters that always give one: the demo’s
 */
export function* roundInSteps(
  kind: RoundKind,
  seed: number,
  about: PractiseAbout,
  { spare, level = 1 }: { readonly spare: Pick<PractiseAbout, 'gear' | 'runs'>; readonly level?: Level },
): Steps<Drawn | undefined> {
  const own = yield* drawFrom(kind, { ...about, roll: rollFrom(seed), level })
  if (own !== undefined) return { round: own, spare: false }
  const round = yield* drawFrom(kind, { ...about, ...spare, roll: rollFrom(seed), level })
  return round && { round, spare: true }
}
