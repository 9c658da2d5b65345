import type { Run } from '@hoxen/core/water'
import { changeDay, noticeFailed } from '../store/index.ts'

/** Goes to a pool, or with none to the water as it is described. */
export function goToPool(pool: Run | undefined): void {
  const label = pool === undefined ? 'Fish the water as described' : `Go to ${pool.name}`
  void changeDay(label, { pool }).catch(noticeFailed)
}
