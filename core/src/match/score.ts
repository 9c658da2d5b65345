import { EVIDENCE_WEIGHT } from '../quantity/index.ts'
import type { Check } from '../rig/index.ts'
import type { GrainWindow } from '../rod/index.ts'

/** Why a rig stands where it stands: breaks first, then weighted watches, then distance from the window's aim. */
export interface Score {
  readonly breaks: number
  readonly watches: number
  /** Watches weighted by evidence, in tenths, so that sums are exact. */
  readonly watchTenths: number
  /** Distance from the aim in half-widths of the window; 0 is dead centre, 1 the edge. */
  readonly offCentre: number
}

/** Dearer than any sum of watches. */
export const BREAK_COST = 10_000_000
/** One tenth of a watch; dearer than any distance from the centre. */
const TENTH_COST = 10_000
/** Distances are kept in thousandths of a half-width, so that equals are equal and costs are whole numbers. */
const STEPS = 1000
const LARGEST_OFF_CENTRE = 9

/** What one check adds to a rig's cost; lower is better. Costs of groups of checks add up. */
export function checkCost({ state, tag }: Check): number {
  if (state === 'holds') return 0
  return state === 'breaks' ? BREAK_COST : Math.round(EVIDENCE_WEIGHT[tag] * 10) * TENTH_COST
}

export function costOf(checks: readonly Check[]): number {
  let cost = 0
  for (const check of checks) cost += checkCost(check)
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
  return {
    breaks: checks.filter((c) => c.state === 'breaks').length,
    watches: watches.length,
    watchTenths: watches.reduce((sum, c) => sum + Math.round(EVIDENCE_WEIGHT[c.tag] * 10), 0),
    offCentre: closenessCost(massKg, window) / STEPS,
  }
}

/** What the ranking sorts by, lower first. */
export const rankCost = ({ breaks, watchTenths, offCentre: off }: Score): number =>
  breaks * BREAK_COST + watchTenths * TENTH_COST + Math.round(off * STEPS)

/** One figure from 0 to 100 in the order of the ranking, for those who want a figure. */
export const scoreFigure = (score: Score): number => 100 / (1 + rankCost(score) / (10 * TENTH_COST))
