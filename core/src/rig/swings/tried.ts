import type { Item } from '../../gear/index.ts'
import { wantsTip } from '../checks/tip.ts'
import type { RigChoice } from '../chosen/choice.ts'
import { withPart } from '../chosen/rigChange.ts'
import { tipsCarried, type Wallet } from '../chosen/wallet.ts'

/** A rig with one of the tips carried, as it would be fished: with the leader that belongs to that tip. */
export interface TriedTip {
  readonly tipId: string | null
  readonly rig: RigChoice
}

/** Whether a rig's head may go without a tip. */
function goesBare({ headId }: RigChoice, items: ReadonlyMap<string, Item>): boolean {
  const head = items.get(headId)
  return head?.kind === 'head' && !wantsTip({ head })
}

/** Every tip carried, on a rig, and none where its head may go bare; the one on the line as it is. @param owned identifiers of tips */
export function triedTips(
  rig: RigChoice,
  wallet: Wallet,
  owned: readonly string[],
  items: ReadonlyMap<string, Item>,
): readonly TriedTip[] {
  const carried = tipsCarried(wallet, rig, owned)
  const bare = goesBare(rig, items) && !carried.includes(null) ? [null] : []
  return [...carried, ...bare].map((tipId) => ({ tipId, rig: withPart(rig, 'tipId', tipId, items, wallet) }))
}
