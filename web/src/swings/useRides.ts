import type { Ride, SwingInput } from '@hoxen/core/swing'
import { startTransition, useEffect, useMemo, useReducer, useState } from 'react'
import { askRides, knownRide } from './loaded.ts'
import type { Priority, RideTask } from './wish.ts'

export interface Rides {
  readonly rides: ReadonlyMap<string, Ride>
  readonly done: number
  readonly of: number
  readonly failed: string | undefined
}

const NONE: readonly RideTask[] = []

/** Many swings: cached ones at once, the others as they come; when the tasks change the rest of the old ones is cancelled. */
export function useRides(tasks: readonly RideTask[] = NONE, priority: Priority = 'listed'): Rides {
  const [arrived, arrive] = useReducer((count: number) => count + 1, 0)
  const [failed, setFailed] = useState<string>()
  const held = useMemo(() => {
    const known = new Map<string, Ride>()
    for (const { id, input } of tasks) {
      const ride = knownRide(input)
      if (ride !== undefined) known.set(id, ride)
    }
    return known
  }, [tasks])
  useEffect(() => {
    const wanted = tasks.filter(({ id }) => !held.has(id))
    setFailed(undefined)
    if (wanted.length === 0) return
    const stop = new AbortController()
    const take = (id: string, ride: Ride): void => {
      held.set(id, ride)
      // Rides arrive in bursts; rendering them must not block input.
      startTransition(arrive)
    }
    askRides(wanted, take, { priority, signal: stop.signal }).catch((error: unknown) => {
      if (!stop.signal.aborted)
        setFailed(error instanceof Error ? error.message : 'It couldn’t be worked out.')
    })
    return () => stop.abort()
  }, [tasks, held, priority])
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is held grows as swings arrive
  const rides = useMemo(() => new Map(held), [held, arrived])
  return { rides, done: rides.size, of: tasks.length, failed }
}

/** One swing summed up; undefined while it is computed. */
export function useRide(input: SwingInput | undefined): Ride | undefined {
  const tasks = useMemo(() => (input === undefined ? NONE : [{ id: '', input }]), [input])
  return useRides(tasks, 'looked-at').rides.get('')
}
