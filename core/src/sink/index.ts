export { BUCKET_M, type TimedSink, timedSink } from './bucket.ts'
export { criticalAngle } from './critical.ts'
export { densityKgPerM3, diameterForSinkRate, sinkRateMps, WATER_MODEL, type WaterModel } from './cylinder.ts'
export { flyDragM2, flyInWater, flyMassKg } from './fly.ts'
export { HEAD_SINK_MPS, headPieces, headSinkMps, headSinks } from './head.ts'
export {
  LEVEL_MATERIALS,
  MATERIAL_TOLERANCE,
  type MaterialReading,
  type NearMaterial,
  nameMaterial,
} from './material.ts'
export { displacedKgPerM, isFloating, type WaterFly, type WaterPart, weightInWaterNPerM } from './part.ts'
export { LEVEL_TIPS_M, PIECE, type TipSet, tipSets } from './pieces.ts'
export {
  type CurrentOverDepth,
  type ShapePoint,
  type SteadyLine,
  type SteadyResult,
  steadyLine,
  steadyLineInShear,
} from './steady.ts'
export {
  isTipItem,
  levelSinkRateMps,
  type TipFacts,
  type TipItem,
  type TipPiece,
  TUNGSTEN_KG_PER_M3,
  tipFacts,
  tipPieces,
} from './tip.ts'
export { WEIGHED } from './weighed.ts'
