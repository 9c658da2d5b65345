import type { Day } from '../day/index.ts'
import type { Head, HeadStyle, Item, Leader, Reel, Rod, RunningLine, WindowStyle } from '../gear/index.ts'
import { type HeadFacts, headFacts, type RunningLineFacts, runningLineFacts } from '../line/index.ts'
import { isTipItem, type TipFacts, tipFacts } from '../sink/index.ts'
import type { RigChoice, RigSlot } from './chosen/choice.ts'

/** A rig with every part resolved and derived. Null where nothing is chosen. */
export interface RigParts {
  readonly rod: Rod
  readonly head: HeadFacts
  readonly tip: TipFacts | null
  readonly leader: Leader | null
  readonly runningLine: RunningLineFacts | null
  readonly reel: Reel | null
}

export type ResolveResult =
  | { readonly outcome: 'resolved'; readonly parts: RigParts }
  | { readonly outcome: 'missing-item'; readonly id: string }

/** Finds and derives the parts a rig names. */
export function resolveRig(choice: RigChoice, items: ReadonlyMap<string, Item>): ResolveResult {
  const find = <T extends Item>(id: string | null, is: (item: Item) => item is T): T | null | undefined => {
    if (id === null) return null
    const item = items.get(id)
    return item !== undefined && is(item) ? item : undefined
  }
  const rod = find(choice.rodId, (item): item is Rod => item.kind === 'rod')
  const head = find(choice.headId, (item): item is Head => item.kind === 'head')
  const tip = find(choice.tipId, isTipItem)
  const leader = find(choice.leaderId, (item): item is Leader => item.kind === 'leader')
  const runningLine = find(choice.runningLineId, (item): item is RunningLine => item.kind === 'running-line')
  const reel = find(choice.reelId, (item): item is Reel => item.kind === 'reel')
  if (!rod) return { outcome: 'missing-item', id: choice.rodId }
  if (!head) return { outcome: 'missing-item', id: choice.headId }
  if (tip === undefined) return { outcome: 'missing-item', id: choice.tipId ?? '' }
  if (leader === undefined) return { outcome: 'missing-item', id: choice.leaderId ?? '' }
  if (runningLine === undefined) return { outcome: 'missing-item', id: choice.runningLineId ?? '' }
  if (reel === undefined) return { outcome: 'missing-item', id: choice.reelId ?? '' }
  return {
    outcome: 'resolved',
    parts: {
      rod,
      head: headFacts(head),
      tip: tip && tipFacts(tip),
      leader,
      runningLine: runningLine && runningLineFacts(runningLine),
      reel,
    },
  }
}

/** The style of the window of a rod that a head is held against. */
export function windowStyleOf(head: HeadStyle): WindowStyle {
  switch (head) {
    case 'skagit':
    case 'overhead':
      return head
    case 'double-taper':
    case 'weight-forward':
      return 'trout-line'
    default:
      return 'scandi'
  }
}

/** Heads that go out in one back cast. [practice] */
export const suitsSurf = (head: HeadStyle): boolean => head === 'overhead' || head === 'integrated'

/**
 * Whether the rig is cast with the whole line behind, rather than with a D loop: an overhead head, any surf rod, and in the
 * surf whatever goes out in one back cast.
 */
export function castOverhead(rod: Rod, head: HeadStyle, water: Day['water']): boolean {
  return head === 'overhead' || rod.hands === 'surf' || (water === 'surf' && suitsSurf(head))
}

/** The item in a slot of a rig; null where there is none. */
export function itemIn({ rod, head, tip, leader, runningLine, reel }: RigParts, slot: RigSlot): Item | null {
  switch (slot) {
    case 'rodId':
      return rod
    case 'headId':
      return head.head
    case 'tipId':
      return tip?.item ?? null
    case 'leaderId':
      return leader
    case 'runningLineId':
      return runningLine?.item ?? null
    case 'reelId':
      return reel
  }
}
