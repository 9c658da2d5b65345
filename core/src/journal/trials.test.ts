import { describe, expect, test } from '@jest/globals'
import { KG_PER_GRAIN } from '../quantity/index.ts'
import { dice } from '../testing/dice.ts'
import { some } from '../testing/long.ts'
import { chanceOf, FEELS, type Feel, nextHead, ownWindow } from './index.ts'
import type { Prior, Trial } from './trials.ts'
import { normalCdf, TRIAL_MODEL } from './trials.ts'

const grains = (n: number): number => n * KG_PER_GRAIN
const PRIOR: Prior = { centreKg: grains(480), halfShare: 0.08, sd: 0.12 }

/** Feel reported by a caster whose window is truly round this centre. @param scatter of the feel, in usual ones */
function felt(headKg: number, trueKg: number, roll: () => number, scatter = 1): Feel {
  let left = roll()
  for (const feel of FEELS) {
    left -= chanceOf(feel, Math.log(headKg / trueKg), Math.log(1.08), scatter * TRIAL_MODEL.noise)
    if (left <= 0) return feel
  }
  return 2
}

/** A caster as the prior expects them: the normal distribution by Box and Muller. */
const trueCentre = (roll: () => number): number =>
  PRIOR.centreKg * Math.exp(PRIOR.sd * Math.sqrt(-2 * Math.log(roll())) * Math.cos(2 * Math.PI * roll()))

describe('the ordered probit', () => {
  test.each([
    [0, 0.5],
    [1, 0.841345],
    [1.96, 0.975002],
    [-2.5, 0.00621],
  ])('Φ(%p) = %p [standard: tables of the normal distribution]', (x, p) => {
    expect(normalCdf(x)).toBeCloseTo(p, 5)
  })
  test.each([-0.3, -0.05, 0, 0.12])('the five feels of a head %p off share out all chance', (off) => {
    expect(FEELS.reduce<number>((sum, feel) => sum + chanceOf(feel, off, 0.077), 0)).toBeCloseTo(1, 6)
  })
  test('a middle head feels right, a far one too light or too heavy', () => {
    const likeliest = (off: number): Feel =>
      [...FEELS].sort((a, b) => chanceOf(b, off, 0.077) - chanceOf(a, off, 0.077))[0] ?? 0
    expect([-0.4, -0.12, 0, 0.12, 0.4].map(likeliest)).toEqual([...FEELS])
  })
})

