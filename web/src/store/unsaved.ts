import { sinceSaved } from './everything.ts'
import { Live, useLive } from './live.ts'

const unsaved = new Live(sinceSaved, true)

/** When everything was last saved to a file, and how many things have changed since; undefined while it is looked up. */
export const useUnsaved = () => useLive(unsaved)
