import type { Item, ItemOf } from './item.ts'
import type { Kind } from './vocabulary.ts'

/** All of an angler's gear. */
export interface Gear {
  readonly items: readonly Item[]
}

export function itemsOf<K extends Kind>(gear: Gear, kind: K): readonly ItemOf<K>[] {
  return gear.items.filter((item): item is ItemOf<K> => item.kind === kind)
}
