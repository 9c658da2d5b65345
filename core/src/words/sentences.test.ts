import { describe, expect, test } from '@jest/globals'
import { readCsv } from '../format/csv.ts'
import { quickAdd, readParsedDocument } from '../format/index.ts'
import { FIELDS, type Field, itemSchema, KINDS, type Kind, problemsOf } from '../gear/index.ts'
import { EVIDENCE_TAGS } from '../quantity/index.ts'
import { type Check, JOINT_KNOTS, type RiggingStep, type RigJoint } from '../rig/index.ts'
import {
  JOINT_NAMES,
  KIND_NAMES,
  sayAllowed,
  sayByLog,
  sayCalibrated,
  sayChoice,
  sayDiffers,
  sayFigure,
  sayProblem,
  sayRemembered,
  sayScore,
  sayStep,
  sayWhyTip,
  TAG_MEANINGS,
} from './index.ts'
import { fieldLabel } from './problem.ts'

const hollow = /undefined|NaN|null|\[object/
const check = (measure: Check['measure'], allowed: Check['allowed']): Check => ({
  code: 'depth',
  state: 'holds',
  tag: 'physics',
  reason: 'in-place',
  value: 1,
  allowed,
  measure,
  data: {},
  off: 0,
})

describe('figures and limits', () => {
  test.each([
    [check('lineMass', { low: 0.03, high: 0.035 }), 'trade', '463–540 gr'],
    [check('lineMass', { low: 0.03, high: 0.035 }), 'metric', '30–35 g'],
    [check('length', { high: 4 }), 'metric', 'up to 4 m'],
    [check('massPerLength', { low: 0.002 }), 'metric', '2 g/m or more'],
    [check('number', { low: 8 }), 'trade', 'no. 8 or more'],
    [check('number', { low: 11, high: 13 }), 'trade', 'no. 11–13'],
    [check('share', { low: 0.45, high: 1 }), 'trade', '45% to 100%'],
    [check('none', {}), 'trade', ''],
  ] as const)('%# is allowed as said', (line, system, said) => expect(sayAllowed(line, system)).toBe(said))
  test('a line number is a number, a share a percentage', () => {
    expect(sayFigure({ measure: 'number' }, 14.23, 'trade')).toBe('no. 14.2')
    expect(sayFigure({ measure: 'share' }, 0.927, 'metric')).toBe('93%')
  })
})

describe('names', () => {
  test('every kind, tag, joint and choice of every field has words', () => {
    for (const kind of KINDS) expect(KIND_NAMES[kind].many).toMatch(/^[A-Z]/)
    for (const tag of EVIDENCE_TAGS) expect(TAG_MEANINGS[tag].length).toBeGreaterThan(10)
    for (const joint of Object.keys(JOINT_KNOTS) as RigJoint[]) expect(JOINT_NAMES[joint]).toBeTruthy()
    const options = Object.values(FIELDS).flatMap((fields: readonly Field[]) =>
      fields.flatMap((f) => (f.type.as === 'choice' ? f.type.options : [])),
    )
    for (const option of options) expect(sayChoice(option)).not.toMatch(hollow)
  })
  test('a field is called by its label, a level by its first', () => {
    expect(fieldLabel('reel', ['spool', 'rimDiameterM'])).toBe('Spool rim diameter')
    expect(fieldLabel('rod', ['windows', 'skagit'])).toBe('Skagit window, from')
    expect(fieldLabel('rod', ['nowhere'])).toBe('nowhere')
  })
})

describe('rigging steps', () => {
  const codes = [
    'wind',
    'set-drag',
    'load-mark',
    'finger-mark',
    'string-rod',
    'turn-ferrules',
    'stretch',
    'pinch-barb',
    'glasses',
    'look-behind',
  ] as const
  test.each(codes)('%s is a sentence in both faces', (code) => {
    const step: RiggingStep = { id: code, code, lengthM: 0.9 }
    for (const system of ['trade', 'metric'] as const)
      expect(sayStep(step, undefined, system)).toMatch(/^[A-Z].*\.$/)
  })
  test('lengths follow the units', () => {
    expect(sayStep({ id: 'm', code: 'load-mark', lengthM: 0.9 }, undefined, 'trade')).toContain('3 ft')
    expect(sayStep({ id: 'm', code: 'load-mark', lengthM: 0.9 }, undefined, 'metric')).toContain('0.9 m')
  })
  test('a joint names what is joined and the knot', () => {
    expect(
      sayStep({ id: 'j', code: 'joint', joint: 'head-tip', name: 'T-11, 10 ft' }, 'loops', 'trade'),
    ).toBe('Head to the tip: T-11, 10 ft, loop to loop.')
  })
})

describe('every required field left out is asked for by name', () => {
  const cases = KINDS.flatMap((kind) => FIELDS[kind].filter((f) => f.required).map((f) => [kind, f] as const))
  test.each(cases)('%s without its %p', (kind: Kind, field: Field) => {
    const bare = { kind, id: 'x' }
    const parsed = itemSchema.safeParse(bare)
    if (parsed.success) throw new Error('accepted')
    const said = problemsOf(parsed.error, itemSchema, bare)
      .filter((p) => p.path.join('.') === field.path)
      .map((p) => sayProblem(p, 'trade'))
    expect(said).toHaveLength(1)
    expect(said[0]).toContain(field.label)
    expect(said[0]).not.toMatch(hollow)
  })
})

test('a figure beyond its limit is told by its name and in units, typed, in a table or in a file', () => {
  const typed = quickAdd('skagit 99999 gr 23 ft', 'x')
  const table = readCsv('kind,name,style,mass_gr,length_ft\nhead,Brick,skagit,99999,23\n', () => 'x')
  const file = readParsedDocument({
    items: [{ kind: 'head', id: 'x', name: 'Brick', style: 'skagit', massKg: 6.5, lengthM: 7 }],
  })
  for (const [problem] of [typed.ok ? [] : typed.problems, table.rowProblems, file.problems]) {
    if (problem === undefined) throw new Error('accepted')
    expect(sayProblem(problem, 'trade')).toBe('Weight must be between 31 gr and 2315 gr.')
    expect(sayProblem(problem, 'metric')).toBe('Weight must be between 2 g and 150 g.')
  }
})

test('a limit too small for the figures at hand is printed finer, not as nothing', () => {
  const low = { path: ['todayFlowM3ps'], code: 'too_small', data: { minimum: 0.001 } }
  expect(sayProblem(low, 'trade')).toBe('The flow must be at least 0.04 cfs.')
})

describe('what a pool remembers and learns', () => {
  test.each([
    [
      { tip: 'T-11, 10 ft', saw: { touched: 1, band: 2, high: 0 }, deeper: 0.031 },
      'T-11, 10 ft: right depth twice, touched bottom once, in water 3% deeper.',
    ],
    [
      { tip: 'T-8', leader: 'Level 4 ft', saw: { touched: 0, band: 1, high: 0 }, deeper: -0.05 },
      'T-8 with Level 4 ft: right depth once, in water 5% shallower.',
    ],
    [
      { tip: null, saw: { touched: 0, band: 0, high: 3 }, deeper: 0.001 },
      'No tip: too high 3 times, in the same water.',
    ],
  ])('%p', (one, said) => expect(sayRemembered(one)).toBe(said))
  const factor = (f: number) => ({ factor: f, low: f * 0.9, high: f * 1.1 })
  const learnt = { outcome: 'calibrated', correlation: 0, byLog: {} as never } as const
  test('both factors, one of them as measured', () => {
    expect(sayCalibrated({ ...learnt, depth: factor(1.2), current: factor(1) })).toBe(
      'From what you saw, the pool is 20% deeper than measured (likely 8 to 32% deeper) and as fast as measured (likely 10% slower to 10% faster).',
    )
  })
  test('one combined where they cannot be told apart, and too few', () => {
    const one = { ...learnt, depth: factor(1), current: factor(1), combined: factor(0.8) }
    expect(sayCalibrated(one)).toContain(
      'Taken as depth alone, the pool is 20% shallower than measured (likely 12 to 28% shallower)',
    )
    expect(sayCalibrated({ outcome: 'too-few' })).toContain('Log at least two swings')
  })
  test('what stands beside a pool, listened to or not', () => {
    const byLog = { depth: factor(1.06), current: factor(0.92), swings: 10, on: '2026-11-20' }
    expect(sayByLog(byLog, (day) => `day ${day}`)).toBe(
      'Corrected by your log: 6% deeper than measured and 8% slower than measured, from 10 swings up to day 2026-11-20.',
    )
    expect(sayByLog({ ...byLog, combined: true, off: true }, String)).toContain('Shown as measured')
  })
})

test('a rank is said in grains off the sweet spot; outside the window is what the window says', () => {
  const window = { lowKg: 0.03, centreKg: 0.033, highKg: 0.036, aimKg: 0.0345 }
  const at = (massKg: number, breaks = 0, watches = 0): string =>
    sayScore({ massKg, window, score: { breaks, watches } } as Parameters<typeof sayScore>[0], 'metric')
  // By the light edge, further from the sweet spot than half the window is wide, and yet inside.
  expect(at(0.0305)).toBe('4 g off the sweet spot')
  expect(at(0.0295, 1, 2)).toBe('1 check breaks · 2 to watch · outside the window')
  expect(at(0.0345)).toBe('on the sweet spot')
})

test('a tip that leads with less time says why; equals say so', () => {
  const tip = (name: string | null, holdingS: number) => ({
    name,
    verdict: 'holds',
    swung: { summary: { holdingS } },
  })
  const why = (...tips: readonly unknown[]): string | undefined =>
    sayWhyTip({ tips } as unknown as Parameters<typeof sayWhyTip>[0])
  expect(why(tip('T-8', 49), tip('T-11', 43))).toBe('T-8 beats T-11: 49 s with the fish to 43.')
  expect(why(tip(null, 27), tip('T-8', 27.2))).toBe('No tip or T-8: 27 s with the fish either way.')
  expect(why(tip(null, 27), tip('T-8', 35))).toBe(
    'No tip comes first: the simpler rig, though T-8 is 35 s with the fish to 27.',
  )
})

test('a change with nothing to gain in seconds says what it is better by', () => {
  const swing = (snagRisk: number, ridesM: number) => ({ snagRisk, ridesM })
  expect(sayDiffers(swing(0.3, 1), swing(0.1, 1))).toBe('less snag')
  expect(sayDiffers(swing(0.1, 1), swing(0.12, 1.3))).toBe('rides deeper')
  expect(sayDiffers(swing(0.1, 1), swing(0.1, 1.05))).toBe('as now')
})
