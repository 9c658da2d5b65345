import { describe, expect, test } from '@jest/globals'
import { dayOf, FIRST_JOB } from '../day/index.ts'
import { DEFAULT_SCHOOLS } from '../gear/index.ts'
import { RULES, sayFish, sayFly, sayLeaderWarning, sayLevelDoubt } from './index.ts'

const rule = (title: string, system: 'trade' | 'metric' = 'trade'): string =>
  RULES.find((r) => r.title.startsWith(title))?.say(system) ?? ''

describe('rules in words, made from the figures the ledger reads', () => {
  test.each([
    [
      'Tip for a Skagit',
      'Under 475 gr T-8, to 575 gr T-11, to 650 gr T-14, above that T-17; within 50 gr below a limit the heavier one works too. On a tip two steps lighter than its own, a heavy head kicks.',
    ],
    [
      'Rod length',
      'Casts to 60 ft: 10 ft 6 in to 11 ft 6 in; to 90 ft: 12 ft 6 in to 13 ft; longer: 14 ft to 15 ft.',
    ],
    ['Fish for a trout', 'Up to about twice its number in pounds: no. 2 to 4 lb, no. 4 to 8 lb.'],
  ])('%s', (title, said) => expect(rule(title)).toBe(said))
  test('all in both faces, without a unit of the other', () => {
    for (const { say } of RULES) {
      expect(say('trade')).toMatch(/^[A-Z\d].{20,}\.$/)
      expect(say('trade')).not.toMatch(/\d m\b|\d g[ .,]|NaN|undefined|Infinity/)
      expect(say('metric')).not.toMatch(/\d gr\b|\d ft\b|\d lb\b|NaN|undefined|Infinity/)
    }
  })
})

describe('a day in words', () => {
  test('fish and fly', () => {
    expect(sayFish({ fishKg: 2.72, fishAt: 'bottom' }, 'metric')).toBe(
      'sea trout of 2.7 kg close to the bottom',
    )
    expect(sayFly({ dress: 'bulky', weighting: 'light' })).toBe('bulky, lightly weighted fly')
  })
  test('a doubtful level is said, a sound one is not', () => {
    const words = dayOf({ job: FIRST_JOB, schools: DEFAULT_SCHOOLS })
    expect(sayLevelDoubt(words)).toBeUndefined()
    const at = (level: 'at-level' | 'far' | 'too-far') =>
      sayLevelDoubt({ where: { by: 'pool', pool: words.run, level, flow: undefined, ratio: 1 } })
    expect(at('at-level')).toBeUndefined()
    expect(at('far')).toContain('Treat the depths as a guess')
    expect(at('too-far')).toContain('too far from the one this pool was measured at')
  })
  test('warnings of a leader', () => {
    for (const warning of ['step-too-big', 'butt-too-thin', 'strength-unknown'] as const)
      expect(sayLeaderWarning(warning, 'trade')).toMatch(/^[A-Z].*\.$/)
    expect(sayLeaderWarning('step-too-big', 'metric')).toContain('0.05 mm')
  })
})
