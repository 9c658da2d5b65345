import type { Item } from '@hoxen/core/gear'
import { addItem, newId, noticeDone, noticeFailed } from '../../store/index.ts'

/** Longest name there is. */
const NAME_LETTERS = 80

/** Adds another of the same, by a name of its own. */
export function duplicate(item: Item): void {
  const copy: Item = { ...item, id: newId(item.name), name: `${item.name} (copy)`.slice(0, NAME_LETTERS) }
  addItem(copy).then((did) => did && noticeDone(`${copy.name} added`), noticeFailed)
}
