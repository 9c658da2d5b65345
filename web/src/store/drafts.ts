import { useMemo } from 'react'
import { type Draft, db } from './database.ts'
import { Live, useLive } from './live.ts'
import { thisTab } from './tab.ts'

type Text = Draft['text']

/** Other forms of the same thing older than this are nobody's any more [ms]. */
const STALE_MS = 10 * 60_000

/** Keeps what was typed into a form, until it is saved or given up. */
export async function keepDraft(form: string, text: Text): Promise<void> {
  await db.drafts.put({ form, tab: thisTab(), at: Date.now(), text })
}

export async function dropDraft(form: string): Promise<void> {
  await db.drafts.delete([form, thisTab()])
}

/** Draft of this tab for a form; null when nothing, undefined while it loads. Read once. */
export async function draftOf(form: string): Promise<Text | null> {
  return (await db.drafts.get([form, thisTab()]))?.text ?? null
}

/** Drafts of other tabs for the same form now. */
export function useOtherDrafts(form: string): readonly Text[] {
  const live = useMemo(() => new Live(() => db.drafts.where('form').equals(form).toArray(), true), [form])
  const drafts = useLive(live) ?? []
  return drafts.filter((d) => d.tab !== thisTab() && Date.now() - d.at < STALE_MS).map((d) => d.text)
}
