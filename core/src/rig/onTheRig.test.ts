import { describe, expect, test } from '@jest/globals'
import { DEFAULT_SCHOOLS, type Head, type Leader, type Rod, type Tip } from '../gear/index.ts'
import { leaderDiameterM } from '../leader/index.ts'
import { headFacts, runningLineFacts, USUAL_RUNNING_LINES } from '../line/index.ts'
import { KG_PER_GRAIN, M_PER_FOOT, M_PER_INCH } from '../quantity/index.ts'
import { densityKgPerM3, sinkRateMps, tipFacts, tipPieces } from '../sink/index.ts'
import { dayWith, partsOf } from '../testing/index.ts'
import { airParts } from './air.ts'
import { compactCostM } from './held.ts'
import { buttOn, carriedAs, castParts, ledger, piecesOf, type RigParts, shotWith, stripIn } from './index.ts'
import { strokeIn } from './looped.ts'
import { launchM, thrownWith } from './reach.ts'
import { strandParts } from './swings/strand.ts'

const feet = (n: number): number => n * M_PER_FOOT
const rod: Rod = { kind: 'rod', id: 'r', name: 'r', lineNumber: 6, lengthM: feet(12.5), hands: 'two-hander' }
const head: Head = {
  kind: 'head',
  id: 'h',
  name: 'h',
  style: 'skagit',
  massKg: 375 * KG_PER_GRAIN,
  lengthM: feet(30),
}
const sinkingLeader = {
  kind: 'sinking-leader',
  id: 's',
  name: 's',
  lengthM: feet(10),
  sinkRateMps: 5 * M_PER_INCH,
} as const
const partSinking: Tip = {
  kind: 'tip',
  id: 'p',
  name: 'p',
  build: 'part-sinking',
  lengthM: feet(10),
  sinkingLengthM: feet(5),
}
const tapered: Leader = { kind: 'leader', id: 'l', name: 'l', form: 'tapered', lengthM: 3 }
const parts = (change: Partial<RigParts> = {}): RigParts => ({
  rod,
  head: headFacts(head),
  tip: null,
  leader: tapered,
  runningLine: null,
  reel: null,
  ...change,
})

describe('one thing has one thickness', () => {
  test('a sinking leader is as thick in the strip, in the air and in the water, and sinks at its own rate', () => {
    const tip = tipFacts(sinkingLeader)
    const rig = parts({ tip, leader: null })
    const middleOf = (diameters: readonly number[]): number =>
      diameters[Math.floor(diameters.length / 2)] ?? 0
    const drawn =
      piecesOf(rig)
        .find((p) => p.slot === 'tipId')
        ?.outline.map(([, d]) => d) ?? []
    const air = airParts(rig)
      .slice(-8)
      .map((p) => p.diameterM)
    const water = strandParts(rig, 30).slice(-3)
    expect(middleOf(drawn)).toBeCloseTo(middleOf(air), 5)
    expect(middleOf(air)).toBeCloseTo(middleOf(water.map((p) => p.diameterM)), 4)
    for (const { kgPerM, diameterM } of water)
      expect(sinkRateMps(kgPerM, diameterM)).toBeCloseTo(sinkingLeader.sinkRateMps, 6)
  })
  test('a part-sinking tip keeps its mass: what floats is lighter than water, what sinks heavier', () => {
    const facts = tipFacts(partSinking)
    const pieces = tipPieces(facts, 3)
    expect(pieces.map((p) => p.floats)).toEqual([true, false, false, false])
    expect(pieces.reduce((sum, p) => sum + p.lengthM * p.kgPerM, 0)).toBeCloseTo(facts.massKg.value, 9)
    for (const { kgPerM, diameterM, floats } of pieces)
      expect(densityKgPerM3(kgPerM, diameterM) < 1000).toBe(floats)
  })
  test('a leader tapers to half where nothing is said, and a level one does not', () => {
    expect(leaderDiameterM(tapered, 1) / leaderDiameterM(tapered, 0)).toBeCloseTo(0.5, 9)
    expect(leaderDiameterM({ ...tapered, form: 'level' }, 1)).toBe(leaderDiameterM(tapered, 0))
    expect(leaderDiameterM({ ...tapered, buttDiameterM: 6e-4, pointDiameterM: 2e-4 }, 0.5)).toBeCloseTo(
      4e-4,
      9,
    )
  })
  test('usual coated running line floats, and a line in one piece trails the same', () => {
    const [coated] = USUAL_RUNNING_LINES.map(runningLineFacts)
    expect(densityKgPerM3(coated?.kgPerM.value ?? 0, coated?.diameterM.value ?? 1)).toBeLessThan(1000)
    const onePiece = headFacts({ ...head, style: 'integrated' })
    const [behind] = strandParts(parts({ head: onePiece, leader: null }), 20)
    expect(behind?.kgPerM).toBeCloseTo(coated?.kgPerM.value ?? 0, 9)
    expect(behind?.diameterM).toBe(coated?.diameterM.value)
  })
})

