import type { Day } from '../day/index.ts'
import { CHECKS, type Check, type CheckCode, lineOf } from './check.ts'
import type { CheckDefinition } from './define.ts'
import type { RigParts } from './parts.ts'

/** Every check of a rig in a day, in the order the parts are thought of. */
export function ledger(parts: RigParts, day: Day): readonly Check[] {
  const lines: Check[] = []
  for (const { code, looks } of CHECKS as readonly CheckDefinition<CheckCode>[])
    for (const look of looks) {
      const finding = look.run(parts, day)
      if (finding !== null) lines.push(lineOf(code, finding))
    }
  return lines
}
