import { describe, expect, test } from '@jest/globals'
import { USUAL_PLAN } from '../swing/index.ts'
import { flatRun } from '../testing/index.ts'
import { changedDay, changedPlan, FIRST_JOB, jobSchema, type SaidDay, USUAL_DAYS } from './index.ts'

const NOW: SaidDay = {
  job: {
    ...FIRST_JOB,
    water: 'river',
    waterC: 5,
    fly: { dress: 'medium', weighting: 'light', massKg: 1e-3 },
  },
  water: { runId: 'flat', plan: USUAL_PLAN, flowM3ps: 12 },
}

describe('the day changes one way', () => {
  test('an answer is said, another taken back; the water stays', () => {
    const { job, water } = changedDay(NOW, { answers: { fishKg: 3, waterC: undefined } })
    expect([job.fishKg, 'waterC' in job, water]).toEqual([3, false, NOW.water])
    expect(jobSchema.safeParse(job).success).toBe(true)
  })
  test('a usual day brings its own water, and no thermometer of another day', () => {
    const [usual] = USUAL_DAYS
    if (usual === undefined) throw new Error('no usual day')
    const { job, water } = changedDay(NOW, { usual: usual.job })
    expect(job).toMatchObject(usual.job)
    expect(job.waterC).toBe(usual.job.waterC)
    expect(water).toEqual({ plan: USUAL_PLAN })
  })
  test('a pool is gone to without the level said of the last one; a beach makes the water surf, and a river makes it none', () => {
    const beach = { ...flatRun(1, 0.2), id: 'beach', shore: { standM: -0.5, constituents: [] } as never }
    const there = changedDay(NOW, { pool: beach })
    expect([there.job.water, there.water]).toEqual(['surf', { plan: USUAL_PLAN, runId: 'beach' }])
    const back = changedDay(there, { pool: flatRun(1, 0.5) })
    expect([back.job.water, back.water.runId]).toEqual(['river', 'flat'])
    expect(changedDay(back, { pool: undefined }).water).toEqual({ plan: USUAL_PLAN })
  })
  test('a fly that was weighed counts by its weight, until another is put on; dropper and fly change places', () => {
    expect(changedDay(NOW, { flyKg: 2e-3 }).job.fly.massKg).toBe(2e-3)
    expect(changedDay(NOW, { weighting: 'heavy' }).job.fly).toEqual({ dress: 'medium', weighting: 'heavy' })
    expect(changedDay(NOW, { swapFlies: true })).toEqual(NOW)
    const dropper = { fly: { dress: 'sparse', weighting: 'unweighted' }, spacingM: 0.5 } as const
    const hung = { ...NOW, job: { ...NOW.job, dropper: dropper as never } }
    const { job } = changedDay(hung, { swapFlies: true })
    expect([job.fly, job.dropper?.fly]).toEqual([dropper.fly, NOW.job.fly])
  })
})

describe('cast and plan change one way', () => {
  test('what is not said stays; nothing goes further than can be cast', () => {
    expect(changedPlan(NOW, {})).toEqual(NOW)
    const far = changedPlan(NOW, { angleDeg: 500, castM: 900 })
    expect([far.water.plan.angleDeg, far.job.castM]).toEqual([150, 60])
    const near = changedPlan(NOW, { angleDeg: -20, castM: 0 })
    expect([near.water.plan.angleDeg, near.job.castM]).toEqual([10, 3])
    expect(near.water.flowM3ps).toBe(12)
  })
  test('the flow is said by hand, or goes by the gauge again', () => {
    expect(changedPlan(NOW, { flowM3ps: 30 }).water.flowM3ps).toBe(30)
    expect('flowM3ps' in changedPlan(NOW, { flowM3ps: null }).water).toBe(false)
  })
})
