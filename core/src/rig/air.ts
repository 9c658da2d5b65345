import { type AirPart, type FlyInAir, TURNOVER_MODEL, type TurnoverResult, turnover } from '../cast/index.ts'
import type { Day } from '../day/index.ts'
import { type Caster, cylinderDiameterM, type Dropper, type FlyShape } from '../gear/index.ts'
import { leaderDiameterM } from '../leader/index.ts'
import { FLOATING_KG_PER_M3, kgPerMAt, lengthOf, strandKgPerM } from '../line/index.ts'
import { flyDragM2, flyMassKg, tipPieces } from '../sink/index.ts'
import { carriedM, type FrontParts } from './looped.ts'
import type { RigParts } from './parts.ts'

/** Speed of the fly leg as the loop forms, by habit of the caster [m/s]. [estimate] */
export const LAUNCH_MPS: Readonly<Record<Caster['habit'], number>> = Object.freeze({
  'lower-hand': 18,
  average: 16,
  'top-hand': 14.5,
})

/** Slices of the head for the unrolling; a drawing takes more. */
const SLICES = 24
/** Steps the loop's way is cut into: within a hundredth of many more. */
const STEPS = 300
/** Pieces of tip and leader. */
const FRONT_SLICES = 8

/** Part of a length cut into even slices, each level at its own middle. */
function slices(
  lengthM: number,
  kgPerMAtShare: (share: number) => number,
  densityKgPerM3: number,
  count: number,
): AirPart[] {
  return Array.from({ length: count }, (_, i) => {
    const kgPerM = kgPerMAtShare((i + 0.5) / count)
    return { lengthM: lengthM / count, kgPerM, diameterM: cylinderDiameterM(kgPerM, densityKgPerM3) }
  })
}

interface InAir {
  /** Slices of the head. */
  readonly count?: number
  readonly dropper?: Dropper | undefined
  /** Of the head what is in the air [m]; all of it where it is not said. */
  readonly headM?: number
}

/** Masses and lengths in the air when the loop forms, from the head's rear to the fly [kg, m]. */
export function airParts(
  { head, tip, leader }: Pick<RigParts, 'head' | 'tip' | 'leader'>,
  { count = SLICES, dropper, headM: length = lengthOf(head.line) }: InAir = {},
): readonly AirPart[] {
  const parts = slices(
    length,
    (share) => kgPerMAt(head.line, length * (1 - share)),
    FLOATING_KG_PER_M3,
    count,
  )
  if (tip) parts.push(...tipPieces(tip, FRONT_SLICES))
  if (leader) {
    const material = leader.material ?? 'nylon'
    for (let i = 0; i < FRONT_SLICES; i++) {
      const diameterM = leaderDiameterM(leader, (i + 0.5) / FRONT_SLICES)
      const lengthM = leader.lengthM / FRONT_SLICES
      parts.push({ lengthM, kgPerM: strandKgPerM(diameterM, material), diameterM })
    }
  }
  return dropper === undefined ? parts : withDropper(parts, dropper)
}

/** The second fly hung on the slice where its dropper is tied. */
function withDropper(parts: readonly AirPart[], { fly, upM }: Dropper): readonly AirPart[] {
  let fromEndM = 0
  const at = parts.findLastIndex((part) => {
    fromEndM += part.lengthM
    return fromEndM >= upM
  })
  return parts.map((part, i) => (i === Math.max(0, at) ? { ...part, hangs: flyInAir(fly) } : part))
}

const flyInAir = (fly: FlyShape): FlyInAir => ({ massKg: flyMassKg(fly), dragAreaM2: flyDragM2(fly) })

/** The turnover of a rig with a fly on a cast of the day, thrown at a caster's usual speed. An estimate, for comparing. */
export function rigTurnover(
  parts: FrontParts,
  fly: FlyShape,
  launchMps: number,
  day: Pick<Day, 'water' | 'plan' | 'dropper'>,
): TurnoverResult {
  const air = airParts(parts, { dropper: day.dropper, headM: carriedM(parts, day) })
  return turnover(launchMps, air, flyInAir(fly), TURNOVER_MODEL, STEPS)
}
