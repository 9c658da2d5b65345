export { ask, askInSteps, askOfGear, revisionOf } from './gearDoor.ts'
export { onPoolCrash, type RideTask, rideInWorker, ridesInPool, swingInWorker } from './pool.ts'
export { type Progress, secondLookInWorkers } from './secondLook.ts'
