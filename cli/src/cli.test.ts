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

test.each(COMMANDS.map((c) => c.name))('%s: its example runs as printed', async (name) => {
  const { stdout } = await run([name, '--help'], async () => '')
  const printed = stdout.slice(stdout.indexOf("<<'END'") + 8, stdout.lastIndexOf('END'))
  const result = await answer(name, printed)
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
  test('match ranks the demo gear and check passes its file', async () => {
    const demo = JSON.parse(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8')) as {
      gear: unknown
      job: unknown
    }
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
  ['fly', {}, 'unknown-command', []],
])('%s refuses %j: %s', async (name, input, code, path) => {
  const { status, stdout, stderr } = await call(name, input)
  expect({ status, stdout }).toEqual({ status: 2, stdout: '' })
  expect(JSON.parse(stderr)).toEqual({ error: { code, path, message: expect.any(String) } })
})
