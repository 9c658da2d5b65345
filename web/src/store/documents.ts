import {
  DEFAULT_SETTINGS,
  FIRST_JOB,
  type Job,
  type RigChoice,
  type Rigging,
  type Settings,
  USUAL_PLAN,
  type WaterChoice,
} from '@hoxen/core/gear'
import { useLiveQuery } from 'dexie-react-hooks'
import { commit, type Write } from './commit.ts'
import { type DocumentKey, type Documents, db } from './database.ts'

export function documentWrite<K extends DocumentKey>(key: K, value: Documents[K] | undefined): Write {
  return { table: 'documents', key, row: value === undefined ? undefined : { key, value } }
}

export async function readDocumentOf<K extends DocumentKey>(key: K): Promise<Documents[K] | undefined> {
  return (await db.documents.get(key))?.value as Documents[K] | undefined
}

/** Null when there is none; undefined while it loads. */
function useDocument<K extends DocumentKey>(key: K): Documents[K] | null | undefined {
  return useLiveQuery(async () => (await readDocumentOf(key)) ?? null, [key])
}

export function useJob(): Job | undefined {
  const job = useDocument('job')
  return job === null ? FIRST_JOB : job
}
export const useMyRig = (): RigChoice | null | undefined => useDocument('rig')
export const usePinned = (): RigChoice | null | undefined => useDocument('pinned')

const NO_RIGGING: Rigging = { knots: {}, done: [] }

/** Knots preferred at each joint, and steps of the rigging list ticked off. */
export const useRigging = (): Rigging => useDocument('rigging') ?? NO_RIGGING

const NO_WATER: WaterChoice = { plan: USUAL_PLAN }

/** The pool fished now and how; undefined while it loads. */
export function useWaterChoice(): WaterChoice | undefined {
  const water = useDocument('water')
  return water === null ? NO_WATER : water
}

/** The job and the rig as they are stored now, for changing one part of them. */
export const readJob = async (): Promise<Job> => (await readDocumentOf('job')) ?? FIRST_JOB
export const readMyRig = (): Promise<RigChoice | undefined> => readDocumentOf('rig')

export function useSettings(): Settings {
  return useDocument('settings') ?? DEFAULT_SETTINGS
}

export function saveDocument<K extends DocumentKey>(
  label: string,
  key: K,
  value: Documents[K] | undefined,
): Promise<boolean> {
  return commit(label, [documentWrite(key, value)])
}

/** Several at once, under one undo step. */
export function saveDocuments(label: string, values: Partial<Documents>): Promise<boolean> {
  const keys = Object.keys(values) as DocumentKey[]
  return commit(
    label,
    keys.map((key) => documentWrite(key, values[key])),
  )
}

export async function changeSettings(
  label: string,
  change: (settings: Settings) => Settings,
): Promise<boolean> {
  return saveDocument(label, 'settings', change((await readDocumentOf('settings')) ?? DEFAULT_SETTINGS))
}
