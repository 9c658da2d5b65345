import type { Item } from '@hoxen/core/gear'
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import { expose } from 'comlink'
import { Door, WorkerLost } from './door.ts'
import { CALLED_OFF, callOff, unhurried } from './unhurried.ts'

/** A worker in this same thread: a channel with something exposed at its other end. */
class InThread extends EventTarget {
  static started: InThread[] = []
  private readonly channel = new MessageChannel()
  terminated = false

  constructor(api: object) {
    super()
    InThread.started.push(this)
    expose(api, this.channel.port2 as unknown as Parameters<typeof expose>[1])
    this.channel.port2.start()
    this.channel.port1.addEventListener('message', (event) =>
      this.dispatchEvent(new MessageEvent('message', { data: (event as MessageEvent).data })),
    )
    this.channel.port1.start()
  }

  postMessage(message: unknown, transfer: Transferable[] = []): void {
    this.channel.port1.postMessage(message, transfer)
  }

  terminate(): void {
    this.terminated = true
    this.channel.port1.close()
  }
}
const never = new Promise<never>(() => {})

beforeEach(() => {
  InThread.started = []
})
afterEach(() => {
  for (const worker of InThread.started) worker.terminate()
})

describe('the door to a worker', () => {
  const api = { add: (a: number, b: number) => a + b, hang: () => never }
  const door = (crashed = () => {}) =>
    new Door<typeof api>(() => new InThread(api) as unknown as Worker, crashed)

  test('starts one worker for many questions', async () => {
    const open = door()
    expect(await Promise.all([open.ask((a) => a.add(1, 2)), open.ask((a) => a.add(3, 4))])).toEqual([3, 7])
    expect(InThread.started).toHaveLength(1)
  })
  test('a worker that breaks down becomes an error, is told of, and replaced for the next question', async () => {
    const crashed = jest.fn()
    const open = door(crashed)
    const waiting = open.ask((a) => a.hang())
    InThread.started[0]?.dispatchEvent(new Event('error'))
    await expect(waiting).rejects.toBeInstanceOf(WorkerLost)
    expect(crashed).toHaveBeenCalledTimes(1)
    expect(InThread.started[0]?.terminated).toBe(true)
    expect(await open.ask((a) => a.add(5, 6))).toBe(11)
    expect(InThread.started).toHaveLength(2)
  })
  test('a question called off is answered at once, and the worker goes on', async () => {
    const open = door()
    const stop = new AbortController()
    const waiting = open.ask((a) => a.hang(), stop.signal)
    stop.abort(new Error('superseded'))
    await expect(waiting).rejects.toThrow('superseded')
    await expect(open.ask((a) => a.add(1, 1), stop.signal)).rejects.toThrow('superseded')
    expect(await open.ask((a) => a.add(1, 1))).toBe(2)
    expect(InThread.started).toHaveLength(1)
  })
})

describe('gear goes to the worker once for each of its revisions', () => {
  test('and again to one that was replaced; a question called off is called off in the worker', async () => {
    const brought: number[] = []
    const off: number[] = []
    const api = {
      gear: (revision: number) => void brought.push(revision),
      callOff: (id: number) => void off.push(id),
      hang: () => never,
    }
    const stub = Object.assign(globalThis, {
      Worker: class extends InThread {
        constructor() {
          super(api)
        }
      },
    })
    const { askOfGear, revisionOf } = await import('./gearDoor.ts')
    const [first, second]: (readonly Item[])[] = [[], []]
    if (first === undefined || second === undefined) throw new Error('no gear')
    const ask = (items: readonly Item[]) => askOfGear(items, async (_api, about) => about.revision)
    const a = await ask(first)
    expect(await ask(first)).toBe(a)
    const b = await ask(second)
    expect([a, b]).toEqual([revisionOf(first), revisionOf(second)])
    expect(b).not.toBe(a)
    expect(brought).toEqual([a, b])
    InThread.started.at(-1)?.dispatchEvent(new Event('error'))
    await ask(second)
    expect(brought).toEqual([a, b, b])

    const stop = new AbortController()
    const waiting = askOfGear(second, () => never, stop.signal)
    await new Promise((resolve) => setTimeout(resolve, 20))
    stop.abort()
    await expect(waiting).rejects.toThrow()
    await new Promise((resolve) => setTimeout(resolve, 20))
    expect(off).toHaveLength(1)
    Reflect.deleteProperty(stub, 'Worker')
  })
})

describe('a calculation in steps', () => {
  function* counting(upTo: number, took: { steps: number }): Generator<void, number> {
    for (; took.steps < upTo; took.steps++) {
      const until = performance.now() + 2
      while (performance.now() < until);
      yield
    }
    return took.steps
  }
  test('comes to its end', async () => {
    expect(await unhurried(1, counting(20, { steps: 0 }))).toBe(20)
  })
  test('stops soon after it was called off, and not before', async () => {
    const took = { steps: 0 }
    const waiting = unhurried(2, counting(5000, took))
    setTimeout(() => callOff(2), 60)
    await expect(waiting).rejects.toThrow(CALLED_OFF)
    expect(took.steps).toBeGreaterThan(5)
    expect(took.steps).toBeLessThan(500)
  })
})
