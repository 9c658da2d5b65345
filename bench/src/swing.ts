/** A 30 s swing against finer cuts of itself, a general physics engine and a general integrator: ratios from one run. */
import type { WaterPart } from '@hoxen/core/sink'
import { SWING_OPTIONS, type SwingInput, type SwingOptions, swing } from '@hoxen/core/swing'
import type { Run } from '@hoxen/core/water'
import { swingBefore } from './before.ts'
import { lumpsOf } from './chainForces.ts'
import { rapierChain } from './rapier.ts'
import { springChain } from './springs.ts'
import { median, timed, times } from './timing.ts'

const RUN: Run = {
  id: 'deep',
  name: 'Deep enough that nothing touches',
  bank: 'right',
  widthM: 45,
  soundings: [
    { fromBankM: 1, depthM: 3 },
    { fromBankM: 44, depthM: 3 },
  ],
  currents: [
    { fromBankM: 2, mps: 0.45 },
    { fromBankM: 20, mps: 0.85 },
  ],
  bottom: 'cobble',
  wadeM: 5,
}
const PARTS: readonly WaterPart[] = [
  { lengthM: 4, kgPerM: 0.0013, diameterM: 0.00137 },
  { lengthM: 7, kgPerM: 0.0047, diameterM: 0.00261 },
  { lengthM: 3.048, kgPerM: 0.00234, diameterM: 0.0009 },
  { lengthM: 1.5, kgPerM: 0.00012, diameterM: 0.00035 },
]
const FLY = { submergedWeightN: 0.006, dragAreaM2: 2e-4 }
const TIP = { heightM: 1.5, xM: 1.5, yM: 8 }
const ANGLE_DEG = 60
const SLACK = 0.02
const SECONDS = 30
const FINEST_S = 0.001
const SPRING_SECONDS = 4
const PAIRS = 11

const input = (options: Partial<SwingOptions>): SwingInput => ({
  run: RUN,
  rodTip: TIP,
  castAngleDeg: ANGLE_DEG,
  parts: PARTS,
  fly: FLY,
  options: { slack: SLACK, ...options },
})
const percent = (a: number, b: number): string => `${((a / b - 1) * 100).toFixed(2)} %`

// To the end of the swing: how far finer cuts differ.
const usual = swing(input({})).summary
const tenth = swing(input({ stepS: 0.003, mostWork: 2e7 })).summary
const fine = swing(input({ nodes: 128, stepS: 0.01, mostWork: 1e8 })).summary
console.log(
  `rides at ${usual.ridesM.toFixed(3)} m, swung after ${usual.swingS.toFixed(1)} s; ` +
    `against a tenth of the step ${percent(usual.ridesM, tenth.ridesM)} and ${percent(usual.swingS, tenth.swingS)}; ` +
    `against 128 nodes at 10 ms ${percent(usual.ridesM, fine.ridesM)} and ${percent(usual.swingS, fine.swingS)}`,
)

// For 30 s: time, and depth at the end against a fine reference.
for (let i = 0; i < 5; i++) swing(input({ maxS: SECONDS }))
const ours = timed(21, () => swing(input({ maxS: SECONDS })))
const depthAfter = (seconds: number, options: Partial<SwingOptions>): number =>
  -(swing(input({ maxS: seconds, ...options })).samples.at(-1)?.flyM[2] ?? 0)
const exact = depthAfter(SECONDS, { stepS: 0.002 })
const own = depthAfter(SECONDS, {})
// The code before it chose its own steps, turn about with the present in this run.
const before = await swingBefore()
if (before === undefined) console.log('before adaptive steps: not in this copy of the history, not measured')
else {
  const thirty = input({ maxS: SECONDS })
  for (let i = 0; i < 5; i++) before(thirty)
  const pairs = Array.from({ length: PAIRS }, () => {
    const old = timed(5, () => before(thirty))
    const present = timed(5, () => swing(thirty))
    return { old, present, ratio: present / old }
  })
  const depth = -(before(thirty).samples.at(-1)?.flyM[2] ?? Number.NaN)
  console.log(
    `before adaptive steps (64 nodes, fixed 30 ms): median ${median(pairs.map((p) => p.old)).toFixed(1)} ms, depth ${percent(depth, exact)}; ` +
      `the present in turn with it ${median(pairs.map((p) => p.present)).toFixed(1)} ms = ${median(pairs.map((p) => p.ratio)).toFixed(2)} of that ` +
      `(${PAIRS} pairs: ${pairs.map((p) => p.ratio.toFixed(2)).join(' ')})`,
  )
}
console.log(
  `ours: ${SECONDS} s, ${SWING_OPTIONS.nodes} nodes: median ${ours.toFixed(1)} ms; depth ${own.toFixed(3)} m, ${percent(own, exact)}`,
)

const lumps = lumpsOf(RUN, PARTS, FLY, 64, TIP, (ANGLE_DEG * Math.PI) / 180, SLACK)
for (const stepS of [0.008, 0.004, 0.002, FINEST_S]) {
  const { flyM, ms } = await rapierChain(lumps, stepS, SECONDS)
  // Beside it in time: the machine is not equally fast all along.
  const ours = timed(21, () => swing(input({ maxS: SECONDS })))
  const depth = -(flyM[2] ?? Number.NaN)
  // At its finest step the engine is an independent check: it must agree to a hundredth.
  if (stepS === FINEST_S && !(Math.abs(depth / exact - 1) < 0.01)) process.exitCode = 1
  console.log(
    `rapier3d, step ${stepS * 1000} ms: ${(ms / 1000).toFixed(1)} s = ${times(ms, ours)} ours (${ours.toFixed(1)} ms); depth ${depth.toFixed(3)} m, ${percent(depth, exact)}`,
  )
}

const short = timed(11, () => swing(input({ maxS: SPRING_SECONDS })))
const exactShort = depthAfter(SPRING_SECONDS, { stepS: 0.002 })
const springs = springChain(lumps, SPRING_SECONDS, 1e-4)
const springDepth = -(springs.flyM[2] ?? Number.NaN)
console.log(
  `odex, stiff springs, ${SPRING_SECONDS} s: ${(springs.ms / 1000).toFixed(1)} s in ${springs.steps} steps = ${times(springs.ms, short)} ours (${short.toFixed(1)} ms); ` +
    `depth ${springDepth.toFixed(3)} m, ${percent(springDepth, exactShort)}; ours ${percent(depthAfter(SPRING_SECONDS, {}), exactShort)}`,
)
