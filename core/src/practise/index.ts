export type { PractiseAbout } from './draw/drawing.ts'
export { type Drawn, roundInSteps } from './draw.ts'
export {
  againIn,
  answered,
  kindToAsk,
  levelOf,
  type Practised,
  practisedSchema,
  SITTING,
  type Standing,
  standingsOf,
} from './leitner.ts'
export type {
  CastRound,
  ChangeRound,
  DeepRound,
  GoRound,
  Round,
  SpanChoice,
  TipRound,
} from './round.ts'
export { readSent, type SentReading, writeSent } from './sent.ts'
export type { Situation } from './situation.ts'
export { solveInSteps } from './solve.ts'
export { LEVELS, type Level, ROUND_KINDS, type RoundKind } from './vocabulary.ts'
