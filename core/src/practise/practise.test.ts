import { describe, expect, test } from '@jest/globals'
import { CAST_NAMES, chooseCasts, windOn } from '../cast/index.ts'
import { FIRST_JOB } from '../day/index.ts'
import { DEFAULT_SCHOOLS } from '../gear/index.ts'
import { judge, judgeSwung } from '../match/index.ts'
import { swingInput, swungIn, through } from '../rig/index.ts'
import { castReachM, swing } from '../swing/index.ts'
import { DEMO } from '../testing/index.ts'
import { some } from '../testing/long.ts'
import { leaveBy } from '../tide/index.ts'
import { depthAt, HoldingWater, surfaceCurrentAt } from '../water/index.ts'
import { sayRound } from '../words/index.ts'
import { roundInSteps } from './draw.ts'
import {
  againIn,
  answered,
  dueMs,
  kindToAsk,
  levelOf,
  type Practised,
  SITTING,
  standingsOf,
} from './leitner.ts'
import { rollFrom, shuffled } from './random.ts'
import type { Round } from './round.ts'
import { readSent, writeSent } from './sent.ts'
import { situationSchema } from './situation.ts'
import { dayIn, solveInSteps } from './solve.ts'
import { BY_LEVEL, MARGINS, ROUND_KINDS, type RoundKind } from './vocabulary.ts'

const spare = { gear: { items: DEMO.items }, runs: DEMO.runs }
const about = { ...spare, caster: FIRST_JOB.caster, schools: DEFAULT_SCHOOLS }
const clock = (ms: number): string => new Date(ms).toISOString().slice(11, 16)
const level = (seed: number) => ((seed % 3) + 1) as 1 | 2 | 3

/** Rounds of a kind from many seeds. */
function* rounds(kind: RoundKind): Generator<Round> {
  for (let seed = 1; seed <= some(2000, 0.02); seed++) {
    const drawn = through(roundInSteps(kind, seed, about, { spare, level: level(seed) }))
    if (drawn === undefined) throw new Error(`${kind} ${seed} gave no round`)
    yield drawn.round
  }
}

/** What the page's own function says of the right choice, and of the others. */
const RIGHT: { readonly [K in RoundKind]: (round: Extract<Round, { kind: K }>) => void } = {
  cast({ setting, choices, answer }) {
    const page = chooseCasts(setting)
    const { acrossMps } = windOn(setting.wind, setting.targetDeg)
    for (const { id, cast } of choices) {
      expect(page.find((each) => each.cast === cast.cast && each.side === cast.side)?.fit).toBe(
        id === answer ? 'good' : 'no',
      )
      // The wind rule, by itself: anchor and D loop lie downwind.
      if (id === answer && Math.abs(acrossMps) > 1.5) expect(cast.side).toBe(acrossMps > 0 ? 'left' : 'right')
    }
  },
  tip({ choices, answer, day, situation }) {
    const [right, ...others] = [...choices].sort((a, b) => Number(b.id === answer) - Number(a.id === answer))
    const again = right && judgeSwung(right.rig.parts, day)
    expect(again?.verdict).toBe(right?.rig.verdict)
    const held = again?.swung?.summary.holdingS ?? 0
    for (const { rig } of others)
      expect(held - (rig.swung?.summary.holdingS ?? 0)).toBeGreaterThanOrEqual(
        BY_LEVEL[situation.level].margin * MARGINS.tipS,
      )
  },
  deep({ choices, answer, day, parts, likely }) {
    // By the swing's own samples, not by its summary: the mean depth of the fly over holding water.
    const input = swingInput({ ...day, parts })
    const water = new HoldingWater(input.run, input.fish ?? { fishAt: 'bottom' }, castReachM(input))
    const over = swing(input).samples.flatMap(({ flyM: [, y, z] }) => {
      const holds = water.at(y, depthAt(input.run, y), surfaceCurrentAt(input.run, y))
      return holds > 0 ? [{ holds, depthM: Math.max(0, -z) }] : []
    })
    const sum = (of: (one: (typeof over)[number]) => number): number =>
      over.reduce((all, one) => all + of(one), 0)
    const ridesM = sum(({ holds, depthM }) => holds * depthM) / sum(({ holds }) => holds)
    const { low = 0, high = 99 } = choices.find(({ id }) => id === answer) ?? {}
    // Samples lie a tenth of a second apart: so near an edge they could not tell.
    expect(ridesM).toBeGreaterThan(low - 0.02)
    expect(ridesM).toBeLessThan(high + 0.02)
    const others = choices.filter(({ id }) => id !== answer)
    for (const { low: from = 0, high: to = 99 } of others)
      expect(ridesM > from + 0.02 && ridesM < to - 0.02).toBe(false)
    expect(likely[0]).toBeLessThanOrEqual(ridesM)
    expect(likely[1]).toBeGreaterThanOrEqual(ridesM)
  },
  head({ choices, answer, window: { lowKg, highKg } }) {
    for (const { id, massKg, check } of choices) {
      expect(massKg >= lowKg && massKg <= highKg).toBe(id === answer)
      expect(check.state === 'holds').toBe(id === answer)
    }
  },
  wrong({ broken, fixed, answer, rig, choices, situation }) {
    const day = dayIn(situation.job, situation.schools)
    // By the ledger itself: the one line that fails of this rig, and of none of the other choices.
    const failing = judge(rig.parts, day)
      .checks.filter(({ code, state }) => code !== 'depth' && state !== 'holds')
      .map(({ code }) => code)
    expect(failing).toEqual([answer])
    expect(choices.map(({ id }) => id).filter((id) => failing.includes(id))).toEqual([answer])
    expect(rig.checks.filter(({ code, state }) => code !== 'depth' && state !== 'holds')).toEqual([broken])
    expect(fixed.checks.filter(({ code, state }) => code !== 'depth' && state !== 'holds')).toEqual([])
  },
  go({ run, situation, choices, answer }) {
    const leave = run.shore && leaveBy(run.shore, situation.atMs)
    const { low = 0, high = Number.POSITIVE_INFINITY } = choices.find(({ id }) => id === answer) ?? {}
    expect(leave?.outcome === 'leave-by' && leave.leaveMs >= low && leave.leaveMs < high).toBe(true)
  },
  change({ parts, before, after, higherM, choices, answer }) {
    const overBed = ({ day }: typeof before): number => day.waterDepthM - swungIn(parts, day).summary.ridesM
    expect(overBed(after) - overBed(before)).toBeCloseTo(higherM, 2)
    const { low = -99, high = 99 } = choices.find(({ id }) => id === answer) ?? {}
    expect(higherM >= low && higherM < high).toBe(true)
  },
}

