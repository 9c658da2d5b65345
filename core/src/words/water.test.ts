import { describe, expect, test } from '@jest/globals'
import type { SingleChange } from '../ladder/index.ts'
import { MENDS, ROD_HANDLING } from '../swing/index.ts'
import { SWING_REASONS } from '../swing/verdict.ts'
import { BOTTOMS, FISH_AT } from '../water/index.ts'
import {
  BOTTOM_NAMES,
  MEND_NAMES,
  ROD_NAMES,
  sayAge,
  sayAngle,
  sayChange,
  sayFactor,
  sayLevelAge,
  sayProblem,
  saySwing,
} from './index.ts'

const CHANGES: readonly (readonly [SingleChange, string, string])[] = [
  [{ code: 'tip', tipId: 't', name: 'T-14, 10 ft' }, 'Change the tip to T-14, 10 ft', ''],
  [{ code: 'tip', tipId: null, name: '' }, 'Take the tip off', ''],
  [{ code: 'sinking-part', byM: 0.762 }, 'A sinking part 2.5 ft longer', '0.76 m longer'],
  [{ code: 'sinking-part', byM: -0.762 }, 'A sinking part 2.5 ft shorter', '0.76 m shorter'],
  [{ code: 'angle', angleDeg: 45, steeper: true }, 'Cast steeper: 45°', ''],
  [{ code: 'angle', angleDeg: 75, steeper: false }, 'Cast squarer: 75°', ''],
  [{ code: 'mend', mends: [] }, 'Don’t mend', ''],
  [{ code: 'mend', mends: [{ kind: 'upstream', atS: 0.5, sizeM: 2 }] }, 'Mend upstream as it lands', ''],
  [
    { code: 'mend', mends: [{ kind: 'stack', atS: 0.5, sizeM: 2 }] },
    'Stack mend 6.6 ft as it lands',
    'Stack mend 2 m',
  ],
  [{ code: 'leader', lengthM: 1.2192, leaderId: 'l' }, 'Use a 4 ft leader', '1.22 m'],
  [{ code: 'leader', lengthM: 1.2192, leaderId: null }, 'Shorten the leader to 4 ft', ''],
  [{ code: 'fly', weighting: 'heavy' }, 'Tie on a heavy fly', ''],
  [{ code: 'swap-flies', heavierOn: 'dropper' }, 'the heavier on the dropper', ''],
  [{ code: 'step', wadeM: 6, byM: 1 }, 'Wade 3.3 ft further out', 'Wade 1 m'],
  [{ code: 'step', wadeM: 4, byM: -1 }, 'Wade 3.3 ft back in', ''],
]

describe('words of the water', () => {
  test.each(CHANGES)('a change is something to do: %j', (change, trade, metric) => {
    expect(sayChange(change, 'trade')).toContain(trade)
    expect(sayChange(change, 'metric')).toContain(metric)
  })
  test('every choice and every verdict has its words', () => {
    for (const reason of SWING_REASONS)
      for (const fishAt of FISH_AT) expect(saySwing(reason, fishAt)).toMatch(/\.$/)
    for (const bottom of BOTTOMS) expect(BOTTOM_NAMES[bottom].length).toBeGreaterThan(3)
    for (const mend of MENDS) expect(MEND_NAMES[mend].length).toBeGreaterThan(3)
    for (const rod of ROD_HANDLING) expect(ROD_NAMES[rod].length).toBeGreaterThan(3)
  })
  test.each([
    [20, 'steeply down'],
    [45, '45° down'],
    [60, 'a little below square'],
    [90, 'square'],
    [110, 'upstream'],
  ])('a cast at %p° is %p', (angle, words) => {
    expect(sayAngle(angle)).toBe(words)
  })
  test.each([
    [20_000, 'just now'],
    [12 * 60_000, '12 min ago'],
    [5 * 3600_000, '5 h ago'],
    [3 * 24 * 3600_000, '3 days ago'],
  ])('an age of %p ms is %p', (ms, words) => {
    expect(sayAge(ms)).toBe(words)
  })
  test('a factor is a change, in whole hundredths', () => {
    expect(sayFactor(1.164, 'faster', 'slower')).toBe('16% faster')
    expect(sayFactor(0.8, 'deeper', 'shallower')).toBe('20% shallower')
    expect(sayFactor(1.001, 'deeper', 'shallower')).toBe('no deeper')
  })
  test.each([
    ['too_small', ['run', 'widthM'], { minimum: 1, origin: 'number' }, 'The width must be at least 3.3 ft.'],
    [
      'too_big',
      ['run', 'wadeM'],
      { maximum: 3, origin: 'number' },
      'The wading line must be at most 9.8 ft.',
    ],
    [
      'bed-above-surface',
      ['run', 'soundings', 0, 'depthM'],
      { depthM: -1 },
      'would put the bed above the water',
    ],
    ['out-of-order', ['run', 'soundings', 1, 'fromBankM'], { beforeM: 5 }, 'the one before is at 16.4 ft'],
    ['beyond-width', ['run', 'currents', 1, 'fromBankM'], { widthM: 30 }, 'the pool is 98.4 ft wide'],
    ['absurd-current', ['run', 'currents', 0, 'mps'], { limitMps: 5 }, 'faster than 16.4 ft/s'],
    ['gauge-row', [], { row: 4, column: 'flow_m3ps' }, 'Row 4 has no readable flow_m3ps.'],
    ['gauge-unit', [], { unit: 'furlong' }, '“furlong”'],
  ])('what is wrong is said in the angler’s units: %s', (code, path, data, words) => {
    expect(sayProblem({ code, path, data }, 'trade')).toContain(words)
  })
})

test('the age of a level is told after some hours, and after a day the level is asked for', () => {
  const [now, hour] = [Date.UTC(2026, 10, 29), 3600_000]
  const age = (hours: number): string | undefined =>
    sayLevelAge({ m3ps: 27, from: 'gauge', atMs: now - hours * hour }, now)
  expect([age(2.9), age(5), age(9 * 24)]).toEqual([
    undefined,
    'read 5 h ago',
    'read 9 days ago: what is it today?',
  ])
  expect(sayLevelAge({ m3ps: 27, from: 'hand' }, now)).toBeUndefined()
})
