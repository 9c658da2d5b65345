export {
  CALIBRATE_MODEL,
  type Calibrated,
  calibrated,
  calibrateInSteps,
  calibrationTasks,
  type Seen,
  sawOf,
  seenIn,
} from './calibrate.ts'
export {
  type Bent,
  bentSchema,
  type Entry,
  entrySchema,
  photoSchema,
  type Tried,
  triedSchema,
} from './keptSchema.ts'
export { nearestTo, poolsFirst, type Remembered, remembers, seenWith } from './memory.ts'
export { type Learnt, ownOf, ownWindowsInSteps, priorOf, trialsOf } from './own.ts'
export {
  type DayOfEntries,
  daysOf,
  type EntryFilter,
  filtered,
  isAhead,
  levelOf,
  monthOf,
  tipsOf,
} from './season.ts'
export { chanceOf, FEELS, type Feel, isWorthTrying, nextHead, type OwnWindow, ownWindow } from './trials.ts'
export {
  BEND_LIMITS,
  ENTRY_LIMITS,
  PACES,
  type Pace,
  PHOTO_CHARACTERS,
  SAW,
  type Saw,
  TRIED_KG,
  USUAL_BEND_KG,
} from './vocabulary.ts'
