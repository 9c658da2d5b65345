import type { Tx, Walked } from './commit.ts'
import type { Watched } from './portions.ts'

// How a change is made comes with the first one: the first look only reads.
const writer = () => import('./commit.ts').then((m) => m.writer)

/** The only way stored data changes; see `Writer.commit`. @returns false when nothing changed */
export const commit = (
  label: string,
  change: (tx: Tx) => Promise<void> | void,
  watched?: Watched,
): Promise<boolean> => {
  const made = make(label, change, watched)
  const over = made.then(
    () => {},
    () => {},
  )
  underway.add(over)
  void over.then(() => underway.delete(over))
  return made
}

const underway = new Set<Promise<void>>()

/** Resolves once every change that is being made now is made, or refused. */
export const settled = async (): Promise<void> => {
  await Promise.all(underway)
}

const make = async (...[label, change, watched]: Parameters<typeof commit>): Promise<boolean> => {
  try {
    return await (await writer()).commit(label, change, watched)
  } catch (error) {
    const { inWords } = await import('./inWords.ts')
    throw inWords(error)
  }
}

export const walkBack = async (step: 'undo' | 'redo'): Promise<Walked | undefined> => (await writer())[step]()
