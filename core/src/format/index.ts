export { applied, type Change, changeOf, fits, inverse, type RowRef } from './change.ts'
export {
  type CsvReading,
  csvColumns,
  readCsvInSteps,
  rowsCsv,
  writeCsv,
} from './csv.ts'
export {
  countsOf,
  type DocumentReading,
  FORMAT,
  type Past,
  placeOf,
  readDocument,
  readParsedDocument,
  writeDocument,
} from './document.ts'
export { type ImportPlan, rowId } from './importPlan.ts'
export { ENTRY_HEAD, journalCsv, TRIAL_HEAD, trialsCsv } from './journalCsv.ts'
export {
  type HoxenDocument,
  isList,
  type KeptName,
  LIST_NAMES,
  LISTS,
  type ListName,
  type ListRow,
  nothingKept,
  SINGLE_NAMES,
  SINGLES,
  type SingleName,
  type SingleValue,
} from './kept.ts'
export {
  type Answers,
  type Conflict,
  type Merge,
  merged,
  planMerge,
  planRestore,
  type Taken,
  unanswered,
  type WithPast,
  withoutPast,
} from './merge.ts'
export {
  type PlacesPlan,
  type PlacesReading,
  placesGeoJson,
  placesGpx,
  planPlaces,
  readPlaces,
} from './places.ts'
export { refusedTable } from './refusedTable.ts'
export { documentSchema } from './schema.ts'
export { DEFAULT_SETTINGS, type Settings } from './settings.ts'
export {
  dayPartsOf,
  readShared,
  SHARED_VERSION,
  type Shared,
  type SharedReading,
  sharedJsonSchema,
  sharedOf,
  writeShared,
} from './shared.ts'
export { FORMAT_VERSION, type Raw, upgraded, upgradedPart } from './steps.ts'
export {
  markedAt,
  onward,
  TRAIL_KEPT,
  type Trail,
  trailKey,
} from './trail.ts'
export { ASKED_ROD, askedFor, askedRod } from './typed/askedRod.ts'
export { quickAdd } from './typed/quickAdd.ts'
export { readTypedLines, type TypedLinesReading } from './typed/typedLines.ts'
