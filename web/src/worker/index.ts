export { ask, askOfGear, revisionOf } from './gearDoor.ts'
export { onPoolCrash, type RideTask, rideInWorker, ridesInPool, swingInWorker } from './pool.ts'
