import type { Tx, Walked } from './commit.ts'

// How a change is made comes with the first one: the first look only reads.
const writer = () => import('./commit.ts').then((m) => m.writer)

/** The only way stored data changes; see `Writer.commit`. @returns false when nothing changed */
export const commit = async (label: string, change: (tx: Tx) => Promise<void> | void): Promise<boolean> => {
  try {
    return await (await writer()).commit(label, change)
  } catch (error) {
    throw inWords(error)
  }
}

/** What a browser says when it cannot store, in words for the angler; all else as it is. */
export function inWords(error: unknown): unknown {
  const names = [error, (error as { readonly inner?: unknown } | undefined)?.inner].map(
    (one) => (one as { readonly name?: string } | undefined)?.name,
  )
  if (names.includes('QuotaExceededError'))
    return new Error(
      'This device has no room left for it. Nothing was changed. Save everything to a file, then make room: photos take the most.',
    )
  if (
    names.some(
      (name) => name === 'MissingAPIError' || name === 'OpenFailedError' || name === 'InvalidStateError',
    )
  )
    return new Error(
      'This browser keeps nothing here: private windows and some settings forbid it. Open Hoxen in an ordinary window.',
    )
  return error
}

export const walkBack = async (step: 'undo' | 'redo'): Promise<Walked | undefined> => (await writer())[step]()
