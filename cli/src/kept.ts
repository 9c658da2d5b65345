import { jobSchema } from '@hoxen/core/day'
import { type KeptName, LISTS, upgradedPart } from '@hoxen/core/format'
import { runSchema } from '@hoxen/core/water'
import * as z from 'zod'

/** Something that is kept, as this version or any before wrote it. */
const kept = <S extends z.ZodType>(name: KeptName | 'gear', schema: S) =>
  z.preprocess((value) => upgradedPart(name, value), schema)

export const gearInput = kept('gear', z.object({ items: z.array(LISTS.items.schema).max(LISTS.items.limit) }))
export const jobInput = kept('job', jobSchema)
const run = (value: unknown): unknown => (upgradedPart('runs', [value]) as readonly unknown[])[0]
export const runInput = z.preprocess(run, runSchema)
