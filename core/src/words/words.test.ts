import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import {
  DAYS,
  DEFAULT_SCHOOLS,
  type Job,
  KINDS,
  readCsv,
  readDocument,
  SCHOOLS,
  type SchoolQuestion,
} from '../gear/index.ts'
import { matchRigs } from '../match/index.ts'
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

const { document } = readDocument(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8'))
const hollow = /undefined|NaN|null|\[object/

describe('the ledger in words', () => {
  test.each(DAYS.map((d) => d.name))(
    'every line of every rig of a %s has a sentence in both faces',
    (name) => {
      const day = DAYS.find((d) => d.name === name)
      const job = { ...document.job, ...day?.job, stripToM: 8 } as Job
      const rigs = matchRigs(
        document.gear,
        job,
        { ...DEFAULT_SCHOOLS, sinkingLeaders: 'quick-fix' },
        300,
      ).rigs
      expect(rigs.length).toBeGreaterThan(200)
      for (const { checks } of rigs)
        for (const check of checks)
          for (const system of ['trade', 'metric'] as const) {
            expect(sayCheck(check, system)).not.toMatch(hollow)
            expect(sayAllowed(check, system)).not.toMatch(hollow)
          }
    },
  )
  test('a figure just past its limit does not read as the limit', () => {
    const rigs = matchRigs(
      document.gear,
      { ...document.job, ...DAYS[3]?.job } as Job,
      DEFAULT_SCHOOLS,
      400,
    ).rigs
    for (const check of rigs
      .flatMap((r) => r.checks)
      .filter((c) => c.code === 'mass-in-window' && c.state !== 'holds')) {
      const [said, limit] = sayCheck(check, 'trade').match(/[\d.]+(?= gr)/g) ?? []
      expect(said).not.toBe(limit)
    }
  })
})

test('problems are said in the user’s words and units', () => {
  const read = readCsv(
    'kind,name,style,mass_gr,length_ft\nhead,x,skagit,510,300\nhead,y,skagit,5000,23\nhead,,skagit,510,23',
    String,
  )
  const said = read.rowProblems.map((p) => sayProblem(p, 'trade', 'head'))
  expect(said[0]).toBe('Length must be at most 131.2 ft.')
  expect(said[1]).toMatch(/Mass must be at most 2315 gr/)
  expect(said.at(-1)).toBe('Name is needed.')
  for (const sentence of said) expect(sentence).not.toMatch(hollow)
})

test.each(KINDS)('every demo %s has a short line in both faces', (kind) => {
  for (const item of document.gear.items.filter((i) => i.kind === kind))
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
