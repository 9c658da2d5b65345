export { commit } from './commit.ts'
export { onVersionTrouble } from './database.ts'
export { loadDemoRuns, openDemo } from './demo.ts'
export { draftOf, dropDraft, keepDraft, useOtherDrafts } from './drafts.ts'
export { everything, exportEverything, hasGear, takeIn, wipeGear } from './everything.ts'
export { keepGauge, keptGauge } from './gauges.ts'
export { noticeDone, redo, undo, useHistory } from './history.ts'
export {
  addItem,
  addRun,
  changeKept,
  changeRig,
  newId,
  removeItems,
  removeRun,
  saveItems,
  saveRun,
  setKept,
  useJob,
  useList,
  useRigging,
  useSettings,
  useSingle,
  useStand,
  useWaterChoice,
} from './kept.ts'
export { noticeFailed, noticeSaid } from './notice.ts'
export { claimTab } from './tab.ts'
