import { describe, expect, test } from '@jest/globals'
import { type Day, dayOf, FIRST_JOB, USUAL_DAYS } from '../day/index.ts'
import { readCsv } from '../format/csv.ts'
import { DEFAULT_SCHOOLS, KINDS, SCHOOLS, type SchoolQuestion, type Schools } from '../gear/index.ts'
import { matchRigs, secondLook } from '../match/index.ts'
import { CHECKS, type Finding, lineOf } from '../rig/index.ts'
import { DEMO as document } from '../testing/index.ts'
import {
  nearestWord,
  PLAIN_WORDS,
  type PlainQuestion,
  SCHOOL_WORDS,
  sayAllowed,
  sayCheck,
  sayProblem,
  summarize,
} from './index.ts'

const on = (name: string, schools: Partial<Schools> = {}): Day => {
  const job = { ...FIRST_JOB, ...USUAL_DAYS.find((d) => d.name === name)?.job, stripToM: 8 }
  return dayOf({ job, schools: { ...DEFAULT_SCHOOLS, ...schools } })
}
const hollow = /undefined|NaN|null|\[object/

describe('the ledger in words', () => {
  test.each(USUAL_DAYS.map((d) => d.name))(
    'every line of every rig of a %s has a sentence in both faces',
    (name) => {
      const day = on(name, { sinkingLeaders: 'quick-fix' })
      const first = matchRigs(document, day, 60)
      const rigs = [...first.cards, ...secondLook(document, day, first, 1).cards].map((card) => card.rig)
      expect(rigs.length).toBeGreaterThan(50)
      for (const { checks } of rigs)
        for (const check of checks)
          for (const system of ['trade', 'metric'] as const) {
            expect(sayCheck(check, system)).not.toMatch(hollow)
            expect(sayAllowed(check, system)).not.toMatch(hollow)
          }
    },
  )
  const pairs = CHECKS.flatMap(({ code, reasons }) =>
    Object.entries(reasons).map(([reason, data]) => [code, reason, data] as const),
  )
  test.each(pairs)('%s, %s: a whole sentence from its example', (code, reason, data) => {
    const figures = {
      value: 0.02,
      allowed: { low: 0.021, high: 0.03 },
      tag: 'practice',
      measure: 'length',
    } as const
    for (const state of ['holds', 'watch', 'breaks'] as const)
      for (const system of ['trade', 'metric'] as const) {
        const said = sayCheck(lineOf(code, { ...figures, state, reason, data } as Finding), system)
        expect(said).toMatch(/^[A-Z\d].{12,}\.$/)
        expect(said).not.toMatch(hollow)
      }
  })
  test('a figure just past its limit does not read as the limit', () => {
    const rigs = matchRigs(document, on('Surf at dawn'), 400).cards.map((card) => card.rig)
    const past = rigs
      .flatMap((r) => r.checks)
      .filter((c) => c.code === 'mass-in-window' && c.state !== 'holds')
    expect(past.length).toBeGreaterThan(0)
    for (const check of past) {
      const [said, limit] = sayCheck(check, 'trade').match(/[\d.]+(?= gr)/g) ?? []
      expect(said).not.toBe(limit)
    }
  })
  test('an estimated window is named as one, a printed one by its edge', () => {
    const light = {
      state: 'watch',
      reason: 'too-light',
      value: 0.02,
      allowed: { low: 0.021, high: 0.03 },
    } as const
    const say = (tag: 'estimate' | 'printed') =>
      sayCheck(lineOf('mass-in-window', { ...light, data: {}, measure: 'lineMass', tag }), 'trade')
    expect(say('estimate')).toContain('the estimated window, about 324 gr to 463 gr')
    expect(say('printed')).toContain('under the 324 gr this rod needs')
  })
})

test('problems are said in the user’s words and units', () => {
  const read = readCsv(
    'kind,name,style,mass_gr,length_ft\nhead,x,skagit,510,300\nhead,y,skagit,5000,23\nhead,,skagit,510,23',
    String,
  )
  const said = read.rowProblems.map((p) => sayProblem(p, 'trade'))
  expect(said[0]).toBe('Length must be between 2.6 ft and 131.2 ft.')
  expect(said[1]).toMatch(/Weight must be between 31 gr and 2315 gr/)
  expect(said.at(-1)).toBe('Name is needed.')
  for (const sentence of said) expect(sentence).not.toMatch(hollow)
})

test.each(KINDS)('every demo %s has a short line in both faces', (kind) => {
  for (const item of document.items.filter((i) => i.kind === kind))
    for (const system of ['trade', 'metric'] as const) expect(summarize(item, system)).not.toMatch(hollow)
})

test('every school of every question has words', () => {
  for (const [question, choices] of Object.entries(SCHOOLS))
    for (const choice of choices)
      expect(SCHOOL_WORDS[question as SchoolQuestion].choices[choice]?.reason).toBeTruthy()
})

test.each(Object.keys(PLAIN_WORDS) as PlainQuestion[])(
  'each word of %s is nearest to its own figure',
  (question) => {
    for (const word of PLAIN_WORDS[question]) expect(nearestWord(question, word.si)).toEqual(word)
  },
)
