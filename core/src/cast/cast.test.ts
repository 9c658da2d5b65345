import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { M_PER_FOOT } from '../quantity/index.ts'
import {
  loopAt,
  loopsToHold,
  PULL_M,
  shootLengthM,
  TURNOVER_MODEL,
  type TurnoverResult,
  turnover,
} from './index.ts'

const VACUUM = { ...TURNOVER_MODEL, airKgPerM3: 0 }
const LEVEL = [{ lengthM: 12, kgPerM: 0.003, diameterM: 0.002 }]
const speed = (result: TurnoverResult): number =>
  result.outcome === 'turned-over' ? result.speedAtFlyMps : Number.NaN
const seeded = { seed: 20261125, numRuns: 100 }

describe('shoot', () => {
  test('without running line it flies v0·τ, and it solves x + μx²/2M = v0·τ [physics]', () => {
    expect(shootLengthM(0.03, 0, 20)).toBe(20)
    fc.assert(
      fc.property(
        fc.double({ min: 0.005, max: 0.06, noNaN: true }),
        fc.double({ min: 0, max: 0.003, noNaN: true }),
        (headKg, mu) => {
          const x = shootLengthM(headKg, mu, 20)
          expect(x + (mu * x * x) / (2 * headKg)).toBeCloseTo(20, 9)
        },
      ),
      seeded,
    )
  })
})

describe('loops of running line', () => {
  const rodM = 13 * M_PER_FOOT
  test('C26 [practice]: 54 ft coated is held as 6, 5, 4 and 3 pulls; mono in two loops of about 22 ft', () => {
    expect(loopsToHold('coated', 54 * M_PER_FOOT, rodM).map((m) => Math.round(m / PULL_M))).toEqual([
      6, 5, 4, 3,
    ])
    const mono = loopsToHold('mono', 44 * M_PER_FOOT, rodM)
    expect(mono.map((m) => Math.round(m / M_PER_FOOT))).toEqual([22, 22])
  })
  test('C27 [practice]: 60 ft to the fly and 40–45 ft of loops make about a 100 ft cast', () => {
    const held = loopsToHold('coated', 42 * M_PER_FOOT, rodM).reduce((sum, m) => sum + m, 0)
    expect((60 * M_PER_FOOT + held) / M_PER_FOOT).toBeGreaterThanOrEqual(100)
    expect((60 * M_PER_FOOT + held) / M_PER_FOOT).toBeLessThanOrEqual(105)
  })
  test('loops hold all of the line, each shorter than the one before', () => {
    for (let feet = 3; feet < 90; feet += 3) {
      const loops = loopsToHold('coated', feet * M_PER_FOOT, rodM)
      expect(loops.reduce((sum, m) => sum + m, 0)).toBeCloseTo(feet * M_PER_FOOT, 9)
      loops.forEach((m, i) => {
        if (i > 0) expect(m).toBeLessThan(loops[i - 1] ?? 0)
      })
    }
    expect(loopsToHold('mono', 0, rodM)).toEqual([])
  })
})

describe('turnover', () => {
  test('no drag, level line, no fly: v = v0 √(L/ℓ) [physics]', () => {
    const { samples } = turnover(15, LEVEL, { massKg: 0, dragAreaM2: 0 }, VACUUM)
    for (const at of samples.filter((_, i) => i % 250 === 0))
      expect(at.speedMps).toBeCloseTo(15 * Math.sqrt(12 / at.legM), 9)
  })
  test('no drag keeps ½Mv², whatever the line and fly [physics]', () => {
    const parts = [
      { lengthM: 7, kgPerM: 0.0047, diameterM: 0.0026 },
      { lengthM: 3, kgPerM: 0.0023, diameterM: 0.0009 },
    ]
    const result = turnover(15, parts, { massKg: 0.002, dragAreaM2: 0.0004 }, VACUUM)
    const whole = 7 * 0.0047 + 3 * 0.0023 + 0.002
    expect(speed(result)).toBeCloseTo(15 * Math.sqrt(whole / 0.002), 9)
  })
  test('a very heavy fly keeps its speed [physics]', () => {
    expect(speed(turnover(15, LEVEL, { massKg: 1000, dragAreaM2: 0 }, VACUUM))).toBeCloseTo(15, 3)
  })
  test('more drag on the fly never leaves more speed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 8e-4, noNaN: true }),
        fc.double({ min: 1e-6, max: 5e-4, noNaN: true }),
        (drag, more) => {
          const at = (dragAreaM2: number): number => speed(turnover(16, LEVEL, { massKg: 0.001, dragAreaM2 }))
          expect(at(drag + more)).toBeLessThan(at(drag))
        },
      ),
      seeded,
    )
  })
  test('twice the steps change nothing that matters: a part cut in two gives the same', () => {
    const half = { ...LEVEL[0], lengthM: 6, kgPerM: 0.003, diameterM: 0.002 }
    const fly = { massKg: 0.001, dragAreaM2: 0.0003 }
    expect(speed(turnover(16, [half, half], fly)) / speed(turnover(16, LEVEL, fly))).toBeCloseTo(1, 4)
  })
  test('a fly that nothing bears falls as a stone: ½gt² while the loop goes out at v/2 [physics]', () => {
    const limp = [{ lengthM: 6, kgPerM: 1e-9, diameterM: 1e-6 }]
    const result = turnover(10, limp, { massKg: 0.01, dragAreaM2: 0 }, VACUUM)
    if (result.outcome !== 'turned-over') throw new Error(result.outcome)
    const timeS = 6 / 5
    expect(result.dropM / (0.5 * 9.80665 * timeS ** 2)).toBeCloseTo(1, 2)
    expect(result.samples.at(-1)?.atS).toBeCloseTo(timeS, 2)
    expect(loopAt(result, 0)).toEqual({ noseM: 0, flyM: -6, dropM: 0 })
    expect(loopAt(result, timeS / 2)?.noseM).toBeCloseTo(3, 1)
    expect(loopAt(result, 99)).toEqual({ noseM: 6, flyM: 6, dropM: result.dropM })
    expect(loopAt({ samples: [] }, 0)).toBeUndefined()
  })
  test('a line that bears the fly does not let it fall [physics: T = ¼μv²]', () => {
    const result = turnover(16, LEVEL, { massKg: 0.001, dragAreaM2: 1e-4 })
    if (result.outcome !== 'turned-over') throw new Error(result.outcome)
    expect(result).toMatchObject({ dropM: 0, straight: true })
  })
  test('a question without an answer has an outcome', () => {
    expect(turnover(15, [], { massKg: 0.001, dragAreaM2: 0 }).outcome).toBe('no-line')
    expect(turnover(15, LEVEL, { massKg: 0, dragAreaM2: 0 }).outcome).toBe('no-fly')
  })
})
