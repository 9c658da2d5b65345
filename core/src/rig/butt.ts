import { strandKgPerM } from '../line/index.ts'
import { behindLeader, jointLimitKgPerM } from './checks/tip.ts'
import type { RigParts } from './parts.ts'

/** A butt that was not tied on yet, against what it would hang on. */
export interface ButtOn {
  readonly kgPerM: number
  readonly behindKgPerM: number
  /** By the ledger's own slack: it knows how sure the figures are. */
  readonly stepsUp: boolean
}

/** Mass per length where a leader with this butt would meet the line (C14). @param diameterM of the butt [m] */
export function buttOn({ head, tip }: Pick<RigParts, 'head' | 'tip'>, diameterM: number): ButtOn {
  const behind = behindLeader(head, tip)
  const kgPerM = strandKgPerM(diameterM, 'nylon')
  return {
    kgPerM,
    behindKgPerM: behind.kgPerM,
    stepsUp: kgPerM > jointLimitKgPerM(behind.kgPerM, behind.sure),
  }
}
