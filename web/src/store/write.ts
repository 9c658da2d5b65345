import type { Tx, Walked } from './commit.ts'

// How a change is made comes with the first one: the first look only reads.
const writer = () => import('./commit.ts').then((m) => m.writer)

/** The only way stored data changes; see `Writer.commit`. @returns false when nothing changed */
export const commit = async (label: string, change: (tx: Tx) => Promise<void> | void): Promise<boolean> => {
  try {
    return await (await writer()).commit(label, change)
  } catch (error) {
    const { inWords } = await import('./inWords.ts')
    throw inWords(error)
  }
}

export const walkBack = async (step: 'undo' | 'redo'): Promise<Walked | undefined> => (await writer())[step]()
