import { db, type StoredGauge } from './database.ts'

/** Keeps the last that was heard of a gauge. */
export async function keepGauge(gauge: StoredGauge): Promise<void> {
  await db.gauges.put(gauge)
}

export async function keptGauge(id: string): Promise<StoredGauge | undefined> {
  return db.gauges.get(id)
}
