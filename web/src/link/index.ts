export { addressOf, isOnlyHere } from './address.ts'
export { unpacked } from './packed.ts'
export { sendRound } from './sendRound.ts'
export { rigLink, shareRig } from './shareRig.ts'
