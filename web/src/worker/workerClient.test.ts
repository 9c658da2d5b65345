import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import { expose } from 'comlink'
import { alive, CALLED_OFF, callOff, unhurried } from './unhurried.ts'
import { WorkerClient, WorkerLost } from './workerClient.ts'

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
// The page on which the clients say whether something is worked out.
Object.assign(globalThis, { document: { documentElement: { dataset: {} } } })
const never = new Promise<never>(() => {})

beforeEach(() => {
  InThread.started = []
})
afterEach(() => {
  for (const worker of InThread.started) worker.terminate()
})

describe('the client of a worker', () => {
  const api = { callOff, alive, add: (a: number, b: number) => a + b, hang: () => never }
  const client = (crashed = () => {}) =>
    new WorkerClient<typeof api>(() => new InThread(api) as unknown as Worker, crashed)

  test('starts one worker for many questions', async () => {
    const open = client()
    expect(await Promise.all([open.ask((a) => a.add(1, 2)), open.ask((a) => a.add(3, 4))])).toEqual([3, 7])
    expect(InThread.started).toHaveLength(1)
  })
  test('a worker that breaks down becomes an error, is told of, and replaced for the next question', async () => {
    const crashed = jest.fn()
    const open = client(crashed)
    const waiting = open.ask((a) => a.hang())
    InThread.started[0]?.dispatchEvent(new Event('error'))
    await expect(waiting).rejects.toBeInstanceOf(WorkerLost)
    expect(crashed).toHaveBeenCalledTimes(1)
    expect(InThread.started[0]?.terminated).toBe(true)
    expect(await open.ask((a) => a.add(5, 6))).toBe(11)
    expect(InThread.started).toHaveLength(2)
  })
  test('a question called off is answered at once, and the worker goes on', async () => {
    const open = client()
    const stop = new AbortController()
    const waiting = open.ask((a) => a.hang(), stop.signal)
    stop.abort(new Error('superseded'))
    await expect(waiting).rejects.toThrow('superseded')
    await expect(open.ask((a) => a.add(1, 1), stop.signal)).rejects.toThrow('superseded')
    expect(await open.ask((a) => a.add(1, 1))).toBe(2)
    expect(InThread.started).toHaveLength(1)
  })
})

describe('the watchdog', () => {
  const watch = { everyMs: 5, unanswered: 4 }
  const clientOf = (api: object) =>
    new WorkerClient<{ hang: () => Promise<never> }>(
      () => new InThread(api) as unknown as Worker,
      () => {},
      watch,
    )
  test('leaves a worker alone that answers between its steps, however long its question takes', async () => {
    const open = clientOf({
      callOff,
      alive,
      hang: () => new Promise((resolve) => setTimeout(resolve, 150, 'done')),
    })
    expect(await open.ask((a) => a.hang())).toBe('done')
  })
  test('takes one for lost that came to no further step', async () => {
    const open = clientOf({ callOff, alive: () => never, hang: () => never })
    await expect(open.ask((a) => a.hang())).rejects.toBeInstanceOf(WorkerLost)
    expect(InThread.started[0]?.terminated).toBe(true)
  })
})

describe('gear goes to the worker once for each of its revisions', () => {
  test('ahead of the questions about it, and again to one that was replaced; a question is called off in the worker, even at once', async () => {
    const heard: string[] = []
    const off: number[] = []
    const api = {
      gear: (revision: number) => void heard.push(`gear ${revision}`),
      callOff: (id: number) => void off.push(id),
      alive,
      about: (revision: number) => void heard.push(`about ${revision}`),
      hang: () => never,
    }
    const stub = Object.assign(globalThis, {
      Worker: class extends InThread {
        constructor() {
          super(api)
        }
      },
    })
    const { askOfGear } = await import('./coreClient.ts')
    type Asked = { about: (revision: number) => Promise<void> }
    const ask = (revision: number) =>
      askOfGear({ revision, items: [] }, (remote, { revision: about }) =>
        (remote as unknown as Asked).about(about),
      )
    // Two revisions asked at once do not run into one another.
    await Promise.all([ask(1), ask(2), ask(2)])
    expect(heard).toEqual(['gear 1', 'about 1', 'gear 2', 'about 2', 'about 2'])
    InThread.started.at(-1)?.dispatchEvent(new Event('error'))
    await ask(2)
    expect(heard.slice(5)).toEqual(['gear 2', 'about 2'])

    const stop = new AbortController()
    const waiting = askOfGear({ revision: 3, items: [] }, () => never, stop.signal)
    stop.abort(new Error('superseded'))
    await expect(waiting).rejects.toThrow('superseded')
    await ask(3)
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
  test('called off before it has begun, it never begins', async () => {
    callOff(3)
    const took = { steps: 0 }
    await expect(unhurried(3, counting(5, took))).rejects.toThrow(CALLED_OFF)
    expect(took.steps).toBe(0)
  })
  test('comes to its end', async () => {
    expect(await unhurried(1, counting(20, { steps: 0 }))).toBe(20)
  })
  test('stops at the step after it was called off, and not before', async () => {
    const took = { steps: 0 }
    const callAtEight = (): undefined => void (took.steps === 8 && callOff(2))
    await expect(unhurried(2, counting(5000, took), callAtEight)).rejects.toThrow(CALLED_OFF)
    expect(took.steps).toBe(8)
  })
  test('lets in whoever calls it off, however long it goes on', async () => {
    function* endless(): Generator<undefined, never> {
      for (;;) yield undefined
    }
    const waiting = unhurried(3, endless())
    setTimeout(() => callOff(3))
    await expect(waiting).rejects.toThrow(CALLED_OFF)
  })
})
