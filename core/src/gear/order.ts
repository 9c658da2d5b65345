import type { Item } from './item.ts'

/** Figures by which things of one kind stand in order, the first that differs decides. */
const FIGURES = ['lineNumber', 'lengthM', 'massKg', 'sinkRateMps', 'diameterM', 'breakingN'] as const

const texts = new WeakMap<Item, string>()

/** All that a thing is but what it is called, as text: things alike in it do the same. */
export function asText(item: Item): string {
  const known = texts.get(item)
  if (known !== undefined) return known
  const { id: _id, name: _name, notes: _notes, ...rest } = item
  const text = JSON.stringify(Object.entries(rest).sort(([a], [b]) => (a < b ? -1 : 1)))
  texts.set(item, text)
  return text
}

const figuresOf = (item: Item): readonly number[] =>
  FIGURES.map((figure) => {
    const value = (item as Partial<Record<string, unknown>>)[figure]
    return typeof value === 'number' ? value : Number.POSITIVE_INFINITY
  })

/** Things in an order that neither names nor the list's own order change: by figures, and alike ones by id. */
export function byFigures<T extends Item>(items: readonly T[]): readonly T[] {
  const keyed = items.map((item) => ({ item, figures: figuresOf(item) }))
  keyed.sort((a, b) => {
    const at = a.figures.findIndex((figure, i) => figure !== b.figures[i])
    if (at >= 0) return (a.figures[at] as number) < (b.figures[at] as number) ? -1 : 1
    const [one, other] = [asText(a.item), asText(b.item)]
    if (one !== other) return one < other ? -1 : 1
    return a.item.id < b.item.id ? -1 : 1
  })
  return keyed.map(({ item }) => item)
}
