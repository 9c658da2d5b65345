import { db } from './database.ts'
import { Live, useLive } from './live.ts'
import { hasGear } from './reading.ts'

const there = new Live(async () => ({ demo: (await db.aside.count()) > 0, gear: await hasGear() }))

/** Whether the demo was opened and not left, and whether there is gear; undefined while that is looked up. */
export const useDemoThere = (): { readonly demo: boolean; readonly gear: boolean } | undefined =>
  useLive(there)
