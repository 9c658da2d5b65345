export { addressOf, isOnlyHere } from './address.ts'
export { unpacked } from './packed.ts'
export { rigLink, shareRig } from './shareRig.ts'
