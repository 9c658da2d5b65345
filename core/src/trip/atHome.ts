import type { Trip } from './tripSchema.ts'

/** A trip with an item left at home, or brought again. */
export const atHome = (trip: Trip, id: string, stays: boolean): Trip => {
  const { home = [], must = [], ...limits } = trip.limits ?? {}
  const others = home.filter((each) => each !== id)
  return {
    ...trip,
    limits: {
      ...limits,
      ...(stays ? { home: [...others, id] } : others.length > 0 ? { home: others } : {}),
      ...(must.some((each) => each !== id || !stays)
        ? { must: must.filter((each) => each !== id || !stays) }
        : {}),
    },
  }
}