describe.each(ROUND_KINDS)('%s', (kind) => {
  test('over many seeds: one right choice, by the page’s own function, with its margin and its reasons; whole in an address', () => {
    const answers = new Set<string>()
    let [most, seen] = [0, 0]
    for (const round of rounds(kind)) {
      const { choices, answer, situation } = round
      answers.add(answer)
      seen++
      most = Math.max(most, JSON.stringify(situation).length)
      expect(new Set(choices.map(({ id }) => id)).size).toBe(choices.length)
      expect(choices.length).toBeGreaterThanOrEqual(2)
      expect(choices.map(({ id }) => id)).toContain(answer)
      ;(RIGHT[kind] as (round: Round) => void)(round)
      // As it is kept and sent.
      expect(readSent(writeSent(situation))).toEqual({ outcome: 'read', situation })
      const said = sayRound(round, 'trade', clock)
      expect(said.question).toMatch(/\?$/)
      expect(said.reasons.every((reason) => reason.length > 10)).toBe(true)
      expect(said.reasons.length).toBeGreaterThan(0)
      expect(new Set(said.choices.map(({ text }) => text)).size).toBe(choices.length)
    }
    expect(seen).toBeGreaterThanOrEqual(40)
    expect(answers.size).toBeGreaterThan(1)
    // As a link carries it.
    expect(most).toBeLessThan(20_000)
  })

  test('the same seed, the same round; and its situation alone gives it again', () => {
    const draw = () => through(roundInSteps(kind, 11, about, { spare }))
    const [one, other] = [draw(), draw()]
    expect(one?.round.situation).toEqual(other?.round.situation)
    const carried = situationSchema.parse(JSON.parse(JSON.stringify(one?.round.situation)))
    expect(through(solveInSteps(carried))?.answer).toBe(one?.round.answer)
  })
})

test('each cast is right in some situation', () => {
  const right = new Set<string>()
  // So many are enough, as a rule with room to spare.
  for (let seed = 1; seed <= 1500 && right.size < CAST_NAMES.length; seed++) {
    const drawn = through(roundInSteps('cast', seed, about, { spare, level: level(seed) }))
    if (drawn?.round.kind === 'cast') right.add(drawn.round.answer.replace(/-(left|right)$/, ''))
  }
  expect([...right].sort()).toEqual([...CAST_NAMES].sort())
})

test('no gear and no pool of one’s own: the demo’s stand in, and that is said; nothing at all gives no round', () => {
  const none = { ...about, gear: { items: [] }, runs: [] }
  for (const kind of ROUND_KINDS) {
    expect(through(roundInSteps(kind, 3, none, { spare }))?.spare).toBe(true)
    expect(through(roundInSteps(kind, 3, about, { spare: none }))?.spare).toBe(false)
  }
  expect(through(roundInSteps('tip', 3, none, { spare: none }))).toBeUndefined()
})

