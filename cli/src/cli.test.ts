import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { COMMANDS, run } from './run.ts'

const call = (name: string, input: unknown) =>
  run([name], async () => (typeof input === 'string' ? input : JSON.stringify(input)))
const answer = async (name: string, input: unknown): Promise<Record<string, unknown>> => {
  const { status, stdout, stderr } = await call(name, input)
  expect({ status, stderr }).toEqual({ status: 0, stderr: '' })
  return JSON.parse(stdout) as Record<string, unknown>
}

interface DemoRun {
  readonly widthM: number
  readonly soundings: readonly { readonly depthM: number }[]
}
const demo = JSON.parse(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8')) as {
  gear: unknown
  job: unknown
  runs: (DemoRun & { id: string })[]
}
function demoRun(id: string): DemoRun {
  const run = demo.runs.find((r) => r.id === id)
  if (run === undefined) throw new Error(id)
  return run
}

test.each(COMMANDS.map((c) => c.name))('%s: its example runs as printed', async (name) => {
  const result = await answer(name, await exampleOf(name))
  expect(JSON.stringify(result)).not.toContain('null,null')
})

test('--help lists every command', async () => {
  const { stdout } = await run(['--help'], async () => '')
  for (const { name } of COMMANDS) expect(stdout).toContain(name)
})

