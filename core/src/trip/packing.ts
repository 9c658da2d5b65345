import { type Gear, type Item, KINDS } from '../gear/index.ts'
import { EMPTY_WALLET, putInto, type RigChoice, type Wallet } from '../rig/index.ts'
import { isTipItem } from '../sink/index.ts'

/** Things of a kit that lie together: a pocket of the wallet, or all of one kind. */
export interface Packed {
  /** The pocket; undefined for what lies in none. */
  readonly pocket?: string | undefined
  readonly items: readonly Item[]
}

/** Where a tip goes that is in no pocket yet. */
const FIRST_POCKET = 'wallet'
const pocketFor = ({ pockets }: Wallet): string => pockets[0] ?? FIRST_POCKET

/** A kit by pocket: what is on rods and reels first, then each pocket with its tips. */
export function packList(
  gear: Gear,
  ids: ReadonlySet<string>,
  wallet: Wallet = EMPTY_WALLET,
): readonly Packed[] {
  const items = gear.items.filter(({ id }) => ids.has(id))
  const loose = items
    .filter((item) => !isTipItem(item))
    .sort((a, b) => KINDS.indexOf(a.kind) - KINDS.indexOf(b.kind))
  const tips = items.filter(isTipItem)
  const pocketOf = ({ id }: Item): string => wallet.tips[id]?.pocket ?? pocketFor(wallet)
  const pockets = [...new Set([...wallet.pockets, ...tips.map(pocketOf)])]
  return [
    { items: loose },
    ...pockets.map((pocket) => ({ pocket, items: tips.filter((tip) => pocketOf(tip) === pocket) })),
  ].filter((each) => each.items.length > 0)
}

/**
 * The wallet packed for a kit: each of its tips in a pocket with the leader it is fished with, all others in none.
 * @param rigs rigs of the kit, those that are fished most first
 */
export function packedWallet(
  gear: Gear,
  ids: ReadonlySet<string>,
  rigs: readonly RigChoice[],
  wallet: Wallet,
): Wallet {
  let packed: Wallet = wallet
  for (const id of Object.keys(wallet.tips)) if (!ids.has(id)) packed = putInto(packed, id, undefined)
  for (const { id } of gear.items.filter((item) => isTipItem(item) && ids.has(item.id))) {
    packed = putInto(packed, id, wallet.tips[id]?.pocket ?? pocketFor(wallet))
    const leaderId = rigs.find(({ tipId }) => tipId === id)?.leaderId
    if (leaderId !== undefined)
      packed = { ...packed, tips: { ...packed.tips, [id]: { ...packed.tips[id], leaderId } } }
  }
  return packed
}
