import {
  bestKit,
  type CoverQuestion,
  type Kit,
  type PackedProgramme,
  packed,
  packedSolverBy,
  type Solution,
  type Step,
  staircaseInSteps,
} from '@hoxen/core/trip'
import highsLoader from 'highs'
import highsUrl from 'highs/runtime?url'
import { alive, callOff, unhurried } from './unhurried.ts'

type PackedSolve = ReturnType<typeof packedSolverBy>
let loading: Promise<PackedSolve> | undefined
const solver = (): Promise<PackedSolve> => {
  loading ??= highsLoader({ locateFile: () => highsUrl }).then(packedSolverBy)
  return loading
}

/** Questions of the one worker that holds the solver. */
export const solverApi = {
  callOff,
  alive,

  /** Loads the solver, so that the first question does not wait for it. */
  ready: async (): Promise<void> => {
    await solver()
  },
  /** A programme of a search that goes on elsewhere. @param limitS time it may take [s] */
  solve: async (programme: PackedProgramme, limitS?: number): Promise<Solution> =>
    (await solver())(programme, limitS),
  /** A kit under other limits: no new swings. */
  async kit(question: CoverQuestion): Promise<Kit> {
    const solve = await solver()
    return bestKit(question, (programme, limitS) => solve(packed(programme), limitS))
  },
  /** What each size of kit covers, one after another. */
  async staircase(
    id: number,
    question: CoverQuestion,
    kit: Kit,
    told: (step: Step) => void,
  ): Promise<readonly Step[]> {
    const solve = await solver()
    const steps: Step[] = []
    const stairs = staircaseInSteps(question, kit, (programme, limitS) => solve(packed(programme), limitS))
    await unhurried(id, stairs, async (step) => {
      steps.push(step)
      told(step)
    })
    return steps
  },
}

export type SolverApi = typeof solverApi
