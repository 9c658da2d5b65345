import type { Tx, Walked } from './commit.ts'
import type { Watched } from './portions.ts'
import { queued } from './queue.ts'

// How a change is made comes with the first one: the first look only reads.
const writer = () => import('./commit.ts').then((m) => m.writer)

/** Makes a change at once, within one that waited its turn. @returns false when nothing changed */
export async function commitNow(
  label: string,
  change: (tx: Tx) => Promise<void> | void,
  watched?: Watched,
): Promise<boolean> {
  try {
    return await (await writer()).commit(label, change, watched)
  } catch (error) {
    const { inWords } = await import('./inWords.ts')
    throw inWords(error)
  }
}

/** The only way stored data changes, each change in its turn; see `Writer.commit`. @returns false when nothing changed */
export const commit: typeof commitNow = (...asked) => queued(() => commitNow(...asked))

/** Undo and redo, in their turn. */
export const walkBack = (step: 'undo' | 'redo'): Promise<Walked | undefined> =>
  queued(async () => (await writer())[step]())
