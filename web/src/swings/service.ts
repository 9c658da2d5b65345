import { type Ride, rideOf, type SwingInput, type SwingResult } from '@hoxen/core/swing'
import QuickLRU from 'quick-lru'
import { working } from '../ui/index.ts'
import type { Priority, RideTask, Runner, Wish } from './wish.ts'

/** Summed up, and in full with the line's shape at each moment; twice as many are kept at most. */
const RIDES_KEPT = 1500
const SWINGS_KEPT = 8

interface Running<T> {
  readonly result: Promise<T>
  readonly stop: AbortController
  askers: number
  readonly raise: (priority: Priority) => void
}

// In the page by workers.
const runner = (): Promise<Runner> => import('./runner.ts')

const keys = new WeakMap<SwingInput, string>()

/** All that the same swing has in common. */
function keyOf(input: SwingInput): string {
  const known = keys.get(input)
  if (known !== undefined) return known
  const key = JSON.stringify(input)
  keys.set(input, key)
  return key
}

/** Swings of one kind: an LRU cache, and the pending ones, shared by all who ask. */
class Kept<T extends Ride | SwingResult> {
  readonly known: QuickLRU<string, T>
  private readonly running = new Map<string, Running<T>>()

  constructor(
    private readonly what: 'ride' | 'swing',
    maxSize: number,
    private readonly onKnown: (key: string, result: T) => void,
  ) {
    this.known = new QuickLRU({ maxSize })
  }

  private start(key: string, input: SwingInput, priority: Priority): Running<T> {
    const stop = new AbortController()
    const done = working()
    let wanted = priority
    let raise = (next: Priority): void => {
      wanted = next
    }
    const result = runner()
      .then(({ run }) => {
        const job = run(this.what, input, { priority: wanted, signal: stop.signal })
        raise = job.raise
        return job.result as Promise<T>
      })
      .then((found) => {
        this.known.set(key, found)
        this.onKnown(key, found)
        return found
      })
      .finally(() => {
        if (this.running.get(key) === job) this.running.delete(key)
        done()
      })
    const job: Running<T> = { result, stop, askers: 0, raise: (next) => raise(next) }
    this.running.set(key, job)
    return job
  }

  /** The cached swing at once, else a promise of it. */
  async ask(input: SwingInput, { priority, signal }: Wish): Promise<T> {
    signal?.throwIfAborted()
    const key = keyOf(input)
    const known = this.known.get(key)
    if (known !== undefined) return known
    const under = this.running.get(key)
    under?.raise(priority)
    const job = under ?? this.start(key, input, priority)
    job.askers++
    let leave = (): void => {}
    const left = new Promise<never>((_resolve, reject) => {
      leave = () => {
        if (--job.askers === 0) {
          this.running.delete(key)
          job.stop.abort()
        }
        reject(signal?.reason)
      }
    })
    signal?.addEventListener('abort', leave, { once: true })
    try {
      return await Promise.race([job.result, left])
    } finally {
      signal?.removeEventListener('abort', leave)
    }
  }
}

const rides = new Kept<Ride>('ride', RIDES_KEPT, () => {})
// A swing in full is summed up too.
const swings = new Kept<SwingResult>('swing', SWINGS_KEPT, (key, found) =>
  rides.known.set(key, rideOf(found)),
)

/** The swing summed up, where it is known. */
export const knownRide = (input: SwingInput): Ride | undefined => rides.known.get(keyOf(input))

/** The swing in full, where it is known. */
export const knownSwing = (input: SwingInput): SwingResult | undefined => swings.known.get(keyOf(input))

/** One swing in full, with the line's shape at each moment. */
export const askSwing = (input: SwingInput, wish: Wish): Promise<SwingResult> => swings.ask(input, wish)

/** Many swings in their order, each handed over as it comes. Ends at the first that fails, or when it is cancelled. */
export async function askRides(
  tasks: readonly RideTask[],
  take: (id: string, ride: Ride) => void,
  wish: Wish,
): Promise<void> {
  await Promise.all(
    tasks.map(async ({ id, input }) => {
      const ride = await rides.ask(input, wish)
      if (wish.signal?.aborted !== true) take(id, ride)
    }),
  )
}
