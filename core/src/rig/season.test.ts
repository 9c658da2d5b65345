import { describe, expect, test } from '@jest/globals'
import { dayOf, FIRST_JOB, type Job, seasonFelt } from '../day/index.ts'
import { DEFAULT_SCHOOLS, type Head, type HeadStyle } from '../gear/index.ts'
import { headFacts } from '../line/index.ts'
import { sayCheck } from '../words/index.ts'
import { type Check, ledger } from './index.ts'
import { strandParts } from './swings/strand.ts'

const head = (style: HeadStyle, lengthM = 9): Head => ({
  kind: 'head',
  id: style,
  name: style,
  style,
  massKg: 0.03,
  lengthM,
})
const judged = (style: HeadStyle, job: Partial<Job>): Check | undefined =>
  ledger(
    {
      rod: { kind: 'rod', id: 'rod', name: 'rod', lineNumber: 7, lengthM: 4, hands: 'two-hander' },
      head: headFacts(head(style)),
      tip: null,
      leader: null,
      runningLine: null,
      reel: null,
    },
    dayOf({ job: { ...FIRST_JOB, ...job }, schools: DEFAULT_SCHOOLS }),
  ).find((line) => line.code === 'season')

describe('the season as fish feel it', () => {
  test.each([
    [{ season: 'winter' }, 'cold'],
    [{ season: 'summer' }, 'warm'],
    [{ season: 'autumn' }, 'between'],
    [{ season: 'summer', waterC: 4 }, 'cold'],
    [{ season: 'winter', waterC: 14 }, 'warm'],
    [{ season: 'winter', waterC: 9 }, 'between'],
  ] as const)('%j is %s: the water outranks the month', (job, felt) => {
    expect(seasonFelt(job)).toBe(felt)
  })
  test('Scandi in warmer water, Skagit in cold [practice]', () => {
    expect(judged('scandi', { season: 'summer', waterC: 4 })?.state).toBe('watch')
    expect(judged('skagit', { season: 'summer', waterC: 4 })?.state).toBe('holds')
    expect(judged('skagit', { season: 'winter', waterC: 15 })?.state).toBe('watch')
    expect(judged('scandi', { season: 'winter', waterC: 15 })?.state).toBe('holds')
    expect(judged('overhead', { waterC: 4 })).toBeUndefined()
  })
  test('says the temperature it went by', () => {
    const check = judged('skagit', { waterC: 4.2 })
    if (check === undefined) throw new Error('no check')
    expect(sayCheck(check, 'metric')).toContain('4.2 °C')
  })
})

describe('what lies in the water', () => {
  const rig = (style: HeadStyle, lengthM: number) => ({
    head: headFacts(head(style, lengthM)),
    tip: null,
    leader: null,
    runningLine: null,
  })
  const sum = (parts: ReturnType<typeof strandParts>, of: 'lengthM' | 'mass'): number =>
    parts.reduce((total, p) => total + p.lengthM * (of === 'mass' ? p.kgPerM : 1), 0)
  test('a head keeps its own mass, the running line behind it adds its own', () => {
    const parts = strandParts(rig('scandi', 9), 14)
    expect(sum(parts, 'lengthM')).toBeCloseTo(14, 9)
    expect(sum(parts, 'mass')).toBeCloseTo(0.03 + 5 * 1.3e-3, 6)
    expect(parts.every((p) => p.floats)).toBe(true)
  })
  test('of a line in one piece only what is cast lies there, front first', () => {
    const parts = strandParts(rig('weight-forward', 27), 12)
    expect(sum(parts, 'lengthM')).toBeCloseTo(12, 9)
    expect(sum(parts, 'mass')).toBeLessThan(0.03)
  })
})
