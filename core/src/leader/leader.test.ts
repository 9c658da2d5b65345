import { describe, expect, test } from '@jest/globals'
import type { FlyShape, Rod, Tippet } from '../gear/index.ts'
import { KG_PER_POUND, M_PER_FOOT, M_PER_INCH, STANDARD_GRAVITY_MPS2 } from '../quantity/index.ts'
import {
  buildLeader,
  dropperPlan,
  type FlyKnot,
  indicatorRig,
  LEAST_PIECE_M,
  leaderFrom,
  leaderRule,
  leastStrengthN,
  neededStrengthN,
  withEndAt,
  withPiece,
} from './index.ts'
import { FLY_KNOT_SHARES } from './strength.ts'

const pounds = (n: number): number => n * KG_PER_POUND * STANDARD_GRAVITY_MPS2
const spool = (mm: number, lb: number | undefined): Tippet => ({
  kind: 'tippet',
  id: `s${mm}`,
  name: `${mm}`,
  material: 'nylon',
  diameterM: mm / 1000,
  breakingN: lb === undefined ? undefined : pounds(lb),
})
const SPOOLS = [
  spool(0.5, 30),
  spool(0.45, 25),
  spool(0.4, 20),
  spool(0.36, 17),
  spool(0.33, 14),
  spool(0.28, 10),
  spool(0.23, 7),
]
const rod = (hands: Rod['hands'], feet: number): Rod => ({
  kind: 'rod',
  id: 'r',
  name: 'r',
  lineNumber: 7,
  lengthM: feet * M_PER_FOOT,
  hands,
})
const fly = (weighting: FlyShape['weighting']): FlyShape => ({ dress: 'medium', weighting })
const inFeet = ({ lowM, highM }: { lowM: number; highM: number }): number[] => [
  lowM / M_PER_FOOT,
  highM / M_PER_FOOT,
]

describe('how long', () => {
  test('C20 [practice]: fast tip short, slow or floating tip long', () => {
    expect(inFeet(leaderRule(rod('two-hander', 13), 'skagit', 7 * M_PER_INCH, fly('heavy')))).toEqual([
      expect.closeTo(3, 9),
      expect.closeTo(6, 9),
    ])
    const slow = leaderRule(rod('two-hander', 13), 'skagit', 1.5 * M_PER_INCH, fly('light'))
    expect(slow.highM).toBeGreaterThan(6 * M_PER_FOOT)
  })
})

describe('the builder', () => {
  const rule = leaderRule(rod('two-hander', 13), 'skagit', 7 * M_PER_INCH, fly('heavy'))
  test('C24 [practice]: behind a sink tip short and stepped, in steps of no more than 0.05 mm', () => {
    const built = buildLeader(SPOOLS, rule, 4, 'stepped')
    if (built.outcome !== 'built') throw new Error(built.outcome)
    const { steps, lengthM, knots, weakestN, warnings } = built.recipe
    expect(warnings).toEqual([])
    expect(knots).toBe(steps.length - 1)
    expect(steps.reduce((sum, s) => sum + s.lengthM, 0)).toBeCloseTo(lengthM, 12)
    steps.forEach((s, i) => {
      if (i > 0) expect((steps[i - 1]?.diameterM ?? 0) - s.diameterM).toBeLessThanOrEqual(0.0500001e-3)
    })
    // Kept as an item it holds the fish it was built for.
    expect(weakestN).toBeGreaterThanOrEqual(leastStrengthN(4).holds)
  })
  test('in as few pieces as steps of 0.05 mm allow: nearer spools are left out', () => {
    const close = [0.5, 0.48, 0.46, 0.45, 0.43, 0.41, 0.4, 0.38, 0.35].map((mm) => spool(mm, 40 * mm))
    const built = buildLeader(
      close,
      leaderRule(rod('two-hander', 13), 'skagit', 0.15, fly('light')),
      2,
      'stepped',
    )
    if (built.outcome !== 'built') throw new Error(built.outcome)
    const sizes = built.recipe.steps.map(({ diameterM }) => Math.round(diameterM * 1e5) / 100)
    expect(sizes).toEqual([0.5, 0.45, 0.4, 0.35].slice(0, sizes.length))
    expect(built.recipe.steps.length).toBeGreaterThan(2)
    expect(built.recipe.warnings).not.toContain('step-too-big')
  })
  test('the other school: one level piece, no knots', () => {
    const built = buildLeader(SPOOLS, rule, 4, 'level')
    expect(built).toMatchObject({ outcome: 'built', recipe: { knots: 0, steps: [{}] } })
  })
  test('a gap in the spools is warned of', () => {
    expect(buildLeader([spool(0.5, 30), spool(0.3, 12)], rule, 3, 'stepped')).toMatchObject({
      recipe: { warnings: ['step-too-big'] },
    })
  })
  test('no spools, or none strong enough, is an outcome', () => {
    expect(buildLeader([], rule, 3, 'stepped').outcome).toBe('no-spools')
    expect(buildLeader([spool(0.2, 5)], rule, 20, 'stepped').outcome).toBe('none-strong-enough')
  })
})

