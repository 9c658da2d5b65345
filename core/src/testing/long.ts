/** True in `npm run long`: every case is tried that `npm test` tries a part of. */
export const LONG = process.env.HOXEN_LONG === '1'

/** So many of the cases there are: all of them in `npm run long`. */
export const some = (all: number, share: number): number => (LONG ? all : Math.round(all * share))

/** Every third of the cases: all of them in `npm run long`. */
export const sample = <T>(cases: readonly T[]): readonly T[] => cases.filter((_, i) => LONG || i % 3 === 0)
