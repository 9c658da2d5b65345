import type { TripApi } from './tripApi.ts'
import { WorkerClient } from './workerClient.ts'

const start = (): Worker => new Worker(new URL('./trip.worker.ts', import.meta.url), { type: 'module' })

/** Looks for kits: swings and proves, and may be busy for long. */
export const tripSearch = new WorkerClient<TripApi>(start)
/** Solves what needs no swing, and answers at once. */
export const tripSolver = new WorkerClient<TripApi>(start)
