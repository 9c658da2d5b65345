import * as z from 'zod'
import { RUN_LIMITS } from './vocabulary.ts'

/** A river's flow, wherever it is told: by hand, by a gauge, in a file [m³/s]. */
export const flowSchema = z.number().min(RUN_LIMITS.flowM3ps.low).max(RUN_LIMITS.flowM3ps.high)
