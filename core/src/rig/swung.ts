import type { Day } from '../day/index.ts'
import { flyInWater } from '../sink/index.ts'
import { type SwingInput, type SwingOptions, type Swung, swing } from '../swing/index.ts'
import type { RigParts } from './parts.ts'
import { strandParts } from './strand.ts'

/** Of a day, what a rig's swing depends on: fly and dropper, the water as it is, where the fish hold and how it is fished. */
export type SwingDay = Pick<Day, 'fly' | 'dropper' | 'run' | 'plan' | 'fishAt'>
/** Of a rig, the same. */
export type SwingParts = Pick<RigParts, 'rod' | 'head' | 'tip' | 'leader' | 'runningLine'>

/** A rig and the day it swings in. */
export interface SwingSetup extends SwingDay {
  readonly parts: RigParts
}

/** Arm and lean added to the rod when it points along the line [m]. [estimate] */
const ARM_M = 0.5

/** From the angler to the rod tip, in plan [m]: the rod low over the water. */
export function reachM(rodLengthM: number, tipHeightM: number): number {
  const rise = Math.min(tipHeightM, rodLengthM * 0.95)
  return Math.sqrt(rodLengthM ** 2 - rise ** 2) + ARM_M
}

/** The swing of a setup, ready to be simulated. */
export function swingInput(
  { parts, fly, dropper, run, plan, fishAt }: SwingDay & { readonly parts: SwingParts },
  options: Partial<SwingOptions> = {},
): SwingInput {
  const reach = reachM(parts.rod.lengthM, plan.tipHeightM)
  const angle = (plan.angleDeg * Math.PI) / 180
  return {
    run,
    rodTip: {
      heightM: plan.tipHeightM,
      xM: reach * Math.cos(angle),
      yM: run.wadeM + reach * Math.sin(angle),
    },
    castAngleDeg: plan.angleDeg,
    parts: strandParts(parts, plan.castM - reach, dropper),
    fly: flyInWater(fly),
    fishAt,
    mends: plan.mends,
    options: { rod: plan.rod, reachM: reach, ...options },
  }
}

/** Swings that are remembered; a rig is asked about by many pages and answers the same to each. */
const MOST_KNOWN = 1500
const known = new Map<string, Swung>()

const keyOf = (input: SwingInput): string => JSON.stringify(input)

/** All that the same swing has in common. */
export const swingKey = (setup: SwingSetup): string => keyOf(swingInput(setup))

/** A swing that was worked out elsewhere, remembered as if it had been here. */
export function keepSwung(input: SwingInput, { outcome, summary }: Swung): void {
  if (known.size >= MOST_KNOWN) known.clear()
  known.set(keyOf(input), { outcome, summary })
}

/** The swings of these setups that are not known yet, each once. */
export function unknownSwings(setups: readonly SwingSetup[]): readonly SwingInput[] {
  const wanted = new Map<string, SwingInput>()
  for (const setup of setups) {
    const input = swingInput(setup)
    const key = keyOf(input)
    if (!known.has(key)) wanted.set(key, input)
  }
  return [...wanted.values()]
}

/** How a rig swings in a day: the answer every page gives. The same input gives the same swing, so it is worked out once. */
export function swungIn(parts: SwingParts, day: SwingDay): Swung {
  const { fly, dropper, run, plan, fishAt } = day
  const input = swingInput({ parts, fly, dropper, run, plan, fishAt })
  const before = known.get(keyOf(input))
  if (before !== undefined) return before
  const swung = swing(input)
  keepSwung(input, swung)
  return { outcome: swung.outcome, summary: swung.summary }
}
