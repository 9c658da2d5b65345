import { describe, expect, test } from '@jest/globals'
import { type Gear, type Head, type Item, itemsOf, type Rod, type Tip } from '../gear/index.ts'
import { headFacts } from '../line/index.ts'
import { judgeSwung } from '../match/index.ts'
import { KG_PER_GRAIN, M_PER_FOOT } from '../quantity/index.ts'
import { through } from '../rig/index.ts'
import { DEMO, dayWith } from '../testing/index.ts'
import {
  coverOf,
  neighboursInSteps,
  otherSchoolsInSteps,
  reelMassFor,
  rodsServed,
  type Serving,
  type SpecifiedRig,
  servingInSteps,
  specify,
  thereOf,
  usualDays,
} from './index.ts'
import { overDays } from './overDays.ts'

const DAY = dayWith({
  season: 'winter',
  fishAt: 'bottom',
  waterDepthM: 1.3,
  currentMps: 0.5,
  castM: 21,
  fishKg: 3.6,
})
const DAYS = usualDays(DAY)
const RIVER_DAYS = DAYS.filter(({ name }) => name === 'Winter run' || name === 'Summer evening')
const find = <T extends Item>(id: string): T => DEMO.items.find((item) => item.id === id) as T
const ROD = find<Rod>('long-seven-13-ft')
const HEAD = find<Head>('510-gr-short-skagit')
const tip = (id: string): Tip => ({ kind: 'tip', id, name: id, build: 'floating', lengthM: 3 })
const served = (name: string, ...ids: string[]): Serving => ({ name, without: false, items: ids.map(tip) })
const bestOf = (found: ReturnType<typeof specify>): SpecifiedRig => {
  if (found.outcome !== 'specified' || found.rigs[0] === undefined) throw new Error(found.outcome)
  return found.rigs[0]
}

describe('what serves on the most days', () => {
  const days = [served('a', 'x', 'y'), served('b', 'x'), served('c', 'z'), { ...served('d'), without: true }]
  test('one thing, or two that together serve on more', () => {
    expect(coverOf(days, 1)).toMatchObject({ items: [{ id: 'x' }], days: ['a', 'b'], without: ['d'], of: 4 })
    expect(coverOf(days, 2).items.map(({ id }) => id)).toEqual(['x', 'z'])
    expect(coverOf(days, 2).days).toEqual(['a', 'b', 'c'])
  })
  test('no more things than it takes, and none where none serves', () => {
    expect(coverOf(days.slice(0, 2), 2).items).toHaveLength(1)
    expect(coverOf([served('a')], 2)).toMatchObject({ items: [], days: [] })
  })
  test('two tips for a 13 ft seven with a short Skagit: something that floats for summer, a short sinking one for winter', () => {
    const { items, days: on } = overDays('tips', { gear: DEMO, fixed: { rod: ROD, head: HEAD } }, RIVER_DAYS)
    expect(on).toEqual(['Winter run', 'Summer evening'])
    expect(items.length).toBeLessThanOrEqual(2)
    expect(items.some((item) => item.kind === 'tip' && item.build === 'level')).toBe(true)
  })
  test('what to get next: to one with Skagits alone a finer line for summer; to one who has all, nothing', () => {
    const gear: Gear = {
      items: DEMO.items.filter(({ id, kind }) =>
        kind === 'rod' ? id === ROD.id : kind === 'head' ? id === HEAD.id : kind !== 'tip',
      ),
    }
    const [summer] = RIVER_DAYS.slice(1)
    if (summer === undefined) throw new Error('no summer')
    const next = overDays('next', { gear, fixed: {} }, [summer])
    expect(next.days).toEqual(['Summer evening'])
    expect(next.items[0]).toMatchObject({ kind: 'head' })
    expect((next.items[0] as Head).style).not.toBe('skagit')
    const all = through(servingInSteps('next', { gear: DEMO, fixed: {} }, summer, []))
    expect(all).toMatchObject({ without: true, items: [] })
  })
})

