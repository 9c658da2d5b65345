import type { Item } from '@hoxen/core/gear'
import { changeRigged, type RigChange, type RigChoice, rigKey } from '@hoxen/core/rig'
import type { Tx } from './commit.ts'
import { keptIn, putSaid, saidIn } from './kept.ts'
import { commitNow } from './write.ts'

/** Changes the rig in the strip, with all that goes along: the leader of a tip, the wallet, how it is fished. */
async function changeRigIn(tx: Tx, change: RigChange): Promise<void> {
  const [rig, wallet] = [await tx.one('rig'), await keptIn(tx, 'wallet')]
  const said = await saidIn(tx)
  if (rig === undefined && !('rig' in change)) return
  const itemId = 'part' in change ? change.part.itemId : null
  const byId = new Map<string, Item>()
  // One after another: a transaction waits for nothing but its own reads.
  for (const id of itemId === null ? [] : [itemId, wallet.tips[itemId]?.leaderId]) {
    const item = id == null ? undefined : await tx.find('items', id)
    if (item !== undefined) byId.set(item.id, item)
  }
  const next = changeRigged({ rig, wallet, ...said }, change, byId)
  if (next.rig !== rig) tx.set('rig', next.rig)
  if (next.wallet !== wallet) tx.set('wallet', next.wallet)
  if (change.fished !== undefined) putSaid(tx, next)
}

/** Said of a change that was meant for another rig than the one in hand. */
const ANOTHER_RIG = 'Your rig has changed meanwhile. Look at it again; nothing was changed.'

/**
 * The one way a rig is changed, from whatever page: one step to take back.
 * @param of the rig it was judged for: one that was changed meanwhile is let be @returns false when it changes nothing
 */
export const changeRig = (label: string, change: RigChange, of?: RigChoice): Promise<boolean> =>
  commitNow(label, async (tx) => {
    const rig = of && (await tx.one('rig'))
    if (of !== undefined && (rig === undefined || rigKey(rig) !== rigKey(of))) throw new Error(ANOTHER_RIG)
    await changeRigIn(tx, change)
  })

/** Makes a rig mine that comes with parts of its own. */
export const takeRig = (label: string, rig: RigChoice, parts: readonly Item[]): Promise<boolean> =>
  commitNow(label, async (tx) => {
    tx.put('items', parts)
    await changeRigIn(tx, { rig })
  })
