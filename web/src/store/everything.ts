import type { HoxenDocument, ImportPlan } from '@hoxen/core/gear'
import demoUrl from '../../../demo/skarn.json?url'
import { commit, type Write } from './commit.ts'
import { type DocumentKey, db } from './database.ts'
import { documentWrite, readDocumentOf } from './documents.ts'
import { removeItems, saveItems } from './gear.ts'
import { runWrites } from './runs.ts'

const DOCUMENT_KEYS: readonly DocumentKey[] = ['job', 'rig', 'pinned', 'settings', 'rigging', 'water']

/** Reading and writing whole files needs the schemas; a first look at the page does not. */
const files = () => import('./files.ts')

/** Everything that is kept, as the text of one file in the open format. */
export async function exportEverything(): Promise<string> {
  const items = (await db.items.orderBy('added').toArray()).map((row) => row.item)
  const runs = (await db.runs.orderBy('added').toArray()).map((row) => row.run)
  const parts = await Promise.all(DOCUMENT_KEYS.map(async (key) => [key, await readDocumentOf(key)] as const))
  const kept = Object.fromEntries(parts.filter(([, value]) => value !== undefined))
  const { writeDocument } = await files()
  return writeDocument(
    { gear: { items }, ...(runs.length > 0 ? { runs } : {}), ...kept },
    new Date().toISOString(),
  )
}

/** Takes in what was previewed, under one undo step. Nothing is taken away. */
export async function applyImport(
  plan: ImportPlan,
  document: HoxenDocument,
  label: string,
): Promise<boolean> {
  const documents: Write[] = DOCUMENT_KEYS.flatMap((key) =>
    document[key] === undefined ? [] : [documentWrite(key, document[key])],
  )
  return saveItems(
    label,
    [...plan.added, ...plan.changed.map((c) => c.after)],
    [...documents, ...(await runWrites(document.runs ?? []))],
  )
}

export async function wipeGear(): Promise<boolean> {
  return removeItems('Clear all gear', (await db.items.toCollection().primaryKeys()) as string[])
}

async function demoDocument(): Promise<HoxenDocument> {
  const response = await fetch(demoUrl)
  if (!response.ok) throw new Error(`demo data: ${response.status}`)
  const { readDocument } = await files()
  const { document, readable } = readDocument(await response.text())
  if (!readable) throw new Error('demo data cannot be read')
  return document
}

/** The demo angler's gear and pools, which ship with the application. */
export async function openDemo(): Promise<boolean> {
  const document = await demoDocument()
  return applyImport({ added: document.gear.items, changed: [], same: 0 }, document, 'Open the demo')
}

/** The demo angler's pools alone, beside gear of one's own. */
export async function loadDemoRuns(): Promise<boolean> {
  const { runs = [] } = await demoDocument()
  return commit('Open the demo pools', await runWrites(runs))
}

export const hasGear = async (): Promise<boolean> => (await db.items.count()) > 0
