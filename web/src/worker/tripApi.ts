import type { Item } from '@hoxen/core/gear'
import { keepSwung } from '@hoxen/core/rig'
import type { SwingInput } from '@hoxen/core/swing'
import {
  buffersOf,
  type Effort,
  isToSolve,
  type Missing,
  type PackedProgramme,
  packed,
  type Solution,
  type Solving,
  type TripAbout,
  type TripFound,
  type TripLimits,
  type TripPlan,
  TripSearch,
} from '@hoxen/core/trip'
import { transfer } from 'comlink'
import QuickLRU from 'quick-lru'
import type { LetSwing } from './coreApi.ts'
import { alive, callOff, unhurried } from './unhurried.ts'

/** A trip as it is asked about. */
export interface TripAsked {
  readonly trip: TripPlan
  readonly about: TripAbout
  /** Things of nobody's that may come. */
  readonly lent: readonly Item[]
  /** Key of the same question with nothing lent. */
  readonly known: string
  readonly efforts: readonly Effort[]
}

/** Has a programme solved elsewhere. */
export type LetSolve = (programme: PackedProgramme, limitS?: number) => Promise<Solution>

/** Said of a search that was put away, or went with its worker: it is to be begun again. */
export const GONE = 'gone'
export type Gone = typeof GONE

/** Searches by what they are about, the latest last: later questions go on with them. */
const searches = new QuickLRU<string, TripSearch>({ maxSize: 3 })

/** Runs a question in steps; the page has its swings and its programmes worked out. */
const worked = <T>(id: number, steps: Solving<T>, letSwing: LetSwing, letSolve: LetSolve): Promise<T> =>
  unhurried<Parameters<typeof isToSolve>[0], T, Solution>(id, steps, (step) => {
    if (step === undefined) return undefined
    if (isToSolve(step)) {
      const programme = packed(step.programme)
      return letSolve(transfer(programme, [...buffersOf(programme)]), step.limitS)
    }
    if (step.length === 0) return undefined
    return letSwing(step).then((swings) => {
      for (const [i, swung] of swings.entries()) keepSwung(step[i] as SwingInput, swung)
      return undefined
    })
  })

/** Questions of the worker of trips. */
export const tripApi = {
  callOff,
  alive,

  /** A first kit. @param told how far it is, [0, 1] */
  async first(
    id: number,
    key: string,
    { trip, about, lent, efforts, known }: TripAsked,
    letSwing: LetSwing,
    letSolve: LetSolve,
    told: (share: number) => void,
  ): Promise<TripFound> {
    const search = new TripSearch(trip, about, lent, efforts, searches.get(known))
    const found = await worked(id, search.first(told), letSwing, letSolve)
    searches.set(key, search)
    return found
  },
  /** What covers the rest, and what a second rod may be rigged with. */
  async further(
    id: number,
    key: string,
    limits: TripLimits,
    letSwing: LetSwing,
    letSolve: LetSolve,
  ): Promise<TripFound | Gone> {
    const search = searches.get(key)
    return search === undefined ? GONE : worked(id, search.further(limits), letSwing, letSolve)
  },
  /** The proof, and the better kits found on the way. */
  async prove(
    id: number,
    key: string,
    limits: TripLimits,
    letSwing: LetSwing,
    letSolve: LetSolve,
    better: (found: TripFound) => void,
  ): Promise<TripFound | Gone> {
    const search = searches.get(key)
    return search === undefined ? GONE : worked(id, search.prove(limits, better), letSwing, letSolve)
  },
  /** What each thing nobody owns yet would add. */
  async missing(
    id: number,
    key: string,
    letSwing: LetSwing,
    letSolve: LetSolve,
  ): Promise<readonly Missing[] | Gone> {
    const search = searches.get(key)
    return search === undefined ? GONE : worked(id, search.missing(), letSwing, letSolve)
  },
}

export type TripApi = typeof tripApi
