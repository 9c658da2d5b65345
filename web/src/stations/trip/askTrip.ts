import type { Item } from '@hoxen/core/gear'
import type { CoverQuestion, Kit } from '@hoxen/core/trip'
import {
  EFFORTS,
  type Missing,
  type Step,
  type TripAbout,
  type TripFound,
  type TripLimits,
  type TripPlan,
} from '@hoxen/core/trip'
import { proxy, type Remote, transfer } from 'comlink'
import { effort, letSwingFor } from '../../swings/index.ts'
import { working } from '../../ui/index.ts'
import type { Gone, LetSolve, TripApi } from '../../worker/tripApi.ts'
import { tripSearch, tripSolver } from '../../worker/tripClient.ts'

/** A search of a trip, with all that is needed to begin it, or to begin it again. */
export interface TripQuestion {
  readonly key: string
  readonly trip: TripPlan
  readonly about: TripAbout
  /** Things of nobody's that may come. */
  readonly lent: readonly Item[]
  /** Key of the same question with nothing lent. */
  readonly ownKey: string
}

type Wish = Parameters<typeof letSwingFor>[0]
const FEW = [{ rigs: 2 }] as const

const letSolveFor =
  (signal: AbortSignal | undefined): LetSolve =>
  (programme, limitS) =>
    tripSolver.askAgain(
      (api) =>
        api.solve(
          transfer(
            programme,
            Object.values(programme).map(({ buffer }) => buffer),
          ),
          limitS,
        ),
      signal,
    )

/** The page is busy until it is answered. */
const counted = async <T>(ask: () => Promise<T>): Promise<T> => {
  const done = working()
  return ask().finally(done)
}

/** The first kit of a trip, without its limits' say in what is swung. */
export const askFirst = (
  { key, trip, about, lent, ownKey }: TripQuestion,
  wish: Wish,
  told: (share: number) => void = () => {},
): Promise<TripFound> =>
  counted(() =>
    tripSearch.askAgain((api, id) => {
      told(0)
      const question = { trip, about, lent, known: ownKey, efforts: effort(EFFORTS, FEW) }
      return api.first(
        id,
        key,
        question,
        proxy(letSwingFor(wish)),
        proxy(letSolveFor(wish.signal)),
        proxy(told),
      )
    }, wish.signal),
  )

/** Asks a search for more. One that is gone, for want of room or with its worker, is begun again first. */
async function goOn<T>(
  question: TripQuestion,
  wish: Wish,
  more: (
    api: Remote<TripApi>,
    id: number,
    letSwing: ReturnType<typeof letSwingFor>,
    letSolve: LetSolve,
  ) => Promise<T | Gone>,
): Promise<T> {
  const ask = (): Promise<T | Gone> =>
    tripSearch.askAgain(
      (api, id) => more(api, id, proxy(letSwingFor(wish)), proxy(letSolveFor(wish.signal))),
      wish.signal,
    )
  const found = await ask()
  if (found !== 'gone') return found
  await askFirst(question, wish)
  const again = await ask()
  if (again !== 'gone') return again
  throw new Error('The search for this trip was lost twice.')
}

/** What covers the rest, and what a second rod may be rigged with. */
export const askMore = (question: TripQuestion, limits: TripLimits, wish: Wish): Promise<TripFound> =>
  goOn<TripFound>(question, wish, (api, id, letSwing, letSolve) =>
    api.further(id, question.key, limits, letSwing, letSolve),
  )

/** The proof. @param better told of better kits on the way */
export const askProof = (
  question: TripQuestion,
  limits: TripLimits,
  wish: Wish,
  better: (found: TripFound) => void,
): Promise<TripFound> =>
  goOn<TripFound>(question, wish, (api, id, letSwing, letSolve) =>
    api.prove(id, question.key, limits, letSwing, letSolve, proxy(better)),
  )

/** What one more thing would cover. */
export const askMissing = (question: TripQuestion, wish: Wish): Promise<readonly Missing[]> =>
  goOn<readonly Missing[]>(question, wish, (api, id, letSwing, letSolve) =>
    api.missing(id, question.key, letSwing, letSolve),
  )

/** Loads the solver ahead of its first question. */
export const warmSolver = (): Promise<void> => tripSolver.askAgain((api) => api.ready())

/** The kit under its limits, of the rigs that were swung. */
export const askKit = (question: CoverQuestion, signal: AbortSignal): Promise<Kit> =>
  counted(() => tripSolver.askAgain((api) => api.kit(question), signal))

/** What each size of kit covers. @param told of each step as it comes */
export const askSteps = (
  question: CoverQuestion,
  kit: Kit,
  signal: AbortSignal,
  told: (steps: readonly Step[]) => void,
): Promise<readonly Step[]> =>
  counted(() =>
    tripSolver.askAgain((api, id) => {
      const steps: Step[] = []
      const tell = (step: Step): void => {
        steps.push(step)
        told([...steps])
      }
      return api.staircase(id, question, kit, proxy(tell))
    }, signal),
  )
