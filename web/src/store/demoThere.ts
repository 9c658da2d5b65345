import { useLiveQuery } from 'dexie-react-hooks'
import { db } from './database.ts'

/** Whether the demo was opened and not left, and whether there is gear; undefined while that is looked up. */
export const useDemoThere = (): { readonly demo: boolean; readonly gear: boolean } | undefined =>
  useLiveQuery(async () => {
    const [aside, items] = await Promise.all([
      db.aside.count(),
      db.kept.where('[name+key]').between(['items', ''], ['items', '\uffff']).count(),
    ])
    return { demo: aside > 0, gear: items > 0 }
  })
