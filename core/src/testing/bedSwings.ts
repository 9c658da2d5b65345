import fc from 'fast-check'
import { KG_PER_M_PER_GRAIN_PER_FOOT, M_PER_FOOT } from '../quantity/index.ts'
import type { SwingInput, SwingSummary, Swung } from '../swing/index.ts'
import { swing, swingVerdict } from '../swing/index.ts'
import { BOTTOMS, type Run } from '../water/index.ts'

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const tungsten = (grainsPerFt: number, feet: number) => {
  const kgPerM = grainsPerFt * KG_PER_M_PER_GRAIN_PER_FOOT
  return { lengthM: feet * M_PER_FOOT, kgPerM, diameterM: Math.sqrt((4 * kgPerM) / (Math.PI * 3700)) }
}
const REACH_M = 4

/** Swings over beds that shelve to both banks, on tips of every weight. */
const anySwing: fc.Arbitrary<SwingInput> = fc
  .record({
    widthM: between(20, 50),
    near: between(0.2, 0.45),
    deepM: between(0.8, 2.2),
    nearDeep: between(0.7, 1),
    farDeep: between(0.5, 1),
    mps: between(0.45, 1.2),
    bottom: fc.constantFrom(...BOTTOMS),
    wade: between(0.3, 0.6),
    angleDeg: between(35, 85),
    headM: between(6, 10),
    runningM: between(2, 5),
    grains: fc.constantFrom(8, 11, 14),
    tipFt: fc.constantFrom(5, 7.5, 10, 12),
    leaderM: between(1, 2.5),
    weightN: between(0.001, 0.012),
    dragAreaM2: between(0.5e-4, 4e-4),
  })
  .map((c) => {
    const nearM = c.near * c.widthM
    const run: Run = {
      id: 'any',
      name: 'Any',
      bank: 'right',
      widthM: c.widthM,
      soundings: [
        { fromBankM: nearM, depthM: c.deepM * c.nearDeep },
        { fromBankM: c.widthM * 0.6, depthM: c.deepM },
        { fromBankM: c.widthM * 0.9, depthM: c.deepM * c.farDeep },
      ],
      currents: [
        { fromBankM: 0, mps: c.mps / 2 },
        { fromBankM: nearM, mps: c.mps },
      ],
      bottom: c.bottom,
      wadeM: nearM * c.wade,
    }
    const angle = (c.angleDeg * Math.PI) / 180
    return {
      run,
      rodTip: { heightM: 1, xM: REACH_M * Math.cos(angle), yM: run.wadeM + REACH_M * Math.sin(angle) },
      castAngleDeg: c.angleDeg,
      parts: [
        { lengthM: c.runningM, kgPerM: 0.0013, diameterM: 0.00137, floats: true },
        { lengthM: c.headM, kgPerM: 0.0045, diameterM: 0.0026, floats: true },
        tungsten(c.grains, c.tipFt),
        { lengthM: c.leaderM, kgPerM: 1.1e-4, diameterM: 0.00035 },
      ],
      fly: { submergedWeightN: c.weightN, dragAreaM2: c.dragAreaM2, massKg: 0.001 },
      options: { rod: 'follow', reachM: REACH_M },
    }
  })

/** So many swings that touch are looked at. */
export const BED_CASES = 300
/** Four times as fine in nodes and in time. */
const FINE = { nodes: 128, stepS: 0.01, mostWork: 1e9 }

/** Swings that touch the bed, each with what the cut that is shown says of it; the same every time. */
export function touchingSwings(): readonly (readonly [SwingInput, Swung])[] {
  const touching: (readonly [SwingInput, Swung])[] = []
  for (const input of fc.sample(anySwing, { seed: 20261126, numRuns: 4 * BED_CASES })) {
    const here = swing(input)
    if (here.summary.snagRisk > 0) touching.push([input, here])
    if (touching.length === BED_CASES) break
  }
  return touching
}

/** Results of a fine cut of a swing, as far as the test reads it. */
export interface FineSwing extends Pick<SwingSummary, 'holdingShare' | 'draggedM' | 'swingS'> {
  readonly outcome: Swung['outcome']
  readonly state: string
  readonly reason: string
}

/** Worked out, which takes a sixth of a second each. */
export function fineSwing(input: SwingInput): FineSwing {
  const fine = swing({ ...input, options: { ...input.options, ...FINE } })
  const { holdingShare, draggedM, swingS } = fine.summary
  return { outcome: fine.outcome, ...swingVerdict(fine), holdingShare, draggedM, swingS }
}
