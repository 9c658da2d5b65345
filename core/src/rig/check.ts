import type { EvidenceTag, Measure } from '../quantity/index.ts'

export const CHECK_CODES = [
  'mass-in-window',
  'rod-number',
  'skagit-tip',
  'joint-step',
  'leader-joint',
  'tip-material',
  'fly-tip',
  'leader-length',
  'depth',
  'room-behind',
  'running-line',
  'reel-room',
  'reel-cage',
  'rod-fish',
  'rod-cast',
  'season',
  'water',
  'loop-in-guides',
] as const
export type CheckCode = (typeof CHECK_CODES)[number]

export type CheckState = 'holds' | 'watch' | 'breaks'

/** One line of the ledger. Figures in SI; the sentence is made from code, reason and data in `words`. */
export interface Check {
  readonly code: CheckCode
  readonly state: CheckState
  /** Which of the check's sentences applies. */
  readonly reason: string
  /** This rig's figure; null when the check is not about one. */
  readonly value: number | null
  readonly allowed: { readonly low?: number; readonly high?: number }
  /** What the figure measures; 'number' for line numbers, 'none' for yes-or-no checks. */
  readonly measure: Measure | 'number' | 'none'
  readonly tag: EvidenceTag
  readonly data: Readonly<Record<string, unknown>>
}

const RANK: Readonly<Record<CheckState, number>> = { holds: 0, watch: 1, breaks: 2 }

/** The worst line decides the verdict. */
export function verdictOf(checks: readonly Check[]): CheckState {
  return checks.reduce<CheckState>((worst, c) => (RANK[c.state] > RANK[worst] ? c.state : worst), 'holds')
}

/** Ledger lines worst first; lines of one state keep their order. */
export function worstFirst(checks: readonly Check[]): readonly Check[] {
  return [...checks].sort((a, b) => RANK[b.state] - RANK[a.state])
}

export const stateRank = (state: CheckState): number => RANK[state]

type Draft = Omit<Check, 'data' | 'allowed'> & Partial<Pick<Check, 'data' | 'allowed'>>

/** A check with nothing allowed or no data left out. */
export const check = (draft: Draft): Check => ({ allowed: NO_LIMITS, data: NO_DATA, ...draft })
const NO_LIMITS = Object.freeze({})
const NO_DATA = Object.freeze({})

/** Inside holds; outside by no more than the slack is to be watched; beyond that it breaks. */
export function stateInRange(
  value: number,
  low: number,
  high: number,
  slackLow: number,
  slackHigh = slackLow,
): CheckState {
  if (value >= low && value <= high) return 'holds'
  return value >= low - slackLow && value <= high + slackHigh ? 'watch' : 'breaks'
}
