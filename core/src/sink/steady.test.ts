import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { KG_PER_M_PER_GRAIN_PER_FOOT, M_PER_FOOT } from '../quantity/index.ts'
import { criticalAngle } from './critical.ts'
import {
  sinkRateMps,
  steadyLine,
  steadyLineInShear,
  WATER_MODEL,
  type WaterFly,
  type WaterPart,
} from './index.ts'
import { weightInWaterNPerM } from './part.ts'

const NO_FLY: WaterFly = { submergedWeightN: 0, dragAreaM2: 0 }
const FLY: WaterFly = { submergedWeightN: 0.006, dragAreaM2: 2e-4 }
const tungsten = (grainsPerFt: number, feet: number): WaterPart => {
  const kgPerM = grainsPerFt * KG_PER_M_PER_GRAIN_PER_FOOT
  return { lengthM: feet * M_PER_FOOT, kgPerM, diameterM: Math.sqrt((4 * kgPerM) / (Math.PI * 3700)) }
}
const LEADER: WaterPart = { lengthM: 1.5, kgPerM: 1e-4, diameterM: 0.33e-3 }
const TIP = tungsten(11, 10)

/**
 * An independent integration: the towed-cable equations dT/ds and T dφ/ds (Pode 1951, after Glauert 1930) by classical fine
 * Runge–Kutta, from the fly up. Returns the depth gained.
 */
function byRungeKutta(parts: readonly WaterPart[], fly: WaterFly, currentMps: number): number {
  const half = 500 * currentMps ** 2
  const dragN = half * fly.dragAreaM2
  let state = [Math.hypot(dragN, fly.submergedWeightN), Math.atan2(fly.submergedWeightN, dragN), 0] as [
    number,
    number,
    number,
  ]
  for (const part of [...parts].reverse()) {
    const w = weightInWaterNPerM(part, WATER_MODEL)
    const normal = half * WATER_MODEL.normalDrag * part.diameterM
    const along = half * WATER_MODEL.tangentialDrag * Math.PI * part.diameterM
    const slope = ([pull, angle]: readonly number[] = []): [number, number, number] => {
      const [sin, cos] = [Math.sin(angle ?? 0), Math.cos(angle ?? 0)]
      return [w * sin + along * cos * cos, (w * cos - normal * sin * sin) / (pull ?? 1), sin]
    }
    const n = 40_000
    const h = part.lengthM / n
    const add = (s: readonly number[], k: readonly number[], by: number): number[] =>
      s.map((v, i) => v + by * (k[i] ?? 0))
    for (let i = 0; i < n; i++) {
      const k1 = slope(state)
      const k2 = slope(add(state, k1, h / 2))
      const k3 = slope(add(state, k2, h / 2))
      const k4 = slope(add(state, k3, h))
      state = state.map(
        (v, j) => v + (h / 6) * ((k1[j] ?? 0) + 2 * (k2[j] ?? 0) + 2 * (k3[j] ?? 0) + (k4[j] ?? 0)),
      ) as [number, number, number]
    }
  }
  return state[2]
}

