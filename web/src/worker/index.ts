export type { Answer, Question } from './core.worker.ts'
export { ask } from './door.ts'
export { onPoolCrash, type RideTask, ridesInPool, swingInWorker } from './pool.ts'
