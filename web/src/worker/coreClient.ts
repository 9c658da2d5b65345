import type { Item } from '@hoxen/core/gear'
import type { Remote } from 'comlink'
import { working } from '../ui/index.ts'
import type { About, CoreApi } from './coreApi.ts'
import { WorkerClient } from './workerClient.ts'

const core = new WorkerClient<CoreApi>(
  () => new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }),
)

/** Gear at one revision. */
interface Revised {
  readonly revision: number
  readonly items: readonly Item[]
}

/** The client of core's heavy work, swings apart. @param question gets the number by which it is cancelled */
export function ask<T>(
  question: (api: Remote<CoreApi>, id: number) => Promise<T>,
  signal?: AbortSignal,
): Promise<T> {
  const done = working()
  return core.askAgain(question, signal).finally(done)
}

/** The revision of gear that each worker holds. */
const brought = new WeakMap<object, number>()

/** Asks a question about gear; each revision of the gear is sent once, ahead of its first question. */
export function askOfGear<T>(
  { revision, items }: Revised,
  question: (api: Remote<CoreApi>, about: About) => Promise<T>,
  signal?: AbortSignal,
): Promise<T> {
  return ask((api, id) => {
    if (brought.get(api) !== revision) {
      brought.set(api, revision)
      // Not waited for: the worker reads its messages in their order, and a cancellation may follow at once.
      api.gear(revision, items).catch((error: unknown) => {
        brought.delete(api)
        console.error(error)
      })
    }
    return question(api, { id, revision })
  }, signal)
}
