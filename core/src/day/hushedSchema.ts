import * as z from 'zod'
import { CAUTION_NAMES, type Caution, type Hushed } from './cautions.ts'

export const hushedSchema: z.ZodType<Hushed> = z.strictObject({
  on: z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'date'),
  cautions: z.array(z.enum(CAUTION_NAMES as [Caution, ...Caution[]])).max(CAUTION_NAMES.length),
})
