import type { Ride, SwingInput, SwingResult } from '@hoxen/core/swing'
import PQueue from 'p-queue'
import { noticeSaid } from '../store/index.ts'
import { WorkerClient } from '../worker/index.ts'
import type { SwingApi } from '../worker/swingApi.ts'
import { watchHand } from './hand.ts'
import { PRIORITIES, type Priority, type Runner } from './wish.ts'

/** Crashes closer than this are reported once [ms]. */
const ONE_MISHAP_MS = 4000
let saidAt = Number.NEGATIVE_INFINITY

/** Says so when a worker broke down and is replaced. */
function tellOfCrash(): void {
  const now = performance.now()
  if (now - saidAt > ONE_MISHAP_MS) noticeSaid('A calculation failed and was started again. Nothing is lost.')
  saidAt = now
}

const size = Math.max(1, navigator.hardwareConcurrency || 2)
/** While a hand is on the page one core is left to it. */
const beside = Math.max(1, size - 1)

const free = Array.from(
  { length: size },
  () =>
    new WorkerClient<SwingApi>(
      () => new Worker(new URL('../worker/swing.worker.ts', import.meta.url), { type: 'module' }),
      tellOfCrash,
    ),
)
const queue = new PQueue({ concurrency: size })
watchHand((on) => {
  queue.concurrency = on ? beside : size
})
const rank = (priority: Priority): number => PRIORITIES.indexOf(priority)

async function inWorker(
  what: 'ride' | 'swing',
  input: SwingInput,
  signal: AbortSignal,
): Promise<Ride | SwingResult> {
  signal.throwIfAborted()
  const client = free.pop()
  if (client === undefined) throw new Error('more swings under way than workers')
  try {
    return await client.askAgain((api, id) => api[what](id, input) as Promise<Ride | SwingResult>, signal)
  } finally {
    free.push(client)
  }
}

let numbered = 0

/** Runs a swing in the next free worker, by priority. */
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
