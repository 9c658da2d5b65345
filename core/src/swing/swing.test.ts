import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { KG_PER_M_PER_GRAIN_PER_FOOT, M_PER_FOOT } from '../quantity/index.ts'
import { sinkRateMps, steadyLineInShear, WATER_MODEL, type WaterPart } from '../sink/index.ts'
import { some } from '../testing/long.ts'
import type { Run } from '../water/index.ts'
import { currentAt } from '../water/section.ts'
import { buildChain, type Chain, lengthOfChain } from './chain.ts'
import {
  landsBeyond,
  SWING_OPTIONS,
  type SwingInput,
  type SwingOptions,
  swing,
  swingInSteps,
  workOf,
} from './index.ts'
import { layLine } from './lay.ts'
import { step, stretchOf } from './step.ts'
import { Stream } from './stream.ts'
import { workspace } from './work.ts'

const flat = (depthM: number, mps: number, widthM = 60): Run => ({
  id: 'flat',
  name: 'Flat',
  bank: 'right',
  widthM,
  soundings: [
    { fromBankM: 0, depthM },
    { fromBankM: widthM, depthM },
  ],
  currents: [{ fromBankM: 0, mps }],
  bottom: 'gravel',
  wadeM: 5,
})
const SHELVING: Run = {
  id: 'kettle-run',
  name: 'Kettle Run',
  bank: 'right',
  widthM: 40,
  soundings: [
    { fromBankM: 5, depthM: 1.2 },
    { fromBankM: 12, depthM: 1.9 },
    { fromBankM: 25, depthM: 2.2 },
    { fromBankM: 35, depthM: 1 },
  ],
  currents: [
    { fromBankM: 2, mps: 0.5 },
    { fromBankM: 20, mps: 0.9 },
    { fromBankM: 38, mps: 0.5 },
  ],
  bottom: 'cobble',
  wadeM: 5,
}
const RUNNING: WaterPart = { lengthM: 4, kgPerM: 0.0013, diameterM: 0.0014 }
const HEAD: WaterPart = { lengthM: 7, kgPerM: 0.0047, diameterM: 0.0026 }
const LEADER: WaterPart = { lengthM: 1.5, kgPerM: 1.2e-4, diameterM: 0.35e-3 }
const tungsten = (grainsPerFt: number, feet = 10): WaterPart => {
  const kgPerM = grainsPerFt * KG_PER_M_PER_GRAIN_PER_FOOT
  return { lengthM: feet * M_PER_FOOT, kgPerM, diameterM: Math.sqrt((4 * kgPerM) / (Math.PI * 3700)) }
}
const FLY = { submergedWeightN: 0.006, dragAreaM2: 2e-4 }
const cast = (
  run: Run,
  options: Partial<SwingOptions> = {},
  change: Partial<SwingInput> = {},
): SwingInput => ({
  run,
  rodTip: { heightM: 1.5, xM: 1.5, yM: 8 },
  castAngleDeg: 60,
  parts: [RUNNING, HEAD, tungsten(11), LEADER],
  fly: FLY,
  options,
  ...change,
})

const at = (list: Float64Array, i: number): number => list[i] ?? Number.NaN
const nodes = ({ count }: Chain): number[] => Array.from({ length: count }, (_, i) => i)

/** Figures of a summary that are none. */
const unfinite = (summary: object): string[] =>
  Object.entries(summary).flatMap(([key, v]) => (typeof v === 'number' && !Number.isFinite(v) ? [key] : []))

function chainIn(
  run: Run,
  parts: readonly WaterPart[],
  angleRad: number,
  slack: number,
  heightM = 1.5,
): [Chain, Stream] {
  const chain = buildChain(parts, FLY, 48, WATER_MODEL)
  layLine(chain, { heightM, xM: 0, yM: 8 }, angleRad, slack)
  return [chain, new Stream(run)]
}
const advance = (chain: Chain, stream: Stream, seconds: number, each?: () => void): void => {
  const work = workspace(chain)
  for (let i = 0; i < seconds / 0.03; i++) {
    step({ chain, work, stream, model: WATER_MODEL, dtS: 0.03, rod: { vx: 0, vy: 0, vz: 0 } })
    each?.()
  }
}

