import type { SingleChange } from '@hoxen/core/ladder'
import type { Water } from '../../pool/index.ts'
import { changeKept, changeRig, commit, noticeDone, noticeFailed } from '../../store/index.ts'

function perform(label: string, change: SingleChange, { pool }: Water): Promise<boolean> {
  switch (change.code) {
    case 'tip':
      return changeRig(label, { part: { slot: 'tipId', itemId: change.tipId } })
    case 'leader':
      return changeRig(label, { part: { slot: 'leaderId', itemId: change.leaderId } })
    case 'angle':
      return changeRig(label, { fished: { angleDeg: change.angleDeg } })
    case 'mend':
      return changeRig(label, { fished: { mends: [...change.mends] } })
    case 'fly':
      return changeKept(label, 'job', ({ fly: { massKg: _weighed, ...fly }, ...job }) => ({
        ...job,
        fly: { ...fly, weighting: change.weighting },
      }))
    case 'swap-flies':
      return changeKept(label, 'job', (job) =>
        job.dropper === undefined
          ? job
          : { ...job, fly: job.dropper.fly, dropper: { ...job.dropper, fly: job.fly } },
      )
    case 'step':
      return commit(label, async (tx) => {
        const run = pool && (await tx.find('runs', pool.id))
        if (run !== undefined) tx.put('runs', [{ ...run, wadeM: change.wadeM }])
      })
    case 'sinking-part':
      return Promise.resolve(false)
  }
}

/** Does what the list proposes, under one undo step. @param label what it is called, in the angler's units */
export function takeChange(change: SingleChange, label: string, water: Water): void {
  perform(label, change, water).then((did) => did && noticeDone(label), noticeFailed)
}
