import { db } from './database.ts'
import { Live, useLive } from './live.ts'
import { hasGear, ownAside } from './reading.ts'

interface There {
  /** The demo was opened and not left. */
  readonly demo: boolean
  /** Something of one's own was put aside for it. */
  readonly own: boolean
  readonly gear: boolean
}

const there = new Live(async (): Promise<There> => {
  const demo = (await db.aside.count()) > 0
  return { demo, own: (await ownAside()) !== undefined, gear: await hasGear() }
})

/** What is open, what is put aside and whether there is gear; undefined while that is looked up. */
export const useDemoThere = (): There | undefined => useLive(there)
