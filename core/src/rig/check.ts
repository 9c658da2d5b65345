import { BALANCE_CHECKS } from './checks/balance.ts'
import { CAST_CHECKS } from './checks/cast.ts'
import { FLY_CHECKS } from './checks/fly.ts'
import { LEADER_CHECKS } from './checks/leader.ts'
import { LENGTH_CHECKS } from './checks/length.ts'
import { REACH_CHECKS } from './checks/reach.ts'
import { ROD_CHECKS } from './checks/rod.ts'
import { RUNNING_CHECKS } from './checks/running.ts'
import { CHEATER_CHECKS, LEADER_JOINT_CHECKS, TIP_CHECKS } from './checks/tip.ts'
import { DEPTH_CHECKS, LOOP_CHECKS, ROOM_CHECKS } from './checks/water.ts'
import { WINDOW_CHECKS } from './checks/window.ts'
import type { RigSlot } from './chosen/choice.ts'
import type { CheckDefinition, CheckState, Finding } from './define.ts'
import { howFarOff } from './define.ts'

/** Every check there is, in the order the parts are thought of: the order of a ledger's lines. */
export const CHECKS = [
  ...WINDOW_CHECKS,
  ...CHEATER_CHECKS,
  ...TIP_CHECKS,
  ...FLY_CHECKS,
  ...LENGTH_CHECKS,
  ...LEADER_CHECKS,
  ...LEADER_JOINT_CHECKS,
  ...DEPTH_CHECKS,
  ...ROOM_CHECKS,
  ...CAST_CHECKS,
  ...LOOP_CHECKS,
  ...REACH_CHECKS,
  ...RUNNING_CHECKS,
  ...BALANCE_CHECKS,
  ...ROD_CHECKS,
] as const

type Defined = (typeof CHECKS)[number]
export type CheckCode = Defined['code']

/** The reasons a check can give, each with the data of its sentence. */
export type CheckReasons<C extends CheckCode> = Extract<Defined, { readonly code: C }>['reasons']

/** One line of the ledger. Figures in SI; the sentence is made from code, reason and data in `words`. */
export interface Check extends Omit<Finding, 'data' | 'allowed'> {
  readonly code: CheckCode
  readonly allowed: NonNullable<Finding['allowed']>
  readonly data: Readonly<Record<string, unknown>>
  /** Doublings that a failing line is off; 0 where it holds. */
  readonly off: number
}

export const CHECK_CODES: readonly CheckCode[] = CHECKS.map((check) => check.code)

/** Codes that were renamed, by what they were called: kept rounds and sent ones may still say the old one. */
const RENAMED_CODES: Readonly<Record<string, CheckCode>> = Object.freeze({})

/** A code as it is called now; anything else is given back as it is. @param renamed by what they were called */
export const presentCode = (code: unknown, renamed = RENAMED_CODES): unknown =>
  typeof code === 'string' && Object.hasOwn(renamed, code) ? renamed[code] : code

const BY_CODE = Object.fromEntries(CHECKS.map((check) => [check.code, check])) as unknown as Readonly<
  Record<CheckCode, CheckDefinition<CheckCode>>
>

/** Parts that could mend a line, the one it is marked on first. */
export const checkSlots = (code: CheckCode): readonly RigSlot[] => BY_CODE[code].slots

/** A finding as a line of the ledger. */
export const lineOf = (code: CheckCode, finding: Finding): Check => ({
  ...finding,
  code,
  allowed: finding.allowed ?? NO_LIMITS,
  data: finding.data ?? NO_DATA,
  off: howFarOff(finding),
})
const NO_LIMITS = Object.freeze({})
const NO_DATA = Object.freeze({})

const RANK: Readonly<Record<CheckState, number>> = { holds: 0, watch: 1, breaks: 2 }
export const stateRank = (state: CheckState): number => RANK[state]

/** The worst line decides the verdict. */
export function verdictOf(checks: readonly Check[]): CheckState {
  return checks.reduce<CheckState>((worst, c) => (RANK[c.state] > RANK[worst] ? c.state : worst), 'holds')
}

/** Ledger lines worst first; lines of one state keep their order. */
export function worstFirst(checks: readonly Check[]): readonly Check[] {
  return [...checks].sort((a, b) => RANK[b.state] - RANK[a.state])
}

/** The worst state among the checks marked on each part. */
export function statesBySlot(checks: readonly Check[]): ReadonlyMap<RigSlot, CheckState> {
  const out = new Map<RigSlot, CheckState>()
  for (const { code, state } of checks) {
    const slot = checkSlots(code)[0]
    if (slot !== undefined && stateRank(state) > stateRank(out.get(slot) ?? 'holds')) out.set(slot, state)
  }
  return out
}