describe('the moving line against mechanics', () => {
  test('its hang-down is the steady line of the towed-cable equations (Pode 1951) in the same current', () => {
    // Tip and leader alone, held at the surface, as in the steady solution; a floating head would be drawn under a little.
    const run = flat(3, 0.7)
    const parts = [tungsten(11), LEADER]
    const [chain, stream] = chainIn(run, parts, 1, 0, 0)
    advance(chain, stream, 120)
    const steady = steadyLineInShear(parts, FLY, (d) => currentAt(run, 8, -d), 3)
    if (steady.outcome !== 'converged') throw new Error(steady.outcome)
    expect(-at(chain.z, 0) / steady.depthM).toBeCloseTo(1, 2)
    expect(at(chain.x, 0) / (steady.shape.at(-1)?.[0] ?? 0)).toBeCloseTo(1, 2)
    expect(at(chain.y, 0)).toBeCloseTo(8, 2)
  })
  test('a level line let go in still water falls at the cylinder’s terminal sink rate [physics]', () => {
    const tip = tungsten(11, 20)
    const chain = buildChain([tip], { submergedWeightN: 0, dragAreaM2: 0 }, 40, WATER_MODEL)
    for (let i = 0; i < chain.count; i++) {
      chain.x[i] = i * (tip.lengthM / 39)
      chain.z[i] = -0.5
    }
    const stream = new Stream(flat(15, 0))
    advance(chain, stream, 3)
    expect(-at(chain.vz, 12)).toBeCloseTo(sinkRateMps(tip.kgPerM, tip.diameterM), 2)
  })
  test('in still water the line between two held ends hangs as a catenary [Huygens, Leibniz, Bernoulli 1691]', () => {
    const lengthM = 6
    const chain = buildChain(
      [{ lengthM, kgPerM: 0.003, diameterM: 0.001 }],
      { submergedWeightN: 0, dragAreaM2: 0 },
      61,
      WATER_MODEL,
    )
    const spanM = 4
    for (let i = 0; i < chain.count; i++) {
      chain.x[i] = (i / 60) * spanM
      chain.z[i] = -1
    }
    // So heavy and so caught by the water that this end stays where it is.
    chain.massKg[0] = chain.displacedKg[0] = 1e6
    advance(chain, new Stream(flat(20, 0)), 60)
    // Half-length s and half-span x: s = a sinh(x/a); sag = a (cosh(x/a) − 1).
    let [low, high] = [0.1, 50]
    for (let i = 0; i < 100; i++) {
      const a = (low + high) / 2
      if (a * Math.sinh(spanM / 2 / a) > lengthM / 2) low = a
      else high = a
    }
    const sagM = low * (Math.cosh(spanM / 2 / low) - 1)
    const deepest = Math.min(...nodes(chain).map((i) => at(chain.z, i)))
    expect((-1 - deepest) / sagM).toBeCloseTo(1, 2)
  })
  test('without current its energy never grows', () => {
    const [chain, stream] = chainIn(flat(4, 0), [RUNNING, HEAD, tungsten(11), LEADER], 1, 0.05)
    const energyJ = (): number =>
      nodes(chain).reduce((sum, i) => {
        const [z, massKg] = [at(chain.z, i), at(chain.massKg, i)]
        const kinetic = 0.5 * massKg * (at(chain.vx, i) ** 2 + at(chain.vy, i) ** 2 + at(chain.vz, i) ** 2)
        return sum + kinetic + 9.80665 * (massKg * z - at(chain.displacedKg, i) * Math.min(0, z))
      }, 0)
    let before = energyJ()
    advance(chain, stream, 20, () => {
      const now = energyJ()
      // The surface is a ripple of 1 cm either way here, which this sum takes as a plane: a thousandth of a joule.
      expect(now).toBeLessThan(before + 1e-3)
      before = Math.min(before, now)
    })
  })
  test('keeps its mass, and its length to half a hundredth', () => {
    const parts = [RUNNING, HEAD, tungsten(11), LEADER]
    const [chain, stream] = chainIn(SHELVING, parts, 1, 0.02)
    const massKg = (): number => nodes(chain).reduce((sum, i) => sum + at(chain.massKg, i), 0)
    const lengthM = parts.reduce((sum, p) => sum + p.lengthM, 0)
    const own = parts.reduce((sum, p) => sum + p.lengthM * p.kgPerM, 0)
    expect(massKg() - own).toBeCloseTo((1.5 * FLY.submergedWeightN) / 9.80665, 9)
    expect(lengthOfChain(chain)).toBeCloseTo(lengthM, 9)
    advance(chain, stream, 30, () => expect(stretchOf(chain)).toBeLessThan(0.005))
  })
  test('fed line adds its own mass and length', () => {
    const still = swing(cast(SHELVING, { shapes: true, nodes: 40 }))
    const fed = swing(cast(SHELVING, { shapes: true, nodes: 40, rod: 'feed', feedM: 4, feedMps: 0.5 }))
    const longest = (line: Float32Array | undefined): number => {
      let sum = 0
      for (let i = 3; i < (line?.length ?? 0); i += 3)
        sum += Math.hypot(...[0, 1, 2].map((k) => (line?.[i + k] ?? 0) - (line?.[i + k - 3] ?? 0)))
      return sum
    }
    expect(longest(still.samples.at(-1)?.lineM)).toBeCloseTo(15.55, 0)
    expect(longest(fed.samples.at(-1)?.lineM)).toBeCloseTo(19.55, 0)
    expect(fed.summary.swingS).toBeGreaterThan(still.summary.swingS)
  })
})

