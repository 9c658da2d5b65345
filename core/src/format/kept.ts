import type * as z from 'zod'
import { hushedSchema, jobSchema, standSchema, waterChoiceSchema } from '../day/index.ts'
import { itemSchema } from '../gear/index.ts'
import { bentSchema, entrySchema, photoSchema, triedSchema } from '../journal/index.ts'
import { practisedSchema } from '../practise/index.ts'
import { rigChoiceSchema, riggingSchema, walletSchema } from '../rig/index.ts'
import { tripSchema } from '../trip/index.ts'
import { runSchema } from '../water/index.ts'
import { settingsSchema } from './settingsSchema.ts'

/** Names of a kept thing. */
interface Words {
  readonly one: string
  readonly many: string
}

/** Many things of one sort, told apart by their identifiers, in the angler's own order. */
interface List<T extends { readonly id: string }> {
  readonly schema: z.ZodType<T>
  /** More than any angler keeps; so that every list, file and search stays quick. */
  readonly limit: number
  readonly words: Words
  /** Sort that one of them counts as in a report. */
  readonly countAs: (row: T) => string
}

/** One thing of its sort. */
interface Single<T> {
  readonly schema: z.ZodType<T>
  readonly words: Words
}

const list = <T extends { readonly id: string }>(entry: List<T>): List<T> => entry
const single = <T>(schema: z.ZodType<T>, one: string): Single<T> => ({ schema, words: { one, many: one } })

/**
 * Everything that is kept. A new kind is one entry, under the name it has in a file: document, reader, writer, store,
 * preview, counts and JSON Schema follow from it.
 */
export const LISTS = {
  items: list({
    schema: itemSchema,
    limit: 10_000,
    words: { one: 'item of gear', many: 'items of gear' },
    countAs: (item) => item.kind,
  }),
  runs: list({
    schema: runSchema,
    limit: 500,
    words: { one: 'pool', many: 'pools' },
    countAs: () => 'run',
  }),
  trials: list({
    schema: triedSchema,
    limit: 5000,
    words: { one: 'head trial', many: 'head trials' },
    countAs: () => 'trial',
  }),
  bends: list({
    schema: bentSchema,
    limit: 500,
    words: { one: 'bend test', many: 'bend tests' },
    countAs: () => 'bend',
  }),
  entries: list({
    schema: entrySchema,
    limit: 20_000,
    words: { one: 'logged swing', many: 'logged swings' },
    countAs: () => 'entry',
  }),
  photos: list({
    schema: photoSchema,
    limit: 200,
    words: { one: 'photo', many: 'photos' },
    countAs: () => 'photo',
  }),
  trips: list({
    schema: tripSchema,
    limit: 200,
    words: { one: 'trip', many: 'trips' },
    countAs: () => 'trip',
  }),
  practised: list({
    schema: practisedSchema,
    limit: 5000,
    words: { one: 'round practised', many: 'rounds practised' },
    countAs: () => 'practised',
  }),
} as const

export const SINGLES = {
  job: single(jobSchema, 'the day'),
  rig: single(rigChoiceSchema, 'my rig'),
  pinned: single(rigChoiceSchema, 'the pinned rig'),
  settings: single(settingsSchema, 'the settings'),
  wallet: single(walletSchema, 'the wallet'),
  rigging: single(riggingSchema, 'knots and rigging list'),
  water: single(waterChoiceSchema, 'the water fished now'),
  stand: single(standSchema, 'where you stand to cast'),
  hushed: single(hushedSchema, 'cautions hidden for the day'),
} as const

type Of<E> = E extends { readonly schema: z.ZodType<infer T> } ? T : never
export type ListName = keyof typeof LISTS
export type SingleName = keyof typeof SINGLES
export type KeptName = ListName | SingleName
export type ListRow<N extends ListName> = Of<(typeof LISTS)[N]>
export type SingleValue<N extends SingleName> = Of<(typeof SINGLES)[N]>

/** Everything an angler keeps. */
export type HoxenDocument = { readonly [N in ListName]: readonly ListRow<N>[] } & {
  readonly [N in SingleName]?: SingleValue<N>
}

export const LIST_NAMES = Object.keys(LISTS) as readonly ListName[]
export const SINGLE_NAMES = Object.keys(SINGLES) as readonly SingleName[]
export const isList = (name: KeptName): name is ListName => name in LISTS

/** A document in which nothing is kept. */
export const nothingKept = (): HoxenDocument =>
  Object.fromEntries(LIST_NAMES.map((name) => [name, []])) as unknown as HoxenDocument
