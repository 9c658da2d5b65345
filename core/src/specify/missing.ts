import type { Day } from '../day/index.ts'
import { type Gear, type Item, itemsOf } from '../gear/index.ts'
import {
  BREAK_COST,
  CARD_LIMIT,
  candidatesOf,
  inStyle,
  matchInSteps,
  type RankedRig,
  rankCost,
  searchInSteps,
  secondLookInSteps,
} from '../match/index.ts'
import { itemIn, type Steps, through } from '../rig/index.ts'
import { SPECIFIED_STYLES } from './generic.ts'
import { byDay, specifyInSteps } from './specify.ts'

/** The one thing, not owned, that would do most for this job. */
export interface MissingItem {
  readonly item: Item
  /** Rods with heads that make a rig without a break before and after, of the first few. */
  readonly fitsBefore: number
  readonly fitsAfter: number
  /** Whether a rig without a break exists once it is there. */
  readonly mends: boolean
}

/** Rods round which a whole rig is looked for, the best for the day first; more would only repeat the same weights. */
const MOST_RODS = 2

/**
 * Suggestions of missing parts: the parts of the best whole rigs round each rod that is there, and round none, each a part that
 * is not owned, the same that the page of what to look for names.
 */
export function* suggestions(gear: Gear, day: Day): Steps<readonly Item[]> {
  const rods = itemsOf(gear, 'rod').filter((rod) => day.rodId === undefined || rod.id === day.rodId)
  const round = byDay(rods, day)
    .slice(0, MOST_RODS)
    .map((rod) => ({ rod }))
  const styles = SPECIFIED_STYLES.filter((style) => inStyle(style, day.style))
  const out = new Map<string, Item>()
  for (const fixed of day.rodId === undefined ? [...round, {}] : round)
    for (const style of styles) {
      const found = yield* specifyInSteps(day, fixed, style)
      for (const { rig, open } of found.outcome === 'specified' ? found.rigs : [])
        for (const slot of open) {
          const item = itemIn(rig.parts, slot)
          if (item !== null) out.set(item.id, item)
        }
    }
  return [...out.values()]
}

/** Standing of gear on a day at first look: rods with heads without a break, of the first few, and what the best costs. */
export function* standing(gear: Gear, day: Day): Steps<{ readonly fits: number; readonly cost: number }> {
  const found = yield* searchInSteps(candidatesOf(gear, day), day, { limit: CARD_LIMIT, oneFor: 'head' })
  return {
    fits: found.filter((f) => f.cost < BREAK_COST).length,
    cost: found[0]?.cost ?? Number.POSITIVE_INFINITY,
  }
}

/**
 * When nothing fits: tries one new item after another, each a part of the best whole rig round a rod, and names the one that leaves
 * the most rigs without a break. Found by searching again with it, not by a rule.
 */
export function* missingInSteps(gear: Gear, day: Day): Steps<MissingItem | undefined> {
  const before = yield* standing(gear, day)
  const tried: { readonly item: Item; readonly fits: number; readonly cost: number }[] = []
  for (const item of yield* suggestions(gear, day)) {
    const after = yield* standing({ items: [...gear.items, item] }, day)
    if (after.cost < before.cost || after.fits > before.fits) tried.push({ item, ...after })
  }
  tried.sort((a, b) => b.fits - a.fits || a.cost - b.cost)
  const first = yield* swungCost(gear, day)
  for (const { item, fits } of tried.slice(0, MOST_TRIED)) {
    const cost = yield* swungCost({ items: [...gear.items, item] }, day)
    // It must really fix, or at least better, what is there once all is swung.
    if (cost < first) return { item, fitsBefore: before.fits, fitsAfter: fits, mends: cost < BREAK_COST }
  }
  return undefined
}

/** Items that are swung, best first, until one really betters what is there; and rods with heads looked at for each. */
const MOST_TRIED = 6
const LOOKS_EACH = 4

/** The best rig once the best few have been swung. */
export function* bestOnce(gear: Gear, day: Day): Steps<RankedRig | undefined> {
  const first = yield* matchInSteps(gear, day, LOOKS_EACH)
  return (yield* secondLookInSteps(gear, day, first, LOOKS_EACH)).cards[0]?.rig
}

function* swungCost(gear: Gear, day: Day): Steps<number> {
  const best = yield* bestOnce(gear, day)
  return best === undefined ? Number.POSITIVE_INFINITY : rankCost(best.score)
}

/** The same, run to completion. */
export const missingItem = (gear: Gear, day: Day): MissingItem | undefined =>
  through(missingInSteps(gear, day))