describe('symmetry', () => {
  test('the same river seen from its other bank gives the same swing', () => {
    const other = swing(cast({ ...SHELVING, bank: 'left' }))
    expect(other).toEqual(swing(cast(SHELVING)))
  })
  test('a cast to the other side of the same straight river is its mirror image', () => {
    const run = flat(2, 0.7)
    const right = swing(cast(run, {}, { rodTip: { heightM: 1.5, xM: 0, yM: 30 } }))
    const left = swing(cast(run, {}, { rodTip: { heightM: 1.5, xM: 0, yM: 30 }, castAngleDeg: -60 }))
    expect(left.samples.length).toBe(right.samples.length)
    right.samples.forEach(({ flyM: [x, y, z] }, i) => {
      const [x2, y2, z2] = left.samples[i]?.flyM ?? [0, 0, 0]
      expect(x2).toBeCloseTo(x, 5)
      expect(y2 - 30).toBeCloseTo(30 - y, 5)
      expect(z2).toBeCloseTo(z, 5)
    })
  })
  test('the same input gives the same swing, to the last bit', () => {
    expect(swing(cast(SHELVING))).toEqual(swing(cast(SHELVING)))
  })
})

describe('bounded work', () => {
  test('more than may be done is not begun', () => {
    const fine = cast(SHELVING, { nodes: 512, stepS: 1e-4, maxS: 1200 })
    expect(workOf(fine)).toBeGreaterThan(SWING_OPTIONS.mostWork)
    expect(() => swing(fine)).toThrow(RangeError)
    expect(() => swing(cast(SHELVING, { stepS: Number.NaN }))).toThrow(RangeError)
  })
  test.each([
    ['a torrent of 20 m/s', { ...SHELVING, currents: [{ fromBankM: 0, mps: 20 }] }],
    ['a sheet of water over gravel', { ...SHELVING, soundings: [{ fromBankM: 10, depthM: 0.01 }] }],
    ['a trench', { ...SHELVING, soundings: [{ fromBankM: 10, depthM: 20 }] }],
    ['water that does not run', { ...SHELVING, currents: [{ fromBankM: 0, mps: 0 }] }],
  ])('%s ends, with figures, within the work it may take', (_name, run) => {
    const mostWork = 600_000
    const steps = swingInSteps(cast(run, { mostWork }))
    let breaths = 0
    let step = steps.next()
    for (; !step.done; step = steps.next()) breaths++
    // One breath every 32 steps of at least one node each: no input can go on for longer.
    expect(breaths).toBeLessThan(mostWork / 32)
    expect(unfinite(step.value.summary)).toEqual([])
  })
})

describe('accuracy', () => {
  const deep: Run = {
    ...SHELVING,
    soundings: SHELVING.soundings.map((s) => ({ ...s, depthM: s.depthM + 1 })),
  }
  const here = swing(cast(deep)).summary
  test('depth and time of the hang-down are within a hundredth of a tenth of the time step', () => {
    const fine = swing(cast(deep, { stepS: 0.003, mostWork: 2e7 })).summary
    expect(here.hangDepthM / fine.hangDepthM).toBeCloseTo(1, 2)
    expect(Math.abs(here.swingS / fine.swingS - 1)).toBeLessThan(0.01)
  })
  test('and within two hundredths of twice the nodes', () => {
    const fine = swing(cast(deep, { nodes: 128, stepS: 0.01 })).summary
    expect(Math.abs(here.hangDepthM / fine.hangDepthM - 1)).toBeLessThan(0.02)
    expect(Math.abs(here.swingS / fine.swingS - 1)).toBeLessThan(0.02)
  })
})

