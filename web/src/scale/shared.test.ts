import { BroadcastChannel as NodeChannel } from 'node:worker_threads'
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { listenTogether, type ScaleLine } from './shared.ts'

class FakeStream extends EventTarget {
  static open: FakeStream[] = []
  constructor() {
    super()
    FakeStream.open.push(this)
  }
  say = (line: string): void => void this.dispatchEvent(new MessageEvent('message', { data: line }))
  close(): void {
    FakeStream.open = FakeStream.open.filter((s) => s !== this)
  }
}

/** One lock after another, as the browser's are. */
let queue: Promise<unknown> = Promise.resolve()
const locks = {
  request: (_name: string, { signal }: { signal: AbortSignal }, hold: () => Promise<void>) => {
    const mine = queue.then(() => (signal.aborted ? undefined : hold()))
    queue = mine.catch(() => undefined)
    return mine
  },
}
const before = { EventSource: globalThis.EventSource, navigator: globalThis.navigator }
beforeAll(() => {
  Object.defineProperty(globalThis, 'EventSource', { value: FakeStream, configurable: true })
  Object.defineProperty(globalThis, 'navigator', { value: { locks }, configurable: true })
  Object.defineProperty(globalThis, 'BroadcastChannel', { value: NodeChannel, configurable: true })
})
afterAll(() => {
  for (const [name, value] of Object.entries(before))
    Object.defineProperty(globalThis, name, { value, configurable: true })
})
const moment = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 30))

test('many listeners share one stream, and the next takes it over when its holder stops', async () => {
  const heard: ScaleLine[][] = [[], [], []]
  const stops = heard.map((list) => listenTogether((h) => list.push(h)))
  await moment()
  expect(FakeStream.open).toHaveLength(1)
  FakeStream.open[0]?.say('7.16 g stable')
  await moment()
  for (const list of heard) expect(list).toEqual([{ line: '7.16 g stable' }])

  stops[0]?.()
  await moment()
  expect(FakeStream.open).toHaveLength(1)
  FakeStream.open[0]?.say('8.00 g stable')
  await moment()
  expect(heard[0]).toHaveLength(1)
  for (const list of heard.slice(1)) expect(list.at(-1)).toEqual({ line: '8.00 g stable' })

  FakeStream.open[0]?.dispatchEvent(new Event('unplugged'))
  await moment()
  for (const list of heard.slice(1)) expect(list.at(-1)).toEqual({ ended: true })
  for (const stop of stops) stop()
  await moment()
  expect(FakeStream.open).toHaveLength(0)
})
