export {
  CALIBRATE_MODEL,
  type Calibrated,
  type CalibrationTask,
  calibrated,
  calibrationTasks,
  type Seen,
  sawOf,
  scaledRun,
  seenIn,
} from './calibrate.ts'
export {
  type Bent,
  bentSchema,
  type Entry,
  entrySchema,
  SAW,
  type Saw,
  type Tried,
  triedSchema,
} from './keptSchema.ts'
export { deeperAt, type Remembered, remembers } from './memory.ts'
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
