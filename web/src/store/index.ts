export { redo, undo } from './commit.ts'
export {
  changeSettings,
  saveDocument,
  useJob,
  useMyRig,
  usePinned,
  useRigging,
  useSettings,
} from './documents.ts'
export { applyImport, exportEverything, hasGear, openDemo, wipeGear } from './everything.ts'
export { newId, removeItems, saveItems, useGear } from './gear.ts'
export { useHistory } from './history.ts'
export { noticeDone, noticeFailed, noticeSaid } from './notice.ts'
