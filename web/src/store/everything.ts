import type { HoxenDocument, ListName, SingleName } from '@hoxen/core/format'
import { commit, listOf } from './commit.ts'
import { db } from './database.ts'

/** Reading and writing whole files needs the schemas; a first look at the page does not. */
export const files = () => import('./files.ts')

/** Everything that is kept, as it stands now. */
export async function everything(): Promise<HoxenDocument> {
  const { LISTS, SINGLES, nothingKept } = await files()
  const document: Record<string, unknown> = { ...nothingKept() }
  await db.transaction('r', db.kept, async () => {
    for (const name of Object.keys(LISTS) as ListName[]) document[name] = await listOf(name)
    const singles = await db.kept.bulkGet(Object.keys(SINGLES).map((name): [string, string] => [name, '']))
    for (const row of singles) if (row !== undefined) document[row.name] = row.value
  })
  return document as unknown as HoxenDocument
}

/** Everything that is kept, as the text of one file in the open format. */
export async function exportEverything(): Promise<string> {
  const { writeDocument } = await files()
  return writeDocument(await everything(), new Date().toISOString())
}

/** Takes a document in under one undo step: lists are added to, single things replaced. Nothing is taken away. */
export async function takeIn(document: HoxenDocument, label: string): Promise<boolean> {
  const { LISTS, SINGLES } = await files()
  return commit(label, (tx) => {
    for (const name of Object.keys(LISTS) as ListName[]) tx.put(name, document[name])
    for (const name of Object.keys(SINGLES) as SingleName[])
      if (document[name] !== undefined) tx.set(name, document[name])
  })
}

export function wipeGear(): Promise<boolean> {
  return commit('Clear all gear', async (tx) => {
    tx.remove(
      'items',
      (await tx.all('items')).map((item) => item.id),
    )
  })
}

export const hasGear = async (): Promise<boolean> => (await listOf('items')).length > 0
