export { LAUNCH_MPS, rigTurnover } from './air.ts'
export { backingRoomM } from './backingRoom.ts'
export { balanceOf, beamOf, loadsOn } from './balance.ts'
export { buttOn } from './butt.ts'
export { carriedAs } from './carried.ts'
export { type CastPart, castParts } from './castParts.ts'
export { castSettingOf, frontProfile } from './castSetting.ts'
export {
  CHECK_CODES,
  CHECKS,
  type Check,
  type CheckCode,
  type CheckReasons,
  checkSlots,
  lineOf,
  presentCode,
  stateRank,
  statesBySlot,
  verdictOf,
  worstFirst,
} from './check.ts'
export { BALANCES } from './checks/balance.ts'

export { ruleFor } from './checks/leader.ts'
export { COATED_FOR, LIGHT_HEAD_KG, MONO_FOR, roomByVolume } from './checks/running.ts'
export { MATERIAL_BY_HEAD, MATERIAL_OVERLAP_GR, wantsTip } from './checks/tip.ts'
export { offTop } from './checks/water.ts'
export { massOnWindow, windowOf } from './checks/window.ts'
export { RIG_SLOTS, type RigChoice, type RigSlot, rigFromKey, rigKey } from './chosen/choice.ts'
export { type Rigging, rigChoiceSchema, riggingSchema, walletSchema } from './chosen/choiceSchema.ts'
export { collectionOf } from './chosen/collection.ts'
export { JOINT_KNOTS, type RigJoint, type RigKnot, usualKnot } from './chosen/knots.ts'
export { changeRigged, type Front, frontWith, type RigChange, withPart } from './chosen/rigChange.ts'
export { type RiggingStep, riggingSteps } from './chosen/rigging.ts'
export { EMPTY_WALLET, putInto, renamePocket, type Wallet, withoutPocket } from './chosen/wallet.ts'
export {
  type CheckDefinition,
  type CheckState,
  type Finding,
  type Grows,
  howFarOff,
  type Look,
  type Part,
  quickLooks,
} from './define.ts'
export { heldFor, type Shot, shotWith, stripIn } from './held.ts'
export { ledger } from './ledger.ts'
export type { ThrowDay } from './looped.ts'
export { jointPlaces, type MassPoint, massCurve } from './massCurve.ts'
export { itemIn, type RigParts, resolveRig, windowStyleOf } from './parts.ts'
export { type Piece, pieceOfItem, piecesOf } from './piece.ts'
export { partOf, type Suited, suitedTo } from './suits.ts'
export {
  keepSwung,
  type Steps,
  swingKey,
  swingsInSteps,
  swungIn,
  swungInSteps,
  through,
  unknownSwings,
  type Wanted,
} from './swings/knownSwings.ts'
export { quickRide } from './swings/quickRide.ts'
export { searchedRide } from './swings/searchedRide.ts'
export { type SwingSetup, swingInput, usualCountdownS } from './swings/swung.ts'
export { triedTips } from './swings/tried.ts'
export { lineInRings, lineOnReelKg, type Wound, woundLines } from './wound.ts'
