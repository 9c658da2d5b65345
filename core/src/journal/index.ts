export { type Bent, bentSchema, type Tried, triedSchema } from './keptSchema.ts'
export { bentWindows, type Learnt, ownOf, ownWindowsOf, priorOf, trialsOf } from './own.ts'
export {
  chanceOf,
  FEELS,
  type Feel,
  nextHead,
  normalCdf,
  type OwnWindow,
  ownWindow,
  PRIOR_SD,
  type Prior,
  TRIAL_MODEL,
  type Trial,
} from './trials.ts'
