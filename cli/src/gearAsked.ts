import type { Gear, Item } from '@hoxen/core/gear'
import { type RigChoice, type RigParts, resolveRig } from '@hoxen/core/rig'
import { refusal } from './command.ts'

/** The gear by identifier; one that stands twice is refused. */
export function gearById({ items }: Gear): ReadonlyMap<string, Item> {
  const byId = new Map<string, Item>()
  items.forEach((item, index) => {
    if (byId.has(item.id)) throw refusal('duplicate-id', ['gear', 'items', index, 'id'], { id: item.id })
    byId.set(item.id, item)
  })
  return byId
}

/** The parts of a rig; one the gear has not is refused at the rig's place in the input. */
export function partsOf(
  rig: RigChoice,
  byId: ReadonlyMap<string, Item>,
  path: readonly (string | number)[] = ['rig'],
): RigParts {
  const resolved = resolveRig(rig, byId)
  if (resolved.outcome !== 'resolved') throw refusal('missing-item', [...path], { id: resolved.id })
  return resolved.parts
}
