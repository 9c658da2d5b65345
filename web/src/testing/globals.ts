import { webcrypto } from 'node:crypto'
import { TextDecoder, TextEncoder } from 'node:util'
import { deserialize, serialize } from 'node:v8'
import { BroadcastChannel } from 'node:worker_threads'
import { Channel, WorkerHere } from './channel.ts'

/** What browsers have and a page of the tests has not; tests without a page need none of it. */
const missing = {
  structuredClone: <T>(value: T): T => deserialize(serialize(value)) as T,
  crypto: webcrypto,
  TextDecoder,
  TextEncoder,
  BroadcastChannel,
  MessageChannel: Channel,
  Worker: WorkerHere,
  ResizeObserver: class {
    observe(): void {}
    disconnect(): void {}
  },
  matchMedia: () => ({ matches: false, addEventListener: () => {}, removeEventListener: () => {} }),
}
if (typeof document !== 'undefined') {
  for (const [name, value] of Object.entries(missing))
    Object.defineProperty(globalThis, name, { value, configurable: true, writable: true })
  require('fake-indexeddb/auto')
}