describe('what practice knows', () => {
  const depthOf = (input: SwingInput): number => swing(input).summary.hangDepthM
  test('C17 [practice]: a fly that swings fast is too high; a steeper cast swings slower across', () => {
    const square = swing(cast(flat(3, 0.9), {}, { castAngleDeg: 85 })).summary
    const steep = swing(cast(flat(3, 0.9), {}, { castAngleDeg: 35 })).summary
    expect(steep.crossMps).toBeLessThan(square.crossMps)
  })
  test('an upstream mend gives the tip time to sink, a downstream one takes it', () => {
    const ride = (kind?: 'upstream' | 'downstream' | 'stack'): number => {
      const mends = kind === undefined ? [] : [{ kind, atS: 0.5, sizeM: 2.5 }]
      const { samples } = swing(cast(flat(4, 0.8), {}, { mends, castAngleDeg: 75 }))
      return Math.min(...samples.filter(({ tS }) => tS < 8).map(({ flyM }) => flyM[2]))
    }
    expect(ride('upstream')).toBeLessThan(ride() - 0.02)
    expect(ride('stack')).toBeLessThan(ride() - 0.02)
    expect(ride('downstream')).toBeGreaterThan(ride())
  })
  test('no mend throws the fly about: the rod moves floating line, and only as hard as a rod can', () => {
    for (const kind of ['upstream', 'downstream', 'stack'] as const) {
      const { samples } = swing(
        cast(
          flat(2, 0.5),
          {},
          { mends: [{ kind, atS: 2.8, sizeM: 4 }], parts: [HEAD, tungsten(14, 7), LEADER] },
        ),
      )
      expect(Math.max(...samples.map((s) => s.speedMps))).toBeLessThan(4)
    }
  })
  test('following the swing with the rod ends nearer the bank', () => {
    const end = (rod: 'still' | 'follow'): number =>
      swing(cast(flat(3, 0.8), { rod })).samples.at(-1)?.flyM[1] ?? 0
    expect(end('follow')).toBeLessThan(end('still'))
  })
  test('the sinking part, not the head, decides the depth', () => {
    expect(
      depthOf(cast(flat(4, 0.7), {}, { parts: [RUNNING, HEAD, tungsten(11, 15), LEADER] })),
    ).toBeGreaterThan(depthOf(cast(flat(4, 0.7))) * 1.2)
  })
  test('heavier never shallower, faster never deeper, in 500 seeded swings', () => {
    const coarse = { nodes: 10, stepS: 0.05, maxS: 60, sampleS: 5 }
    fc.assert(
      fc.property(
        fc.double({ min: 6, max: 18, noNaN: true }),
        fc.double({ min: 0.5, max: 1.6, noNaN: true }),
        fc.double({ min: 30, max: 85, noNaN: true }),
        (grainsPerFt, mps, castAngleDeg) => {
          const depth = (g: number, u: number): number =>
            depthOf(cast(flat(6, u), coarse, { castAngleDeg, parts: [RUNNING, HEAD, tungsten(g), LEADER] }))
          const base = depth(grainsPerFt, mps)
          expect(depth(grainsPerFt * 1.25, mps)).toBeGreaterThan(base * 0.999)
          expect(depth(grainsPerFt, mps * 1.25)).toBeLessThan(base * 1.001)
        },
      ),
      { seed: 20261125, numRuns: some(500, 0.2) },
    )
  })
})