describe('answers', () => {
  test('line and carry carry C1 and C3', async () => {
    const standard = { standard: 'single-hand', number: 9, frontTaperM: 8 * 0.3048 }
    const { massKg } = (await answer('line', { line: standard, atM: [9.144, 13.716] })) as {
      massKg: number[]
    }
    expect(massKg.map((kg) => Math.round(kg / 64.79891e-6))).toEqual([240, 372])
    const { carryM } = await answer('carry', {
      number: 9,
      frontTaperM: 8 * 0.3048,
      headKg: 375 * 64.79891e-6,
    })
    expect(Number(carryM) / 0.3048).toBeCloseTo(45.3, 1)
  })
  test('level doubles a flow by hydraulic geometry (C21), there and back', async () => {
    const run = demoRun('kettle-run')
    const high = await answer('level', { run, measuredFlowM3ps: 24, todayFlowM3ps: 48 })
    const [before, after] = [run, high].map((r) => (r as unknown as typeof run).soundings[2]?.depthM ?? 0)
    expect(Number(after) / Number(before)).toBeCloseTo(1.32, 2)
    expect(Number(high.widthM) / run.widthM).toBeCloseTo(1.2, 2)
    const back = await answer('level', { run: high, measuredFlowM3ps: 48, todayFlowM3ps: 24 })
    expect(Number(back.widthM)).toBeCloseTo(run.widthM, 9)
  })
  test('steady hangs straight down in still water and at the critical angle in a stream (C18)', async () => {
    const tip = { lengthM: 3, kgPerM: 0.00234, diameterM: 0.0009 }
    const fly = { submergedWeightN: 0, dragAreaM2: 0 }
    expect(await answer('steady', { currentMps: 0, parts: [tip], fly })).toMatchObject({
      outcome: 'converged',
    })
    const still = await answer('steady', { currentMps: 0, parts: [tip], fly })
    expect(Number(still.depthM)).toBeCloseTo(3, 9)
    // V of that tip: ½ρ Cn d V² = weight in water.
    const rate = Math.sqrt(
      ((0.00234 - (1000 * Math.PI * 0.0009 ** 2) / 4) * 9.80665) / (0.5 * 1000 * 1.2 * 0.0009),
    )
    const half = await answer('steady', { currentMps: 2 * rate, parts: [tip], fly })
    expect(Number(half.surfaceAngleDeg)).toBeCloseTo(28, 1)
    expect((half.shape as number[][]).length).toBeGreaterThan(50)
  })
  test('swing samples a path, sums it up, and says when the fly lands on the far bank', async () => {
    const input = {
      run: demoRun('kettle-run'),
      rodTip: { heightM: 1, xM: 1.8, yM: 8 },
      castAngleDeg: 60,
      parts: [
        { lengthM: 7, kgPerM: 0.0047, diameterM: 0.0026, floats: true },
        { lengthM: 3.048, kgPerM: 0.00234, diameterM: 0.0009 },
        { lengthM: 1.5, kgPerM: 0.00012, diameterM: 0.00035 },
      ],
      fly: { submergedWeightN: 0.006, dragAreaM2: 0.0002 },
    }
    const { outcome, samples, summary, ...rest } = await answer('swing', input)
    expect(outcome).toBe('swung')
    expect(rest).toEqual({})
    expect(Object.keys((samples as object[])[0] ?? {})).toEqual(['tS', 'flyM', 'speedMps', 'overBedM'])
    for (const key of ['maxDepthM', 'hangDepthM', 'inBandS', 'touches', 'swingS'])
      expect(Number.isFinite((summary as Record<string, number>)[key])).toBe(true)
    const far = await answer('swing', { ...input, run: demoRun('bell-tail') })
    expect(far.landsOn).toBe('far-bank')
  })
  test('tip names T-11 and works from diameter as from sink rate', async () => {
    const named = await answer('tip', { massKg: 110 * 64.79891e-6, lengthM: 3.048, sinkRateMps: 0.18 })
    expect(named).toMatchObject({ material: 'T-11', deviation: expect.closeTo(0, 9) })
    const back = await answer('tip', {
      massKg: 110 * 64.79891e-6,
      lengthM: 3.048,
      diameterM: named.diameterM,
    })
    expect(Number(back.sinkRateMps)).toBeCloseTo(0.18, 9)
    expect(await answer('tip', { massKg: 125 * 64.79891e-6, lengthM: 3.048 })).toMatchObject({
      material: null,
      nearest: [{}, {}],
    })
  })
  test('a valid question without an answer is an outcome', async () => {
    expect(
      await answer('window', { rod: { lineNumber: 14, lengthM: 4.5, hands: 'two-hander' }, style: 'scandi' }),
    ).toEqual({ outcome: 'beyond-table' })
    expect(await answer('carry', { number: 1, frontTaperM: 2, headKg: 0.1 })).toEqual({
      outcome: 'heavier-than-line',
    })
  })
  test('shoot, balance and fill carry C28, hand-worked moments and the closed form', async () => {
    const { shootM } = await answer('shoot', { headKg: 0.034, runningKgPerM: 0.0013, launchM: 20 })
    expect(Number(shootM) / 0.3048).toBeCloseTo(50.7, 1)
    expect(
      await answer('balance', { rod: { massKg: 0.2, balanceM: 1.6, reelSeatM: 0.1 }, handM: 0.6 }),
    ).toEqual({ outcome: 'balanced', reelKg: expect.closeTo(0.4, 12) })
    const spool = { rimDiameterM: 0.1, arborDiameterM: 0.05, widthM: 0.03, clearanceM: 0 }
    const { capacityM3 } = await answer('fill', { spool, packing: 0.75, lines: [] })
    expect(capacityM3).toBeCloseTo((Math.PI / 4) * (0.01 - 0.0025) * 0.03, 15)
  })
  test('match reckons with the run it is told, at the flow it is told', async () => {
    const plan = { angleDeg: 60, castM: 20, rod: 'follow', tipHeightM: 1, mends: [] }
    const at = (flowM3ps: number) => ({
      gear: demo.gear,
      job: { ...(demo.job as object), fishAt: 'bottom' },
      run: demoRun('kettle-run'),
      flowM3ps,
      plan,
    })
    type Told = { swing?: { holdingShare: number }; verdict: string; provisional?: true }
    type Rig = Told & Record<'tips' | 'leaders' | 'runningLines', Told[]> & { rodId: string }
    const { rigs } = (await answer('match', { ...at(24), limit: 14 })) as { rigs: Rig[] }
    const { tips: _tips, leaders: _leaders, runningLines: _lines, ...first } = rigs[0] as Rig
    // Judged by itself, the first rig is what it was in the ranking.
    const ids = ['rodId', 'headId', 'tipId', 'leaderId', 'runningLineId', 'reelId'] as const
    const rig = Object.fromEntries(ids.map((id) => [id, (first as unknown as Record<string, unknown>)[id]]))
    expect(await answer('judge', { ...at(24), rig })).toEqual(first)
    // With twice the water the same rig rides higher over the fish.
    const flood = (await answer('judge', { ...at(48), rig })) as unknown as Told
    expect(flood.swing?.holdingShare).toBeLessThan(first.swing?.holdingShare ?? 0)
    for (const { provisional, verdict, swing } of rigs) {
      expect(swing === undefined).toBe(provisional === true)
      if (provisional) expect(verdict).not.toBe('holds')
    }
    expect(rigs.filter((r) => r.provisional)).toHaveLength(rigs.length - 12)
  })
  test('gear, job and backups of every version that shipped are read', async () => {
    for (const version of ['0.1.0', '0.2.0', '0.3.0']) {
      const file = readFileSync(`${process.cwd()}/core/src/format/fixtures/${version}.json`, 'utf8')
      const { gear, job } = JSON.parse(file) as Record<string, unknown>
      expect(await answer('check', file)).toMatchObject({ ok: true, counts: { rod: expect.any(Number) } })
      expect(await answer('match', { gear, job, limit: 1 })).toMatchObject({ rigs: [{}] })
    }
  })
  test('a level far beyond the measured one has no answer, and says how far the measure reaches', async () => {
    const asked = { run: demoRun('kettle-run'), measuredFlowM3ps: 24, todayFlowM3ps: 24 * 60 }
    expect(await answer('level', asked)).toMatchObject({ outcome: 'too-far', reachM3ps: { high: 1200 } })
  })
  test('match ranks the demo gear and check passes its file', async () => {
    const { rigs } = (await answer('match', { gear: demo.gear, job: demo.job, limit: 5 })) as {
      rigs: { checks: { message: string }[] }[]
    }
    expect(rigs).toHaveLength(5)
    expect(rigs[0]?.checks.every((c) => c.message.length > 10)).toBe(true)
    expect(await answer('check', demo)).toMatchObject({ ok: true, problems: [] })
    expect(await answer('check', { gear: {} })).toMatchObject({
      ok: false,
      problems: [{ code: 'other-file' }],
    })
  })
})

