import type { Item } from '@hoxen/core/gear'
import type { Remote } from 'comlink'
import { working } from '../ui/working.ts'
import type { About, CoreApi } from './coreApi.ts'
import { Door } from './door.ts'

const core = new Door<CoreApi>(
  () => new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }),
)

/** Gear as of one revision. */
interface Revised {
  readonly revision: number
  readonly items: readonly Item[]
}

/** The one door to core's heavy work but the swings. @param question gets the number by which it is called off */
export function ask<T>(
  question: (api: Remote<CoreApi>, id: number) => Promise<T>,
  signal?: AbortSignal,
): Promise<T> {
  const done = working()
  return core.ask(question, signal).finally(done)
}

/** The gear that each worker was brought last. */
const brought = new WeakMap<object, number>()

/** Asks a question about gear, which goes ahead of it once for each of its revisions. */
export function askOfGear<T>(
  { revision, items }: Revised,
  question: (api: Remote<CoreApi>, about: About) => Promise<T>,
  signal?: AbortSignal,
): Promise<T> {
  return ask((api, id) => {
    if (brought.get(api) !== revision) {
      brought.set(api, revision)
      // Not waited for: the worker reads its messages in their order, and a call-off may follow at once.
      api.gear(revision, items).catch((error: unknown) => {
        brought.delete(api)
        console.error(error)
      })
    }
    return question(api, { id, revision })
  }, signal)
}
