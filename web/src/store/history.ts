import { useLiveQuery } from 'dexie-react-hooks'
import { db } from './database.ts'

/** Labels of what undo and redo would do next. */
export function useHistory(): { readonly undo?: string; readonly redo?: string } {
  return (
    useLiveQuery(async () => {
      const last = await db.history.where('undone').equals(0).last()
      const next = await db.history.where('undone').equals(1).first()
      return { ...(last ? { undo: last.label } : {}), ...(next ? { redo: next.label } : {}) }
    }, []) ?? {}
  )
}