describe('round one rig', () => {
  const best = bestOf(specify(DAY, { rod: ROD }, 'skagit'))
  // Without a printed window, which schools would not move.
  const { windows: _printed, ...GENERIC_SEVEN } = ROD
  const sevenBest = bestOf(specify(DAY, { rod: GENERIC_SEVEN }, 'skagit'))
  test('a reel of the mass that is looked for balances the rod; lighter and heavier ones do not', () => {
    const mass = reelMassFor(best.rig.parts, DAY)
    if (mass === undefined) throw new Error('no mass')
    const { reel } = best.rig.parts
    const balance = (massKg: number) =>
      judgeSwung({ ...best.rig.parts, reel: reel && { ...reel, massKg } }, DAY).checks.find(
        (c) => c.code === 'balance',
      )
    for (const kg of [mass.low, mass.target, mass.high]) expect(balance(kg)?.state).toBe('holds')
    expect(balance(mass.low - 0.02)?.reason).toBe('tip-heavy')
    expect(balance(mass.high + 0.02)?.reason).toBe('butt-heavy')
    const { massKg: _unknown, ...unweighed } = ROD
    expect(reelMassFor({ ...best.rig.parts, rod: unweighed }, DAY)).toBeUndefined()
  })
  test('neighbours of a rod: each of the same day, with what it gives up', () => {
    const none = bestOf(specify(DAY, {}, 'skagit'))
    const beside = through(neighboursInSteps(DAY, none))
    const { lineNumber, lengthM } = none.rig.parts.rod
    expect(beside.length).toBeGreaterThanOrEqual(3)
    for (const { beside: how, rig, furtherM } of beside) {
      if (how === 'stronger') expect(rig.parts.rod.lineNumber).toBe(lineNumber + 1)
      if (how === 'longer') expect(rig.parts.rod.lengthM).toBeGreaterThan(lengthM)
      if (how === 'longer') expect(furtherM).toBeGreaterThan(0)
      if (how === 'shorter') expect(furtherM).toBeLessThan(0)
    }
  })
  test('what other schools would look for: each differs from the rig, and the one of two numbers wants a lighter head (C9)', () => {
    const others = through(otherSchoolsInSteps(DAY, { rod: GENERIC_SEVEN }, sevenBest))
    for (const { changed } of others) expect(changed.length).toBeGreaterThan(0)
    const two = others.find(({ question, choice }) => question === 'twoHandNumber' && choice === 'plus-two')
    expect(two?.rig.massKg).toBeLessThan(sevenBest.rig.massKg)
    expect(others.some(({ choice }) => choice === 'by-number')).toBe(false)
  })
  test('of a rig with kinds of part that are not owned at all, those are open and nothing else', () => {
    const gear: Gear = { items: DEMO.items.filter(({ kind }) => kind !== 'leader' && kind !== 'reel') }
    const { fixed, missing } = thereOf(best.rig.parts, gear)
    expect(missing).toEqual(['leaderId', 'reelId'])
    expect('leader' in fixed).toBe(false)
    expect(fixed).toMatchObject({ rod: ROD, head: best.rig.parts.head.head })
    expect(thereOf(best.rig.parts, DEMO).missing).toEqual([])
  })
  test('which rods a head is for: a heavier head for a higher number, and its window holds on the lowest and the highest', () => {
    const skagit = (grains: number) =>
      headFacts({ ...HEAD, massKg: grains * KG_PER_GRAIN, lengthM: 22 * M_PER_FOOT })
    const light = rodsServed(skagit(425), DAY, 'two-hander')
    const heavy = rodsServed(skagit(600), DAY, 'two-hander')
    expect(light?.numbers[0]).toBeLessThan(heavy?.numbers[0] ?? 0)
    expect(rodsServed(skagit(1000), DAY, 'two-hander')).toBeUndefined()
    expect(itemsOf(DEMO, 'cheater')).toHaveLength(1)
  })
})
