/** Costs of each leader with something that is given. */
export interface LeaderCosts {
  readonly costs: readonly number[]
  readonly least: number
  /** Cheapest first, equals in the gear's order; once it was asked for. */
  order?: readonly number[]
}

export const leaderCosts = (costs: readonly number[]): LeaderCosts => ({
  costs,
  least: costs.reduce((a, b) => Math.min(a, b), costs[0] ?? 0),
})

export function orderOf(leaders: LeaderCosts): readonly number[] {
  const { costs } = leaders
  leaders.order ??= costs.map((_, i) => i).sort((a, b) => (costs[a] ?? 0) - (costs[b] ?? 0) || a - b)
  return leaders.order
}
