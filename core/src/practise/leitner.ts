import * as z from 'zod'
import { idSchema } from '../gear/index.ts'
import { situationSchema } from './situation.ts'
import { LEVELS, type Level, ROUND_KINDS, type RoundKind } from './vocabulary.ts'

/** Boxes of a card file (Leitner 1972): right moves a card one on, wrong back to the first; each waits twice as long as the one before. [standard, from memory] */
export const BOXES = [1, 2, 3, 4, 5] as const
const DAY_MS = 86_400_000
const waitMs = (box: number): number => (box <= 1 ? 0 : 2 ** (box - 2) * DAY_MS)

/** A round that was answered, and how often. */
export const practisedSchema = z.strictObject({
  id: idSchema,
  kind: z.enum(ROUND_KINDS),
  level: z.literal([...LEVELS]),
  box: z.literal([...BOXES]),
  /** When it was answered last [ms since 1970]. */
  atMs: z.number().int().min(0),
  asked: z.number().int().min(1).max(1000),
  right: z.number().int().min(0).max(1000),
  /** Whether the last answer was right, and whether one was sure of it. */
  last: z.strictObject({ right: z.boolean(), sure: z.boolean() }),
  /** The round itself, while it is to come again. One that can no longer be read does not; what was answered stays. */
  situation: situationSchema.optional().catch(undefined),
})
export type Practised = z.infer<typeof practisedSchema>

/** A card after one more answer. @param before the card, or none for a round that is new */
export function answered(
  before: Practised | undefined,
  round: Pick<Practised, 'id' | 'kind' | 'level' | 'situation'>,
  last: Practised['last'],
  atMs: number,
): Practised {
  // What was known at once need not come again: it goes to the last box.
  const was = before?.box ?? (last.right && last.sure ? 4 : 1)
  const box = last.right ? (Math.min(5, was + 1) as Practised['box']) : 1
  const { situation, ...rest } = round
  return {
    ...rest,
    box,
    atMs,
    asked: (before?.asked ?? 0) + 1,
    right: (before?.right ?? 0) + Number(last.right),
    last,
    ...(box === 5 ? {} : { situation }),
  }
}

/** When a card comes again [ms since 1970]; never from the last box. */
export const dueMs = ({ box, atMs }: Pick<Practised, 'box' | 'atMs'>): number =>
  box === 5 ? Number.POSITIVE_INFINITY : atMs + waitMs(box)

/** Cards that are due, those that wait longest first; one that was just asked is left for others. @param justAsked ids */
export const due = (
  cards: readonly Practised[],
  nowMs: number,
  justAsked: readonly string[] = [],
): readonly Practised[] =>
  cards
    .filter((card) => card.situation !== undefined && dueMs(card) <= nowMs && !justAsked.includes(card.id))
    .sort((a, b) => dueMs(a) - dueMs(b))

/** Rounds of a sitting, of which every third is one that was wrong. */
export const SITTING = Object.freeze({ rounds: 10, again: 3, apart: 3 })

/** The card a round of a sitting asks again; undefined for a new one. @param asked ids of this sitting so far */
export const againIn = (
  cards: readonly Practised[],
  asked: readonly string[],
  nowMs: number,
): Practised | undefined =>
  asked.length % SITTING.again === SITTING.again - 1
    ? due(cards, nowMs, asked.slice(-SITTING.apart))[0]
    : undefined

/** Rounds by which a level is told. */
const LAST = 8
const ENOUGH = 0.8

/** One's level in a kind: one more where four of five of the last rounds were right at the one before. */
export function levelOf(cards: readonly Practised[], kind: RoundKind): Level {
  const passed = (level: Level): boolean => {
    const some = [...cards]
      .filter((card) => card.kind === kind && card.level === level)
      .sort((a, b) => b.atMs - a.atMs)
      .slice(0, LAST)
    return some.length === LAST && some.filter(({ last }) => last.right).length >= ENOUGH * LAST
  }
  return passed(2) ? 3 : passed(1) ? 2 : 1
}

/** How one stands in a kind. */
export interface Standing {
  readonly kind: RoundKind
  readonly asked: number
  readonly right: number
  /** Rounds one was sure of, and wrong. */
  readonly sureWrong: number
  readonly due: number
  readonly level: Level
}

export const standingsOf = (cards: readonly Practised[], nowMs: number): readonly Standing[] =>
  ROUND_KINDS.map((kind) => {
    const mine = cards.filter((card) => card.kind === kind)
    return {
      kind,
      asked: mine.reduce((sum, card) => sum + card.asked, 0),
      right: mine.reduce((sum, card) => sum + card.right, 0),
      sureWrong: mine.filter(({ last }) => last.sure && !last.right).length,
      due: due(mine, nowMs).length,
      level: levelOf(cards, kind),
    }
  })

/** The kind asked next: the one with fewest rounds so far in this sitting, then with fewest ever. @param kinds those wanted */
export function kindToAsk(
  cards: readonly Practised[],
  sitting: readonly RoundKind[],
  kinds: readonly RoundKind[] = ROUND_KINDS,
): RoundKind {
  const count = (list: readonly RoundKind[], kind: RoundKind): number =>
    list.filter((each) => each === kind).length
  const ever = cards.map(({ kind }) => kind)
  const [first = 'head'] = [...kinds].sort(
    (a, b) => count(sitting, a) - count(sitting, b) || count(ever, a) - count(ever, b),
  )
  return first
}
