import * as z from 'zod'
import { cheaterSchema } from './cheater.ts'
import { flySchema } from './fly.ts'
import { headSchema } from './head.ts'
import { leaderSchema, tippetSchema } from './leader.ts'
import { backingSchema, reelSchema } from './reel.ts'
import { rodSchema } from './rod.ts'
import { runningLineSchema } from './runningLine.ts'
import { sinkingLeaderSchema, tipSchema } from './tip.ts'
import type { Kind } from './vocabulary.ts'

export const itemSchema = z.discriminatedUnion('kind', [
  rodSchema,
  headSchema,
  cheaterSchema,
  tipSchema,
  sinkingLeaderSchema,
  leaderSchema,
  tippetSchema,
  flySchema,
  runningLineSchema,
  reelSchema,
  backingSchema,
])
export type Item = z.infer<typeof itemSchema>
export type ItemOf<K extends Kind> = Extract<Item, { kind: K }>
