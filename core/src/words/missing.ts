import type { Item } from '../gear/index.ts'
import type { UnitSystem } from '../quantity/index.ts'
import { KIND_NAMES, summarize } from './names.ts'
import { figure, type Said, said } from './said.ts'

/** The part that would fix most. @param pairs rods and heads that would break nowhere with it, 0 where none would */
export function sayFixesMost(item: Item, pairs: number, system: UnitSystem): Said {
  const then =
    pairs === 0
      ? 'It wouldn’t fix everything, but nothing helps more.'
      : `With it, ${pairs} ${pairs === 1 ? 'rod-and-head pair breaks' : 'rod-and-head pairs break'} nowhere.`
  return said`The one part that would fix most: ${KIND_NAMES[item.kind].a} — ${figure(summarize(item, system))}. ${then} Borrow before you buy.`
}
