import * as z from 'zod'

/** Casting habits of this person; a lower hand that pulls bends the rod fully and can fish lighter. */
export const casterSchema = z.strictObject({
  hand: z.enum(['right', 'left']),
  habit: z.enum(['lower-hand', 'average', 'top-hand']),
  /** Mainly overhead or mainly spey: decides the size of overhead heads. */
  mainly: z.enum(['spey', 'overhead']),
})
export type Caster = z.infer<typeof casterSchema>
