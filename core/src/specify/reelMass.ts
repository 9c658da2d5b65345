import type { Day } from '../day/index.ts'
import { CHECKS, type CheckDefinition, type Look, type RigParts } from '../rig/index.ts'

/** Reels from the lightest to the heaviest there are, and the step they are looked through in [kg]. */
const REELS_KG = { low: 0.08, high: 0.9, step: 0.005 } as const
const LOOKS: readonly Look[] = (CHECKS as readonly CheckDefinition[])
  .filter(({ code }) => code === 'balance')
  .flatMap(({ looks }) => looks)

/** Wanted mass of a reel [kg]. */
export interface ReelMass {
  readonly low: number
  readonly target: number
  readonly high: number
}

/**
 * Wanted mass of the reel for the rigged rod to balance at the upper hand, by the ledger's own line: only where the rod was
 * weighed and its balance point is known, and not for those who like light reels. [estimate]
 */
export function reelMassFor(parts: RigParts, day: Day): ReelMass | undefined {
  const { reel } = parts
  if (reel === null) return undefined
  const balanced: { readonly kg: number; readonly offM: number }[] = []
  for (let kg: number = REELS_KG.low; kg <= REELS_KG.high; kg += REELS_KG.step)
    for (const look of LOOKS) {
      const found = look.run({ ...parts, reel: { ...reel, massKg: kg } }, day)
      if (found?.state === 'holds') balanced.push({ kg, offM: Number(found.data?.offM) })
    }
  const [first] = balanced
  const last = balanced.at(-1)
  if (first === undefined || last === undefined) return undefined
  const best = balanced.reduce((a, b) => (b.offM < a.offM ? b : a))
  return { low: first.kg, target: best.kg, high: last.kg }
}
