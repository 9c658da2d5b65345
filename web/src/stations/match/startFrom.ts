import type { Day, UsualDay } from '@hoxen/core/day'
import { commit, keptIn, noticeDone } from '../../store/index.ts'

/** Starts from a usual day: it brings its own water, so a pool is left, and that is said. */
export async function startFrom({ name, job: usual }: UsualDay, { where }: Day): Promise<void> {
  const label = `Day: ${name.toLowerCase()}`
  await commit(label, async (tx) => {
    const {
      waterC: _read,
      bySeason: _said,
      dropper: _hung,
      indicator: _how,
      ...now
    } = await keptIn(tx, 'job')
    tx.set('job', { ...now, ...usual })
    const { plan } = await keptIn(tx, 'water')
    tx.set('water', { plan })
  })
  if (where.by === 'pool')
    noticeDone(`${name}: this day has its own water, so ${where.pool.name} is no longer chosen`)
}
