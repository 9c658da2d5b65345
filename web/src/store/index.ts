export { redo, undo } from './commit.ts'
export {
  changeSettings,
  readJob,
  readMyRig,
  saveDocument,
  saveDocuments,
  useJob,
  useMyRig,
  usePinned,
  useRigging,
  useSettings,
  useWaterChoice,
} from './documents.ts'
export { applyImport, exportEverything, hasGear, loadDemoRuns, openDemo, wipeGear } from './everything.ts'
export { keepGauge, keptGauge } from './gauges.ts'
export { newId, removeItems, saveItems, useGear } from './gear.ts'
export { useHistory } from './history.ts'
export { noticeDone, noticeFailed, noticeSaid } from './notice.ts'
export { removeRun, saveRun, useRuns } from './runs.ts'
