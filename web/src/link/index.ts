export { addressOf } from './address.ts'
export { packed, unpacked } from './packed.ts'
export { rigLink, shareRig } from './shareRig.ts'
