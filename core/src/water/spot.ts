import * as z from 'zod'
import { idSchema } from '../gear/index.ts'
import { OBSTRUCTIONS, type Obstruction } from './vocabulary.ts'

/** Place of a pool or beach on the map, the way one faces there, and what it is usually like. */
export interface Spot {
  /** North positive [°]. */
  readonly latitudeDeg: number
  /** East positive [°]. */
  readonly longitudeDeg: number
  /** Compass bearing straight across the water from where one stands [°]. */
  readonly facesDeg: number
  /** The weather station that tells of its wind. */
  readonly weatherId?: string | undefined
  /** Obstruction behind, and its height over the water [m]. */
  readonly behind?: Obstruction | undefined
  readonly behindHighM?: number | undefined
  /** The wind it usually has: from where by the compass [°], and how hard [m/s]. */
  readonly prevailing?: { readonly fromDeg: number; readonly mps: number } | undefined
}

const bearing = z.number().min(0).max(360)

export const spotSchema: z.ZodType<Spot> = z.strictObject({
  latitudeDeg: z.number().min(-90).max(90),
  longitudeDeg: z.number().min(-180).max(180),
  facesDeg: bearing,
  weatherId: idSchema.optional(),
  behind: z.enum(OBSTRUCTIONS).optional(),
  behindHighM: z.number().min(0).max(60).optional(),
  prevailing: z.strictObject({ fromDeg: bearing, mps: z.number().min(0).max(40) }).optional(),
})
