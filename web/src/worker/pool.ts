import type { Ride } from '@hoxen/core/ladder'
import type { SwingInput, SwingResult } from '@hoxen/core/swing'
import type { Remote } from 'comlink'
import { Door, WorkerLost } from './door.ts'
import type { SwingApi } from './swing.worker.ts'

/** More workers than this bring nothing on a phone. */
const MOST_WORKERS = 4

const crashed = new Set<() => void>()

/** Calls back whenever a worker of the pool broke down and is replaced. @returns stops the calls */
export function onPoolCrash(tell: () => void): () => void {
  crashed.add(tell)
  return () => void crashed.delete(tell)
}

let doors: readonly Door<SwingApi>[] | undefined

function pool(): readonly Door<SwingApi>[] {
  const size = Math.max(2, Math.min(MOST_WORKERS, navigator.hardwareConcurrency || 2))
  doors ??= Array.from(
    { length: size },
    () =>
      new Door<SwingApi>(
        () => new Worker(new URL('./swing.worker.ts', import.meta.url), { type: 'module' }),
        () => {
          for (const tell of crashed) tell()
        },
      ),
  )
  return doors
}

let asked = 0

/** Asks, and once more of a fresh worker when the first breaks down over it; called off when the signal says so. */
async function patiently<T>(
  door: Door<SwingApi>,
  question: (api: Remote<SwingApi>, id: number) => Promise<T>,
  signal: AbortSignal | undefined,
): Promise<T> {
  const ask = (): Promise<T> =>
    door.ask((api) => {
      const id = ++asked
      signal?.addEventListener('abort', () => void api.callOff(id), { once: true })
      return question(api, id)
    }, signal)
  try {
    return await ask()
  } catch (error) {
    if (error instanceof WorkerLost) return ask()
    throw error
  }
}

/** One swing, in full. */
export function swingInWorker(input: SwingInput, signal?: AbortSignal): Promise<SwingResult> {
  const [door] = pool()
  if (door === undefined) throw new Error('no worker')
  return patiently(door, (api, id) => api.swing(id, input) as Promise<SwingResult>, signal)
}

let turn = 0
/** One swing summed up; the workers take turns. */
export function rideInWorker(input: SwingInput, signal?: AbortSignal): Promise<Ride> {
  const doors = pool()
  const door = doors[turn++ % doors.length]
  if (door === undefined) throw new Error('no worker')
  return patiently(door, (api, id) => api.ride(id, input) as Promise<Ride>, signal)
}

export interface RideTask {
  readonly id: string
  readonly input: SwingInput
}

/** Many swings, shared among the workers in their order; each is handed over as it comes. Stops when the signal says so. */
export async function ridesInPool(
  tasks: readonly RideTask[],
  take: (id: string, ride: Ride) => void,
  signal: AbortSignal,
): Promise<void> {
  const waiting = [...tasks]
  await Promise.all(
    pool().map(async (door) => {
      for (let task = waiting.shift(); task !== undefined && !signal.aborted; task = waiting.shift()) {
        const { id, input } = task
        const ride = await patiently(door, (api, asked) => api.ride(asked, input) as Promise<Ride>, signal)
        if (!signal.aborted) take(id, ride)
      }
    }),
  )
}
