import { kindThere } from '@hoxen/core/day'
import type { Run } from '@hoxen/core/water'
import { commit, keptIn, noticeFailed } from '../store/index.ts'

/**
 * Goes to a pool, or with none to the water as the job describes it; what was said of the level stays behind, and the kind of
 * water follows the place.
 */
export function goToPool(pool: Run | undefined): void {
  void commit(pool === undefined ? 'Fish the water as described' : `Go to ${pool.name}`, async (tx) => {
    const { plan } = await keptIn(tx, 'water')
    tx.set('water', pool === undefined ? { plan } : { plan, runId: pool.id })
    const job = await keptIn(tx, 'job')
    tx.set('job', { ...job, water: kindThere(pool, job.water) })
  }).catch(noticeFailed)
}
