/** Gauges a pool can go by: the stand-ins that ship with the server. */
export const GAUGES: readonly (readonly [id: string, name: string])[] = [
  ['skarn', 'Skarn above the forks (demo)'],
  ['little-ven', 'Little Ven at the ford (demo)'],
]