test('a dropper sits no closer than 1½ ft, and behind a fast tip all stays within 9 ft [practice]', () => {
  expect(dropperPlan(1.5, true, true)).toEqual({
    spacingM: expect.closeTo(1.5 * M_PER_FOOT, 9),
    wholeM: expect.closeTo(1.5 + 1.5 * M_PER_FOOT, 9),
    mostM: expect.closeTo(9 * M_PER_FOOT, 9),
    tooLong: false,
  })
  expect(dropperPlan(2.6, false, true).tooLong).toBe(true)
  expect(dropperPlan(4, false, false).tooLong).toBe(false)
})

test('C25 [practice]: indicator rig, float to weight 1.2–1.3 × depth, weight to fly about 36 in', () => {
  const rig = indicatorRig(1.5, 0.6)
  expect(rig.floatToWeight).toEqual({ low: expect.closeTo(1.8, 12), high: expect.closeTo(1.95, 12) })
  expect(rig.weightToFlyM / M_PER_INCH).toBeCloseTo(36, 9)
  expect(indicatorRig(1.5, 1.4).weightToFlyM).toBeLessThan(rig.weightToFlyM)
  expect(indicatorRig(3, 0.5).weightToFlyM).toBeGreaterThan(rig.weightToFlyM)
})

describe('C37 [estimate through the practice points]: strength for a fish on a tight line', () => {
  test.each([
    [2, 5.8],
    [8, 12],
    [14, 16],
    [30, 24],
  ])('fish of %p lb want about %p lb', (fish, wanted) => {
    expect(Math.abs(neededStrengthN(fish * KG_PER_POUND) / pounds(wanted) - 1)).toBeLessThan(0.03)
  })
  test('the angler’s own knot counts: printed strength × its share over the usual 85 %', () => {
    for (const [knot, share] of Object.entries(FLY_KNOT_SHARES) as [FlyKnot, number][])
      expect((neededStrengthN(4, knot) * share) / 0.85).toBeCloseTo(neededStrengthN(4), 9)
    expect(leastStrengthN(4, 'clinch').holds).toBeGreaterThan(leastStrengthN(4, 'double-clinch').holds)
  })
  test.each([
    [8, 10, 'holds'],
    [10, 10, 'holds'],
    [10, 12, 'holds'],
    [14, 12, 'holds'],
    [28, 20, 'holds'],
    [28, 15, 'watch'],
    [28, 4, 'breaks'],
  ] as const)('a fish of %p lb on %p lb: %s', (fish, leader, verdict) => {
    const { holds, watch } = leastStrengthN(fish * KG_PER_POUND)
    const at = pounds(leader)
    expect(at >= holds ? 'holds' : at >= watch ? 'watch' : 'breaks').toBe(verdict)
  })
})

describe('a recipe put right by hand', () => {
  const built = buildLeader(
    SPOOLS,
    leaderRule(rod('two-hander', 13), 'scandi', undefined, fly('heavy')),
    3,
    'stepped',
  )
  if (built.outcome !== 'built') throw new Error(built.outcome)
  const { recipe } = built
  const lengths = ({ steps }: typeof recipe): number[] => steps.map((s) => s.lengthM)
  const ends = (r: typeof recipe, i: number): number =>
    lengths(r)
      .slice(0, i + 1)
      .reduce((a, b) => a + b, 0)

  test('a knot moves between its neighbours and the whole stays', () => {
    const moved = withEndAt(recipe, 1, ends(recipe, 1) + 0.05)
    expect(moved.lengthM).toBeCloseTo(recipe.lengthM, 9)
    expect(lengths(moved)[1]).toBeCloseTo((lengths(recipe)[1] ?? 0) + 0.05, 9)
    expect(lengths(moved)[2]).toBeCloseTo((lengths(recipe)[2] ?? 0) - 0.05, 9)
  })
  test.each([-99, 99])('a knot dragged to %p m leaves a piece on either side', (atM) => {
    for (const m of lengths(withEndAt(recipe, 1, atM))) expect(m).toBeGreaterThanOrEqual(LEAST_PIECE_M - 1e-9)
  })
  test('the fly’s end and a typed piece take the whole with them', () => {
    const last = recipe.steps.length - 1
    expect(withEndAt(recipe, last, recipe.lengthM + 1).lengthM).toBeCloseTo(recipe.lengthM + 1, 9)
    expect(withPiece(recipe, 0, 2).lengthM).toBeCloseTo(recipe.lengthM + 2 - (lengths(recipe)[0] ?? 0), 9)
    expect(withPiece(recipe, 0, -5).steps[0]?.lengthM).toBe(LEAST_PIECE_M)
  })
  test('as a thing of its own it says butt, point and weakest piece', () => {
    const leader = leaderFrom(recipe, 'stepped', { id: 'x', name: 'Mine' })
    expect(leader.buttDiameterM).toBe(recipe.steps[0]?.diameterM)
    expect(leader.pointDiameterM).toBe(recipe.steps.at(-1)?.diameterM)
    expect([leader.lengthM, leader.breakingN]).toEqual([recipe.lengthM, recipe.weakestN])
  })
})
