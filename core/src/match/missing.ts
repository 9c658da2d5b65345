import type { Day } from '../day/index.ts'
import { type Gear, type Head, type Item, itemsOf, type Rod } from '../gear/index.ts'
import { leaderRule } from '../leader/index.ts'
import { KG_PER_M_PER_GRAIN_PER_FOOT, KG_PER_POUND, M_PER_FOOT, M_PER_INCH } from '../quantity/index.ts'
import { reelNumbersFor } from '../reel/index.ts'
import { materialForHead } from '../rig/index.ts'
import { rodLengthForCast, windowFor } from '../rod/index.ts'
import { criticalAngle, levelSinkRateMps } from '../sink/index.ts'
import { holdingBand } from '../water/index.ts'
import { candidatesOf } from './candidates.ts'
import { CARD_LIMIT, matchInSteps, through } from './match.ts'
import { BREAK_COST, rankCost } from './score.ts'
import { searchInSteps } from './search.ts'
import { secondLookInSteps } from './secondLook.ts'

/** The one thing, not owned, that would do most for this job. */
export interface MissingItem {
  readonly item: Item
  /** Rods with heads that make a rig without a break before and after, of the first few. */
  readonly fitsBefore: number
  readonly fitsAfter: number
  /** Whether a rig without a break exists once it is there. */
  readonly mends: boolean
}

const feet = (n: number): number => n * M_PER_FOOT
/** Rods whose missing heads are tried; more would only repeat the same weights. */
const MAX_RODS = 4

function headsFor(rod: Rod, day: Day): Head[] {
  const single = rod.hands === 'single'
  const lengths = {
    skagit: single || rod.lengthM < feet(12) ? feet(16) : feet(23),
    scandi: feet(32),
    overhead: feet(32),
  } as const
  const styles = rod.hands === 'surf' ? (['overhead'] as const) : (['skagit', 'scandi', 'overhead'] as const)
  return styles.flatMap((style) => {
    const result = windowFor(rod, style, day)
    if (result.outcome !== 'window') return []
    const lengthM = Math.max(lengths[style], result.window.aimKg / 0.012)
    return [
      {
        kind: 'head' as const,
        id: `missing-head-${rod.id}-${style}`.slice(0, 64),
        name: `${style} head`,
        style,
        massKg: result.window.aimKg,
        lengthM,
      },
    ]
  })
}

/** A tip of the right material, as long as the depth asks for, within what tips are cut to. */
function tipsFor(headKg: number, day: Day): Item[] {
  const kgPerM = materialForHead(headKg) * KG_PER_M_PER_GRAIN_PER_FOOT
  const { low, high } = holdingBand(day.fishAt, day.waterDepthM)
  const angle = criticalAngle(levelSinkRateMps(kgPerM), day.currentMps)
  const lengthM = Math.min(feet(15), Math.max(feet(5), (low + high) / 2 / Math.max(Math.sin(angle), 0.05)))
  return [
    {
      kind: 'tip',
      id: 'missing-tip-level',
      name: `T-${materialForHead(headKg)} tip`,
      build: 'level',
      lengthM,
      kgPerM,
    },
    { kind: 'tip', id: 'missing-tip-floating', name: 'floating tip', build: 'floating', lengthM: feet(10) },
    {
      kind: 'sinking-leader',
      id: 'missing-sinking-leader',
      name: 'sinking leader',
      lengthM: feet(10),
      sinkRateMps: 5 * M_PER_INCH,
    },
  ]
}

/** A two-hander strong enough for the fish and long enough for the cast. */
function rodFor(job: Day): Rod {
  const number = Math.min(12, Math.max(3, Math.ceil(job.fishKg / KG_PER_POUND / 3)))
  const span = rodLengthForCast(job.castM)
  const hands = number <= 5 ? 'trout-two-hander' : 'two-hander'
  return { kind: 'rod', id: 'missing-rod', name: 'rod', lineNumber: number, lengthM: span.low, hands }
}

function suggestions(gear: Gear, day: Day): readonly Item[] {
  const rods = itemsOf(gear, 'rod').filter((r) => day.rodId === undefined || r.id === day.rodId)
  const out: Item[] = []
  for (const rod of rods.slice(0, MAX_RODS)) {
    const heads = headsFor(rod, day)
    const owned = itemsOf(gear, 'head').filter((h) => h.style === 'skagit')
    out.push(...heads, ...tipsFor(owned[0]?.massKg ?? heads[0]?.massKg ?? 0.03, day))
    for (const sink of [undefined, 6 * M_PER_INCH]) {
      const rule = leaderRule(rod, sink === undefined ? 'scandi' : 'skagit', sink, day.fly)
      out.push({
        kind: 'leader',
        id: `missing-leader-${out.length}`,
        name: 'leader',
        form: 'tapered',
        lengthM: (rule.lowM + rule.highM) / 2,
      })
    }
    out.push({
      kind: 'reel',
      id: `missing-reel-${out.length}`,
      name: 'reel',
      forNumber: Math.min(15, reelNumbersFor(rod).low),
      cage: 'full',
    })
  }
  if (day.rodId === undefined) out.push(rodFor(day))
  out.push({
    kind: 'running-line',
    id: 'missing-running-line',
    name: 'running line',
    build: day.schools.runningLine,
  })
  return out
}

/**
 * When nothing fits: tries one new item after another, each what the rules would ask for, and names the one that leaves
 * the most rigs without a break. Found by searching again with it, not by a rule.
 */
export function* missingInSteps(gear: Gear, day: Day): Generator<void, MissingItem | undefined> {
  function* standing(with_: Gear): Generator<void, { fits: number; cost: number }> {
    const found = yield* searchInSteps(candidatesOf(with_, day), day, { limit: CARD_LIMIT, oneFor: 'head' })
    return {
      fits: found.filter((f) => f.cost < BREAK_COST).length,
      cost: found[0]?.cost ?? Number.POSITIVE_INFINITY,
    }
  }
  const before = yield* standing(gear)
  const tried: { readonly item: Item; readonly fits: number; readonly cost: number }[] = []
  for (const item of suggestions(gear, day)) {
    const after = yield* standing({ items: [...gear.items, item] })
    if (after.cost < before.cost || after.fits > before.fits) tried.push({ item, ...after })
  }
  tried.sort((a, b) => b.fits - a.fits || a.cost - b.cost)
  const first = yield* swungCost(gear, day)
  for (const { item, fits } of tried.slice(0, MOST_TRIED)) {
    const cost = yield* swungCost({ items: [...gear.items, item] }, day)
    // It must really fix, or at least better, what is there once all is let swing.
    if (cost < first) return { item, fitsBefore: before.fits, fitsAfter: fits, mends: cost < BREAK_COST }
  }
  return undefined
}

/** Items that are let swing, best first, until one really betters what is there; and rods with heads looked at for each. */
const MOST_TRIED = 6
const LOOKS_EACH = 4

/** What the best rig costs once the best few have been let swing. */
function* swungCost(gear: Gear, day: Day): Generator<void, number> {
  const first = yield* matchInSteps(gear, day, LOOKS_EACH)
  const steps = secondLookInSteps(gear, day, first, LOOKS_EACH)
  for (;;) {
    const step = steps.next()
    if (step.done) {
      const [best] = step.value.cards
      return best === undefined ? Number.POSITIVE_INFINITY : rankCost(best.rig.score)
    }
    yield
  }
}

/** The same, at one go. */
export const missingItem = (gear: Gear, day: Day): MissingItem | undefined =>
  through(missingInSteps(gear, day))
