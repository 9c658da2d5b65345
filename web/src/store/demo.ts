import { type HoxenDocument, type ListName, type SingleName, trailKey } from '@hoxen/core/format'
import demoUrl from '../../../demo/skarn.json?url'
import type { Tx } from './commit.ts'
import { files } from './everything.ts'
import { commit } from './write.ts'

async function demoDocument(): Promise<HoxenDocument> {
  const response = await fetch(demoUrl)
  if (!response.ok) throw new Error(`The demo data can’t be loaded (${response.status}).`)
  const { readDocument } = await files()
  const { document, readable } = readDocument(await response.text())
  if (!readable) throw new Error('The demo data can’t be read.')
  return document
}

const idsOf = (document: HoxenDocument, name: ListName): readonly string[] =>
  document[name].map(({ id }) => id)

type Registry = Awaited<ReturnType<typeof files>>

/** Puts one document in the place of another: what else is there stays. */
function swap({ LISTS, SINGLES }: Registry, tx: Tx, goes: HoxenDocument, comes: HoxenDocument): void {
  for (const name of Object.keys(LISTS) as ListName[]) {
    tx.putAside(name, idsOf(goes, name))
    tx.put(name, comes[name])
  }
  for (const name of Object.keys(SINGLES) as SingleName[]) tx.set(name, comes[name])
}

/** All that is kept, as a change finds it. */
async function allIn(tx: Tx, { LISTS, SINGLES, nothingKept }: Registry): Promise<HoxenDocument> {
  const document: Record<string, unknown> = { ...nothingKept() }
  for (const name of Object.keys(LISTS) as ListName[]) document[name] = await tx.all(name)
  for (const name of Object.keys(SINGLES) as SingleName[]) document[name] = await tx.one(name)
  return document as unknown as HoxenDocument
}

/** The demo angler's gear and pools, which ship with the application; what was one's own is put aside, in one transaction. */
export async function openDemo(): Promise<boolean> {
  const [demo, known] = [await demoDocument(), await files()]
  return commit('Open the demo', async (tx) => {
    const own = await allIn(tx, known)
    swap(known, tx, own, { ...demo, settings: own.settings ?? demo.settings } as HoxenDocument)
    // Opened on two devices it is the same demo.
    for (const name of Object.keys(known.LISTS) as ListName[])
      for (const row of demo[name]) tx.trail(trailKey(name, row.id), known.withoutPast(row))
    // The demo opened twice is no data of one's own.
    if ((await tx.ownAside()) === undefined) tx.keepOwnAside(own)
  })
}

/** Takes the demo away and puts one's own back; what was added meanwhile stays. */
export async function leaveDemo(): Promise<boolean> {
  const [demo, known] = [await demoDocument(), await files()]
  return commit('Leave the demo', async (tx) => {
    const own = await tx.ownAside()
    if (own === undefined) return
    swap(known, tx, demo, own)
    tx.keepOwnAside(undefined)
  })
}

/** The demo angler's pools alone, beside gear of one's own. */
export async function loadDemoRuns(): Promise<boolean> {
  const { runs } = await demoDocument()
  return commit('Open the demo pools', (tx) => tx.put('runs', runs))
}
