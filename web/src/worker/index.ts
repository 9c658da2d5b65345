export type { About, CoreApi, LetSwing } from './coreApi.ts'
export { ask, askOfGear } from './coreClient.ts'
export type { RoundAsked } from './practise.ts'
export { WorkerClient } from './workerClient.ts'
