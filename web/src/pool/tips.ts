import { swapTip } from '@hoxen/core/rig'
import { commit, keptIn, noticeDone, noticeFailed } from '../store/index.ts'

/** Puts a tip into the strip at the angle it was best at. */
export function takeTip(tipId: string | null, name: string, angleDeg: number): void {
  const label = `Change the tip to ${name}, cast at ${angleDeg}°`
  commit(label, async (tx) => {
    const rig = await tx.one('rig')
    if (rig === undefined) return
    const water = await keptIn(tx, 'water')
    tx.set('rig', { ...rig, tipId })
    tx.set('water', { ...water, plan: { ...water.plan, angleDeg } })
  }).then((did) => did && noticeDone(label), noticeFailed)
}

/** Swaps the tip on the bank: each keeps the leader that is on it. What is on the line is seen at once, and nothing is laid over the buttons. */
export function swapTo(tipId: string | null, name: string): void {
  const label = `Swap the tip for ${name}`
  commit(label, async (tx) => {
    const rig = await tx.one('rig')
    if (rig === undefined) return
    const swapped = swapTip(rig, await keptIn(tx, 'wallet'), tipId)
    tx.set('rig', swapped.rig)
    tx.set('wallet', swapped.wallet)
  }).catch(noticeFailed)
}
