import type { HoxenDocument } from '@hoxen/core/format'
import demoUrl from '../../../demo/skarn.json?url'
import { commit } from './commit.ts'
import { files, takeIn } from './everything.ts'

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
  return takeIn(await demoDocument(), 'Open the demo')
}

/** The demo angler's pools alone, beside gear of one's own. */
export async function loadDemoRuns(): Promise<boolean> {
  const { runs } = await demoDocument()
  return commit('Open the demo pools', (tx) => tx.put('runs', runs))
}