test.each([
  ['convert', { value: 1, from: 'gr', to: 'ft' }, 'other-dimension', ['to']],
  ['convert', { value: 'x', from: 'gr', to: 'g' }, 'invalid_type', ['value']],
  [
    'line',
    { line: { standard: 'single-hand', number: 40, frontTaperM: 2 }, atM: [1] },
    'unknown-number',
    ['line', 'number'],
  ],
  [
    'line',
    { line: { sections: [{ lengthM: 2, startKgPerM: 0.001, endKgPerM: 0.001 }] }, atM: [1, 3] },
    'beyond-line',
    ['atM', 1],
  ],
  [
    'window',
    { rod: { lineNumber: 7, lengthM: 3.9, hands: 'two-hander', massKg: 'heavy' }, style: 'skagit' },
    'invalid_type',
    ['rod', 'massKg'],
  ],
  ['tip', { massKg: 0.01, lengthM: 3, sinkingLengthM: 4 }, 'sinks-beyond-tip', ['sinkingLengthM']],
  ['match', '{"gear":', 'not-json', []],
  [
    'match',
    { gear: { items: [] }, job: demo.job, run: demoRun('kettle-run'), flowM3ps: 2000 },
    'level-too-far',
    ['flowM3ps'],
  ],
  ['match', { gear: { items: [] }, job: demo.job, flowM3ps: 20 }, 'flow-without-measure', ['flowM3ps']],
  [
    'fill',
    { spool: { rimDiameterM: 0.1, arborDiameterM: 0.11, widthM: 0.03 }, packing: 0.75, lines: [] },
    'arbor-beyond-rim',
    ['spool', 'arborDiameterM'],
  ],
  [
    'fill',
    { spool: { rimDiameterM: 0.1, arborDiameterM: 0.05, widthM: 0.03 }, packing: 0.95, lines: [] },
    'beyond-packing',
    ['packing'],
  ],
  [
    'turnover',
    {
      launchMps: 15,
      parts: [{ lengthM: 0, kgPerM: 0.001, diameterM: 0.001 }],
      fly: { massKg: 0, dragAreaM2: 0 },
    },
    'too_small',
    ['parts', 0, 'lengthM'],
  ],
  [
    'level',
    {
      run: { ...demoRun('kettle-run'), soundings: [{ fromBankM: 5, depthM: -1 }] },
      measuredFlowM3ps: 1,
      todayFlowM3ps: 2,
    },
    'bed-above-surface',
    ['run', 'soundings', 0, 'depthM'],
  ],
  [
    'level',
    {
      run: { ...demoRun('kettle-run'), currents: [{ fromBankM: 5, mps: 30 }] },
      measuredFlowM3ps: 1,
      todayFlowM3ps: 2,
    },
    'absurd-current',
    ['run', 'currents', 0, 'mps'],
  ],
  [
    'level',
    { run: demoRun('kettle-run'), measuredFlowM3ps: 0, todayFlowM3ps: 2 },
    'too_small',
    ['measuredFlowM3ps'],
  ],
  [
    'steady',
    {
      currentMps: -1,
      parts: [{ lengthM: 1, kgPerM: 0.001, diameterM: 0.001 }],
      fly: { submergedWeightN: 0, dragAreaM2: 0 },
    },
    'too_small',
    ['currentMps'],
  ],
  ['swing', { run: demoRun('kettle-run'), castAngleDeg: 60 }, 'invalid_type', ['rodTip']],
  [
    'swing',
    {
      run: demoRun('kettle-run'),
      rodTip: { heightM: 1 },
      castAngleDeg: 60,
      parts: [{ lengthM: 9, kgPerM: 0.001, diameterM: 0.001 }],
      fly: { submergedWeightN: 0.01, dragAreaM2: 0.0001 },
      options: { nodes: 512, stepS: 0.0001, maxS: 1200 },
    },
    'too-much-work',
    ['options'],
  ],
  ['fly', {}, 'unknown-command', []],
])('%s refuses %j: %s', async (name, input, code, path) => {
  const { status, stdout, stderr } = await call(name, input)
  expect({ status, stdout }).toEqual({ status: 2, stdout: '' })
  expect(JSON.parse(stderr)).toEqual({ error: { code, path, message: expect.any(String) } })
})

