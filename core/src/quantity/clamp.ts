/** What a figure may be, both ends included. */
export interface Span {
  readonly low: number
  readonly high: number
}

/** The nearest figure of a span. */
export const clamp = (value: number, { low, high }: Span): number => Math.max(low, Math.min(high, value))
