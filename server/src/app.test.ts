import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs'
import { createServer, get, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import { gaugeSchema } from '@hoxen/core/water'
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals'
import { createApp } from './app.ts'
import { isOut, STATIONS } from './gauge.ts'
import { policyLine } from './policy.ts'

let server: Server
let base = ''
let clockMs = Date.parse('2026-11-25T12:00:00Z')

beforeAll(async () => {
  const dist = mkdtempSync(`${tmpdir()}/hoxen-`)
  writeFileSync(`${dist}/index.html`, '<!doctype html><title>Hoxen</title>')
  mkdirSync(`${dist}/assets`)
  writeFileSync(`${dist}/assets/big.js`, '// big')
  writeFileSync(`${dist}/assets/big.js.br`, brotliCompressSync('// big'))
  writeFileSync(`${dist}/assets/big.js.gz`, gzipSync('// big'))
  server = createServer(createApp(dist, () => clockMs, ['192.0.2.7']))
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
})
afterAll(async () => {
  server.closeAllConnections()
  await new Promise((resolve) => server.close(resolve))
})

const post = (path: string, body: string): Promise<Response> =>
  fetch(`${base}${path}`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body })

describe('the server', () => {
  test('every address of the application is the application', async () => {
    for (const path of ['/', '/match', '/match/rig/a~b~_~_~_~_', '/gear/item/x']) {
      const response = await fetch(base + path)
      expect(response.status).toBe(200)
      expect(await response.text()).toContain('<title>Hoxen</title>')
    }
  })
  test('a page marked before pages stood behind the # is found there, with what it asked', async () => {
    const { status, headers } = await fetch(`${base}/gear/item/x?add=1`, { redirect: 'manual' })
    expect([status, headers.get('location')]).toEqual([302, '/#/gear/item/x?add=1'])
  })
  test('nothing from another host may run or be asked', async () => {
    const policy = (await fetch(base)).headers.get('content-security-policy') ?? ''
    for (const rule of ["default-src 'self'", "connect-src 'self'", "script-src 'self'"])
      expect(policy).toContain(rule)
    expect(policy).not.toContain('http')
  })
  test('an unknown interface address is not the application', async () => {
    for (const path of [
      '/api/nothing',
      '/api/scale/nothing',
      '/assets/missing.js',
      '/favicon.ico',
      '/x/y.png',
    ]) {
      const response = await fetch(base + path)
      expect(response.status).toBe(404)
      expect(await response.json()).toMatchObject({ error: { code: expect.any(String), path: [] } })
    }
    expect(await (await fetch(`${base}/api/health`)).json()).toEqual({ ok: true })
  })
  test('another host’s name or page is refused', async () => {
    const ask = (headers: Record<string, string>): Promise<number | undefined> =>
      new Promise((resolve, reject) => {
        const { port } = server.address() as AddressInfo
        get({ port, host: '127.0.0.1', path: '/api/health', headers }, (response) => {
          response.resume()
          resolve(response.statusCode)
        }).on('error', reject)
      })
    const { port } = server.address() as AddressInfo
    const host = `127.0.0.1:${port}`
    expect(await ask({ host })).toBe(200)
    expect(await ask({ host: `localhost:${port}`, origin: `http://localhost:${port}` })).toBe(200)
    for (const other of [
      'elsewhere.example',
      'localhost.elsewhere.example',
      `127.0.0.1.elsewhere.example:${port}`,
    ])
      expect([other, await ask({ host: other })]).toEqual([other, 421])
    // A name it was told to answer to: a phone on the same network asks by it.
    expect(await ask({ host: '192.0.2.7:4173' })).toBe(200)
    expect(await ask({ host, origin: 'http://elsewhere.example' })).toBe(403)
    expect(await ask({ host, origin: 'null' })).toBe(403)
  })
  test('what was compressed at the build goes out compressed', async () => {
    const get = (encoding: string) =>
      fetch(`${base}/assets/big.js`, { headers: { 'accept-encoding': encoding } })
    expect((await get('br, gzip')).headers.get('content-encoding')).toBe('br')
    expect((await get('gzip')).headers.get('content-encoding')).toBe('gzip')
    expect(await (await get('gzip')).text()).toBe('// big')
    expect((await get('identity')).headers.get('content-encoding')).toBeNull()
  })
  test('the stand-in takes what lies on the bench, and refuses the rest', async () => {
    const objects = (await (await fetch(`${base}/api/scale/objects`)).json()) as { id: string }[]
    expect(objects.length).toBeGreaterThan(3)
    expect((await post('/api/scale/put', JSON.stringify({ id: objects[1]?.id }))).status).toBe(200)
    expect((await post('/api/scale/put', '{"id":"elephant"}')).status).toBe(400)
    const broken = await post('/api/scale/put', '{"id":')
    expect(broken.status).toBe(400)
    const said = await broken.text()
    expect(JSON.parse(said)).toMatchObject({ error: { code: 'not-json' } })
    expect(said).not.toMatch(/node_modules|\.ts:| {4}at /)
    expect((await post('/api/scale/put', `{"id":"${'x'.repeat(5000)}"}`)).status).toBe(413)
  })
  test('the stand-in gauges tell their readings, say when they are silent, and know their names', async () => {
    const stations = (await (await fetch(`${base}/api/gauge`)).json()) as { id: string }[]
    expect(stations.map((s) => s.id)).toEqual(['skarn', 'little-ven'])
    const [skarn] = STATIONS
    if (skarn === undefined) throw new Error('no station')
    const hours = Array.from({ length: 500 }, (_, i) => clockMs + i * 3600_000)
    for (const out of [false, true]) {
      clockMs = hours.find((hour) => isOut(skarn, hour) === out) ?? clockMs
      const response = await fetch(`${base}/api/gauge/skarn`)
      expect(response.status).toBe(out ? 503 : 200)
      if (out) continue
      const reply = gaugeSchema.safeParse(await response.json())
      expect(reply.success).toBe(true)
      expect(reply.data?.readings.at(-1)?.atMs).toBeLessThanOrEqual(clockMs)
    }
    expect((await fetch(`${base}/api/gauge/elsewhere`)).status).toBe(404)
  })
  test('the stream speaks the line protocol, and says when it is unplugged', async () => {
    const response = await fetch(`${base}/api/scale/stream`)
    const reader = response.body?.getReader()
    if (reader === undefined) throw new Error('no stream')
    const decoder = new TextDecoder()
    let text = ''
    while (!/data: [-\d.]+ g (stable|moving)/.test(text)) text += decoder.decode((await reader.read()).value)
    await post('/api/scale/unplug', '{}')
    for (let chunk = await reader.read(); !chunk.done; chunk = await reader.read())
      text += decoder.decode(chunk.value)
    expect(text).toContain('event: unplugged')
  })
})

test('the policy of header and page: scripts of its own and no others, nothing compiled from text, one maker of addresses', async () => {
  const header = (await fetch(base)).headers.get('content-security-policy') ?? ''
  for (const policy of [header, policyLine()]) {
    const said = new Map(policy.split(/; ?/).map((line) => [line.split(' ')[0], line.split(' ').slice(1)]))
    // The solver of trips is WebAssembly; no text is ever run as script.
    expect(said.get('script-src')).toEqual(["'self'", "'wasm-unsafe-eval'"])
    expect(said.get('connect-src')).toEqual(["'self'"])
    expect(policy).not.toMatch(/[^-]unsafe-eval|https?:/)
  }
  expect(policyLine()).toMatch(/require-trusted-types-for 'script'; trusted-types default$/)
})
