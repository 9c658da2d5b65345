import { describe, expect, test } from '@jest/globals'
import { type Day, dayOf, FIRST_JOB, type Job, USUAL_DAYS } from '../day/index.ts'
import { DEFAULT_SCHOOLS } from '../gear/index.ts'
import { backingState, backingWantedM, fillSpool, PACKING, usualHandle } from '../reel/index.ts'
import { roomNeededM } from '../rig/checks/water.ts'
import {
  balanceOf,
  type Check,
  type CheckCode,
  LAUNCH_MPS,
  rigTurnover,
  ruleFor,
  shotWith,
  swingInput,
  swungIn,
  woundLines,
} from '../rig/index.ts'
import { landsBeyond, swing, swingVerdict, USUAL_PLAN } from '../swing/index.ts'
import { DEMO, dayWith, DEMO_GEAR as GEAR, partsOf } from '../testing/index.ts'
import { judge, judgeSwung, matchRigs, secondLook } from './index.ts'

const inPool = (runId: string, job: Partial<Job> = {}, flowM3ps?: number): Day =>
  dayWith(
    { fishAt: 'bottom', ...job },
    { runs: DEMO.runs, water: { runId, plan: USUAL_PLAN, ...(flowM3ps === undefined ? {} : { flowM3ps }) } },
  )
const KETTLE = inPool('kettle-run')
const line = (checks: readonly Check[], code: CheckCode): Check => {
  const found = checks.find((c) => c.code === code)
  if (found === undefined) throw new Error(`${code} was not asked`)
  return found
}

describe('one question, one answer: the ledger against each page’s own figure', () => {
  const parts = partsOf()
  const { checks, swung } = judgeSwung(parts, KETTLE)
  const setup = {
    parts,
    fly: KETTLE.fly,
    run: KETTLE.run,
    plan: KETTLE.plan,
    fishAt: KETTLE.fishAt,
    fishKg: KETTLE.fishKg,
    waterC: KETTLE.waterC,
  }

  test('Water: the swing that is shown, with the line’s shape, is the swing that was judged', () => {
    const shown = swing(swingInput(setup, { shapes: true }))
    expect(shown.summary).toEqual(swung?.summary)
    expect(swingVerdict(shown)).toMatchObject({
      state: line(checks, 'depth').state,
      reason: line(checks, 'depth').reason,
    })
  })
  test('without its swing the same rig is provisional: it never holds, and says so', () => {
    const first = judge(parts, KETTLE)
    expect(first.swung).toBeUndefined()
    expect(first.verdict).not.toBe('holds')
    expect(line(first.checks, 'depth').reason).toBe('not-swung')
  })
  test('Running line: reach', () => {
    expect(line(checks, 'reach').value).toBe(shotWith(parts, parts.runningLine, KETTLE).castM)
  })
  test('Turnover: the fly’s drop', () => {
    const thrown = rigTurnover(parts, KETTLE.fly, LAUNCH_MPS[KETTLE.caster.habit], KETTLE)
    if (thrown.outcome !== 'turned-over') throw new Error(thrown.outcome)
    expect(line(checks, 'fly-tip')).toMatchObject({
      value: thrown.dropM,
      state: thrown.straight ? 'holds' : 'watch',
    })
  })
  test('Reel: what goes on, with the backing such a fish wants; and where it balances', () => {
    for (const fishKg of [2, 9]) {
      const day = { ...KETTLE, fishKg }
      const { low } = backingWantedM(parts.rod, fishKg)
      const spool = parts.reel?.spool
      if (spool === undefined) throw new Error('no spool')
      const filled = fillSpool(spool, PACKING.usual, woundLines(parts, undefined, low))
      const judged = judgeSwung(parts, day).checks
      expect(line(judged, 'reel-room').value).toBeCloseTo(filled.fillFraction, 12)
      expect(backingState(low, { low })).toBe('holds')
      expect(line(judged, 'balance').value).toBe(
        balanceOf(parts, undefined, low, usualHandle(parts.rod).handM)?.pointM,
      )
    }
  })
  test('Leader: its length by the bench’s rule; room behind by the caster’s', () => {
    const rule = ruleFor(parts.rod, parts.head.head.style, parts.tip, KETTLE.fly)
    expect(line(checks, 'leader-length').allowed).toEqual({ low: rule.lowM, high: rule.highM })
    expect(line(checks, 'room-behind').value).toBe(roomNeededM(parts, KETTLE))
  })
})

