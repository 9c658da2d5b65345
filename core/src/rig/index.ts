export { airParts, LAUNCH_MPS, rigTurnover } from './air.ts'
export {
  CHECK_CODES,
  type Check,
  type CheckCode,
  type CheckState,
  stateRank,
  verdictOf,
  worstFirst,
} from './check.ts'
export { ruleFor } from './checks/leader.ts'
export { flyNeedsKgPerM, materialForHead } from './checks/tip.ts'
export { depthWanted, roomNeededM, seasonFelt } from './checks/water.ts'
export { massOnWindow } from './checks/window.ts'
export {
  type Context,
  headChecks,
  leastReachChecks,
  ledger,
  lengthChecks,
  lineChecks,
  massCheck,
  reachChecks,
  reelChecks,
  rideChecks,
  rodChecks,
  tipChecks,
  windowOf,
} from './ledger.ts'
export { type JointPlace, jointPlaces, type MassPoint, massCurve } from './massCurve.ts'
export { castOverhead, type ResolveResult, type RigParts, resolveRig, windowStyleOf } from './parts.ts'
export { CHECK_SLOTS, type Piece, pieceOfItem, piecesOf, statesBySlot } from './piece.ts'
export { JOINT_KNOTS, type RiggingStep, type RigJoint, riggingSteps, usualKnot } from './rigging.ts'
export { strandParts } from './strand.ts'
export { lineInRings, lineOnReelKg, type Wound, woundLines } from './wound.ts'
