import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { type Draft, db } from './database.ts'
import { Live, useLive } from './live.ts'
import { openTabs, thisTab } from './tab.ts'

type Text = Draft['text']

/** Other forms of the same thing older than this are nobody's any more [ms]. */
const STALE_MS = 10 * 60_000

const mine = (form: string): [string, string] => [form, thisTab()]
const keep = (form: string, text: Text): Promise<unknown> =>
  Object.keys(text).length === 0
    ? db.drafts.delete(mine(form))
    : db.drafts.put({ form, tab: thisTab(), at: Date.now(), text })

/** Keeps what was typed into a form, until it is saved or given up; with nothing typed, nothing. */
export async function keepDraft(form: string, text: Text): Promise<void> {
  await keep(form, text)
}

/** Keeps what was typed into one field of a form; undefined forgets it. */
export async function keepField(form: string, field: string, text: string | undefined): Promise<void> {
  await db.transaction('rw', db.drafts, async () => {
    const { [field]: _was, ...others } = (await db.drafts.get(mine(form)))?.text ?? {}
    await keep(form, text === undefined ? others : { ...others, [field]: text })
  })
}

export async function dropDraft(form: string): Promise<void> {
  await db.drafts.delete(mine(form))
}

/** Draft for a form: this tab's, else the latest of a tab that was closed, which is then this tab's. Null when there is none. */
export async function draftOf(form: string): Promise<Text | null> {
  const tabs = await openTabs()
  return db.transaction('rw', db.drafts, async () => {
    const own = await db.drafts.get(mine(form))
    if (own !== undefined) return own.text
    const others = await db.drafts.where('form').equals(form).toArray()
    const left = others.filter(({ tab }) => tabs?.has(tab) === false).sort((a, b) => b.at - a.at)[0]
    if (left === undefined) return null
    await db.drafts.delete([form, left.tab])
    await keep(form, left.text)
    return left.text
  })
}

/** Drafts of other tabs for the same form now. */
export function useOtherDrafts(form: string): readonly Text[] {
  const live = useMemo(() => new Live(() => db.drafts.where('form').equals(form).toArray(), true), [form])
  const drafts = useLive(live) ?? []
  return drafts.filter((d) => d.tab !== thisTab() && Date.now() - d.at < STALE_MS).map((d) => d.text)
}

/**
 * State of a form that is not saved yet, kept under form and field: leaving the page, a reload or a closed tab loses nothing.
 * Nothing is kept once it is as it began.
 */
export function useDraftState<T>(form: string, field: string, first: T): readonly [T, (value: T) => void] {
  const [value, setValue] = useState(first)
  const changed = useRef(false)
  useEffect(() => {
    let here = true
    draftOf(form).then(
      (draft) => {
        const kept = draft?.[field]
        if (here && !changed.current && kept !== undefined) setValue(JSON.parse(kept) as T)
      },
      // Without a store there is no draft.
      () => {},
    )
    return () => {
      here = false
    }
  }, [form, field])
  const [began] = useState(() => JSON.stringify(first))
  const set = useCallback(
    (next: T) => {
      changed.current = true
      setValue(next)
      const text = JSON.stringify(next)
      keepField(form, field, text === began ? undefined : text).catch(() => {})
    },
    [form, field, began],
  )
  return [value, set]
}
