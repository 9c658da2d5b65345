import { type Item, KINDS, readField } from '@hoxen/core/gear'

const figure = (item: Item, path: string): number => {
  const value = readField(item, path)
  return typeof value === 'number' ? value : Number.POSITIVE_INFINITY
}

/** Ways to order gear. Things without the figure come last; equals keep their order. */
export const SORTS = {
  added: { label: 'as added', compare: () => 0 },
  kind: { label: 'kind', compare: (a: Item, b: Item) => KINDS.indexOf(a.kind) - KINDS.indexOf(b.kind) },
  name: {
    label: 'name',
    compare: (a: Item, b: Item) => a.name.localeCompare(b.name, undefined, { numeric: true }),
  },
  mass: {
    label: 'mass',
    compare: (a: Item, b: Item) => compareFigures(figure(a, 'massKg'), figure(b, 'massKg')),
  },
  length: {
    label: 'length',
    compare: (a: Item, b: Item) => compareFigures(figure(a, 'lengthM'), figure(b, 'lengthM')),
  },
} as const
export type Sort = keyof typeof SORTS

const compareFigures = (a: number, b: number): number => (a === b ? 0 : a - b)

export const sorted = (items: readonly Item[], sort: Sort): readonly Item[] =>
  sort === 'added' ? items : [...items].sort(SORTS[sort].compare)
