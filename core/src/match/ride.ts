/** What each leader costs with a tip. */
export interface Ride {
  readonly costs: readonly number[]
  readonly least: number
  /** Cheapest first, equals in the gear's order; once it was asked for. */
  order?: readonly number[]
}

export const rideOf = (costs: readonly number[]): Ride => ({
  costs,
  least: costs.reduce((a, b) => Math.min(a, b), costs[0] ?? 0),
})

export function orderOf(ride: Ride): readonly number[] {
  const { costs } = ride
  ride.order ??= costs.map((_, i) => i).sort((a, b) => (costs[a] ?? 0) - (costs[b] ?? 0) || a - b)
  return ride.order
}
