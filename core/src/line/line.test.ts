import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { HEAD_STYLES, type Head } from '../gear/index.ts'
import { KG_PER_GRAIN, KG_PER_M_PER_GRAIN_PER_FOOT, M_PER_FOOT } from '../quantity/index.ts'
import {
  cutHead,
  cutTo,
  doubleTaper,
  equalMassCarry,
  headFacts,
  kgPerMAt,
  type LineProfile,
  leftIfCutAt,
  lengthOf,
  massOf,
  massOfFirst,
  readLabel,
  singleHandKg,
  singleHandNumber,
} from './index.ts'
import { MATERIAL_KG_PER_M3 } from './material.ts'
import { lengthWeighing } from './profile.ts'
import { twoHandNumber } from './standard.ts'

const seeded = { seed: 20261125, numRuns: 300 }
const section = fc.record({
  lengthM: fc.double({ min: 0.05, max: 12, noNaN: true }),
  startKgPerM: fc.double({ min: 1e-4, max: 0.02, noNaN: true }),
  endKgPerM: fc.double({ min: 1e-4, max: 0.02, noNaN: true }),
})
const line: fc.Arbitrary<LineProfile> = fc.record({
  sections: fc.array(section, { minLength: 1, maxLength: 6 }),
})
const taper = (number: number, feet: number): LineProfile => {
  const made = doubleTaper(number, feet * M_PER_FOOT)
  if (made.outcome !== 'made') throw new Error(made.outcome)
  return made.line
}
const grainsAt = (profile: LineProfile, feet: number): number =>
  massOfFirst(profile, feet * M_PER_FOOT) / KG_PER_GRAIN

// Ranges of the Polymer Handbook (Brandrup & Immergut), values from memory.
test.each([
  ['nylon', 1130, 1150],
  ['fluorocarbon', 1750, 1790],
  ['polyester', 1370, 1400],
  ['polyethylene', 930, 975],
] as const)('density of %s lies in its handbook range [standard, from memory]', (material, low, high) => {
  expect(MATERIAL_KG_PER_M3[material]).toBeGreaterThanOrEqual(low)
  expect(MATERIAL_KG_PER_M3[material]).toBeLessThanOrEqual(high)
})

describe('double taper', () => {
  test('C4 [practice]: a no. 10 at 60 ft asks about twice its 30 ft figure of the rod', () => {
    // The rule behind "comfortable to 50 ft, hard work beyond 60": the rod carries far more than its number there.
    const line10 = taper(10, 8)
    expect(grainsAt(line10, 50) / 280).toBeGreaterThan(1.6)
    expect(grainsAt(line10, 60) / 280).toBeGreaterThan(2)
  })
  test('mass of the first L beyond the taper is W30 + m(L − 30) [physics]', () => {
    const profile = taper(7, 7)
    const belly = kgPerMAt(profile, 20)
    expect(massOfFirst(profile, 15)).toBeCloseTo((singleHandKg(7) ?? 0) + belly * (15 - 9.144), 12)
  })
  test.each([
    [0, 2, 'unknown-number'],
    [16, 2, 'unknown-number'],
    [7, 12, 'taper-too-long'],
    [7, 0, 'taper-too-long'],
  ])('no. %p with a taper of %p m: %s', (number, taperM, outcome) =>
    expect(doubleTaper(number, taperM).outcome).toBe(outcome),
  )
  test('a head heavier than the whole line has no carry', () => {
    expect(equalMassCarry(1, 2, 0.2).outcome).toBe('heavier-than-line')
  })
})

describe('profile', () => {
  test('mass to length is monotone and adds up', () => {
    fc.assert(
      fc.property(
        line,
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (profile, p, q) => {
          const [low, high] = [Math.min(p, q) * lengthOf(profile), Math.max(p, q) * lengthOf(profile)]
          expect(massOfFirst(profile, high)).toBeGreaterThanOrEqual(massOfFirst(profile, low) - 1e-15)
          expect(massOfFirst(profile, lengthOf(profile))).toBeCloseTo(massOf(profile), 12)
        },
      ),
      seeded,
    )
  })
  test('length weighing is the inverse of mass to length', () => {
    fc.assert(
      fc.property(line, fc.double({ min: 0.001, max: 0.999, noNaN: true }), (profile, share) => {
        const at = lengthOf(profile) * share
        expect(lengthWeighing(profile, massOfFirst(profile, at))).toBeCloseTo(at, 6)
      }),
      seeded,
    )
  })
  test('mass and centre of mass agree with a fine sum of slices', () => {
    fc.assert(
      fc.property(line, (profile) => {
        const n = 4000
        const dx = lengthOf(profile) / n
        let mass = 0
        for (let i = 0; i < n; i++) {
          const x = (i + 0.5) * dx
          mass += kgPerMAt(profile, x) * dx
        }
        expect(massOf(profile) / mass).toBeCloseTo(1, 2)
      }),
      { ...seeded, numRuns: 40 },
    )
  })
})

