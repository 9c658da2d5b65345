import type { RigChoice, SwingPlan } from '@hoxen/core/gear'
import type { SingleChange, SwingSetup } from '@hoxen/core/ladder'
import { noticeDone, noticeFailed, readJob, readMyRig, saveDocuments, saveRun } from '../../store/index.ts'
import type { Water } from './useWater.ts'

const done = (label: string) => (did: boolean) => {
  if (did) noticeDone(label)
}

async function changeRig(label: string, part: Partial<RigChoice>): Promise<boolean> {
  const rig = await readMyRig()
  return rig === undefined ? false : saveDocuments(label, { rig: { ...rig, ...part } })
}

async function changeFly(label: string, weighting: SwingSetup['fly']['weighting']): Promise<boolean> {
  const job = await readJob()
  const { massKg: _weighed, ...fly } = job.fly
  return saveDocuments(label, { job: { ...job, fly: { ...fly, weighting } } })
}

function changePlan(label: string, water: Water, plan: Partial<SwingPlan>): Promise<boolean> {
  return saveDocuments(label, { water: { ...water.choice, plan: { ...water.choice.plan, ...plan } } })
}

function perform(label: string, change: SingleChange, water: Water): Promise<boolean> {
  switch (change.code) {
    case 'tip':
      return changeRig(label, { tipId: change.tipId })
    case 'leader':
      return changeRig(label, { leaderId: change.leaderId })
    case 'angle':
      return changePlan(label, water, { angleDeg: change.angleDeg })
    case 'mend':
      return changePlan(label, water, { mends: change.mends })
    case 'fly':
      return changeFly(label, change.weighting)
    case 'step':
      return water.run === undefined
        ? Promise.resolve(false)
        : saveRun(label, { ...water.run, wadeM: change.wadeM })
    case 'sinking-part':
      return Promise.resolve(false)
  }
}

/** Does what the list proposes, under one undo step. @param label what it is called, in the angler's units */
export function takeChange(change: SingleChange, label: string, water: Water): void {
  perform(label, change, water).then(done(label), noticeFailed)
}

/** Puts a tip into the strip at the angle it was best at. */
export function takeTip(tipId: string | null, name: string, angleDeg: number, water: Water): void {
  const label = `Change the tip to ${name}, cast at ${angleDeg}°`
  const save = async (): Promise<boolean> => {
    const rig = await readMyRig()
    if (rig === undefined) return false
    return saveDocuments(label, {
      rig: { ...rig, tipId },
      water: { ...water.choice, plan: { ...water.choice.plan, angleDeg } },
    })
  }
  save().then(done(label), noticeFailed)
}
