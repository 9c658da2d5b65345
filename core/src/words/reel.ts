import type { Item, Reel } from '../gear/index.ts'
import { printMeasure, printRange, printShare, type UnitSystem } from '../quantity/index.ts'
import { HEXAGONAL_PACKING } from '../reel/index.ts'
import { figure, type Said, said } from './said.ts'

/** How full a reel is drawn, and what a run has taken. @param runM length of the run [m], 0 for none */
export function sayFill(
  { name }: Pick<Reel, 'name'>,
  fillFraction: number,
  runM: number,
  system: UnitSystem,
): string {
  const after = runM > 0 ? `; after a run of ${printMeasure(runM, 'backingLength', system)}` : ''
  return `${name} from the side and the front, ${printShare(fillFraction)} full${after}`
}

/** How full the spool is by how it is wound; shares of it. */
export const sayWound = ({ tight, loose }: { readonly tight: number; readonly loose: number }): string =>
  `Wound tightly it is ${printShare(tight)} full, loosely ${printShare(loose)}.`

/** Room for backing [m] under head and running line. */
export const sayRoom = (roomM: number, system: UnitSystem): Said =>
  said`There’s room for ${figure(printMeasure(roomM, 'backingLength', system))} of backing under this head and running line.`

/** Whether there is backing enough for a fish of the day. */
export const sayBacking = (enough: boolean): string =>
  enough ? 'Enough backing for a fish of this size to run.' : 'Short of backing if a fish of this size runs.'

/** Setting of the drag [N]. */
export const sayDrag = (drag: { readonly low: number; readonly high: number }, system: UnitSystem): string =>
  `Set the drag at ${printRange(drag, 'breakingLoad', system, ' to ')}, a quarter to a third of the leader’s strength.`

/** Outcome of learning how tightly someone winds. @param packing share of the spool that is line, undefined if none fits */
export const sayPacking = (packing: number | undefined): string =>
  packing === undefined
    ? `Round lines can’t pack that tightly (${HEXAGONAL_PACKING.toFixed(3)} at most): check the spool’s measurements or the lengths.`
    : `Set to how tightly you wind (${packing.toFixed(2)}).`

/** What is left after a run. @param leftShare of the line @param backingM backing left [m] @param retrieveM line a turn brings in [m] */
export const sayLeft = (
  { leftShare, retrieveM }: { readonly leftShare: number; readonly retrieveM: number },
  backingM: number,
  system: UnitSystem,
): Said =>
  leftShare <= 0
    ? [figure('Everything is out: you’re down to the arbor knot.')]
    : said`${printShare(leftShare)} is left, with ${figure(printMeasure(backingM, 'backingLength', system))} of backing; each turn brings in ${figure(printMeasure(retrieveM, 'spoolSize', system))}.`

/** The reel that would balance a rod at the hand; a refusal says why there is none. @param reelKg its mass [kg] */
export function sayBalancing(
  result:
    | { readonly outcome: 'balanced'; readonly reelKg: number }
    | { readonly outcome: 'no-lever' | 'butt-heavy' },
  system: UnitSystem,
): Said {
  switch (result.outcome) {
    case 'balanced':
      return said`A reel of ${figure(printMeasure(result.reelKg, 'gearMass', system))}, line and all, balances it at the hand.`
    case 'no-lever':
      return ['The reel sits at the hand or in front of it: no reel can balance the rod there.']
    case 'butt-heavy':
      return ['The rod is butt-heavy at this hand without any reel.']
  }
}

/** Where a rod balances with a reel. @param pointM, handM from the butt [m] */
export const sayBalancePoint = (
  { name }: Pick<Item, 'name'>,
  pointM: number,
  handM: number,
  system: UnitSystem,
): string =>
  `With ${name}, filled, it balances ${printMeasure(pointM, 'length', system)} from the butt, ${printMeasure(Math.abs(pointM - handM), 'length', system)} ${pointM > handM ? 'in front of' : 'behind'} the hand.`

/** The reel of one's own that comes closest to balance. */
export const sayClosestReel = (
  { name, massKg }: { readonly name: string; readonly massKg: number },
  likes: 'heavy' | 'light',
  system: UnitSystem,
): string =>
  `Of your reels, ${name} (${printMeasure(massKg, 'gearMass', system)}) comes closest. You like a ${likes} reel: of two close ones choose the ${likes === 'heavy' ? 'heavier' : 'lighter'}.`

/** Number of a spool by its volume, beside what its box says and what a rod needs. @param lineKg all line on it */
export function saySpoolNumber(
  byVolume: number,
  onBox: number | undefined,
  needed: { readonly low: number; readonly high: number },
  lineKg: number,
  system: UnitSystem,
): string {
  const box = onBox === undefined ? '' : `, its box says ${onBox}`
  return `By volume this spool is a single-hand no. ${byVolume}${box}; this rod needs ${needed.low} to ${needed.high}. All this line adds ${printMeasure(lineKg, 'gearMass', system)} to it.`
}