describe('a line at rest in a uniform stream', () => {
  test.each([0.2, 0.5, 0.9, 1.6])(
    'without a fly lies at the critical angle all along [physics, Glauert 1930], at %p m/s',
    (current) => {
      const line = steadyLine([TIP], NO_FLY, current)
      const angle = criticalAngle(sinkRateMps(TIP.kgPerM, TIP.diameterM), current)
      expect((line.surfaceAngleDeg * Math.PI) / 180).toBeCloseTo(angle, 9)
      expect(line.depthM).toBeCloseTo(TIP.lengthM * Math.sin(angle), 9)
    },
  )
  test.each([
    ['tip, leader and fly', [TIP, LEADER], FLY, 0.6],
    ['the same in a torrent', [TIP, LEADER], FLY, 1.8],
    ['two materials', [tungsten(8, 5), tungsten(14, 5)], FLY, 0.8],
    ['a heavy fly on a bare leader', [LEADER], { submergedWeightN: 0.02, dragAreaM2: 1e-4 }, 0.4],
  ] as const)(
    'agrees with a fine Runge–Kutta of the towed-cable equations (Pode 1951): %s',
    (_name, parts, fly, current) => {
      const exact = byRungeKutta(parts, fly, current)
      expect(steadyLine(parts, fly, current).depthM / exact).toBeCloseTo(1, 3)
    },
  )
  test('in still water it hangs straight down', () => {
    const line = steadyLine([TIP, LEADER], FLY, 0)
    expect(line.depthM).toBeCloseTo(TIP.lengthM + LEADER.lengthM, 9)
    expect(line.surfaceAngleDeg).toBeCloseTo(90, 9)
  })
  test('C19 [practice]: an intermediate tip in very slow water passes 1 m; a 6 in/s tip in a near-torrent barely makes 0.5 m', () => {
    const ofRate = (feet: number, rate: number): WaterPart => {
      // A line of 2 g/m so thick that it sinks at that rate: root of the level cylinder's balance, by bisection.
      let [thin, thick] = [1e-4, Math.sqrt((4 * 0.002) / (Math.PI * 1000))]
      for (let i = 0; i < 80; i++) {
        const d = (thin + thick) / 2
        if (sinkRateMps(0.002, d) > rate) thin = d
        else thick = d
      }
      return { lengthM: feet * M_PER_FOOT, kgPerM: 0.002, diameterM: thin }
    }
    expect(steadyLine([ofRate(10, 1.5 * 0.0254)], NO_FLY, 0.1).depthM).toBeGreaterThan(1)
    expect(steadyLine([ofRate(15, 6 * 0.0254)], NO_FLY, 1.5).depthM).toBeLessThan(0.55)
  })
  test('C20 [practice]: behind a fast tip the fly rises from the tip’s line, the more the longer the leader', () => {
    const tipSlope = Math.sin(criticalAngle(sinkRateMps(TIP.kgPerM, TIP.diameterM), 0.7))
    const riseM = (leaderM: number): number => {
      const { depthM } = steadyLine(
        [TIP, { ...LEADER, lengthM: leaderM }],
        { ...FLY, submergedWeightN: 0 },
        0.7,
      )
      return (TIP.lengthM + leaderM) * tipSlope - depthM
    }
    expect(riseM(1.2)).toBeGreaterThan(0.1)
    expect(riseM(3)).toBeGreaterThan(riseM(1.2) + 0.1)
  })
  test('a floating head is drawn under by as much of it as it takes to bear what hangs below', () => {
    const head: WaterPart = { lengthM: 7, kgPerM: 0.0047, diameterM: 2.61e-3 }
    const below = steadyLine([TIP, LEADER], FLY, 0.6)
    const drawn = steadyLine([head, TIP, LEADER], FLY, 0.6)
    expect(drawn.depthM).toBeGreaterThan(below.depthM)
    expect(drawn.depthM).toBeLessThan(below.depthM * 1.3)
    expect(drawn.surfaceAngleDeg).toBe(0)
    // In slower water the tip hangs steeper and draws more of it under.
    const slow = (parts: readonly WaterPart[]) => steadyLine(parts, FLY, 0.3).depthM
    expect(slow([head, TIP, LEADER]) - slow([TIP, LEADER])).toBeGreaterThan(drawn.depthM - below.depthM)
    expect(steadyLine([head, { ...TIP, floats: true }], NO_FLY, 0.6).depthM).toBe(0)
  })
  test('its shape keeps its length and ends at its depth', () => {
    const { shape, depthM } = steadyLine([TIP, LEADER], FLY, 0.6)
    let lengthM = 0
    shape.slice(1).forEach(([x, z], i) => {
      const [x0, z0] = shape[i] ?? [0, 0]
      lengthM += Math.hypot(x - x0, z - z0)
    })
    expect(lengthM).toBeCloseTo(TIP.lengthM + LEADER.lengthM, 9)
    expect(shape[0]).toEqual([0, 0])
    expect(shape.at(-1)?.[1]).toBeCloseTo(-depthM, 12)
  })
  test('heavier never shallower, faster never deeper, in 500 seeded cases', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 4, max: 20, noNaN: true }),
        fc.double({ min: 2, max: 15, noNaN: true }),
        fc.double({ min: 0.05, max: 2.5, noNaN: true }),
        fc.double({ min: 0, max: 0.03, noNaN: true }),
        (grainsPerFt, feet, current, flyN) => {
          const fly = { submergedWeightN: flyN, dragAreaM2: 1.5e-4 }
          // Heavier at the same thickness; a tip that is thicker too can lose a hair where a fly hangs steeper than it.
          const tip = tungsten(grainsPerFt, feet)
          const depth = (heavier: number, u: number): number =>
            steadyLine([{ ...tip, kgPerM: tip.kgPerM * heavier }, LEADER], fly, u).depthM
          const here = depth(1, current)
          expect(depth(1.1, current)).toBeGreaterThanOrEqual(here - 1e-9)
          expect(depth(1, current * 1.1)).toBeLessThanOrEqual(here + 1e-9)
        },
      ),
      { seed: 20261125, numRuns: 500 },
    )
  })
})

describe('a line at rest in current that changes over depth', () => {
  test('is the uniform line when the current does not change', () => {
    const line = steadyLineInShear([TIP, LEADER], FLY, () => 0.6, 3)
    if (line.outcome !== 'converged') throw new Error(line.outcome)
    expect(line.depthM).toBeCloseTo(steadyLine([TIP, LEADER], FLY, 0.6).depthM, 6)
    expect(line.shape[0]?.[1]).toBeCloseTo(0, 6)
  })
  test('hangs deeper where the water slows towards the bed', () => {
    const bedM = 1.5
    const line = steadyLineInShear(
      [TIP, LEADER],
      FLY,
      (depthM) => 0.8 * Math.max(0, 1 - depthM / bedM) ** (1 / 7),
      bedM,
    )
    if (!('depthM' in line)) throw new Error(line.outcome)
    expect(line.depthM).toBeGreaterThan(steadyLine([TIP, LEADER], FLY, 0.8).depthM)
  })
  test('says so when it would hang into the bed', () => {
    expect(steadyLineInShear([TIP], NO_FLY, () => 0.1, 0.5).outcome).toBe('on-bed')
  })
  test('a line that has nothing to sink stays on top', () => {
    expect(steadyLineInShear([], NO_FLY, () => 0.5, 1)).toMatchObject({ outcome: 'converged', depthM: 0 })
  })
})
