/** Costs of each part of a list with something that is given. */
export interface PartCosts {
  readonly costs: readonly number[]
  readonly least: number
  /** Cheapest first, equals in the gear's order; sorted lazily. */
  order?: readonly number[]
}

export const partCosts = (costs: readonly number[]): PartCosts => ({
  costs,
  least: costs.reduce((a, b) => Math.min(a, b), costs[0] ?? 0),
})

export function orderOf(parts: PartCosts): readonly number[] {
  const { costs } = parts
  parts.order ??= costs.map((_, i) => i).sort((a, b) => (costs[a] ?? 0) - (costs[b] ?? 0) || a - b)
  return parts.order
}
