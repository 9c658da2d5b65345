import { describe, expect, test } from '@jest/globals'
import { dayOf, FIRST_JOB } from '../day/index.ts'
import { DEFAULT_SCHOOLS, type Reel, type Rod, type Schools } from '../gear/index.ts'
import { headFacts, runningLineFacts } from '../line/index.ts'
import { usualHandle } from '../reel/index.ts'
import { BALANCES, balanceOf, ledger, loadsOn, type RigParts } from './index.ts'

const rod: Rod = {
  kind: 'rod',
  id: 'r',
  name: 'Long seven',
  lineNumber: 7,
  lengthM: 3.96,
  hands: 'two-hander',
  massKg: 0.214,
  balanceM: 1.62,
  reelSeatM: 0.13,
}
const partsWith = (reelKg: number | undefined, bare: Partial<Rod> = {}): RigParts => ({
  rod: { ...rod, ...bare },
  head: headFacts({ kind: 'head', id: 'h', name: 'h', style: 'skagit', massKg: 0.033, lengthM: 6.1 }),
  tip: null,
  leader: null,
  runningLine: runningLineFacts({
    kind: 'running-line',
    id: 'l',
    name: 'l',
    build: 'coated',
    diameterM: 0.0009,
  }),
  reel: {
    kind: 'reel',
    id: 'x',
    name: 'x',
    forNumber: 11,
    ...(reelKg === undefined ? {} : { massKg: reelKg }),
  } satisfies Reel,
})
const line = (parts: RigParts, schools: Partial<Schools> = {}) =>
  ledger(parts, dayOf({ job: FIRST_JOB, schools: { ...DEFAULT_SCHOOLS, ...schools } })).find(
    (c) => c.code === 'balance',
  )
/** Reel mass with which the rigged rod balances so far ahead of the hand, by halving. */
function reelFor(aheadM: number): number {
  let [low, high] = [0.01, 2]
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2
    const found = balanceOf(partsWith(middle), undefined, 80)
    if ((found?.pointM ?? 0) - (found?.handM ?? 0) > aheadM) low = middle
    else high = middle
  }
  return low
}

describe('C46 [practice, estimate]: where the rigged rod balances', () => {
  test.each([
    [0, 'holds', 'at-hand'],
    [BALANCES.aheadM - 0.01, 'holds', 'at-hand'],
    [BALANCES.aheadM + 0.01, 'watch', 'tip-heavy'],
    [-BALANCES.behindM + 0.01, 'holds', 'at-hand'],
    [-BALANCES.behindM - 0.01, 'watch', 'butt-heavy'],
    [0.6, 'watch', 'tip-heavy'],
  ] as const)('%d m ahead of the hand: %s', (aheadM, state, reason) => {
    expect(line(partsWith(reelFor(aheadM)))).toMatchObject({ state, reason })
  })
  test('a 13 ft rod need not balance dead on the hand: an ordinary reel holds', () => {
    // By moments alone it would ask for far more than anyone hangs on it.
    expect(reelFor(0)).toBeGreaterThan(0.33)
    expect(line(partsWith(0.305))?.state).toBe('holds')
  })
  test('is asked only where rod and reel were weighed, and not of those who like it light', () => {
    const { massKg: _mass, ...unweighed } = rod
    expect(line({ ...partsWith(0.3), rod: unweighed })).toBeUndefined()
    expect(line(partsWith(undefined))).toBeUndefined()
    expect(line(partsWith(0.3), { reelWeight: 'light' })).toBeUndefined()
    expect(usualHandle(rod).handM).toBeGreaterThan(0.5)
  })
})

test('the loads that are drawn balance where the ledger says: moments over mass [physics]', () => {
  const parts = partsWith(0.31)
  const found = balanceOf(parts, undefined, 80)
  if (found === undefined) throw new Error('not weighed')
  const loads = loadsOn(found.beam, parts, 80)
  const massKg = loads.reduce((sum, load) => sum + load.massKg, 0)
  expect(loads.reduce((sum, load) => sum + load.massKg * load.atM, 0) / massKg).toBeCloseTo(found.pointM, 9)
  expect([...new Set(loads.map(({ of }) => of))]).toEqual(['rod', 'line', 'reel'])
  expect(loadsOn(found.beam, partsWith(undefined), 80).some(({ of }) => of === 'reel')).toBe(false)
})
