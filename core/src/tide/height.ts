export interface TideHeight {
  /** [ms since 1970, UTC] */
  readonly atMs: number
  readonly heightM: number
}
export interface TideTurn extends TideHeight {
  readonly kind: 'high' | 'low'
}
