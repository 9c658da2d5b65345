import { queued } from './queue.ts'

export { onVersionTrouble, openStore } from './database.ts'
export { changeDay, changePlan } from './dayChange.ts'
export { useDemoThere } from './demoThere.ts'
export { keepGauge, keptGauge } from './gauges.ts'
export { type GearNow, gearNow, useGear } from './gear.ts'
export { noticeDone, redo, undo, useHistory } from './history.ts'
export {
  changeKept,
  setKept,
  useJob,
  useRigging,
  useSettings,
  useStand,
  useWallet,
  useWaterChoice,
} from './kept.ts'
export { noticeLasting, noticeOffer } from './lasting.ts'
export { Live, useList, useLive, useSingle } from './live.ts'
export { noticeFailed, noticeSaid } from './notice.ts'
export { hasGear } from './reading.ts'
export { claimTab } from './tab.ts'
export { useUnderway } from './underway.ts'
export { commit } from './write.ts'

// What takes the whole store at once comes when it is asked for, and so does the demo.
const whole = () => import('./everything.ts')
type Whole = Awaited<ReturnType<typeof whole>>
export const bringIn: Whole['bringIn'] = (...args) => whole().then((m) => m.bringIn(...args))
export const exportEverything: Whole['exportEverything'] = (...args) =>
  whole().then((m) => m.exportEverything(...args))
export const savedNow: Whole['savedNow'] = () => whole().then((m) => m.savedNow())
export const wipeGear: Whole['wipeGear'] = () => whole().then((m) => m.wipeGear())
const rig = () => import('./rig.ts')
type Rig = Awaited<ReturnType<typeof rig>>
export const changeRig: Rig['changeRig'] = (...args) => queued(async () => (await rig()).changeRig(...args))
export const takeRig: Rig['takeRig'] = (...args) => queued(async () => (await rig()).takeRig(...args))
const demo = () => import('./demo.ts')
export const openDemo = (): Promise<boolean> => demo().then((m) => m.openDemo())
export const leaveDemo = (): Promise<boolean> => demo().then((m) => m.leaveDemo())
export const loadDemoRuns = (): Promise<boolean> => demo().then((m) => m.loadDemoRuns())
export {
  draftOf,
  dropDraft,
  dropField,
  keepDraft,
  keepField,
  useDraftState,
  useOtherDrafts,
} from './drafts.ts'
export { inWords, NothingKept } from './inWords.ts'
export { Once } from './once.ts'
export { addItem, addItems, addRun, editRow, newId, removeItems, removeRun } from './rows.ts'
export { useUnsaved } from './unsaved.ts'
