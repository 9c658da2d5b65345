import * as z from 'zod'
import { TRAIL_KEPT } from './trail.ts'

/** A mark: when, in base 36 milliseconds since 1970, what tells it from another of that moment, and the fields that changed. */
const MARK = /^[0-9a-z]{1,11}-[0-9a-z]{1,12}(?::[\w.,-]{0,300})?$/
const trailSchema = z.array(z.string().regex(MARK, 'mark')).max(TRAIL_KEPT)

/** Trails by where the thing stands: `items/long-seven`, or `rig/` for a single thing. */
export const trailsSchema = z.record(z.string().max(120), trailSchema)
