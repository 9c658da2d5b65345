import type { Head, Section } from '../gear/index.ts'
import { type HeadFacts, sectionsOf } from './head.ts'
import { kgPerMAt, type LineProfile, lengthOf, lengthWeighing, massOf, massOfFirst } from './profile.ts'

/** End of a line that is cut. */
export const CUT_ENDS = ['front', 'rear'] as const
export type CutEnd = (typeof CUT_ENDS)[number]

export type CutResult =
  | { readonly outcome: 'cut'; readonly cutM: number; readonly line: LineProfile }
  /** There is less than that to begin with: nothing can be cut off. */
  | { readonly outcome: 'lighter-already'; readonly massKg: number }

const reversed = ({ sections }: LineProfile): LineProfile => ({
  sections: sections.toReversed().map((s) => ({ ...s, startKgPerM: s.endKgPerM, endKgPerM: s.startKgPerM })),
})

/** The first metres of a line; a section that is cut through keeps the taper it has. */
function firstMetres(line: LineProfile, atM: number): LineProfile {
  const out: Section[] = []
  let startM = 0
  for (const section of line.sections) {
    const lengthM = Math.min(section.lengthM, atM - startM)
    if (lengthM <= 1e-9) break
    const whole = lengthM >= section.lengthM - 1e-12
    out.push(whole ? section : { ...section, lengthM, endKgPerM: kgPerMAt(line, atM) })
    startM += section.lengthM
  }
  return { sections: out }
}

/**
 * Cut that makes a line weigh the target: length taken off one end, and what is left. The mass left is the target, to
 * rounding; section by section the diameter stays linear. [physics]
 * @param targetKg (0, mass of the line] [kg] @param from the end that is cut
 * @example cutTo({ sections: [{ lengthM: 10, startKgPerM: 0.003, endKgPerM: 0.003 }] }, 0.024, 'rear') // { outcome: 'cut', cutM: 2, line: { sections: [{ lengthM: 8, startKgPerM: 0.003, endKgPerM: 0.003 }] } }
 */
export function cutTo(line: LineProfile, targetKg: number, from: CutEnd): CutResult {
  const massKg = massOf(line)
  const kept = from === 'rear' ? line : reversed(line)
  const keptM = lengthWeighing(kept, targetKg)
  if (keptM === undefined || targetKg > massKg) return { outcome: 'lighter-already', massKg }
  const left = firstMetres(kept, keptM)
  return { outcome: 'cut', cutM: lengthOf(line) - keptM, line: from === 'rear' ? left : reversed(left) }
}

export type HeadCut =
  | { readonly outcome: 'cut'; readonly cutM: number; readonly head: Head }
  | Extract<CutResult, { outcome: 'lighter-already' }>

/**
 * A head cut to a mass: what is left of it as a head of its own, by the profile it has or is taken to have. What its box said
 * holds no more. [physics]
 */
export function cutHead(facts: HeadFacts, targetKg: number, from: CutEnd): HeadCut {
  const { head, line } = facts
  const cut = cutTo(line, targetKg, from)
  if (cut.outcome !== 'cut') return cut
  const { labelNumber: _box, labelStandard: _by, frontTaperM: _taper, cheaterM = 0, ...rest } = head
  const left = from === 'rear' ? cheaterM - cut.cutM : cheaterM
  return {
    outcome: 'cut',
    cutM: cut.cutM,
    head: {
      ...rest,
      massKg: targetKg,
      lengthM: lengthOf(cut.line),
      ...(left > LEAST_CHEATER_M ? { cheaterM: left } : {}),
      ...sectionsOf(facts, cut.line),
    },
  }
}
/** Shorter than this nothing of a cheater is left to speak of [m]. */
const LEAST_CHEATER_M = 0.3

/**
 * Mass that is left of a head cut at a place: what lies ahead of it where the rear comes off, else what lies behind. [kg] [physics]
 * @param atM from its rear loop; beyond either end it is that end [m]
 */
export function leftIfCutAt({ line, lengthM, massKg }: HeadFacts, atM: number, from: CutEnd): number {
  const aheadKg = massOfFirst(line, Math.min(lengthM, Math.max(0, lengthM - atM)))
  return from === 'rear' ? aheadKg : massKg.value - aheadKg
}