describe('the water decides', () => {
  test('Kettle Run in a flood: what holds at the measured flow rides above the fish, and every page says so', () => {
    const parts = partsOf({ tipId: 't-11-7-ft-6' })
    const [low, high] = [inPool('kettle-run'), inPool('kettle-run', {}, 52)]
    expect(line(judgeSwung(parts, low).checks, 'depth').state).toBe('holds')
    const flood = judgeSwung(parts, high)
    expect(line(flood.checks, 'depth').state).toBe('breaks')
    expect(['too-high', 'hurried']).toContain(line(flood.checks, 'depth').reason)
    expect(flood.verdict).toBe('breaks')
  })
  test.each(DEMO.runs.map((run) => [run.name, run.id] as const))(
    '%s at its measured flow: something holds, something is told it is too deep or too high',
    (_name, runId) => {
      const surf = USUAL_DAYS.find((d) => d.name === 'Surf at dawn')
      const job = runId === 'ossan-strand' ? { ...surf?.job } : {}
      const states = ['bottom', 'middle'].flatMap((fishAt) => {
        const day = inPool(runId, { ...job, fishAt: fishAt as Job['fishAt'] })
        return secondLook(GEAR, day, matchRigs(GEAR, day), 3)
          .cards.slice(0, 3)
          .flatMap((card) => card.tips)
      })
      expect(states.some((tip) => tip.verdict === 'holds')).toBe(true)
      const reasons = states.flatMap(({ swung }) => (swung ? [swingVerdict(swung).reason] : []))
      expect(reasons.some((r) => ['too-high', 'hurried', 'too-deep', 'drags', 'grounded'].includes(r))).toBe(
        true,
      )
    },
  )
  test('a plain-words run swings as the nearest demo pool does', () => {
    const { waterDepthM, currentMps } = KETTLE
    const words = dayOf({
      job: { ...FIRST_JOB, fishAt: 'bottom', waterDepthM, currentMps },
      schools: DEFAULT_SCHOOLS,
    })
    const [there, told] = [KETTLE, words].map((day) => swungIn(partsOf(), day))
    if (there === undefined || told === undefined) throw new Error('no swing')
    expect(told.outcome).toBe(there.outcome)
    expect(Math.abs(told.summary.ridesM / there.summary.ridesM - 1)).toBeLessThan(0.25)
    expect(Math.abs(told.summary.swingS / there.summary.swingS - 1)).toBeLessThan(0.35)
  })
  test('a fly for the surface that swings at the surface is praised', () => {
    const evening = USUAL_DAYS.find((d) => d.name === 'Summer evening')
    const day = dayOf({ job: { ...FIRST_JOB, ...evening?.job }, schools: DEFAULT_SCHOOLS })
    const parts = partsOf({ headId: '450-gr-scandi', tipId: null, leaderId: 'tapered-15-ft' })
    expect(line(judgeSwung(parts, day).checks, 'depth')).toMatchObject({ state: 'holds', reason: 'in-place' })
  })
})

describe('bad input: a verdict with a reason, never a hang or a NaN', () => {
  const pool = DEMO.runs[0]
  if (pool === undefined) throw new Error('no pool')
  test.each<[string, Partial<Job>, Partial<typeof pool>]>([
    ['a current of nothing', {}, { currents: [{ fromBankM: 0, mps: 0 }] }],
    ['a dry run', {}, { soundings: [{ fromBankM: 5, depthM: 0 }] }],
    [
      'a river narrower than the head is long',
      {},
      {
        widthM: 3,
        soundings: [{ fromBankM: 1.5, depthM: 0.5 }],
        currents: [{ fromBankM: 1, mps: 0.4 }],
        wadeM: 0.5,
      },
    ],
    ['a fish of 60 kg', { fishKg: 60 }, {}],
    ['a fly of 30 g', { fly: { dress: 'bulky', weighting: 'heavy', massKg: 0.03 } }, {}],
    ['a cast of 60 m', { castM: 60 }, {}],
    ['a cast of 3 m', { castM: 3 }, {}],
    ['3 m stripped in', { castM: 3, water: 'surf' }, {}],
    ['60 m stripped in', { castM: 60, water: 'surf' }, {}],
  ])('%s', (_name, job, change) => {
    const { measuredFlowM3ps: _flow, ...measured } = pool
    const run = { ...measured, ...change }
    const day = dayOf({
      job: { ...FIRST_JOB, ...job },
      schools: DEFAULT_SCHOOLS,
      runs: [run],
      water: { runId: run.id, plan: USUAL_PLAN },
    })
    const rig = judgeSwung(partsOf(), day)
    expect(['holds', 'watch', 'breaks']).toContain(rig.verdict)
    for (const { value, off } of rig.checks) {
      expect(Number.isFinite(value ?? 0)).toBe(true)
      expect(Number.isFinite(off)).toBe(true)
    }
    for (const figure of Object.values(rig.swung?.summary ?? {}))
      if (typeof figure === 'number') expect(Number.isFinite(figure)).toBe(true)
    // In water that carries nothing round, or none, no rig holds; what is still is stripped in (C53).
    if (day.plan.rod !== 'strip' && ('currents' in change || 'soundings' in change))
      expect(
        line(rig.checks, 'depth').state === 'holds' && !landsBeyond(swingInput({ ...day, parts: partsOf() })),
      ).toBe(false)
  })
})
