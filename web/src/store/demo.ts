import { type HoxenDocument, type ListName, type SingleName, trailKey } from '@hoxen/core/format'
import demoUrl from '../../../demo/skarn.json?url'
import type { Tx } from './commit.ts'
import { db } from './database.ts'
import { everything, files } from './everything.ts'
import { commit } from './write.ts'

async function demoDocument(): Promise<HoxenDocument> {
  const response = await fetch(demoUrl)
  if (!response.ok) throw new Error(`demo data: ${response.status}`)
  const { readDocument } = await files()
  const { document, readable } = readDocument(await response.text())
  if (!readable) throw new Error('demo data cannot be read')
  return document
}

const idsOf = (document: HoxenDocument, name: ListName): readonly string[] =>
  document[name].map(({ id }) => id)

/** Puts one document in the place of another: what else is there stays. Nothing is waited for: a transaction would not. */
async function swapping(): Promise<(tx: Tx, goes: HoxenDocument, comes: HoxenDocument) => void> {
  const { LISTS, SINGLES } = await files()
  return (tx, goes, comes) => {
    for (const name of Object.keys(LISTS) as ListName[]) {
      tx.putAside(name, idsOf(goes, name))
      tx.put(name, comes[name])
    }
    for (const name of Object.keys(SINGLES) as SingleName[]) tx.set(name, comes[name])
  }
}

/** The demo angler's gear and pools, which ship with the application; what was one's own is put aside. */
export async function openDemo(): Promise<boolean> {
  const [demo, own, swap] = [await demoDocument(), await everything(), await swapping()]
  const { LISTS, withoutPast } = await files()
  const did = await commit('Open the demo', (tx) => {
    swap(tx, own, { ...demo, settings: own.settings ?? demo.settings } as HoxenDocument)
    // Opened on two devices it is the same demo.
    for (const name of Object.keys(LISTS) as ListName[])
      for (const row of demo[name]) tx.trail(trailKey(name, row.id), withoutPast(row))
  })
  // The demo opened twice is no data of one's own.
  if (did && (await db.aside.get('before-demo')) === undefined)
    await db.aside.put({ id: 'before-demo', document: own })
  return did
}

/** Takes the demo away and puts one's own back; what was added meanwhile stays. */
export async function leaveDemo(): Promise<boolean> {
  const aside = await db.aside.get('before-demo')
  if (aside === undefined) return false
  const [demo, swap] = [await demoDocument(), await swapping()]
  const did = await commit('Leave the demo', (tx) => swap(tx, demo, aside.document))
  if (did) await db.aside.delete('before-demo')
  return did
}

/** The demo angler's pools alone, beside gear of one's own. */
export async function loadDemoRuns(): Promise<boolean> {
  const { runs } = await demoDocument()
  return commit('Open the demo pools', (tx) => tx.put('runs', runs))
}
