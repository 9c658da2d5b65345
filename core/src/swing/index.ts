export { landsBeyond } from './cast.ts'
export {
  MENDS,
  type Mend,
  type MendKind,
  ROD_HANDLING,
  type RodHandling,
  SWING_OPTIONS,
  type SwingInput,
  type SwingOptions,
} from './input.ts'
export { SNAGS_PER_M, type SwingSummary } from './measures.ts'
export { BED_FRICTION } from './stream.ts'
export { type SwingResult, type SwingSample, swing } from './swing.ts'
