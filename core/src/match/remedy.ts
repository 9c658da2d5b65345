import type { Day } from '../day/index.ts'
import { type Gear, type Item, ONE_PIECE_STYLES } from '../gear/index.ts'
import type { RigChoice, RigSlot } from '../rig/index.ts'
import {
  type Check,
  type CheckCode,
  type CheckState,
  checkSlots,
  resolveRig,
  stateRank,
} from '../rig/index.ts'
import { judge, judgeSwung, type RankedRig } from './match.ts'
import { costOf, rankCost } from './score.ts'

/** How one line of the ledger would change. */
export interface Effect {
  readonly code: CheckCode
  readonly from: CheckState | 'absent'
  readonly to: CheckState | 'absent'
}

/** The cheapest single swap that mends a line, and what it does to the others. */
export interface Remedy {
  readonly slot: RigSlot
  readonly itemId: string | null
  readonly choice: RigChoice
  readonly effects: readonly Effect[]
  readonly verdict: CheckState
}

/** Trouble of changing each part at the water. [practice] */
const EFFORT: Readonly<Record<RigSlot, number>> = {
  leaderId: 1,
  tipId: 2,
  runningLineId: 4,
  headId: 4,
  reelId: 6,
  rodId: 9,
}

/** Which kinds of gear may fill a slot. */
export function fillsSlot(item: Item, slot: RigSlot): boolean {
  switch (slot) {
    case 'rodId':
      return item.kind === 'rod'
    case 'headId':
      return item.kind === 'head'
    case 'tipId':
      return item.kind === 'tip' || item.kind === 'sinking-leader'
    case 'leaderId':
      return item.kind === 'leader'
    case 'runningLineId':
      return item.kind === 'running-line'
    case 'reelId':
      return item.kind === 'reel'
  }
}

/** A rig with one part swapped; a line in one piece takes its running line along. */
export function swapPart(choice: RigChoice, slot: RigSlot, item: Item | null): RigChoice {
  const next: RigChoice = { ...choice, [slot]: item?.id ?? null }
  return item?.kind === 'head' && ONE_PIECE_STYLES.includes(item.style)
    ? { ...next, runningLineId: null }
    : next
}

/** Line by line, what changes between two ledgers. */
export function effectsOf(before: readonly Check[], after: readonly Check[]): readonly Effect[] {
  const to = new Map(after.map((c) => [c.code, c.state]))
  const from = new Map(before.map((c) => [c.code, c.state]))
  const codes = new Set([...from.keys(), ...to.keys()])
  return [...codes]
    .map((code): Effect => ({ code, from: from.get(code) ?? 'absent', to: to.get(code) ?? 'absent' }))
    .filter((e) => rank(e.from) !== rank(e.to))
}

const rank = (state: CheckState | 'absent'): number => (state === 'absent' ? 0 : stateRank(state))

export interface Option {
  readonly item: Item | null
  readonly rig: RankedRig
}

const OPTIONAL_SLOTS: readonly RigSlot[] = ['tipId', 'leaderId']

/** Options of one slot that are let swing; of a longer list the rest stay provisional, below. */
const MOST_SWUNG = 30

/** Every item that could stand in a slot, judged without its swing, best first. */
function firstOptions(gear: Gear, rig: RankedRig, slot: RigSlot, day: Day): readonly Option[] {
  const byId = new Map(gear.items.map((item) => [item.id, item]))
  const items: (Item | null)[] = gear.items.filter((item) => fillsSlot(item, slot))
  if (OPTIONAL_SLOTS.includes(slot)) items.push(null)
  const options: Option[] = []
  for (const item of items) {
    const resolved = resolveRig(swapPart(rig.choice, slot, item), byId)
    if (resolved.outcome === 'resolved') options.push({ item, rig: judge(resolved.parts, day) })
  }
  return options.sort(byCost)
}
const byCost = (a: Option, b: Option): number => rankCost(a.rig.score) - rankCost(b.rig.score)
const letSwing = ({ item, rig }: Option, day: Day): Option => ({ item, rig: judgeSwung(rig.parts, day) })

/** Every item that could stand in a slot, let swing and judged, best first. The present one is among them. */
export function optionsFor(gear: Gear, rig: RankedRig, slot: RigSlot, day: Day): readonly Option[] {
  const first = firstOptions(gear, rig, slot, day)
  const swung = first.slice(0, MOST_SWUNG).map((option) => letSwing(option, day))
  return [...swung.sort(byCost), ...first.slice(MOST_SWUNG)]
}

interface Ranked {
  readonly remedy: Remedy
  readonly breaks: number
  readonly effort: number
  readonly cost: number
}

const cheaper = (a: Ranked, b: Ranked): boolean =>
  a.breaks !== b.breaks ? a.breaks < b.breaks : a.effort !== b.effort ? a.effort < b.effort : a.cost < b.cost

/** Mends of one line that are let swing before one is offered. */
const MOST_MENDS = 8

/** What a rig costs but for the line that only its swing decides. */
const firstCost = (checks: readonly Check[]): number => costOf(checks.filter((c) => c.code !== 'depth'))

/** Options of a slot that could mend a line, by all that is known before they are let swing. */
function promising(gear: Gear, rig: RankedRig, slot: RigSlot, line: Check, day: Day): readonly Option[] {
  const now = firstCost(rig.checks)
  return firstOptions(gear, rig, slot, day)
    .filter(({ rig: after }) => {
      const cost = firstCost(after.checks)
      if (line.code === 'depth') return cost <= now
      const then = after.checks.find((c) => c.code === line.code)?.state ?? 'absent'
      return rank(then) < rank(line.state) && cost < now
    })
    .slice(0, MOST_MENDS)
}

/**
 * The cheapest change that mends one line of a rig that was let swing: among single swaps from the gear that better the line
 * and the rig, those that leave fewest breaks; of these the least trouble at the water; of these the fewest warnings.
 * Undefined when the gear has none.
 */
export function remedyFor(gear: Gear, rig: RankedRig, code: CheckCode, day: Day): Remedy | undefined {
  const line = rig.checks.find((c) => c.code === code)
  if (line === undefined || line.state === 'holds') return undefined
  const now = costOf(rig.checks)
  let best: Ranked | undefined
  for (const slot of checkSlots(code)) {
    for (const option of promising(gear, rig, slot, line, day)) {
      const { item, rig: after } = letSwing(option, day)
      const then = after.checks.find((c) => c.code === code)?.state ?? 'absent'
      if (rank(then) >= rank(line.state) || costOf(after.checks) >= now) continue
      const effects = effectsOf(rig.checks, after.checks)
      const remedy = { slot, itemId: item?.id ?? null, choice: after.choice, effects, verdict: after.verdict }
      const found = { remedy, breaks: after.score.breaks, effort: EFFORT[slot], cost: rankCost(after.score) }
      if (best === undefined || cheaper(found, best)) best = found
    }
  }
  return best?.remedy
}
