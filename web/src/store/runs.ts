import type { Run } from '@hoxen/core/gear'
import { useLiveQuery } from 'dexie-react-hooks'
import { commit, type Write } from './commit.ts'
import { db, type StoredRun } from './database.ts'

/** All runs in the order they were added; undefined while they load. */
export function useRuns(): readonly Run[] | undefined {
  return useLiveQuery(async () => (await db.runs.orderBy('added').toArray()).map((row) => row.run), [])
}

/** What brings these runs into the store, new ones after the last. */
export async function runWrites(runs: readonly Run[]): Promise<readonly Write[]> {
  const place = ((await db.runs.orderBy('added').last())?.added ?? 0) + 1
  const old = await db.runs.bulkGet(runs.map((run) => run.id))
  return runs.map((run, i): Write => {
    const row: StoredRun = { id: run.id, added: old[i]?.added ?? place + i, run }
    return { table: 'runs', key: run.id, row }
  })
}

/** Adds or replaces a run, with whatever else belongs to the same step. */
export async function saveRun(label: string, run: Run, also: readonly Write[] = []): Promise<boolean> {
  return commit(label, [...(await runWrites([run])), ...also])
}

export function removeRun(run: Run): Promise<boolean> {
  return commit(`Remove ${run.name}`, [{ table: 'runs', key: run.id, row: undefined }])
}
