import type { Day, UsualDay } from '@hoxen/core/day'
import { changeDay, noticeDone } from '../../store/index.ts'

/** Starts from a usual day: it brings its own water, so a pool is left, and that is said. */
export async function startFrom({ name, job: usual }: UsualDay, { where }: Day): Promise<void> {
  await changeDay(`Day: ${name.toLowerCase()}`, { usual })
  if (where.by === 'pool')
    noticeDone(`${name}: this day has its own water, so ${where.pool.name} is no longer chosen`)
}
