import type { Ride, SwingInput, SwingResult } from '@hoxen/core/swing'
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import type { Runner, Wish } from './wish.ts'

// The page on which the service says whether something is worked out.
Object.assign(globalThis, { document: { documentElement: { dataset: {} } } })

interface Begun {
  readonly input: SwingInput
  readonly what: 'ride' | 'swing'
  readonly wish: Required<Wish>
  raised: string | undefined
  readonly end: (found: unknown) => void
  readonly fail: (error: Error) => void
}
const begun: Begun[] = []
const run: Runner['run'] = (what, input, wish) => {
  let [end, fail] = [(_found: unknown): void => {}, (_error: Error): void => {}]
  const result = new Promise<Ride | SwingResult>((resolve, reject) => {
    end = (found) => resolve(found as Ride)
    fail = reject
  })
  wish.signal?.addEventListener('abort', () => fail(new Error('given up')))
  const one: Begun = { input, what, wish, raised: undefined, end, fail }
  begun.push(one)
  return { result, raise: (next) => void Object.assign(one, { raised: next }) }
}
jest.mock('./runner.ts', () => ({ run }))

const inputOf = (n: number): SwingInput => ({ castAngleDeg: n }) as unknown as SwingInput
const rideOf = (n: number): Ride =>
  ({ outcome: 'swung', summary: { holdingS: n }, track: [] }) as unknown as Ride
const soon = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))

let service: typeof import('./service.ts')
beforeEach(async () => {
  begun.length = 0
  jest.resetModules()
  service = await import('./service.ts')
})
afterEach(() => {
  for (const { end } of begun) end(rideOf(0))
})
const rides = (input: SwingInput, wish: Wish = { priority: 'listed' }): Promise<Ride> =>
  new Promise((resolve, reject) => {
    service.askRides([{ id: 'it', input }], (_id, ride) => resolve(ride), wish).catch(reject)
  })

describe('the home of all swings', () => {
  test('the same swing asked by two pages is let go once, and known from then on', async () => {
    const [one, other] = [rides(inputOf(1)), rides(inputOf(1))]
    await soon()
    expect(begun).toHaveLength(1)
    begun[0]?.end(rideOf(7))
    expect(await one).toBe(await other)
    expect(service.knownRide(inputOf(1))).toBe(await one)
    expect(await rides(inputOf(1))).toBe(await one)
    expect(begun).toHaveLength(1)
  })
  test('what is looked at goes before what nobody looks at yet: it is raised where it waits already', async () => {
    void rides(inputOf(1), { priority: 'ahead' })
    await soon()
    expect(begun[0]?.wish.priority).toBe('ahead')
    void rides(inputOf(1), { priority: 'looked-at' })
    await soon()
    expect(begun.map(({ raised }) => raised)).toEqual(['looked-at'])
  })
  test('it is given up when nobody wants it any more, and not before; asked again, it begins again', async () => {
    const [one, other] = [new AbortController(), new AbortController()]
    const first = rides(inputOf(1), { priority: 'listed', signal: one.signal })
    const second = rides(inputOf(1), { priority: 'listed', signal: other.signal })
    await soon()
    one.abort(new Error('left'))
    await expect(first).rejects.toThrow('left')
    expect(begun[0]?.wish.signal?.aborted).toBe(false)
    other.abort(new Error('left too'))
    await expect(second).rejects.toThrow('left too')
    expect(begun[0]?.wish.signal?.aborted).toBe(true)
    const again = rides(inputOf(1))
    await soon()
    begun[1]?.end(rideOf(3))
    expect((await again).summary.holdingS).toBe(3)
  })
  test('one that fails is told to all who ask, and let go anew when asked again', async () => {
    const waiting = rides(inputOf(1))
    await soon()
    begun[0]?.fail(new Error('broken'))
    await expect(waiting).rejects.toThrow('broken')
    void rides(inputOf(1)).catch(() => {})
    await soon()
    expect(begun).toHaveLength(2)
  })
  test('a swing in full is known summed up too; many are kept, the oldest go first and never all at once', async () => {
    const whole = service.askSwing(inputOf(1), { priority: 'looked-at' })
    await soon()
    begun[0]?.end({ ...rideOf(5), samples: [{ flyM: [0, 3, -1] }] })
    await whole
    expect(service.knownRide(inputOf(1))?.track).toEqual([[3, 1]])
    const many = 3200
    const tasks = Array.from({ length: many }, (_, n) => ({ id: String(n), input: inputOf(n + 2) }))
    const all = service.askRides(tasks, () => {}, { priority: 'ahead' })
    while (begun.length < many + 1) await soon()
    for (const { end } of begun) end(rideOf(9))
    await all
    expect(service.knownRide(inputOf(1))).toBeUndefined()
    const latest = Array.from({ length: 1500 }, (_, i) => service.knownRide(inputOf(many + 1 - i)))
    expect(latest.every((ride) => ride !== undefined)).toBe(true)
  })
})

