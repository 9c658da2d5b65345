import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { type Draft, db } from './database.ts'
import { Live, useLive } from './live.ts'
import { settled } from './queue.ts'
import { openTabs, thisTab } from './tab.ts'

type Text = Draft['text']

/** Other forms of the same thing older than this are nobody's any more [ms]. */
const STALE_MS = 10 * 60_000

const mine = (form: string): [string, string] => [form, thisTab()]

/** What was typed into fields of a form of a tab; null is a field that is as it was. */
interface Typed {
  readonly form: string
  readonly tab: string
  readonly at: number
  readonly fields: Readonly<Record<string, string | null>>
  /** They are all that is typed there. */
  readonly whole: boolean
}

/** Writes it among what was typed there before, as it stands at that moment. */
const put = ({ form, tab, at, fields, whole }: Typed): Promise<void> =>
  db.transaction('rw', db.drafts, async () => {
    const before = whole ? undefined : (await db.drafts.get([form, tab]))?.text
    const text = Object.fromEntries(
      Object.entries({ ...before, ...fields }).filter(
        (entry): entry is [string, string] => entry[1] !== null,
      ),
    )
    if (Object.keys(text).length === 0) await db.drafts.delete([form, tab])
    else await db.drafts.put({ form, tab, at, text })
  })

/** Drafts on their way into the store. A page that closes loses pending writes, so they also go into synchronous storage. */
const underway = new Set<Typed>()

async function write(typed: Typed): Promise<void> {
  underway.add(typed)
  try {
    await put(typed)
  } finally {
    underway.delete(typed)
  }
}

const LEFT = 'hoxen-typed'

/** Drafts of pages that closed before the store had them. */
function left(): readonly Typed[] {
  try {
    return JSON.parse(localStorage.getItem(LEFT) ?? '[]')
  } catch {
    return []
  }
}

function leave(typed: readonly Typed[]): void {
  try {
    if (typed.length === 0) localStorage.removeItem(LEFT)
    else localStorage.setItem(LEFT, JSON.stringify(typed))
  } catch {
    // Without that storage, what was typed in the last moment is lost.
  }
}

globalThis.window?.addEventListener('pagehide', () => {
  if (underway.size > 0) leave([...left(), ...underway])
})
globalThis.window?.addEventListener('pageshow', ({ persisted }) => {
  // A page that comes back has its way still before it.
  if (persisted) leave(left().filter(({ tab }) => tab !== thisTab()))
})

let takingUp: Promise<void> | undefined

/** Puts what pages left into the store. What it has no room for is left for another time. */
function takeUp(): Promise<void> {
  const take = async (): Promise<void> => {
    const typed = left()
    if (typed.length === 0) return
    await Promise.all(typed.map(put))
    leave(left().slice(typed.length))
  }
  takingUp ??= take()
    .catch(() => {})
    .finally(() => {
      takingUp = undefined
    })
  return takingUp
}

/** Keeps what was typed into a form, until it is saved or given up; with nothing typed, nothing. */
export const keepDraft = (form: string, text: Text): Promise<void> =>
  write({ form, tab: thisTab(), at: Date.now(), fields: text, whole: true })

/** Keeps what was typed into one field of a form. */
export const keepField = (form: string, field: string, text: string | null): Promise<void> =>
  write({ form, tab: thisTab(), at: Date.now(), fields: { [field]: text }, whole: false })

/** Forgets what was typed into a field once all that is being saved is saved, unless something else was typed there meanwhile. */
export async function dropField(form: string, field: string, text: string): Promise<void> {
  await settled()
  await db.transaction('rw', db.drafts, async () => {
    if ((await db.drafts.get(mine(form)))?.text[field] === text) await keepField(form, field, null)
  })
}

export const dropDraft = (form: string): Promise<void> => keepDraft(form, {})

/** Draft for a form: this tab's, else the latest of a tab that was closed, which is then this tab's. Null when there is none. */
export async function draftOf(form: string): Promise<Text | null> {
  const tabs = await openTabs()
  await takeUp()
  return db.transaction('rw', db.drafts, async () => {
    const own = await db.drafts.get(mine(form))
    if (own !== undefined) return own.text
    const others = await db.drafts.where('form').equals(form).toArray()
    const closed = others.filter(({ tab }) => tabs?.has(tab) === false).sort((a, b) => b.at - a.at)[0]
    if (closed === undefined) return null
    await db.drafts.delete([form, closed.tab])
    await keepDraft(form, closed.text)
    return closed.text
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
      keepField(form, field, text === began ? null : text).catch(() => {})
    },
    [form, field, began],
  )
  return [value, set]
}
