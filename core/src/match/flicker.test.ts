import { expect, test } from '@jest/globals'
import { dayOf, FIRST_JOB, type Job } from '../day/index.ts'
import { DEFAULT_SCHOOLS } from '../gear/index.ts'
import { GEAR, pairOf } from '../testing/days.ts'
import { dice } from '../testing/dice.ts'
import { some } from '../testing/long.ts'
import { judgeSwung, matchRigs, secondLook } from './index.ts'

const MOVED = ['fishKg', 'castM', 'waterDepthM', 'currentMps', 'roomBehindM'] as const
const DAYS = some(200, 0.015)
/** Of so few days one may turn. */
const allowed = (share: number, of: number): number => Math.ceil(share * of)

test(`every figure moved by a hundredth: the same rig keeps its verdict, and the same rod comes first (${DAYS} days)`, () => {
  const roll = dice(20261129)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(roll() * list.length)] as T
  const between = (low: number, high: number): number => low + (high - low) * roll()
  let [verdicts, rods] = [0, 0]
  for (let i = 0; i < DAYS; i++) {
    const job: Job = {
      ...FIRST_JOB,
      water: pick(['beck', 'river', 'river', 'big-river'] as const),
      season: pick(['spring', 'summer', 'autumn', 'winter'] as const),
      fly: {
        dress: pick(['sparse', 'medium', 'bulky'] as const),
        weighting: pick(['unweighted', 'light', 'heavy'] as const),
      },
      fishKg: between(0.5, 9),
      castM: between(12, 30),
      waterDepthM: between(0.6, 2.5),
      currentMps: between(0.3, 1.2),
      roomBehindM: between(2, 9),
      fishAt: pick(['surface', 'middle', 'bottom'] as const),
    }
    const moved = { ...job }
    for (const figure of MOVED) moved[figure] = job[figure] * (roll() < 0.5 ? 0.99 : 1.01)
    const ask = (of: Job) => {
      const day = dayOf({ job: of, schools: DEFAULT_SCHOOLS })
      const [first] = secondLook(GEAR, day, matchRigs(GEAR, day), 3).cards
      if (first === undefined) throw new Error('nothing ranked')
      return { day, first }
    }
    const [before, after] = [ask(job), ask(moved)]
    if (judgeSwung(before.first.rig.parts, after.day).verdict !== before.first.rig.verdict) verdicts++
    if (pairOf(before.first)[0] !== pairOf(after.first)[0]) rods++
  }
  expect(verdicts).toBeLessThanOrEqual(allowed(0.05, DAYS))
  expect(rods).toBeLessThanOrEqual(allowed(0.04, DAYS))
}, 3_600_000)