/** The hand on the page, as the runner watches for it. */
const heard = new Map<string, () => void>()
Object.assign(globalThis, { addEventListener: (kind: string, here: () => void) => heard.set(kind, here) })

/** The runner on a machine of so many cores, the order it begins swings in, and what ends each. */
function runnerOn(cores: number) {
  const order: number[] = []
  const ends = new Map<number, () => void>()
  class Here extends EventTarget {
    terminate(): void {}
    postMessage(): void {}
  }
  Object.assign(globalThis, { Worker: Here })
  Object.defineProperty(globalThis, 'navigator', {
    value: { hardwareConcurrency: cores },
    configurable: true,
  })
  jest.resetModules()
  jest.unmock('./runner.ts')
  jest.doMock('../worker/index.ts', () => ({
    WorkerLost: class extends Error {},
    WorkerClient: class {
      askAgain = async (question: (api: unknown, id: number) => Promise<unknown>, signal: AbortSignal) => {
        signal.throwIfAborted()
        return question(
          {
            ride: (_id: number, { castAngleDeg }: SwingInput) => {
              order.push(castAngleDeg)
              return new Promise<void>((resolve) => ends.set(castAngleDeg, resolve))
            },
          },
          1,
        )
      }
    },
  }))
  return { ...jest.requireActual<Runner>('./runner.ts'), order, ends }
}

describe('what runs them', () => {
  test('takes the most wanted first, one in each worker, and skips what was given up while it waited', async () => {
    const { run: real, order, ends } = runnerOn(1)
    const wish = (priority: Wish['priority'], stop = new AbortController()) => ({
      priority,
      signal: stop.signal,
    })
    const gone = new AbortController()
    const asked = [
      real('ride', inputOf(1), wish('ahead')),
      real('ride', inputOf(2), wish('ahead')),
      real('ride', inputOf(3), wish('listed', gone)),
      real('ride', inputOf(4), wish('listed')),
      real('ride', inputOf(5), wish('looked-at')),
      real('ride', inputOf(6), wish('ahead')),
    ]
    for (const { result } of asked) result.catch(() => {})
    asked[5]?.raise('looked-at')
    gone.abort()
    for (let i = 0; i < 5; i++) {
      await soon()
      ends.get(order.at(-1) ?? 0)?.()
    }
    await soon()
    expect(order).toEqual([1, 5, 6, 4, 2])
  })
  test('takes as many at a time as there are cores, and one less while a hand is on the page', async () => {
    jest.useFakeTimers()
    const { run: real, order, ends } = runnerOn(3)
    const begin = (n: number): void =>
      void real('ride', inputOf(n), {
        priority: 'listed',
        signal: new AbortController().signal,
      }).result.catch(() => {})
    for (let n = 1; n <= 6; n++) begin(n)
    await jest.advanceTimersByTimeAsync(0)
    expect(order).toEqual([1, 2, 3])
    heard.get('pointerdown')?.()
    ends.get(1)?.()
    await jest.advanceTimersByTimeAsync(10)
    expect(order).toEqual([1, 2, 3])
    ends.get(2)?.()
    await jest.advanceTimersByTimeAsync(10)
    expect(order).toEqual([1, 2, 3, 4])
    await jest.advanceTimersByTimeAsync(2000)
    expect(order).toEqual([1, 2, 3, 4, 5])
    for (const end of ends.values()) end()
    await jest.advanceTimersByTimeAsync(10)
    for (const end of ends.values()) end()
    jest.useRealTimers()
  })
})
