import type { SolverApi } from './solverApi.ts'
import type { TripApi } from './tripApi.ts'
import { WorkerClient } from './workerClient.ts'

/** Looks for kits: swings and proves, and may be busy for long. */
export const tripSearch = new WorkerClient<TripApi>(
  () => new Worker(new URL('./trip.worker.ts', import.meta.url), { type: 'module' }),
)

/** A programme cannot be left off: one that nobody wants any more goes with its worker if it takes longer than this [ms]. */
const IMPATIENT_MS = 100

/** Solves: kits under other limits, and what a search wants solved. */
export const tripSolver = new WorkerClient<SolverApi>(
  () => new Worker(new URL('./solver.worker.ts', import.meta.url), { type: 'module' }),
  () => {},
  { impatientMs: IMPATIENT_MS },
)
