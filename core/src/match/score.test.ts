import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { EVIDENCE_TAGS } from '../quantity/index.ts'
import type { Check } from '../rig/index.ts'
import { effectsOf } from './index.ts'
import { costOf, rankCost, type Score, scoreFigure, scoreOf } from './score.ts'

const check = (
  code: Check['code'],
  state: Check['state'],
  tag: Check['tag'] = 'practice',
  off = 0,
): Check => ({
  code,
  state,
  tag,
  reason: '',
  value: null,
  allowed: {},
  measure: 'none',
  data: {},
  off: state === 'breaks' ? off : 0,
})
const score = fc.record<Score>({
  breaks: fc.integer({ min: 0, max: 5 }),
  off: fc.integer({ min: 0, max: 2000 }).map((n) => n / 10),
  watches: fc.integer({ min: 0, max: 8 }),
  watchTenths: fc.integer({ min: 0, max: 80 }),
  offCentre: fc.integer({ min: 0, max: 9000 }).map((n) => n / 1000),
  offRules: fc.integer({ min: 0, max: 5000 }).map((n) => n / 1000),
})

describe('the order of rigs', () => {
  test('breaks outrank any sum of watches, watches any distance from the centre', () => {
    expect(costOf([check('depth', 'breaks', 'estimate')])).toBeGreaterThan(
      20 * costOf([check('depth', 'watch', 'physics')]),
    )
    const far = scoreOf([], 0.09, undefined)
    expect(rankCost(far)).toBeLessThan(costOf([check('depth', 'watch', 'estimate')]))
  })
  test('a warning counts for what it rests on; what holds costs nothing', () => {
    const costs = EVIDENCE_TAGS.map((tag) => costOf([check('season', 'watch', tag)]))
    expect(Math.max(...costs)).toBe(costOf([check('season', 'watch', 'physics')]))
    expect(Math.min(...costs)).toBe(costOf([check('season', 'watch', 'estimate')]))
    for (const tag of EVIDENCE_TAGS) expect(costOf([check('season', 'holds', tag)])).toBe(0)
  })
  test('of two breaks the nearer comes first, and one just off before one far off and one more', () => {
    const far = [check('depth', 'breaks', 'estimate', 3)]
    const near = [check('depth', 'breaks', 'estimate', 0.2)]
    expect(costOf(near)).toBeLessThan(costOf(far))
    expect(costOf([...near, check('season', 'breaks', 'practice', 0)])).toBeLessThan(costOf(far))
    expect(rankCost(scoreOf(far, 0.03, undefined))).toBe(costOf(far) + rankCost(scoreOf([], 0.03, undefined)))
  })
  test('costs of groups of checks add up', () => {
    const a = [check('depth', 'watch'), check('season', 'breaks')]
    const b = [check('rod-fish', 'watch', 'estimate')]
    expect(costOf([...a, ...b])).toBe(costOf(a) + costOf(b))
  })
  test('the figure falls exactly as the rank rises, between 0 and 100', () => {
    fc.assert(
      fc.property(score, score, (a, b) => {
        expect(Math.sign(rankCost(a) - rankCost(b))).toBe(Math.sign(scoreFigure(b) - scoreFigure(a)) || 0)
        expect(scoreFigure(a)).toBeGreaterThan(0)
        expect(scoreFigure(a)).toBeLessThanOrEqual(100)
      }),
      { seed: 20261125, numRuns: 200 },
    )
  })
})

describe('what a change does to the other lines', () => {
  test('only lines that change are told, appearing and going included', () => {
    const before = [check('depth', 'watch'), check('season', 'holds'), check('skagit-tip', 'breaks')]
    const after = [check('depth', 'holds'), check('season', 'holds'), check('joint-step', 'watch')]
    expect(effectsOf(before, after)).toEqual([
      { code: 'depth', from: 'watch', to: 'holds' },
      { code: 'skagit-tip', from: 'breaks', to: 'absent' },
      { code: 'joint-step', from: 'absent', to: 'watch' },
    ])
  })
  test('a line that was not asked and would hold is no news', () => {
    expect(effectsOf([], [check('depth', 'holds')])).toEqual([])
  })
})
