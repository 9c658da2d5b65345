import { describe, expect, test } from '@jest/globals'
import { dayOf, FIRST_JOB } from '../day/index.ts'
import { DEFAULT_SCHOOLS, type Gear, type Head, type Rod } from '../gear/index.ts'
import { KG_PER_GRAIN, M_PER_FOOT } from '../quantity/index.ts'
import { suitedTo } from '../rig/index.ts'
import { windowFor } from '../rod/index.ts'
import { type Bent, bentSchema, type Feel, type Tried, triedSchema } from './index.ts'
import { ownWindowsOf } from './own.ts'

const grains = (n: number): number => n * KG_PER_GRAIN
const rod = (id: string, change: Partial<Rod> = {}): Rod => ({
  kind: 'rod',
  id,
  name: id,
  lineNumber: 7,
  lengthM: 12.5 * M_PER_FOOT,
  hands: 'two-hander',
  ...change,
})
const PRINTED = rod('printed', {
  windows: { skagit: { lowKg: grains(470), highKg: grains(540), counts: 'head' } },
})
const BARE = rod('bare')
const gear: Gear = { items: [PRINTED, BARE] }
const OPTIONS = { schools: DEFAULT_SCHOOLS, caster: FIRST_JOB.caster }

/** Trials of a caster who wants so much: enough of them to settle it. */
const settled = (rodId: string, centre: number, caster?: string): Tried[] =>
  Array.from({ length: 24 }, (_, i) => {
    const headGr = centre - 60 + 5 * i
    const off = Math.log(headGr / centre)
    const feel: Feel = off < -0.08 ? -1 : off > 0.08 ? 1 : 0
    return triedSchema.parse({
      id: `t${i}`,
      rodId,
      style: 'skagit',
      headKg: grains(headGr),
      feel,
      ...(caster === undefined ? {} : { caster }),
    })
  })
const windowOf = (of: Rod, learnt: Parameters<typeof ownWindowsOf>[1]) => {
  const found = windowFor(of, 'skagit', { ...OPTIONS, own: ownWindowsOf(gear, learnt, OPTIONS) })
  if (found.outcome !== 'window') throw new Error(found.outcome)
  return found.window
}

describe('what trials and bends teach', () => {
  test('settled trials outrank the number everywhere, and are tagged as the angler’s own', () => {
    const before = windowOf(BARE, { trials: [], bends: [] })
    const after = windowOf(BARE, { trials: settled('bare', 540), bends: [] })
    expect([before.tag, after.tag]).toEqual(['estimate', 'log'])
    expect(before.centreKg).toBeLessThan(grains(500))
    expect(after.centreKg / grains(540)).toBeCloseTo(1, 1)
    const day = dayOf({
      job: FIRST_JOB,
      schools: DEFAULT_SCHOOLS,
      own: ownWindowsOf(gear, { trials: settled('bare', 540), bends: [] }, OPTIONS),
    })
    const head: Head = {
      kind: 'head',
      id: 'h',
      name: 'h',
      style: 'skagit',
      massKg: grains(545),
      lengthM: 6.7,
    }
    expect(suitedTo(head, [BARE], day)[0]?.line).toMatchObject({ state: 'holds', tag: 'log' })
  })
  test('one trial is not enough, and another caster’s do not count', () => {
    expect(windowOf(BARE, { trials: settled('bare', 540).slice(0, 1), bends: [] }).tag).toBe('estimate')
    expect(windowOf(BARE, { trials: settled('bare', 540, 'a friend'), bends: [] }).tag).toBe('estimate')
    expect(
      windowOf(BARE, { trials: settled('bare', 540, 'a friend'), bends: [], caster: 'a friend' }).tag,
    ).toBe('log')
  })
  test('a printed maximum stays the upper end, whatever a caster likes', () => {
    const own = windowOf(PRINTED, { trials: settled('printed', 560), bends: [] })
    expect(own.tag).toBe('log')
    expect(own.highKg).toBeCloseTo(grains(540), 9)
  })
  const bent: Bent = bentSchema.parse({
    id: 'b',
    known: { rodId: 'printed', freeLengthM: 3.4, loads: [{ massKg: 0.1, dropM: 1.2 }] },
    unknown: { rodId: 'bare', freeLengthM: 3.4, loads: [{ massKg: 0.12, dropM: 1.2 }] },
  })
  test('a bend stands between number and trials; a printed window needs none', () => {
    const own = windowOf(BARE, { trials: [], bends: [bent] })
    expect(own).toMatchObject({
      from: 'bend',
      tag: 'estimate',
      centreKg: expect.closeTo(grains(505) * 1.2, 6),
    })
    expect(windowOf(BARE, { trials: settled('bare', 600), bends: [bent] }).from).toBe('trials')
    const backwards: Bent = { ...bent, known: bent.unknown, unknown: bent.known }
    expect(windowOf(PRINTED, { trials: [], bends: [backwards] }).tag).toBe('printed')
  })
  test('of rods that are gone nothing is taught', () => {
    const gone: Bent = { ...bent, known: { ...bent.known, rodId: 'gone' } }
    expect(ownWindowsOf(gear, { trials: settled('gone', 500), bends: [gone] }, OPTIONS)).toEqual({})
  })
})
