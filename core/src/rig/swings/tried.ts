import type { Item } from '../../gear/index.ts'
import type { RigChoice } from '../chosen/choice.ts'
import { withPart } from '../chosen/rigChange.ts'
import { tipsCarried, type Wallet } from '../chosen/wallet.ts'

/** A rig with one of the tips carried, as it would be fished: with the leader that belongs to that tip. */
export interface TriedTip {
  readonly tipId: string | null
  readonly rig: RigChoice
}

/** Every tip carried, on a rig; the one on the line as it is. @param owned identifiers of tips */
export const triedTips = (
  rig: RigChoice,
  wallet: Wallet,
  owned: readonly string[],
  items: ReadonlyMap<string, Item>,
): readonly TriedTip[] =>
  tipsCarried(wallet, rig, owned).map((tipId) => ({
    tipId,
    rig: withPart(rig, 'tipId', tipId, items, wallet),
  }))
