import type { Day } from '@hoxen/core/day'
import { judge, type RankedRig } from '@hoxen/core/match'
import { type RigChoice, type RigParts, resolveRig, rigKey } from '@hoxen/core/rig'
import type { Swung } from '@hoxen/core/swing'
import type { GearNow } from '../store/index.ts'

/** Value of a key, computed and stored if absent (memoisation). */
function kept<K extends object, V>(map: WeakMap<K, V>, key: K, make: () => V): V {
  const known = map.get(key)
  if (known !== undefined) return known
  const made = make()
  map.set(key, made)
  return made
}

const resolved = new WeakMap<GearNow, Map<string, RigParts | 'gone'>>()

/** The parts of a rig, memoised by the gear; `gone` when one of them is no longer there. */
export function partsIn(gear: GearNow, choice: RigChoice): RigParts | 'gone' {
  const known = kept(resolved, gear, () => new Map<string, RigParts | 'gone'>())
  const key = rigKey(choice)
  const before = known.get(key)
  if (before !== undefined) return before
  const found = resolveRig(choice, gear.byId)
  const parts = found.outcome === 'resolved' ? found.parts : 'gone'
  known.set(key, parts)
  return parts
}

interface Judged {
  readonly swung: Swung | undefined
  readonly rig: RankedRig
}

const verdicts = new WeakMap<Day, WeakMap<RigParts, Judged>>()

/** The verdict on a rig in a day, memoised for all who show it. @param swung without it the verdict is provisional */
export function judgedIn(parts: RigParts, day: Day, swung: Swung | undefined): RankedRig {
  const known = kept(verdicts, day, () => new WeakMap<RigParts, Judged>())
  const before = known.get(parts)
  if (before !== undefined && before.swung === swung) return before.rig
  const rig = judge(parts, day, swung)
  known.set(parts, { swung, rig })
  return rig
}
