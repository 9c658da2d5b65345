import type { Run } from '../water/index.ts'
import type { Job } from './job.ts'

type Kind = Job['water']

/** The kind of water of a day in a place: a beach is fished as surf, a pool as a river where surf was said; else as said. */
export const kindThere = (pool: Pick<Run, 'shore'> | undefined, said: Kind): Kind => {
  if (pool === undefined) return said
  if (pool.shore !== undefined) return 'surf'
  return said === 'surf' ? 'river' : said
}

/** Whether the kind of water that was said is not that of the place. */
export const isElsewhere = (pool: Pick<Run, 'shore'> | undefined, said: Kind): boolean =>
  kindThere(pool, said) !== said