describe('what a rig comes to', () => {
  test('C3 [practice]: 375 gr are 45 ft of a no. 9', () => {
    const { number, carry } = carriedAs({ rod, head: headFacts(head) }, DEFAULT_SCHOOLS)
    expect(number).toBe(9)
    if (carry.outcome !== 'found') throw new Error(carry.outcome)
    expect(carry.carryM / M_PER_FOOT).toBeCloseTo(45.3, 0)
  })
  test('C28 [practice]: behind 34 g a mono shoots about ten feet further than a coated line', () => {
    const heavy = parts({
      rod: { ...rod, hands: 'two-hander', lengthM: feet(13) },
      head: headFacts({ ...head, massKg: 0.034 }),
      tip: null,
    })
    expect(launchM(heavy.rod, 0.034)).toBeCloseTo(20, 9)
    const [coated, mono] = USUAL_RUNNING_LINES.map((l) => shotWith(heavy, runningLineFacts(l), dayWith()))
    expect((coated?.shootM ?? 0) / M_PER_FOOT).toBeCloseTo(50.7, 0)
    expect((mono?.shootM ?? 0) / M_PER_FOOT).toBeCloseTo(61.5, 0)
    expect((mono?.castM ?? 0) - (mono?.shootM ?? 0)).toBeCloseTo(
      feet(13 + 3) + heavy.head.lengthM + (heavy.leader?.lengthM ?? 0),
      6,
    )
    expect(coated?.loopsM.reduce((sum, m) => sum + m, 0)).toBeGreaterThanOrEqual(coated?.shootM ?? 0)
  })
  test('a wind ahead costs of the shot, one from behind gives a little; the compact stroke costs a few feet [estimate]', () => {
    const skagit = parts({
      rod: { ...rod, hands: 'two-hander', lengthM: feet(13) },
      head: headFacts({ ...head, style: 'skagit', massKg: 0.033, lengthM: feet(22) }),
    })
    const day = dayWith({ roomBehindM: 8 })
    const shoot = (aheadMps: number, roomBehindM = 8): number =>
      thrownWith(skagit, null, { ...day, aheadMps, roomBehindM }).shootM
    expect(shoot(5) / shoot(0)).toBeCloseTo(1 - 5 * 0.045, 9)
    expect(shoot(-5) / shoot(0)).toBeCloseTo(1.1, 9)
    expect(shoot(40) / shoot(0)).toBeCloseTo(0.2, 9)
    expect(strokeIn(skagit, { ...day, roomBehindM: 2 })).toBe('compact')
    const cost = compactCostM(skagit, day) ?? 0
    expect(shoot(0) - shoot(0, 2)).toBeCloseTo(cost, 9)
    expect(cost).toBeGreaterThan(feet(3))
    expect(cost).toBeLessThan(feet(15))
    expect(compactCostM({ ...skagit, head: headFacts({ ...head, style: 'scandi' }) }, day)).toBeUndefined()
  })
  test('[practice]: a short-tapered trout line spey-casts to 50–60 ft from an 8–9 ft single-hand no. 5', () => {
    const line: Head = {
      kind: 'head',
      id: 'wf',
      name: 'wf',
      style: 'weight-forward',
      lengthM: 25,
      labelNumber: 5,
      frontTaperM: feet(7),
    }
    for (const lengthM of [feet(8), feet(8.5), feet(9)]) {
      const single = parts({
        rod: { ...rod, hands: 'single', lengthM, lineNumber: 5 },
        head: headFacts(line),
        tip: null,
      })
      const { castM } = thrownWith(
        { ...single, leader: { kind: 'leader', id: 'l', name: '', form: 'tapered', lengthM: feet(9) } },
        null,
        dayWith({ roomBehindM: 8 }),
      )
      expect(castM).toBeGreaterThan(feet(50))
      expect(castM).toBeLessThan(feet(61))
    }
  })
  test('C27: stripped in to the mark, what hangs is overhang, head, tip and leader, of one length with the loop in the guides', () => {
    const all = parts({})
    const { pulls, hangsM, hangsKg } = stripIn(all, dayWith(), feet(27))
    expect(pulls).toBe(9)
    expect(hangsM).toBeCloseTo(
      feet(3) + all.head.lengthM + (all.tip?.lengthM ?? 0) + (all.leader?.lengthM ?? 0),
      9,
    )
    expect(hangsKg).toBeCloseTo(all.head.massKg.value + (all.tip?.massKg.value ?? 0), 9)
  })
  test('a cast piece by piece is the reach, whatever it is made of', () => {
    for (const one of [parts(), parts({ tip: null, leader: null }), parts({ tip: tipFacts(partSinking) })]) {
      const day = dayWith({ roomBehindM: 8 })
      const pieces = castParts(one, null, day)
      expect(pieces.reduce((sum, { lengthM }) => sum + lengthM, 0)).toBeCloseTo(
        thrownWith(one, null, day).castM,
        9,
      )
      expect(pieces[0]?.part).toBe('rod')
    }
  })
  test('a butt is judged with the ledger’s own slack', () => {
    const tip = tipFacts({
      kind: 'tip',
      id: 't',
      name: 't',
      build: 'level',
      lengthM: 3,
      kgPerM: 0.2e-3,
    })
    const front = parts({ tip })
    const limit = buttOn(front, 0.4e-3)
    expect(limit.behindKgPerM).toBeCloseTo(0.2e-3, 9)
    for (const diameterM of [0.3e-3, 0.45e-3, 0.47e-3, 0.48e-3, 0.49e-3, 0.6e-3]) {
      const { kgPerM, stepsUp } = buttOn(front, diameterM)
      expect(stepsUp).toBe(kgPerM > 0.2e-3 * 1.05)
    }
  })
})

describe('the leader is to part before the running line', () => {
  const coreOf = (coreN: number) => {
    const whole = partsOf()
    if (whole.leader === null || whole.runningLine === null) throw new Error('no leader or no line')
    const parts = {
      ...whole,
      leader: { ...whole.leader, breakingN: 80 },
      runningLine: runningLineFacts({ ...whole.runningLine.item, breakingN: coreN }),
    }
    return ledger(parts, dayWith()).find(({ code }) => code === 'running-core')
  }
  test.each([
    [81, 'holds', 'leader-first'],
    [80, 'watch', 'core-first'],
    [79, 'watch', 'core-first'],
  ])('a core of %p N behind a leader of 80 N: %s', (coreN, state, reason) => {
    expect(coreOf(coreN)).toMatchObject({ state, reason, value: coreN })
  })
})
