import {
  type HoxenDocument,
  type ListName,
  markedAt,
  type Past,
  type SingleName,
  type Taken,
  type Trail,
  trailKey,
  type WithPast,
} from '@hoxen/core/format'
import type { Tx } from './commit.ts'
import { db } from './database.ts'
import type { Watched } from './portions.ts'
import { listOf, ownAside } from './reading.ts'
import { commit } from './write.ts'

/** Reading and writing whole files needs the schemas; a first look at the page does not. */
// In a promise of its own kind, which a live query can follow.
export const files = () => Promise.resolve(import('./files.ts'))

/** Everything that is kept, as it stands now. */
export async function everything(): Promise<HoxenDocument> {
  return (await withPast()).document
}

/** The same with what each thing has been through, so that another device can be brought together with this one. */
export async function withPast(): Promise<WithPast & { readonly past: Past }> {
  const { LISTS, SINGLES, nothingKept } = await files()
  const document: Record<string, unknown> = { ...nothingKept() }
  const trails: Record<string, Trail> = {}
  const gone: Record<string, Trail> = {}
  await db.transaction('r', db.kept, db.gone, async () => {
    for (const name of Object.keys(LISTS) as ListName[]) document[name] = await listOf(name)
    const singles = await db.kept.bulkGet(Object.keys(SINGLES).map((name): [string, string] => [name, '']))
    for (const row of singles) if (row !== undefined) document[row.name] = row.value
    await db.kept.each(({ name, key, trail }) => {
      if (trail !== undefined) trails[trailKey(name, key)] = trail
    })
    await db.gone.each(({ name, key, trail, aside }) => {
      if (aside === undefined) gone[trailKey(name, key)] = trail
    })
  })
  return { document: document as unknown as HoxenDocument, past: { trails, gone } }
}

/** One's own that was put aside for the demo, with what each thing has been through; what stands where no demo is open. */
async function ownWithPast(): Promise<WithPast> {
  const own = await ownAside()
  if (own === undefined) return withPast()
  const trails: Record<string, Trail> = {}
  const gone: Record<string, Trail> = {}
  await db.gone.each(({ name, key, trail, aside }) => {
    const place = trailKey(name, key)
    if (aside === undefined) gone[place] = trail
    else trails[place] = trail
  })
  // Single things are not put aside: the demo's came on top of one's own.
  await db.kept.each(({ name, key, trail }) => {
    if (key === '' && trail !== undefined) trails[trailKey(name, key)] = trail
  })
  return { document: own, past: { trails, gone } }
}

/** Everything as the text of one file in the open format. @param which one's own, or what is open where that is the demo */
export async function exportEverything(which: 'own' | 'open'): Promise<string> {
  const { writeDocument } = await files()
  const { document, past } = which === 'own' ? await ownWithPast() : await withPast()
  return writeDocument(document, new Date().toISOString(), past)
}

/** Records that everything was saved to a file just now. */
export const savedNow = async (): Promise<void> => {
  await db.device.put({ id: 'saved', atMs: Date.now() })
}

/** When everything was last saved to a file, and how many things have changed since. */
export async function sinceSaved(): Promise<{ readonly savedMs?: number; readonly changed: number }> {
  const savedMs = (await db.device.get('saved'))?.atMs
  let changed = 0
  // A mark of what a file brought has no time, and is in that file still.
  await db.kept.each(({ trail = [] }) => {
    if (markedAt(trail) > (savedMs ?? 0)) changed++
  })
  await db.gone.each(({ trail, aside }) => {
    if (aside === undefined && markedAt(trail) > (savedMs ?? 0)) changed++
  })
  return savedMs === undefined ? { changed } : { savedMs, changed }
}

/** Takes a document in under one undo step: lists are added to, single things replaced. Nothing is taken away. */
export async function takeIn(document: HoxenDocument, label: string): Promise<boolean> {
  return bringIn({ document, removed: [], trails: {} }, label)
}

/** Takes in what was agreed on between two devices, or what a file adds and changes, under one undo step. */
export async function bringIn(
  { document, removed, trails }: Taken,
  label: string,
  watched?: Watched,
): Promise<boolean> {
  const { LISTS, SINGLES } = await files()
  const change = (tx: Tx): void => {
    for (const [place, trail] of Object.entries(trails)) tx.trail(place, trail)
    for (const { name, id } of removed) tx.remove(name, [id])
    for (const name of Object.keys(LISTS) as ListName[]) tx.put(name, document[name])
    for (const name of Object.keys(SINGLES) as SingleName[])
      if (document[name] !== undefined) tx.set(name, document[name])
  }
  return commit(label, change, watched)
}

export function wipeGear(): Promise<boolean> {
  return commit('Delete all gear', async (tx) => {
    tx.remove(
      'items',
      (await tx.all('items')).map((item) => item.id),
    )
  })
}
