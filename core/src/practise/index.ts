export type { PractiseAbout } from './draw/drawing.ts'
export { type Drawn, roundInSteps } from './draw.ts'
export {
  againIn,
  answered,
  dueMs,
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
  HeadRound,
  Round,
  SpanChoice,
  TipRound,
  WrongRound,
} from './round.ts'
export { readSent, type SentReading, writeSent } from './sent.ts'
export { type Situation, situationSchema } from './situation.ts'
export { solveInSteps } from './solve.ts'
export { LEVELS, type Level, MARGINS, ROUND_KINDS, type RoundKind } from './vocabulary.ts'
