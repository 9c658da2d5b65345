import { webcrypto } from 'node:crypto'
import { TextDecoder, TextEncoder } from 'node:util'
import { BroadcastChannel } from 'node:worker_threads'
import { Channel, WorkerHere } from './channel.ts'

/** A copy whose objects are of the test's own kind: the one Node offers makes them of another, which no comparison takes for the same. */
function copied(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(copied)
  if (Object.prototype.toString.call(value) !== '[object Object]') return value
  return Object.fromEntries(Object.entries(value as object).map(([key, each]) => [key, copied(each)]))
}
Object.defineProperty(globalThis, 'structuredClone', { value: copied, configurable: true, writable: true })

/** Browser features a page of the tests lacks; tests without a page need none of it. */
const missing = {
  crypto: webcrypto,
  TextDecoder,
  TextEncoder,
  BroadcastChannel,
  MessageChannel: Channel,
  Worker: WorkerHere,
  ResizeObserver: class {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
  },
  matchMedia: () => ({ matches: false, addEventListener: () => {}, removeEventListener: () => {} }),
}
if (typeof document !== 'undefined') {
  for (const [name, value] of Object.entries(missing))
    Object.defineProperty(globalThis, name, { value, configurable: true, writable: true })
  Element.prototype.scrollIntoView = () => {}
  Element.prototype.setPointerCapture = () => {}
  // With the place that a hand points at.
  Object.defineProperty(globalThis, 'PointerEvent', {
    value: class extends MouseEvent {},
    configurable: true,
  })
  require('fake-indexeddb/auto')
}
