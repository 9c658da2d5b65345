import { type Head, type HeadStyle, ONE_PIECE_STYLES } from '../gear/index.ts'
import { type EvidenceTag, type Figure, KG_PER_M_PER_GRAIN_PER_FOOT, M_PER_FOOT } from '../quantity/index.ts'
import { doubleTaper } from './doubleTaper.ts'
import { kgPerMAt, type LineProfile, massOf, massOfFirst } from './profile.ts'
import { SINGLE_HAND_LENGTH_M } from './standard.ts'

/** A head with everything derived that its owner did not say. */
export interface HeadFacts {
  readonly head: Head
  readonly massKg: Figure
  readonly lengthM: number
  readonly line: LineProfile
  readonly profileTag: EvidenceTag
  /** Mass per length at the very front, where a tip or leader is joined [kg/m]. */
  readonly frontKgPerM: Figure
  /** Mass of a trout line that the rod feels: the first 30 ft; otherwise the head. [kg] */
  readonly first30Kg: number
  readonly onePiece: boolean
}

/** Usual shape of a kind of head: shares of its length, and front diameter against belly diameter. [estimate] */
interface UsualShape {
  readonly frontShare: number
  readonly rearShare: number
  /** Tip diameter ÷ belly diameter, or a fixed mass per length at the tip. */
  readonly front: { readonly ratio: number } | { readonly kgPerM: number }
}

/** Fine front of a Scandi: the middle of 4–6 gr/ft. [practice] */
const SCANDI_FRONT_KG_PER_M = 5 * KG_PER_M_PER_GRAIN_PER_FOOT
const REAR_RATIO = 0.7

const USUAL_SHAPES: Readonly<Record<HeadStyle, UsualShape>> = Object.freeze({
  skagit: { frontShare: 0.2, rearShare: 0.15, front: { ratio: 0.78 } },
  scandi: { frontShare: 0.65, rearShare: 0.1, front: { kgPerM: SCANDI_FRONT_KG_PER_M } },
  'multi-density': { frontShare: 0.1, rearShare: 0.5, front: { ratio: 0.95 } },
  overhead: { frontShare: 0.3, rearShare: 0.1, front: { ratio: 0.6 } },
  integrated: { frontShare: 0.5, rearShare: 0.2, front: { kgPerM: SCANDI_FRONT_KG_PER_M } },
  'double-taper': { frontShare: 0.25, rearShare: 0, front: { ratio: 0.6077 } },
  'weight-forward': { frontShare: 0.22, rearShare: 0.1, front: { ratio: 0.55 } },
})

/** Front taper of a trout line when its owner has not measured it [m]. [practice] */
const TROUT_TAPER_M = 7 * M_PER_FOOT

function unitShape(lengthM: number, frontM: number, shape: UsualShape, frontRatio: number): LineProfile {
  const rearM = lengthM * shape.rearShare
  const bellyM = Math.max(lengthM - frontM - rearM, 0)
  const parts = [
    { lengthM: frontM, startKgPerM: frontRatio ** 2, endKgPerM: 1 },
    { lengthM: bellyM, startKgPerM: 1, endKgPerM: 1 },
    { lengthM: rearM, startKgPerM: 1, endKgPerM: REAR_RATIO ** 2 },
  ]
  return { sections: parts.filter((p) => p.lengthM > 0) }
}

/** Belly mass per length for which a fixed front figure still gives the whole mass: the root of a quadratic in √belly. */
function ratioForFront(
  massKg: number,
  lengthM: number,
  frontM: number,
  shape: UsualShape,
  frontKgPerM: number,
): number {
  const rearM = lengthM * shape.rearShare
  const bellyM = Math.max(lengthM - frontM - rearM, 0)
  const a = frontM / 3 + bellyM + (rearM * (1 + REAR_RATIO + REAR_RATIO ** 2)) / 3
  const b = (frontM * Math.sqrt(frontKgPerM)) / 3
  const c = (frontM * frontKgPerM) / 3 - massKg
  const rootBelly = (-b + Math.sqrt(Math.max(b * b - 4 * a * c, 0))) / (2 * a)
  return Math.min(Math.sqrt(frontKgPerM) / rootBelly, 1)
}

function usualProfile(head: Head, massKg: number): LineProfile {
  const shape = USUAL_SHAPES[head.style]
  const frontM = Math.min(
    head.frontTaperM ?? head.lengthM * shape.frontShare,
    head.lengthM * (1 - shape.rearShare),
  )
  const ratio =
    'ratio' in shape.front
      ? shape.front.ratio
      : ratioForFront(massKg, head.lengthM, frontM, shape, shape.front.kgPerM)
  const unit = unitShape(head.lengthM, frontM, shape, ratio)
  const scale = massKg / massOf(unit)
  return {
    sections: unit.sections.map((s) => ({
      ...s,
      startKgPerM: s.startKgPerM * scale,
      endKgPerM: s.endKgPerM * scale,
    })),
  }
}

/** A trout line known only by its box: the double-taper model of that number, as long as the owner says. */
function boxProfile(head: Head): LineProfile | undefined {
  if (head.labelNumber === undefined) return undefined
  const made = doubleTaper(head.labelNumber, Math.min(head.frontTaperM ?? TROUT_TAPER_M, head.lengthM))
  if (made.outcome !== 'made') return undefined
  const [taper, belly] = made.line.sections
  if (taper === undefined || belly === undefined) return undefined
  const bellyM = head.lengthM - taper.lengthM
  return { sections: bellyM > 0 ? [taper, { ...belly, lengthM: bellyM }] : [taper] }
}

function profileOf(head: Head): { line: LineProfile; tag: EvidenceTag } {
  if (head.sections !== undefined) {
    const measured = { sections: head.sections }
    const tag = head.sectionsBy === 'usual' ? 'estimate' : 'printed'
    if (head.massKg === undefined) return { line: measured, tag }
    const scale = head.massKg / massOf(measured)
    const fit = head.sections.map((s) => ({
      ...s,
      startKgPerM: s.startKgPerM * scale,
      endKgPerM: s.endKgPerM * scale,
    }))
    return { line: { sections: fit }, tag }
  }
  if (head.massKg !== undefined) return { line: usualProfile(head, head.massKg), tag: 'estimate' }
  return { line: boxProfile(head) ?? { sections: [] }, tag: 'standard' }
}

/** The sections of a head made of this one; that nobody measured them is not forgotten. */
export const sectionsOf = (
  { profileTag }: Pick<HeadFacts, 'profileTag'>,
  { sections }: LineProfile,
): Pick<Head, 'sections' | 'sectionsBy'> => ({
  sections: [...sections],
  ...(profileTag === 'printed' ? {} : { sectionsBy: 'usual' }),
})

/**
 * Facts of a head, from what its owner knows of it. A head with length and mass only gets the usual profile of its
 * kind, tagged estimate; a measured profile is scaled to the measured mass.
 */
export function headFacts(head: Head): HeadFacts {
  const { line, tag } = profileOf(head)
  return {
    head,
    massKg: { value: head.massKg ?? massOf(line), tag: head.massKg === undefined ? tag : 'printed' },
    lengthM: head.lengthM,
    line,
    profileTag: tag,
    frontKgPerM: { value: kgPerMAt(line, 0), tag: tag === 'printed' ? 'printed' : 'estimate' },
    first30Kg: massOfFirst(line, SINGLE_HAND_LENGTH_M),
    onePiece: ONE_PIECE_STYLES.includes(head.style),
  }
}
