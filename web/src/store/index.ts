export { commit } from './commit.ts'
export { onVersionTrouble } from './database.ts'
export { useDemoThere } from './demoThere.ts'
export { draftOf, dropDraft, keepDraft, useOtherDrafts } from './drafts.ts'
export { everything, exportEverything, hasGear, takeIn, wipeGear } from './everything.ts'
export { keepGauge, keptGauge } from './gauges.ts'
export { noticeDone, redo, undo, useHistory } from './history.ts'
export {
  addItem,
  addRun,
  changeKept,
  changeRig,
  keptIn,
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

// The demo comes when it is asked for.
const demo = () => import('./demo.ts')
export const openDemo = (): Promise<boolean> => demo().then((m) => m.openDemo())
export const leaveDemo = (): Promise<boolean> => demo().then((m) => m.leaveDemo())
export const loadDemoRuns = (): Promise<boolean> => demo().then((m) => m.loadDemoRuns())