describe('any valid input ends without nonsense', () => {
  const dry: Run = { ...SHELVING, soundings: [{ fromBankM: 5, depthM: 0 }] }
  test.each<[string, SwingInput]>([
    ['no current', cast(flat(2, 0))],
    ['a dry bed', cast(dry)],
    ['a puddle', cast(flat(0.1, 0.4))],
    ['a torrent', cast(flat(2, 5), { maxS: 20 })],
    [
      'a 30 m line',
      cast(SHELVING, {}, { parts: [{ ...RUNNING, lengthM: 18.5 }, HEAD, tungsten(11), LEADER] }),
    ],
    ['a river narrower than the line', cast(flat(1, 1, 8))],
    ['a cast upstream', cast(SHELVING, {}, { castAngleDeg: 150 })],
    ['half its length in slack', cast(SHELVING, { slack: 0.5 })],
    ['a line too short to reach the water', cast(SHELVING, {}, { parts: [{ ...LEADER, lengthM: 0.4 }] })],
    ['a floating fly', cast(SHELVING, {}, { fly: { submergedWeightN: -0.003, dragAreaM2: 1e-4 } })],
    ['nothing at the end', cast(SHELVING, {}, { fly: { submergedWeightN: 0, dragAreaM2: 0 } })],
    ['a huge mend', cast(SHELVING, {}, { mends: [{ kind: 'upstream', atS: 0, sizeM: 10 }] })],
    [
      'mends one on another',
      cast(SHELVING, {}, { mends: [0, 0.2, 0.4].map((atS) => ({ kind: 'stack', atS, sizeM: 3 })) }),
    ],
  ])('%s', (_name, input) => {
    const { samples, summary, outcome } = swing(input)
    expect(['swung', 'grounded', 'did-not-finish']).toContain(outcome)
    for (const { flyM, speedMps, overBedM } of samples)
      for (const figure of [...flyM, speedMps, overBedM]) expect(Number.isFinite(figure)).toBe(true)
    expect(unfinite(summary)).toEqual([])
    expect(Math.max(...samples.map((s) => s.speedMps))).toBeLessThan(60)
  })
  test('it says when it ran out of time', () => {
    expect(swing(cast(SHELVING, { maxS: 3 })).outcome).toBe('did-not-finish')
  })
  test('a line laid straight beyond the far bank is known', () => {
    expect(landsBeyond(cast(flat(1, 1, 8)))).toBe(true)
    expect(landsBeyond(cast(SHELVING))).toBe(false)
  })
  test('the fly never sinks into the bed', () => {
    for (const { flyM, overBedM } of swing(cast(flat(0.8, 0.3))).samples) {
      expect(flyM[2]).toBeGreaterThan(-0.81)
      expect(overBedM).toBeGreaterThanOrEqual(0)
    }
  })
})

test('whatever is cut off short, and however finely the line is cut, a swing stays finite and on its line', () => {
  const between = (min: number, max: number) => fc.double({ min, max, noNaN: true })
  // From a hair to a head: what a cast leaves of the part at the rod can be any length.
  const lengthM = fc.oneof(
    between(-6, -1).map((tens) => 10 ** tens),
    between(0.1, 9),
  )
  const part = fc.oneof(
    lengthM.map((m): WaterPart => ({ ...RUNNING, lengthM: m, floats: true })),
    lengthM.map((m): WaterPart => ({ ...HEAD, lengthM: m, floats: true })),
    lengthM.map((m): WaterPart => ({ ...tungsten(14), lengthM: m })),
    lengthM.map((m): WaterPart => ({ ...LEADER, lengthM: m })),
  )
  const nodes = fc.integer({ min: 8, max: 128 })
  const cast = fc.record({
    castAngleDeg: between(20, 90),
    depthM: between(0.3, 3),
    mps: between(0, 2),
    nodes,
  })
  fc.assert(
    fc.property(fc.array(part, { minLength: 1, maxLength: 8 }), cast, (parts, { depthM, mps, ...how }) => {
      const lineM = parts.reduce((sum, one) => sum + one.lengthM, 0)
      const { samples, summary } = swing({
        run: flat(depthM, mps),
        rodTip: { heightM: 1, xM: 1, yM: 7 },
        castAngleDeg: how.castAngleDeg,
        parts,
        fly: { submergedWeightN: 0.004, dragAreaM2: 1e-4, massKg: 0.001 },
        options: {
          nodes: how.nodes,
          maxS: 30,
          mostWork: 4_000_000,
        },
      })
      const farM = Math.max(...samples.map(({ flyM: [x, y] }) => Math.hypot(x - 1, y - 7)))
      expect(farM).toBeLessThan(1.05 * lineM + 0.1)
      expect(summary.draggedM).toBeLessThan(60)
      for (const figure of Object.values(summary)) expect(Number.isFinite(Number(figure))).toBe(true)
    }),
    { seed: 20261129, numRuns: some(20_000, 0.015), endOnFailure: true },
  )
})
