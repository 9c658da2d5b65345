import type { Gear, Kind } from '../gear/index.ts'
import { isDearer, type Remedy } from '../match/index.ts'
import { type Check, type CheckCode, checkSlots, type RigParts, type RigSlot } from '../rig/index.ts'
import type { FixedParts } from './specify.ts'

/** Parts of a rig that are there, and the parts of which there is none in the gear at all. */
export interface There {
  readonly fixed: FixedParts
  readonly missing: readonly RigSlot[]
}

/** The parts that a rod and head are completed with, by the kinds of gear that can be one. */
const COMPLETED = [
  ['tip', 'tipId', ['tip', 'sinking-leader']],
  ['leader', 'leaderId', ['leader']],
  ['runningLine', 'runningLineId', ['running-line']],
  ['reel', 'reelId', ['reel']],
] as const satisfies readonly (readonly [keyof FixedParts, RigSlot, readonly Kind[]])[]

/** A rig of one's own as what to look round: a part of whose kind one owns nothing is open, all others are as they are. */
export function thereOf({ rod, head, tip, leader, runningLine, reel }: RigParts, gear: Gear): There {
  const own: FixedParts = {
    tip: tip?.item ?? null,
    leader,
    runningLine: runningLine?.item,
    reel: reel ?? undefined,
  }
  const lacking = COMPLETED.filter(
    ([part, , kinds]) =>
      !(part === 'runningLine' && head.onePiece) &&
      !gear.items.some(({ kind }) => (kinds as readonly Kind[]).includes(kind)),
  )
  const open = new Set<keyof FixedParts>(lacking.map(([part]) => part))
  const kept = Object.entries(own).filter(([part]) => !open.has(part as keyof FixedParts))
  return {
    fixed: { rod, head: head.head, ...Object.fromEntries(kept) },
    missing: lacking.map(([, slot]) => slot),
  }
}

/** The part that is to be looked for first for each line that does not hold: one it is about, of which nothing is owned. */
export const lackingFor = (
  checks: readonly Check[],
  missing: readonly RigSlot[],
): ReadonlyMap<CheckCode, RigSlot> =>
  new Map(
    checks.flatMap(({ code, state }) => {
      const slot = state === 'holds' ? undefined : checkSlots(code).find((each) => missing.includes(each))
      return slot === undefined ? [] : [[code, slot] as const]
    }),
  )

/** Mends that stand beside it: none that changes a dearer part than the one that is missing. */
export const mendsBeside = (
  remedies: readonly (readonly [CheckCode, Remedy])[],
  lacking: ReadonlyMap<CheckCode, RigSlot>,
): ReadonlyMap<CheckCode, Remedy> =>
  new Map(
    remedies.filter(([code, { slot }]) => {
      const missing = lacking.get(code)
      return missing === undefined || !isDearer(slot, missing)
    }),
  )