describe('a caster’s own window', () => {
  test('without a trial it is the prior', () => {
    const own = ownWindow(PRIOR, [])
    expect(own.centreKg / PRIOR.centreKg).toBeCloseTo(1, 3)
    expect(own.sd).toBeCloseTo(PRIOR.sd, 3)
    expect(own.settled).toBe(false)
  })
  test('heads that feel light move it up, heavy ones down, and each narrows it', () => {
    const light = ownWindow(PRIOR, [{ headKg: grains(480), feel: -1 }])
    const heavy = ownWindow(PRIOR, [{ headKg: grains(480), feel: 2 }])
    expect(light.centreKg).toBeGreaterThan(PRIOR.centreKg)
    expect(heavy.centreKg).toBeLessThan(PRIOR.centreKg)
    expect(light.sd).toBeLessThan(PRIOR.sd)
  })
  test('agrees with an independent fine grid of centres at one width', () => {
    const trials: readonly Trial[] = [
      { headKg: grains(450), feel: -1 },
      { headKg: grains(510), feel: 0 },
      { headKg: grains(560), feel: 1 },
    ]
    // Centre by brute force over 20 001 places, width and scatter integrated over the model’s own.
    let [total, first] = [0, 0]
    for (let i = 0; i <= 20_000; i++) {
      const off = (i / 10_000 - 1) * 0.6
      let chance = 0
      TRIAL_MODEL.halves.forEach((factor, k) => {
        const half = Math.log(1 + PRIOR.halfShare * factor)
        TRIAL_MODEL.scatters.forEach((scatter, j) => {
          const weight = (TRIAL_MODEL.halfWeights[k] ?? 0) * (TRIAL_MODEL.scatterWeights[j] ?? 0)
          const at = (t: Trial): number => Math.log(t.headKg / PRIOR.centreKg) - off
          chance += trials.reduce<number>(
            (p, t) => p * chanceOf(t.feel, at(t), half, scatter * TRIAL_MODEL.noise),
            weight,
          )
        })
      })
      const weight = Math.exp(-0.5 * (off / PRIOR.sd) ** 2) * chance
      total += weight
      first += weight * off
    }
    expect(ownWindow(PRIOR, trials).centreKg).toBeCloseTo(PRIOR.centreKg * Math.exp(first / total), 6)
  })
  test.each([
    [1, 0.7, 0.9],
    [2, 0.7, 0.95],
  ])(
    'casters who scatter %p times the usual are found again: the four-in-five band covers them',
    (scatter, least, most) => {
      const roll = dice(20261127)
      let covered = 0
      const CASTERS = some(50, 0.6)
      for (let caster = 0; caster < CASTERS; caster++) {
        const trueKg = trueCentre(roll)
        const trials: Trial[] = []
        for (let i = 0; i < 5; i++) {
          const headKg = nextHead(PRIOR, trials)?.headKg ?? PRIOR.centreKg
          trials.push({ headKg, feel: felt(headKg, trueKg, roll, scatter) })
        }
        const { sure } = ownWindow(PRIOR, trials)
        if (trueKg >= sure.lowKg && trueKg <= sure.highKg) covered++
      }
      expect(covered / CASTERS).toBeGreaterThanOrEqual(least)
      expect(covered / CASTERS).toBeLessThanOrEqual(most)
    },
  )
})

describe('the next head', () => {
  test('is where most is to be learnt, and none when it is settled', () => {
    const next = nextHead(PRIOR, [])
    expect(next?.sdAfter).toBeLessThan(PRIOR.sd)
    const many: Trial[] = Array.from({ length: 30 }, (_, i) => ({
      headKg: grains(450 + 5 * i),
      feel: i < 6 ? -1 : i > 22 ? 1 : 0,
    }))
    expect(ownWindow(PRIOR, many).settled).toBe(true)
    expect(nextHead(PRIOR, many)).toBeUndefined()
  })
  test('of heads that can be had it takes one of them', () => {
    const have = [grains(400), grains(470), grains(540)]
    expect(have).toContain(nextHead(PRIOR, [], have)?.headKg)
    expect(nextHead(PRIOR, [], [])).toBeUndefined()
  })
  test('asked for by gain, casters are known a good tenth closer after six heads than by an even ladder of six', () => {
    const roll = dice(11)
    const COUNT = 6
    let [asked, fixed] = [0, 0]
    for (let caster = 0; caster < some(40, 0.5); caster++) {
      const trueKg = trueCentre(roll)
      const [mine, theirs]: [Trial[], Trial[]] = [[], []]
      for (let i = 0; i < COUNT; i++) {
        const headKg = nextHead(PRIOR, mine)?.headKg ?? ownWindow(PRIOR, mine).centreKg
        mine.push({ headKg, feel: felt(headKg, trueKg, roll) })
        // Evenly over one and a half deviations to either side.
        const rung = PRIOR.centreKg * Math.exp(1.5 * PRIOR.sd * ((2 * i) / (COUNT - 1) - 1))
        theirs.push({ headKg: rung, feel: felt(rung, trueKg, roll) })
      }
      asked += Math.log(ownWindow(PRIOR, mine).centreKg / trueKg) ** 2
      fixed += Math.log(ownWindow(PRIOR, theirs).centreKg / trueKg) ** 2
    }
    expect(Math.sqrt(asked / fixed)).toBeLessThan(0.9)
  })
})
