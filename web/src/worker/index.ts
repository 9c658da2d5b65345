export type { About, CoreApi, LetSwing } from './coreApi.ts'
export { Door, WorkerLost } from './door.ts'
export { ask, askOfGear } from './gearDoor.ts'
