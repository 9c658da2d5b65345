import type { Item } from '@hoxen/core/gear'
import { keepSwung, type Steps } from '@hoxen/core/rig'
import { type SwingInput, swing } from '@hoxen/core/swing'
import {
  bestKit,
  type CoverQuestion,
  type Effort,
  type Found,
  type Kit,
  type Missing,
  type Solve,
  type Step,
  solverBy,
  staircaseInSteps,
  type TripAbout,
  type TripLimits,
  type TripPlan,
  TripSearch,
} from '@hoxen/core/trip'
import highsLoader from 'highs'
import highsUrl from 'highs/runtime?url'
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

let loading: Promise<Solve> | undefined
const solver = (): Promise<Solve> => {
  loading ??= highsLoader({ locateFile: () => highsUrl }).then(solverBy)
  return loading
}

/** Searches by what they are about, the latest last: later questions go on with them. */
const searches = new QuickLRU<string, TripSearch>({ maxSize: 3 })
function searched(key: string): TripSearch {
  const search = searches.get(key)
  if (search === undefined) throw new Error('The search for this trip was put away.')
  return search
}

/** Share of the swings this worker does itself: it would only wait, and the page’s own workers leave a core free. */
const OWN_SHARE = 1 / Math.max(2, navigator.hardwareConcurrency || 2)

function* swungHere(wanted: readonly SwingInput[]): Generator<undefined, void> {
  for (const input of wanted) {
    keepSwung(input, swing(input))
    yield
  }
}

/** Runs a question in steps; the page schedules the swings it needs, but for this worker’s own share. */
const worked = <T>(id: number, steps: Steps<T>, letSwing: LetSwing): Promise<T> =>
  unhurried(id, steps, (wanted) => {
    if (wanted === undefined || wanted.length === 0) return undefined
    const mine = Math.floor(wanted.length * OWN_SHARE)
    const theirs = wanted.slice(mine)
    const away = letSwing(theirs).then((swings) => {
      for (const [i, swung] of swings.entries()) keepSwung(theirs[i] as SwingInput, swung)
    })
    return Promise.all([away, unhurried(id, swungHere(wanted.slice(0, mine)))]).then(() => undefined)
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
    told: (share: number) => void,
  ): Promise<Found> {
    const search = new TripSearch(trip, about, await solver(), lent, efforts, searches.get(known))
    searches.set(key, search)
    return worked(id, search.first(told), letSwing)
  },
  /** What covers the rest, and what a second rod may be rigged with. */
  further: (id: number, key: string, limits: TripLimits, letSwing: LetSwing): Promise<Found> =>
    worked(id, searched(key).further(limits), letSwing),
  /** The proof, and the better kits found on the way. */
  prove: (
    id: number,
    key: string,
    limits: TripLimits,
    letSwing: LetSwing,
    better: (found: Found) => void,
  ): Promise<Found> => worked(id, searched(key).prove(limits, better), letSwing),
  /** What each thing nobody owns yet would add. */
  missing: (id: number, key: string, letSwing: LetSwing): Promise<readonly Missing[]> =>
    worked(id, searched(key).missing(), letSwing),

  /** Loads the solver, so that the first question does not wait for it. */
  ready: async (): Promise<void> => {
    await solver()
  },
  /** A kit under other limits: no new swings. */
  kit: async (question: CoverQuestion): Promise<Kit> => bestKit(question, await solver()),
  /** What each size of kit covers, one after another. */
  async staircase(
    id: number,
    question: CoverQuestion,
    kit: Kit,
    told: (step: Step) => void,
  ): Promise<readonly Step[]> {
    const steps: Step[] = []
    await unhurried(id, staircaseInSteps(question, kit, await solver()), async (step) => {
      steps.push(step)
      told(step)
    })
    return steps
  },
}

export type TripApi = typeof tripApi