describe('what a head really is', () => {
  const head = (more: Partial<Head>): Head => ({
    kind: 'head',
    id: 'h',
    name: 'h',
    style: 'skagit',
    lengthM: 7,
    ...more,
  })
  test.each(['skagit', 'scandi', 'multi-density', 'overhead', 'integrated'] as const)(
    'usual %s profile keeps mass and length',
    (style) => {
      const facts = headFacts(head({ style, massKg: 0.03, lengthM: 9 }))
      expect(massOf(facts.line)).toBeCloseTo(0.03, 10)
      expect(lengthOf(facts.line)).toBeCloseTo(9, 10)
      expect(facts.profileTag).toBe('estimate')
    },
  )
  test('a Scandi’s front lies in 4–6 gr/ft [practice]', () => {
    const front =
      headFacts(head({ style: 'scandi', massKg: 0.03, lengthM: 10 })).frontKgPerM.value /
      (KG_PER_GRAIN / M_PER_FOOT)
    expect(front).toBeGreaterThan(4)
    expect(front).toBeLessThan(6)
  })
  test('a trout line known by its box weighs what the standard says in 30 ft', () => {
    const facts = headFacts(head({ style: 'weight-forward', lengthM: 11, labelNumber: 7 }))
    expect(facts.first30Kg / KG_PER_GRAIN).toBeCloseTo(185, 6)
    expect(readLabel(facts).labelOff).toBeCloseTo(0, 6)
  })
  test('a 375 gr head reads as no. 11–12 in single-hand numbers, whatever its box says', () => {
    const reading = readLabel(headFacts(head({ massKg: 375 * KG_PER_GRAIN, labelNumber: 8 })))
    expect(reading.singleHand.number).toBe(12)
    expect(reading.labelOff).toBeLessThan(-3)
  })
  test.each([
    [240, 9],
    [280, 10],
    [20, 1],
    [2000, 15],
  ])('%p gr is single-hand no. %p', (grains, number) => {
    expect(singleHandNumber(grains * KG_PER_GRAIN).number).toBe(number)
  })
  test('two-hand standard: class S of 600 gr is no. 9 [standard, from memory]', () => {
    expect(twoHandNumber(600 * KG_PER_GRAIN, 'S').number).toBe(9)
    expect(twoHandNumber(600 * KG_PER_GRAIN, 'H').number).toBe(11)
  })
})

describe('cutting a line', () => {
  test('what is left weighs what was wanted, and keeps its other end', () => {
    fc.assert(
      fc.property(
        line,
        fc.double({ min: 0.05, max: 0.99, noNaN: true }),
        fc.constantFrom('front' as const, 'rear' as const),
        ({ sections }, share, from) => {
          const targetKg = share * massOf({ sections })
          const cut = cutTo({ sections }, targetKg, from)
          if (cut.outcome !== 'cut') return false
          const left = lengthOf({ sections }) - cut.cutM
          return (
            Math.abs(massOf(cut.line) / targetKg - 1) < 1e-6 &&
            Math.abs(lengthOf(cut.line) - left) < 1e-6 &&
            (from === 'rear'
              ? cut.line.sections[0]?.startKgPerM === sections[0]?.startKgPerM
              : cut.line.sections.at(-1)?.endKgPerM === sections.at(-1)?.endKgPerM)
          )
        },
      ),
      seeded,
    )
  })
  test('a head cut at its front grows blunt there, and is a head of its own', () => {
    const head: Head = {
      kind: 'head',
      id: 'h',
      name: 'h',
      style: 'scandi',
      massKg: 500 * KG_PER_GRAIN,
      lengthM: 10,
      labelNumber: 9,
    }
    const facts = headFacts(head)
    const cut = cutHead(facts, 460 * KG_PER_GRAIN, 'front')
    if (cut.outcome !== 'cut') throw new Error(cut.outcome)
    const after = headFacts(cut.head)
    expect(cut.head.labelNumber).toBeUndefined()
    expect(after.massKg.value / KG_PER_GRAIN).toBeCloseTo(460, 6)
    expect(after.lengthM).toBeCloseTo(10 - cut.cutM, 9)
    expect(after.frontKgPerM.value).toBeGreaterThan(facts.frontKgPerM.value)
    const rear = cutHead(facts, 460 * KG_PER_GRAIN, 'rear')
    expect(rear.outcome === 'cut' && rear.cutM).toBeLessThan(cut.cutM)
  })
  test('110 gr of T-11 is 10 ft; there is no cutting to more than there is', () => {
    const t11 = 11 * KG_PER_M_PER_GRAIN_PER_FOOT
    const piece = { sections: [{ lengthM: 15 * M_PER_FOOT, startKgPerM: t11, endKgPerM: t11 }] }
    const cut = cutTo(piece, 110 * KG_PER_GRAIN, 'rear')
    expect(cut.outcome === 'cut' && cut.cutM / M_PER_FOOT).toBeCloseTo(5, 9)
    expect(cutTo(piece, 1, 'front').outcome).toBe('lighter-already')
  })
})

test.each(['rear', 'front'] as const)(
  'cut where a head weighs the target, off the %s, the target is left',
  (from) => {
    const facts = headFacts({
      kind: 'head',
      id: 'h',
      name: 'h',
      style: 'skagit',
      massKg: 0.033,
      lengthM: 6.1,
    })
    const cut = cutHead(facts, 0.025, from)
    if (cut.outcome !== 'cut') throw new Error(cut.outcome)
    const atM = from === 'rear' ? cut.cutM : facts.lengthM - cut.cutM
    expect(leftIfCutAt(facts, atM, from)).toBeCloseTo(0.025, 9)
    // Beyond an end it is that end: all of the head, or nothing.
    expect([-1, 99].map((m) => leftIfCutAt(facts, m, from))).toEqual(
      from === 'rear' ? [expect.closeTo(0.033, 9), 0] : [expect.closeTo(0, 9), expect.closeTo(0.033, 9)],
    )
  },
)

test('the mass that was weighed is the head’s to the last digit, so that it lies on a printed end and not beside it', () => {
  for (const style of HEAD_STYLES)
    for (const massKg of [0.0304554877, 0.03, 0.035])
      expect(headFacts({ kind: 'head', id: 'h', name: 'h', style, lengthM: 7.1, massKg }).massKg.value).toBe(
        massKg,
      )
})