const exampleOf = async (name: string) => {
  const { stdout } = await run([name, '--help'], async () => '')
  const printed = stdout.slice(stdout.indexOf("<<'END'") + 8, stdout.lastIndexOf('END'))
  return JSON.parse(printed) as { gear: { items: { id: string }[] } } & Record<string, unknown>
}

test.each(['match', 'judge', 'chart', 'calibrate'])(
  '%s: gear that holds a thing twice is refused',
  async (name) => {
    const example = await exampleOf(name)
    const { items } = example.gear
    const { status, stderr } = await call(name, { ...example, gear: { items: [...items, items[0]] } })
    expect(status).not.toBe(0)
    expect(JSON.parse(stderr)).toMatchObject({
      error: { code: 'duplicate-id', path: ['gear', 'items', items.length, 'id'] },
    })
  },
)

test('trials begin where the pages begin: a window printed very wide is not believed to its ends', async () => {
  const rod = (await exampleOf('trials')).rod as object
  const ask = (half: number) =>
    answer('trials', {
      rod: { ...rod, windows: { skagit: { lowKg: 0.033 * (1 - half), highKg: 0.033 * (1 + half) } } },
      style: 'skagit',
      trials: [],
    })
  expect(await ask(0.3)).toEqual(await ask(0.12))
})

