import type { Item } from '@hoxen/core/gear'
import type { Remote } from 'comlink'
import type { About, CoreApi } from './core.worker.ts'
import { Door } from './door.ts'

const core = new Door<CoreApi>(
  () => new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }),
)

/** The one door to core's heavy work. */
export function ask<T>(question: (api: Remote<CoreApi>) => Promise<T>): Promise<T> {
  return core.ask(question)
}

/** The same for a question that can be called off, which its number is for. */
export function askInSteps<T>(
  question: (api: Remote<CoreApi>, id: number) => Promise<T>,
  signal?: AbortSignal,
): Promise<T> {
  const id = ++asked
  return core.ask((api) => {
    signal?.addEventListener('abort', () => void api.callOff(id), { once: true })
    return question(api, id)
  }, signal)
}

const revisions = new WeakMap<readonly Item[], number>()
let revision = 0

/** A number for this state of the gear: the same list has the same, a later list another. */
export function revisionOf(items: readonly Item[]): number {
  const known = revisions.get(items)
  if (known !== undefined) return known
  revisions.set(items, ++revision)
  return revision
}

let asked = 0
/** The gear that each worker was brought last. */
const brought = new WeakMap<Remote<CoreApi>, number>()

/**
 * Asks a question about gear. The gear goes to the worker once for each of its revisions; the question is called off when
 * the signal says so, and its calculation stops.
 */
export function askOfGear<T>(
  items: readonly Item[],
  question: (api: Remote<CoreApi>, about: About) => Promise<T>,
  signal?: AbortSignal,
): Promise<T> {
  const about = { id: ++asked, revision: revisionOf(items) }
  return core.ask(async (api) => {
    if (brought.get(api) !== about.revision) {
      brought.set(api, about.revision)
      await api.gear(about.revision, items)
    }
    signal?.addEventListener('abort', () => void api.callOff(about.id), { once: true })
    return question(api, about)
  }, signal)
}
