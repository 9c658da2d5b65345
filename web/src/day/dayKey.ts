import type { Day } from '@hoxen/core/day'

/** All of a day that a verdict depends on: a newer reading of the gauge that is judged the same is the same day. */
export function dayKey({ where, ...rest }: Day): readonly unknown[] {
  return [rest, where.by === 'words' ? null : [where.pool.id, where.level, where.ratio]]
}