describe('trips', () => {
  const question = async () =>
    (await exampleOf('trip')) as unknown as { trip: { days: unknown[]; limits?: unknown }; runs: unknown }

  test('what covers a demand is judged Holds by judge, at the angle that is told', async () => {
    const asked = (await exampleOf('trip')) as Record<string, unknown>
    const { demands } = (await answer('trip', asked)) as {
      demands: { covered: boolean; flowM3ps: number; rig: unknown; angleDeg: number }[]
    }
    expect(demands.map(({ covered }) => covered)).toEqual([true, true])
    const [run] = asked.runs as unknown[]
    for (const { flowM3ps, rig, angleDeg } of demands) {
      const job = { ...(asked.job as object), season: 'autumn' }
      const plan = { angleDeg, tipHeightM: 1, mends: [] }
      const { verdict } = await answer('judge', { gear: asked.gear, rig, job, run, flowM3ps, plan })
      expect(verdict).toBe('holds')
    }
  })

  test('limits that contradict, a trip without days, quantiles of a record', async () => {
    const asked = await question()
    const limits = { must: ['t-11'], home: ['t-11'] }
    expect(await answer('trip', { ...asked, trip: { ...asked.trip, limits } })).toMatchObject({
      outcome: 'limits-contradict',
      contradiction: { between: 'must-home', ids: ['t-11'] },
    })
    expect(await answer('trip', { ...asked, trip: { days: [] } })).toMatchObject({
      outcome: 'no-demands',
      problems: [{ code: 'trip-no-days' }],
    })
    const days = [{ on: '2026-11-30', pools: [{ runId: 'run' }] }]
    const records = [{ runId: 'run', flowsM3ps: [10, 20, 30], shares: [0, 0.5] }]
    const { demands } = await answer('trip', { ...asked, trip: { days }, records })
    expect((demands as { flowM3ps: number }[]).map(({ flowM3ps }) => flowM3ps)).toEqual([10, 20])
  })

  test('the changes of a day take the minutes that were told', async () => {
    const asked = await question()
    const [run] = asked.runs as object[]
    // Deeper than the first one's tip reaches.
    const deep = { ...run, id: 'deep', soundings: [{ fromBankM: 15, depthM: 2.24 }] }
    const pools = ['run', 'deep'].map((runId) => ({ runId, flowsM3ps: [20] }))
    const told = await answer('trip', {
      ...asked,
      job: { ...(asked as { job?: object }).job, fishAt: 'bottom' },
      runs: [run, deep],
      trip: { days: [{ on: '2026-11-30', pools, asListed: true }] },
      changeMinutes: { tip: 9 },
    })
    expect(told.days).toMatchObject([{ minutes: 9, changes: [{ at: 'deep', what: 'tip', minutes: 9 }] }])
  })

  test('cover: the chosen things are among the sets that cover, and a limit of too few covers nothing', async () => {
    const asked = (await exampleOf('cover')) as Record<string, unknown>
    const { chosen, covered, demands } = (await answer('cover', asked)) as {
      chosen: string[]
      covered: number
      demands: { coveredBy: string[][] }[]
    }
    const holding = demands.filter(({ coveredBy }) =>
      coveredBy.some((set) => set.every((id) => chosen.includes(id))),
    )
    expect(holding).toHaveLength(covered)
    expect(await answer('cover', { ...asked, limit: 3 })).toMatchObject({
      outcome: 'nothing-covers',
      chosen: [],
    })
    const far = await call('cover', { ...asked, flows: [1e4] })
    expect(far).toMatchObject({ status: 2, stdout: '' })
    expect(far.stderr).toContain('"path":["flows",0]')
  })
})
