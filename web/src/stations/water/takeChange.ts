import type { SingleChange } from '@hoxen/core/ladder'
import type { RigChoice } from '@hoxen/core/rig'
import type { Plan } from '@hoxen/core/swing'
import type { Water } from '../../pool/index.ts'
import { changeKept, changeRig, commit, noticeDone, noticeFailed } from '../../store/index.ts'

const swapPart = (label: string, part: Partial<RigChoice>): Promise<boolean> =>
  changeRig(label, (rig) => ({ ...rig, ...part }))

const changePlan = (label: string, plan: Partial<Plan>): Promise<boolean> =>
  changeKept(label, 'water', (now) => ({ ...now, plan: { ...now.plan, ...plan } }))

function perform(label: string, change: SingleChange, { pool }: Water): Promise<boolean> {
  switch (change.code) {
    case 'tip':
      return swapPart(label, { tipId: change.tipId })
    case 'leader':
      return swapPart(label, { leaderId: change.leaderId })
    case 'angle':
      return changePlan(label, { angleDeg: change.angleDeg })
    case 'mend':
      return changePlan(label, { mends: [...change.mends] })
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
