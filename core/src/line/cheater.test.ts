import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Head } from '../gear/index.ts'
import { KG_PER_GRAIN, KG_PER_M_PER_GRAIN_PER_FOOT, M_PER_FOOT } from '../quantity/index.ts'
import { cheaterJoint, cutHead, headFacts, withCheater } from './index.ts'

const SKAGIT: Head = {
  kind: 'head',
  id: 'h',
  name: 'h',
  style: 'skagit',
  massKg: 510 * KG_PER_GRAIN,
  lengthM: 23 * M_PER_FOOT,
  labelNumber: 8,
}
const piece = (grains: number, feet: number) => ({
  kgPerM: grains * KG_PER_M_PER_GRAIN_PER_FOOT,
  lengthM: feet * M_PER_FOOT,
})
const lengthened = (cheater: ReturnType<typeof piece>, head = SKAGIT): Head => {
  const made = withCheater(headFacts(head), cheater)
  if (made.outcome !== 'lengthened') throw new Error(made.outcome)
  return made.head
}

describe('a cheater behind a head', () => {
  test('adds its mass and length, keeps the front, and drops what the box said', () => {
    const head = lengthened(piece(24, 2.5))
    const facts = headFacts(head)
    expect(facts.massKg.value / KG_PER_GRAIN).toBeCloseTo(510 + 60, 6)
    expect(facts.lengthM / M_PER_FOOT).toBeCloseTo(25.5, 9)
    expect(facts.frontKgPerM).toEqual(headFacts(SKAGIT).frontKgPerM)
    expect(head.labelNumber).toBeUndefined()
    expect(facts.profileTag).toBe('estimate')
  })
  test('its joint: the piece behind, the head’s rear end ahead', () => {
    const joint = cheaterJoint(headFacts(lengthened(piece(24, 2.5))))
    const [rear] = headFacts(SKAGIT).line.sections.slice(-1)
    expect(joint?.behindKgPerM).toBeCloseTo(24 * KG_PER_M_PER_GRAIN_PER_FOOT, 9)
    expect(joint?.aheadKgPerM).toBeCloseTo(rear?.endKgPerM ?? 0, 6)
    expect(cheaterJoint(headFacts(SKAGIT))).toBeUndefined()
  })
  test('a cut that takes all of it leaves the head as it was', () => {
    fc.assert(
      fc.property(fc.integer({ min: 8, max: 36 }), fc.integer({ min: 2, max: 12 }), (grains, feet) => {
        const head = lengthened(piece(grains, feet))
        const cut = cutHead(headFacts(head), SKAGIT.massKg ?? 0, 'rear')
        if (cut.outcome !== 'cut') throw new Error(cut.outcome)
        expect(cut.cutM).toBeCloseTo(feet * M_PER_FOOT, 6)
        expect(cut.head.lengthM).toBeCloseTo(SKAGIT.lengthM, 6)
        expect(cut.head.cheaterM).toBeUndefined()
      }),
      { seed: 10, numRuns: 40 },
    )
  })
  test('no second one, and none behind a line in one piece', () => {
    const head = lengthened(piece(24, 2.5))
    expect(withCheater(headFacts(head), piece(24, 2)).outcome).toBe('has-one')
    expect(withCheater(headFacts({ ...SKAGIT, style: 'integrated' }), piece(24, 2)).outcome).toBe('one-piece')
  })
})
