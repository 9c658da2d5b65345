import type { Day } from '../day/index.ts'
import type { Swung } from '../swing/index.ts'
import { CHECKS, type Check, type CheckCode, lineOf } from './check.ts'
import type { CheckDefinition } from './define.ts'
import type { RigParts } from './parts.ts'

/**
 * Every check of a rig in a day, in the order the parts are thought of.
 * @param swung how it swings there; without it the line of depth only gives its first look, and never holds
 */
export function ledger(parts: RigParts, day: Day, swung?: Swung): readonly Check[] {
  const lines: Check[] = []
  for (const { code, looks } of CHECKS as readonly CheckDefinition<CheckCode>[])
    for (const look of looks) {
      const finding = look.run(parts, day, swung)
      if (finding !== null) lines.push(lineOf(code, finding))
    }
  return lines
}
