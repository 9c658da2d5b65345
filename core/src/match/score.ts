import { EVIDENCE_WEIGHT, type EvidenceTag } from '../quantity/index.ts'
import { type Check, type CheckState, type Finding, howFarOff } from '../rig/index.ts'
import type { GrainWindow } from '../rod/index.ts'

/** Why a rig stands where it stands: breaks first, by how far off they are, then weighted watches, then distance from the window's aim. */
export interface Score {
  readonly breaks: number
  /** Doublings that the breaking lines are off, together. */
  readonly off: number
  readonly watches: number
  /** Watches weighted by evidence, in tenths, so that sums are exact. */
  readonly watchTenths: number
  /** Distance from the aim in half-widths of the window; 0 is dead centre, 1 the edge. */
  readonly offCentre: number
  /** Distance of the other lines from what their rules would pick, together. */
  readonly offRules: number
}

/** Steps of a break's distance, in parts of a doubling: nearer than that is as near. */
const OFF_STEPS = 10
/** One tenth of a doubling; dearer than any sum of watches. */
const OFF_COST = 1_000_000_000
/** A break that is only just one. */
export const BREAK_COST = OFF_STEPS * OFF_COST
/** One tenth of a watch; dearer than any distance from the centre. */
const TENTH_COST = 1_000_000
/** Distances are kept in whole hundred-thousandths of a half-width: equals are equal, and little else is. */
const STEPS = 100_000
const LARGEST_OFF_CENTRE = 9

const tenths = (tag: EvidenceTag): number => Math.round(EVIDENCE_WEIGHT[tag] * 10)
const gradeOf = (off: number): number => Math.round(off * OFF_STEPS)
const breakCost = (off: number): number => BREAK_COST + gradeOf(off) * OFF_COST

/** A whole step away from what its rule would pick counts as half a half-width of the window. [estimate] */
const FROM_COST = 50_000
const fromCost = (from = 0): number => Math.round(from * FROM_COST)

/** A distance from a rule's own pick in half-widths of the window. */
export const offOf = (from?: number): number => fromCost(from) / STEPS

function stateCost(state: CheckState, tag: EvidenceTag, off: () => number): number {
  if (state === 'holds') return 0
  return state === 'breaks' ? breakCost(off()) : tenths(tag) * TENTH_COST
}

/** A finding's share of a rig's cost; lower is better. Costs of looks add up. */
export const findingCost = (finding: Finding): number =>
  stateCost(finding.state, finding.tag, () => howFarOff(finding)) + fromCost(finding.from)

export function costOf(checks: readonly Check[]): number {
  let cost = 0
  for (const { state, tag, off, from } of checks) cost += stateCost(state, tag, () => off) + fromCost(from)
  return cost
}

/** Distance from where this caster should look first, in half-widths. */
function offCentre(massKg: number, window: GrainWindow): number {
  return Math.abs(massKg - window.aimKg) / ((window.highKg - window.lowKg) / 2)
}

/** The last word between equals: never as much as one tenth of a watch. */
export function closenessCost(massKg: number, window: GrainWindow | undefined): number {
  const off =
    window === undefined ? LARGEST_OFF_CENTRE : Math.min(offCentre(massKg, window), LARGEST_OFF_CENTRE)
  return Math.round(off * STEPS)
}

export function scoreOf(checks: readonly Check[], massKg: number, window: GrainWindow | undefined): Score {
  const watches = checks.filter((c) => c.state === 'watch')
  const breaks = checks.filter((c) => c.state === 'breaks')
  return {
    breaks: breaks.length,
    off: breaks.reduce((sum, c) => sum + gradeOf(c.off), 0) / OFF_STEPS,
    watches: watches.length,
    watchTenths: watches.reduce((sum, c) => sum + tenths(c.tag), 0),
    offCentre: closenessCost(massKg, window) / STEPS,
    offRules: checks.reduce((sum, c) => sum + fromCost(c.from), 0) / STEPS,
  }
}

/** The figures the ranking sorts by, lower first: the breaks with how far off they are, then watches, then the aim. */
export const rankCost = ({ breaks, off, watchTenths, offCentre, offRules }: Score): number =>
  breaks * BREAK_COST +
  gradeOf(off) * OFF_COST +
  watchTenths * TENTH_COST +
  Math.round(offCentre * STEPS) +
  Math.round(offRules * STEPS)

/** One figure from 0 to 100 in the order of the ranking, for those who want a figure. */
export const scoreFigure = (score: Score): number => 100 / (1 + rankCost(score) / (10 * TENTH_COST))
