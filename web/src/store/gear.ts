import type { Gear, Item } from '@hoxen/core/gear'
import { useList } from './live.ts'

/** A snapshot of all that is owned: every page has the same object until something changes. */
export interface GearNow extends Gear {
  readonly byId: ReadonlyMap<string, Item>
  /** Revision: another number for another state. */
  readonly revision: number
}

const states = new WeakMap<readonly Item[], GearNow>()
let latest = 0

/** Items with their index and their revision: the same list has the same, a later list another. */
export function gearNow(items: readonly Item[]): GearNow {
  const known = states.get(items)
  if (known !== undefined) return known
  const gear = { items, byId: new Map(items.map((item) => [item.id, item])), revision: ++latest }
  states.set(items, gear)
  return gear
}

/** The gear; undefined while it loads. */
export function useGear(): GearNow | undefined {
  const items = useList('items')
  return items && gearNow(items)
}
