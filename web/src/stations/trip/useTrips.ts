import { USUAL_STAND } from '@hoxen/core/day'
import type { Trip, TripAbout } from '@hoxen/core/trip'
import { useMemo } from 'react'
import { useSearchParams } from 'react-router'
import { useToday } from '../../day/index.ts'
import { commit, newId, noticeFailed, useGear, useList } from '../../store/index.ts'

/** Changes a trip by what makes a new one of it as it is at that moment: one step to take back. */
export const changeTrip = (label: string, { id }: Trip, next: (trip: Trip) => Trip): void =>
  void commit(label, async (tx) => {
    const now = await tx.find('trips', id)
    if (now !== undefined) tx.put('trips', [next(now)])
  }).catch(noticeFailed)

export const removeTrip = ({ id, name }: Trip): Promise<boolean> =>
  commit(`Delete ${name}`, (tx) => tx.remove('trips', [id]))

/** A new trip of one day, today. @returns its identifier */
export async function addTrip(on: string): Promise<string> {
  const id = newId('trip')
  await commit('Add a trip', (tx) => tx.put('trips', [{ id, name: 'A new trip', days: [{ on, pools: [] }] }]))
  return id
}

export interface Trips {
  readonly trips: readonly Trip[]
  /** The one the address names, or the first. */
  readonly trip: Trip | undefined
  /** The one beside it, where the address names one. */
  readonly beside: Trip | undefined
  readonly choose: (name: 'trip' | 'beside', id: string | undefined) => void
}

/** The trips that are kept, and which is looked at; undefined while they load. */
export function useTrips(): Trips | undefined {
  const trips = useList('trips')
  const [params, setParams] = useSearchParams()
  if (trips === undefined) return undefined
  const byId = (name: string): Trip | undefined => trips.find(({ id }) => id === params.get(name))
  return {
    trips,
    trip: byId('trip') ?? trips[0],
    beside: byId('beside'),
    choose: (name, id) =>
      setParams(
        (old) => {
          if (id === undefined) old.delete(name)
          else old.set(name, id)
          return old
        },
        { replace: true },
      ),
  }
}

/** What a trip is judged with: the same gear, caster and schools as every page. */
export function useTripAbout(trip: Trip | undefined): TripAbout | undefined {
  const today = useToday()
  const gear = useGear()
  return useMemo(() => {
    if (today === undefined || gear === undefined || trip === undefined) return undefined
    const { job, schools, flyKnot, own, stand } = today.parts
    const fished = new Set(trip.days.flatMap(({ pools }) => pools.map(({ runId }) => runId)))
    const { where } = today.day
    return {
      gear: { items: gear.items },
      runs: today.runs.filter(({ id }) => fished.has(id)),
      job,
      schools,
      flyKnot,
      own,
      stand: stand ?? USUAL_STAND,
      plan: today.choice.plan,
      nowM3ps:
        where.by === 'pool' && where.flow !== undefined ? { [where.pool.id]: where.flow.m3ps } : undefined,
    }
  }, [today, gear, trip])
}
