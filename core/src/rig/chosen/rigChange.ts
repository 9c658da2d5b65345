import { changedPlan, type PlanChange, type SaidDay } from '../../day/index.ts'
import { type Item, type Leader, ONE_PIECE_STYLES } from '../../gear/index.ts'
import { type TipFacts, type TipItem, tipFacts } from '../../sink/index.ts'
import type { RigParts } from '../parts.ts'
import type { RigChoice, RigSlot } from './choice.ts'
import { leaderIdOn, putAway, type Wallet } from './wallet.ts'

/** State that a change of the rig reads and writes: the rig, the wallet its tips come from, and how it is fished. */
export interface Rigged extends SaidDay {
  readonly rig: RigChoice | undefined
  readonly wallet: Wallet
}

/** How a rig is fished after a change of it, where that is part of it. */
export type Fished = PlanChange

/** A part of the rig changed, or the whole of it, or only how it is fished. */
export type RigChange = { readonly fished?: Fished } & (
  | { readonly part: { readonly slot: RigSlot; readonly itemId: string | null } }
  | { readonly rig: RigChoice }
  | { readonly fished: Fished }
)

/** Front end behind a head: a tip, and the leader it is fished with. */
export interface Front {
  readonly tip: TipFacts | null
  readonly leader: Leader | null
}

/** By identifier, at least what a change names. */
type Items = ReadonlyMap<string, Item>

/**
 * A rig with one part changed: a tip comes with the leader that is on it in the wallet, else with the rig's; a line in one
 * piece takes its running line along.
 * @param items at least the item itself and the leader on it
 */
export function withPart(
  rig: RigChoice,
  slot: RigSlot,
  itemId: string | null,
  items: Items,
  wallet: Wallet,
): RigChoice {
  if (slot === 'tipId') return { ...rig, tipId: itemId, leaderId: leaderIdOn(rig, wallet, itemId, items) }
  const item = itemId === null ? undefined : items.get(itemId)
  const onePiece = item?.kind === 'head' && ONE_PIECE_STYLES.includes(item.style)
  return { ...rig, [slot]: itemId, ...(onePiece ? { runningLineId: null } : {}) }
}

/** Rig, wallet and plan after a change: a tip that comes off keeps its leader in the wallet. */
export function changeRigged(now: Rigged, change: RigChange, items: Items): Rigged {
  const { rig: was, wallet } = now
  const rig =
    'rig' in change
      ? change.rig
      : 'part' in change && was !== undefined
        ? withPart(was, change.part.slot, change.part.itemId, items, wallet)
        : was
  return {
    rig,
    wallet: was !== undefined && rig?.tipId !== was.tipId ? putAway(wallet, was) : wallet,
    ...changedPlan(now, change.fished ?? {}),
  }
}

/** A tip on this rig, with the leader it is judged with: the one that is on it in the wallet, else the rig's. */
export function frontWith(parts: RigParts, wallet: Wallet, tip: TipItem | null, items: Items): Front {
  const now = { tipId: parts.tip?.item.id ?? null, leaderId: parts.leader?.id ?? null }
  const leaderId = leaderIdOn(now, wallet, tip?.id ?? null, items)
  const item = leaderId === null ? undefined : items.get(leaderId)
  const leader = leaderId === now.leaderId ? parts.leader : item?.kind === 'leader' ? item : null
  return { tip: tip && tipFacts(tip), leader }
}
