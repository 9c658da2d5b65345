import type { Day } from '../day/index.ts'
import type { Hands } from '../gear/index.ts'
import type { HeadFacts } from '../line/index.ts'
import { CHECKS, type CheckCode, type CheckDefinition } from '../rig/index.ts'
import { GENERIC_RODS } from './generic.ts'

/** Lines that say whether a head is one for a rod. */
const SUITS: ReadonlySet<CheckCode> = new Set(['mass-in-window', 'rod-number', 'head-length'])
const LOOKS = (CHECKS as readonly CheckDefinition<CheckCode>[])
  .filter(({ code }) => SUITS.has(code))
  .flatMap(({ looks }) => looks)

/** Rods that a head is for. */
export interface Served {
  /** Lowest and highest line number. */
  readonly numbers: readonly [low: number, high: number]
  /** The shortest that still lifts it [m]. */
  readonly fromM: number
}

/**
 * Rods of a class that a head is for, of every number and length on the grid: its mass in their window, its length not too
 * much for them, by the ledger's own lines. Undefined where it is for none.
 */
export function rodsServed(head: HeadFacts, day: Day, hands: Hands): Served | undefined {
  const suited = GENERIC_RODS.filter((rod) => {
    const parts = { rod, head, tip: null, leader: null, runningLine: null, reel: null }
    return rod.hands === hands && LOOKS.every((look) => (look.run(parts, day)?.state ?? 'holds') === 'holds')
  })
  if (suited.length === 0) return undefined
  const numbers = suited.map(({ lineNumber }) => lineNumber)
  return {
    numbers: [Math.min(...numbers), Math.max(...numbers)],
    fromM: Math.min(...suited.map(({ lengthM }) => lengthM)),
  }
}
