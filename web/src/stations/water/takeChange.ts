import type { SingleChange } from '@hoxen/core/ladder'
import type { RigChoice } from '@hoxen/core/rig'
import type { Water } from '../../pool/index.ts'
import { changeDay, changeRig, commit, noticeDone, noticeFailed } from '../../store/index.ts'

function perform(label: string, change: SingleChange, { pool }: Water, of: RigChoice): Promise<boolean> {
  switch (change.code) {
    case 'tip':
      return changeRig(label, { part: { slot: 'tipId', itemId: change.tipId } }, of)
    case 'leader':
      return changeRig(label, { part: { slot: 'leaderId', itemId: change.leaderId } }, of)
    case 'angle':
      return changeRig(label, { fished: { angleDeg: change.angleDeg } }, of)
    case 'mend':
      return changeRig(label, { fished: { mends: [...change.mends] } }, of)
    case 'fly':
      return changeDay(label, { weighting: change.weighting })
    case 'swap-flies':
      return changeDay(label, { swapFlies: true })
    case 'step':
      return commit(label, async (tx) => {
        const run = pool && (await tx.find('runs', pool.id))
        if (run !== undefined) tx.put('runs', [{ ...run, wadeM: change.wadeM }])
      })
    case 'sinking-part':
      return Promise.resolve(false)
  }
}

/** Does what the list proposes, under one undo step. @param label what it is called, in the angler's units @param of the rig it was swung with */
export function takeChange(change: SingleChange, label: string, water: Water, of: RigChoice): void {
  perform(label, change, water, of).then((did) => did && noticeDone(label), noticeFailed)
}
