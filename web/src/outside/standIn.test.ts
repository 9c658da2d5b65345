import 'fake-indexeddb/auto'
import type { Heard } from '@hoxen/core/day'
import { afterEach, describe, expect, jest, test } from '@jest/globals'
import { keepGauge, keptGauge } from '../store/index.ts'
import { Silent } from './silent.ts'
import { standInGauge, standInWeather } from './standIn.ts'
import { hear } from './useGauge.ts'

const READINGS = { station: 'Skarn', readings: [{ atMs: 1_795_608_000_000, flowM3ps: 24, waterC: 4.2 }] }
const never = new AbortController().signal

const answer = (body: string, status = 200, type = 'application/json'): void => {
  const headers = { 'content-type': type }
  jest.spyOn(globalThis, 'fetch').mockImplementation(async () => new Response(body, { status, headers }))
}
const reason = async (): Promise<string> => {
  try {
    await standInGauge.read('skarn', never)
  } catch (error) {
    if (error instanceof Silent) return error.message
    throw error
  }
  return 'it was read'
}

afterEach(() => {
  jest.restoreAllMocks()
})

test('a weather station is asked the same way, under its own address and name', async () => {
  const winds = { station: 'Head', readings: [{ atMs: 1_795_608_000_000, fromDeg: 262, mps: 6, gustMps: 8 }] }
  answer(JSON.stringify(winds))
  expect(await standInWeather.read('ossan-head', never)).toEqual(winds)
  expect(fetch).toHaveBeenCalledWith('./api/weather/ossan-head', { signal: never })
  answer('{}', 503)
  await expect(standInWeather.read('ossan-head', never)).rejects.toThrow(
    'The weather station isn’t answering.',
  )
})

describe('a gauge over HTTP', () => {
  test('gives its readings', async () => {
    answer(JSON.stringify(READINGS))
    expect(await standInGauge.read('skarn', never)).toEqual(READINGS)
  })
  test.each([
    ['an outage', '{"error":{}}', 503, 'isn’t answering'],
    ['an unknown gauge', '{}', 404, 'no such gauge'],
    ['a web page', '<!doctype html><h1>Sign in</h1>', 200, 'a web page instead'],
    ['a reply cut short', '{"station":"Skarn","readings":[{"atMs":17', 200, 'cut short'],
    ['another shape', '{"level":1.2}', 200, 'impossible readings'],
    [
      'a river of negative flow',
      '{"station":"x","readings":[{"atMs":1,"flowM3ps":-3}]}',
      200,
      'impossible readings',
    ],
    ['a reading without a figure', '{"station":"x","readings":[{"atMs":1}]}', 200, 'impossible readings'],
    ['no readings', '{"station":"x","readings":[]}', 200, 'impossible readings'],
  ])('%s is said in plain words', async (_name, body, status, words) => {
    answer(body, status)
    expect(await reason()).toContain(words)
  })
  test('on a host that has no gauge it says that it stands on its own', async () => {
    answer('<h1>Not here</h1>', 404, 'text/html')
    expect(await reason()).toBe('No gauge is connected to this copy of Hoxen. Set it by hand.')
  })
  test('no connection is said so', async () => {
    jest.spyOn(globalThis, 'fetch').mockImplementation(async () => {
      throw new TypeError('Failed to fetch')
    })
    expect(await reason()).toContain('No connection')
  })
  test('a question called off is not an outage', async () => {
    const stop = new AbortController()
    jest.spyOn(globalThis, 'fetch').mockImplementation(async () => {
      stop.abort()
      throw new DOMException('aborted', 'AbortError')
    })
    await expect(standInGauge.read('skarn', stop.signal)).rejects.not.toBeInstanceOf(Silent)
  })
  test('its name is asked for as it is, whatever is in it', async () => {
    answer(JSON.stringify(READINGS))
    await standInGauge.read('a/b?c', never)
    expect(fetch).toHaveBeenCalledWith('./api/gauge/a%2Fb%3Fc', { signal: never })
  })
})

test('a file that was read and is newer than the gauge survives its next reading, and is there when it falls silent', async () => {
  const [live] = READINGS.readings
  if (live === undefined) throw new Error('no reading')
  const file: Heard = {
    record: { station: 'file', readings: [{ atMs: live.atMs + 60_000, flowM3ps: 31 }] },
    from: 'file',
  }
  await keepGauge({ id: 'skarn', ...file })
  answer(JSON.stringify(READINGS))
  expect((await hear('skarn', never)).heard).toMatchObject(file)
  expect(await keptGauge('skarn')).toMatchObject(file)
  answer('{}', 503)
  expect(await hear('skarn', never)).toMatchObject({
    heard: file,
    silent: expect.stringContaining('isn’t answering'),
  })
  // Once the gauge has caught up, what it says is kept.
  answer(JSON.stringify({ ...READINGS, readings: [{ ...live, atMs: live.atMs + 120_000 }] }))
  expect((await hear('skarn', never)).heard?.from).toBe('gauge')
  expect((await keptGauge('skarn'))?.from).toBe('gauge')
})

test('a gauge that nobody waits for any more is not asked', async () => {
  answer(JSON.stringify(READINGS))
  const stop = new AbortController()
  const heard = hear('skarn', stop.signal)
  stop.abort()
  await expect(heard).rejects.toThrow('aborted')
  expect(fetch).not.toHaveBeenCalled()
})
