export { ask, askOfGear, revisionOf } from './gearDoor.ts'
export { onPoolCrash, type RideTask, ridesInPool, swingInWorker } from './pool.ts'
