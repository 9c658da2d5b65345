import type { Ride, SwingInput, SwingResult } from '@hoxen/core/swing'
import PQueue from 'p-queue'
import { noticeSaid } from '../store/index.ts'
import { Door, WorkerLost } from '../worker/index.ts'
import type { SwingApi } from '../worker/swingApi.ts'
import { PRIORITIES, type Priority, type Runner } from './wish.ts'

/** Several workers that break down together are one mishap [ms]. */
const ONE_MISHAP_MS = 4000
let saidAt = Number.NEGATIVE_INFINITY

/** Says so when a worker broke down and is replaced. */
function tellOfCrash(): void {
  const now = performance.now()
  if (now - saidAt > ONE_MISHAP_MS) noticeSaid('A calculation failed and was started again. Nothing is lost.')
  saidAt = now
}

/** One core is left to the page. */
const size = Math.max(1, (navigator.hardwareConcurrency || 2) - 1)

const free = Array.from(
  { length: size },
  () =>
    new Door<SwingApi>(
      () => new Worker(new URL('../worker/swing.worker.ts', import.meta.url), { type: 'module' }),
      tellOfCrash,
    ),
)
const queue = new PQueue({ concurrency: size })
const rank = (priority: Priority): number => PRIORITIES.indexOf(priority)

/** Asks, and once more of a fresh worker when the first breaks down over it. */
async function patiently<T>(ask: () => Promise<T>): Promise<T> {
  try {
    return await ask()
  } catch (error) {
    if (error instanceof WorkerLost) return ask()
    throw error
  }
}

async function inWorker(
  what: 'ride' | 'swing',
  input: SwingInput,
  signal: AbortSignal,
): Promise<Ride | SwingResult> {
  signal.throwIfAborted()
  const door = free.pop()
  if (door === undefined) throw new Error('more swings under way than workers')
  try {
    return await patiently(() =>
      door.ask((api, id) => api[what](id, input) as Promise<Ride | SwingResult>, signal),
    )
  } finally {
    free.push(door)
  }
}

let numbered = 0

/** Lets a swing go in the next worker that is free, the most wanted first. */
export const run: Runner['run'] = (what, input, { priority, signal }) => {
  const id = String(++numbered)
  let [waits, wanted] = [true, rank(priority)]
  const result = queue.add(
    () => {
      waits = false
      return inWorker(what, input, signal as AbortSignal)
    },
    { id, priority: wanted },
  )
  const raise = (next: Priority): void => {
    if (!waits || rank(next) <= wanted) return
    wanted = rank(next)
    queue.setPriority(id, wanted)
  }
  return { result, raise }
}
