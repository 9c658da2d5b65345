import type { Day } from '../day/index.ts'
import type { Gear, Item } from '../gear/index.ts'
import {
  type Check,
  type CheckCode,
  type CheckState,
  checkSlots,
  type RigChoice,
  type RigSlot,
  resolveRig,
  type Steps,
  stateRank,
  through,
  unknownSwings,
  type Wallet,
  withPart,
} from '../rig/index.ts'
import { isTipItem } from '../sink/index.ts'
import { judgeSwung } from './judgeSwung.ts'
import { judge, type RankedRig } from './match.ts'
import { costOf, rankCost } from './score.ts'

/** Effect on one line of the ledger. */
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
  /** The leader that comes with a tip; null for none, undefined where it stays the same. */
  readonly leaderName?: string | null | undefined
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

/** Whether one part is more trouble to change than another. */
export const isDearer = (slot: RigSlot, than: RigSlot): boolean => EFFORT[slot] > EFFORT[than]

/** The kinds of gear that may fill a slot. */
export function fillsSlot(item: Item, slot: RigSlot): boolean {
  switch (slot) {
    case 'rodId':
      return item.kind === 'rod'
    case 'headId':
      return item.kind === 'head'
    case 'tipId':
      return isTipItem(item)
    case 'leaderId':
      return item.kind === 'leader'
    case 'runningLineId':
      return item.kind === 'running-line'
    case 'reelId':
      return item.kind === 'reel'
  }
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

/** Gear owned, and the leader on each tip. */
export interface Owned {
  readonly gear: Gear
  readonly wallet: Wallet
}

export interface Option {
  readonly item: Item | null
  readonly rig: RankedRig
}

const OPTIONAL_SLOTS: readonly RigSlot[] = ['tipId', 'leaderId']

/** Options of one slot that are swung; of a longer list the rest stay provisional, below. */
const MOST_SWUNG = 30

/** Every item that could stand in a slot, judged without its swing, best first. */
function firstOptions({ gear, wallet }: Owned, rig: RankedRig, slot: RigSlot, day: Day): readonly Option[] {
  const byId = new Map(gear.items.map((item) => [item.id, item]))
  const items: (Item | null)[] = gear.items.filter((item) => fillsSlot(item, slot))
  if (OPTIONAL_SLOTS.includes(slot)) items.push(null)
  const options: Option[] = []
  for (const item of items) {
    const resolved = resolveRig(withPart(rig.choice, slot, item?.id ?? null, byId, wallet), byId)
    if (resolved.outcome === 'resolved') options.push({ item, rig: judge(resolved.parts, day) })
  }
  return options.sort(byCost)
}
const byCost = (a: Option, b: Option): number => rankCost(a.rig.score) - rankCost(b.rig.score)

/** Options swung, all of them wanted at once. */
function* letSwing(options: readonly Option[], day: Day): Steps<readonly Option[]> {
  yield unknownSwings(options.map(({ rig: { parts } }) => ({ ...day, parts })))
  const out: Option[] = []
  for (const { item, rig } of options) {
    out.push({ item, rig: judgeSwung(rig.parts, day) })
    yield
  }
  return out
}

/** Every item that could stand in a slot, swung and judged, best first. The present one is among them. */
export function* optionsInSteps(
  owned: Owned,
  rig: RankedRig,
  slot: RigSlot,
  day: Day,
): Steps<readonly Option[]> {
  const first = firstOptions(owned, rig, slot, day)
  const swung = yield* letSwing(first.slice(0, MOST_SWUNG), day)
  return [...swung.toSorted(byCost), ...first.slice(MOST_SWUNG)]
}

/** The same, run to completion. @internal asked for by tests alone */
export const optionsFor = (...about: Parameters<typeof optionsInSteps>): readonly Option[] =>
  through(optionsInSteps(...about))

/** The leader that a change of tip brings along; undefined where it stays the same. */
export const leaderThatComes = (was: RankedRig, is: RankedRig, slot: RigSlot): string | null | undefined =>
  slot !== 'tipId' || was.choice.leaderId === is.choice.leaderId ? undefined : (is.parts.leader?.name ?? null)

interface Ranked {
  readonly remedy: Remedy
  readonly breaks: number
  readonly effort: number
  readonly cost: number
}

const cheaper = (a: Ranked, b: Ranked): boolean =>
  a.breaks !== b.breaks ? a.breaks < b.breaks : a.effort !== b.effort ? a.effort < b.effort : a.cost < b.cost

/** Mends of one line that are swung before one is offered. */
const MOST_MENDS = 8

/** Cost of a rig but for the line that only its swing decides. */
const firstCost = (checks: readonly Check[]): number => costOf(checks.filter((c) => c.code !== 'depth'))

/** Options of a slot that could mend a line, by all that is known before they are swung. */
function promising(owned: Owned, rig: RankedRig, slot: RigSlot, line: Check, day: Day): readonly Option[] {
  const now = firstCost(rig.checks)
  return firstOptions(owned, rig, slot, day)
    .filter(({ rig: after }) => {
      const cost = firstCost(after.checks)
      if (line.code === 'depth') return cost <= now
      const then = after.checks.find((c) => c.code === line.code)?.state ?? 'absent'
      return rank(then) < rank(line.state) && cost < now
    })
    .slice(0, MOST_MENDS)
}

/**
 * The cheapest change that mends one line of a rig that was swung: among single swaps from the gear that better the line
 * and the rig, those that leave fewest breaks; of these the least trouble at the water; of these the fewest warnings.
 * Undefined when the gear has none.
 */
export function* remedyInSteps(
  owned: Owned,
  rig: RankedRig,
  code: CheckCode,
  day: Day,
): Steps<Remedy | undefined> {
  const line = rig.checks.find((c) => c.code === code)
  if (line === undefined || line.state === 'holds') return undefined
  const now = costOf(rig.checks)
  let best: Ranked | undefined
  for (const slot of checkSlots(code)) {
    for (const { item, rig: after } of yield* letSwing(promising(owned, rig, slot, line, day), day)) {
      const then = after.checks.find((c) => c.code === code)?.state ?? 'absent'
      if (rank(then) >= rank(line.state) || costOf(after.checks) >= now) continue
      const effects = effectsOf(rig.checks, after.checks)
      // What breaks another line mends nothing; the depth alone is put right by the plan, too.
      if (effects.some((e) => e.to === 'breaks' && e.from !== 'breaks' && e.code !== 'depth')) continue
      const remedy = {
        slot,
        itemId: item?.id ?? null,
        choice: after.choice,
        leaderName: leaderThatComes(rig, after, slot),
        effects,
        verdict: after.verdict,
      }
      const found = { remedy, breaks: after.score.breaks, effort: EFFORT[slot], cost: rankCost(after.score) }
      if (best === undefined || cheaper(found, best)) best = found
    }
  }
  return best?.remedy
}

/** The same, run to completion. @internal asked for by tests alone */
export const remedyFor = (...about: Parameters<typeof remedyInSteps>): Remedy | undefined =>
  through(remedyInSteps(...about))
