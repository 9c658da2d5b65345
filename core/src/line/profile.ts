import type { Section } from '../gear/index.ts'

/**
 * A line as sections, fly end first. Within a section the diameter is linear, so √(kg/m) is: each section is a
 * frustum of one density. All lengths [m], masses [kg], mass per length [kg/m].
 */
export interface LineProfile {
  readonly sections: readonly Section[]
}

const root = (section: Section): readonly [start: number, end: number] => [
  Math.sqrt(section.startKgPerM),
  Math.sqrt(section.endKgPerM),
]

/** Mass of the first `x` metres of one section, x in [0, section length]. Volume of a frustum. [physics] */
function frustumMassKg(section: Section, x: number): number {
  const [a, end] = root(section)
  const b = a + (end - a) * (x / section.lengthM)
  return (x * (a * a + a * b + b * b)) / 3
}

export function lengthOf(line: LineProfile): number {
  return line.sections.reduce((sum, s) => sum + s.lengthM, 0)
}

export function massOf(line: LineProfile): number {
  return line.sections.reduce((sum, s) => sum + frustumMassKg(s, s.lengthM), 0)
}

/**
 * Mass of the first `atM` metres from the front end [kg]. Beyond the line's end it stays the whole mass.
 * @param atM [m], [0, ∞)
 * @example massOfFirst({ sections: [{ lengthM: 2, startKgPerM: 0.001, endKgPerM: 0.001 }] }, 1.5) // 0.0015
 */
export function massOfFirst(line: LineProfile, atM: number): number {
  let left = Math.max(0, atM)
  let massKg = 0
  for (const section of line.sections) {
    const x = Math.min(left, section.lengthM)
    massKg += frustumMassKg(section, x)
    left -= x
    if (left <= 0) break
  }
  return massKg
}

/** Mass per length at a point [kg/m]; at a joint of two sections, the rear one's. */
export function kgPerMAt(line: LineProfile, atM: number): number {
  let left = Math.max(0, atM)
  for (const section of line.sections) {
    if (left < section.lengthM) {
      const [a, b] = root(section)
      return (a + (b - a) * (left / section.lengthM)) ** 2
    }
    left -= section.lengthM
  }
  return line.sections.at(-1)?.endKgPerM ?? 0
}

/**
 * Length from the front that weighs `massKg` [m], the inverse of `massOfFirst`; undefined when the whole line weighs less.
 * The frustum's cubic has one real root, so no iteration is needed.
 */
export function lengthWeighing(line: LineProfile, massKg: number): number | undefined {
  let leftKg = massKg
  let atM = 0
  for (const section of line.sections) {
    const wholeKg = frustumMassKg(section, section.lengthM)
    if (leftKg <= wholeKg) {
      const [a, end] = root(section)
      const slope = (end - a) / section.lengthM
      if (Math.abs(slope) * section.lengthM < 1e-9) return atM + leftKg / (a * a)
      return atM + (Math.cbrt(a ** 3 + 3 * slope * leftKg) - a) / slope
    }
    leftKg -= wholeKg
    atM += section.lengthM
  }
  return leftKg <= massKg * 1e-12 ? atM : undefined
}
