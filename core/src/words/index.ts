export { sayAge, sayLevelAge, sayReadAge } from './age.ts'
export { sayCardDay } from './card.ts'
export {
  ANCHOR_NAMES,
  LOOP_ADVICE,
  OBSTRUCTION_NAMES,
  SKILL_NAMES,
  sayCast,
  sayHeld,
  sayMoves,
  sayPulls,
  sayStripIn,
  sayWindOnCast,
  WIND_WORDS,
} from './cast.ts'
export { CAST_TITLES } from './castNames.ts'
export {
  sayBackCast,
  sayBackCastPicture,
  sayFromAbove,
  sayLoopPicture,
  sayStripOff,
  sayUpperLeg,
} from './castPicture.ts'
export { CAUTION_WORDS } from './cautions.ts'
export { CHECK_TITLES, sayAllowed, sayCheck, sayFigure } from './check.ts'
export { sayAdvantages } from './compare.ts'
export {
  DRESS_NAMES,
  FISH_AT_NAMES,
  FLOATING_NAMES,
  HABIT_NAMES,
  STYLE_NAMES,
  sayElsewhere,
  sayFish,
  sayFlies,
  sayFly,
  sayLevelDoubt,
  sayWading,
  WATER_NAMES,
  WEIGHTING_NAMES,
} from './day.ts'
export { differing } from './differing.ts'
export { sayFan, saySpreads } from './fan.ts'
export { formatsPage } from './formats.ts'
export {
  type About,
  noteOn,
  STATE_MEANINGS,
  TAG_MEANINGS,
  TRADE_WORDS,
  type TradeWordId,
} from './glossary.ts'
export { HELP, sayHelp, TAG_TOPICS } from './help.ts'
export {
  FEEL_WORDS,
  PACE_WORDS,
  SAW_WORDS,
  sayBend,
  sayBentRods,
  sayByLog,
  sayCalibrated,
  sayLogged,
  sayNotLogged,
  sayOwnWindow,
  sayRemembered,
  saySeason,
  sayToLog,
  sayTrialSheet,
  sayUsable,
} from './journal.ts'
export { sayFileDue, sayUnsaved } from './keeping.ts'
export { sayDropper, sayIndicator, sayLeaderLength, sayLeaderWarning, sayPoint } from './leader.ts'
export {
  sayAmongMaterials,
  sayAsLineOut,
  sayAsStrong,
  sayBeforeCheater,
  sayCarry,
  sayCut,
  sayLabelOff,
  sayLineOut,
  sayMaterial,
  sayNumberStandsFor,
  sayNumbers,
  sayReading,
  sayShortTaper,
  saySize,
  sayTurnover,
  sayTurnoverModel,
  sayUncut,
  sayUncuttable,
  sayWithCheater,
} from './line.ts'
export { sayFixesMost } from './missing.ts'
export {
  KIND_NAMES,
  SLOT_NAMES,
  STATE_NAMES,
  sayChoice,
  sayLeader,
  sayLeaderWith,
  sayPart,
  sayPartTaken,
  summarize,
  summaryBeside,
  TAG_NAMES,
  WINDOW_NAMES,
} from './names.ts'
export { nearestWord, PLAIN_WORDS, type PlainQuestion } from './plain.ts'
export { FIRST_SEASON, ROUND_NAMES, type SeasonStep, sayRound, sayStanding, sayWithFish } from './practise.ts'
export { sayProblem, sayReadAs } from './problem.ts'
export {
  sayBacking,
  sayBalancePoint,
  sayBalancing,
  sayClosestReel,
  sayDrag,
  sayFill,
  sayLeft,
  sayPacking,
  sayRoom,
  saySpoolNumber,
  sayWound,
} from './reel.ts'
export { JOINT_NAMES, KNOT_NAMES, sayStep } from './rigging.ts'
export { RULES } from './rules.ts'
export type { Said } from './said.ts'
export { SCHOOL_WORDS } from './schools.ts'
export { sayScore } from './score.ts'
export {
  SURF_STEPS,
  sayBed,
  sayGap,
  sayLeaveBy,
  sayMark,
  sayMarkTooFar,
  sayTideProblem,
  sayTypedProblem,
  TIDE_WINDOW_NAMES,
} from './shore.ts'
export { sayRateUsed, sayTimed } from './sink.ts'
export { sayBearing, sayLight, sayMoon, sayUsualWind, sayWind } from './sky.ts'
export {
  FIGURE_NAMES,
  lookForRows,
  lookForText,
  OVER_DAYS_NAMES,
  quickLine,
  SPECIFIED_NAMES,
  sayClash,
  sayCover,
  sayEnds,
  sayNeighbour,
  sayOtherSchool,
  sayReel,
  sayServed,
  saySort,
  saySortOf,
  saySpan,
  sayStrength,
  sayTarget,
} from './specify.ts'
export { sayDiffers, saySwing, sayTouches } from './swing.ts'
export {
  sayAlongRiver,
  sayBothSwings,
  sayCell,
  sayFarBank,
  sayRiver,
  sayTouchPlaces,
  sayWouldHold,
} from './swingPicture.ts'
export {
  CARRIED_NAMES,
  CHANGE_NAMES,
  calendarWords,
  sayChanges,
  sayContradiction,
  sayDemand,
  sayFalls,
  sayHowSure,
  sayKit,
  sayMissing,
  sayMoreRods,
  saySpare,
  sayStair,
  sayTripProblem,
  sayWays,
  sayWhyNot,
  sayWorthBorrowing,
} from './trip.ts'
export { LINE_EXAMPLES, sayGuesses, sayLine, sayOtherKind, sayTyped } from './typed.ts'
export {
  BOTTOM_NAMES,
  MEND_NAMES,
  ROD_NAMES,
  sayAhead,
  sayAngle,
  sayAsDescribed,
  sayByBed,
  sayChange,
  sayChanged,
  sayFactor,
  sayLies,
  sayMeasured,
  sayNoLie,
} from './water.ts'
export { sayCombinations, sayWhyTip } from './why.ts'