test('a situation that was altered is no round', () => {
  const drawn = through(roundInSteps('wrong', 4, about, { spare }))
  const situation = drawn?.round.situation
  if (situation?.kind !== 'wrong') throw new Error('no round')
  expect(through(solveInSteps({ ...situation, items: situation.items.slice(0, 2) }))).toBeUndefined()
  expect(
    through(solveInSteps({ ...situation, rig: { ...situation.rig, [situation.slot]: situation.wasId } })),
  ).toBeUndefined()
  expect(situationSchema.safeParse({ ...situation, kind: 'other' }).success).toBe(false)
})

test.each([
  ['{"v":2,"situation":{}}', 'newer'],
  ['{"v":1,"situation":{"kind":"cast"}}', 'damaged'],
  ['not a round', 'damaged'],
  ['null', 'damaged'],
  ['x'.repeat(70_000), 'damaged'],
])('a link that holds %.30s is %s', (text, outcome) => expect(readSent(text)).toEqual({ outcome }))

test('a shuffle keeps all, in an order that depends on the seed', () => {
  const list = [1, 2, 3, 4, 5, 6]
  expect([...shuffled(rollFrom(1), list)].sort()).toEqual(list)
  expect(shuffled(rollFrom(1), list)).not.toEqual(shuffled(rollFrom(2), list))
})

const DAY = 86_400_000
const card = (more: Partial<Practised> = {}): Practised => ({
  id: 'a',
  kind: 'cast',
  level: 1,
  box: 1,
  atMs: 0,
  asked: 1,
  right: 0,
  last: { right: false, sure: false },
  ...more,
})

// Leitner 1972, from memory: one box on when right, back to the first when wrong, each box waits twice as long.
describe('the card file', () => {
  test.each([
    [undefined, true, true, 5, Number.POSITIVE_INFINITY],
    [undefined, true, false, 2, 1 * DAY],
    [undefined, false, true, 1, 0],
    [2, true, true, 3, 2 * DAY],
    [3, true, false, 4, 4 * DAY],
    [4, true, true, 5, Number.POSITIVE_INFINITY],
    [4, false, false, 1, 0],
  ] as const)('from box %s, right %s, sure %s: box %i, again after %f ms', (box, right, sure, next, wait) => {
    const before = box === undefined ? undefined : card({ box })
    const after = answered(before, card(), { right, sure }, 1000)
    expect(after.box).toBe(next)
    expect(dueMs(after)).toBe(1000 + wait)
    expect(after.asked).toBe((before?.asked ?? 0) + 1)
  })

  test('what was wrong comes again as every third round, not at once, longest waiting first', () => {
    const situation = through(roundInSteps('head', 1, about, { spare }))?.round.situation
    const cards = [
      card({ id: 'b', atMs: 5, situation }),
      card({ id: 'a', atMs: 1, situation }),
      card({ id: 'c' }),
    ]
    expect(againIn(cards, [], 10)).toBeUndefined()
    expect(againIn(cards, ['x', 'y'], 10)?.id).toBe('a')
    expect(againIn(cards, ['x', 'a'], 10)?.id).toBe('b')
    expect(againIn([card({ situation, box: 3, atMs: 9 })], ['x', 'y'], 10)).toBeUndefined()
    expect(SITTING.rounds).toBe(10)
  })

  test('a level more after eight rounds of which seven were right; sure and wrong is counted', () => {
    const eight = (right: number): Practised[] =>
      Array.from({ length: 8 }, (_, i) =>
        card({ id: `c${i}`, atMs: i, right: 1, last: { right: i < right, sure: true } }),
      )
    expect([levelOf(eight(6), 'cast'), levelOf(eight(7), 'cast'), levelOf([], 'cast')]).toEqual([1, 2, 1])
    // Of more than eight the last count; of another kind, or at another level, none does.
    const older = eight(0).map((each) => ({ ...each, id: `old-${each.id}`, atMs: each.atMs - 100 }))
    expect(levelOf([...older, ...eight(8)], 'cast')).toBe(2)
    expect(levelOf([...older.map((each) => ({ ...each, atMs: 900 })), ...eight(8)], 'cast')).toBe(1)
    expect(levelOf(eight(8), 'tip')).toBe(1)
    expect(levelOf(eight(8).slice(1), 'cast')).toBe(1)
    const second = eight(8).map((each) => ({ ...each, level: 2 as const }))
    expect([levelOf(second, 'cast'), levelOf([...eight(8), ...second], 'cast')]).toEqual([3, 3])
    const [, cast] = standingsOf(eight(6), 10)
    expect(cast).toMatchObject({ kind: 'cast', asked: 8, right: 8, sureWrong: 2, level: 1 })
  })

  test('the kind asked next is the one least asked in this sitting, then ever', () => {
    expect(kindToAsk([], [])).toBe('head')
    expect(kindToAsk([card({ kind: 'head' })], [])).toBe('cast')
    expect(kindToAsk([], ['head', 'cast'], ['head', 'cast', 'go'])).toBe('go')
  })
})
