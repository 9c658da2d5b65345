export type { Answer, Question } from './core.worker.ts'
export { ask } from './door.ts'
