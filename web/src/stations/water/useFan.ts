import { FAN_MODEL, type Fan, fanOf, fanTasks } from '@hoxen/core/ladder'
import type { SwingSetup } from '@hoxen/core/rig'
import type { SwingResult } from '@hoxen/core/swing'
import type { Run } from '@hoxen/core/water'
import { useEffect, useMemo, useState } from 'react'
import { effort, useRides } from '../../swings/index.ts'
import { working } from '../../ui/index.ts'

/** While a hand still moves, the fan waits [ms]. */
const STILL_MS = 900

/** Fan of my rig's depth: two dozen swings as likely as the one shown, simulated when that one has come to rest. */
export function useFan(
  setup: SwingSetup,
  pool: Run | undefined,
  shown: SwingResult | undefined,
): Fan | undefined {
  const [still, setStill] = useState<SwingSetup>()
  useEffect(() => {
    if (shown === undefined) return
    const done = working()
    const wait = setTimeout(() => {
      setStill(setup)
      done()
    }, STILL_MS)
    return () => {
      clearTimeout(wait)
      done()
    }
  }, [setup, shown])
  const ready = still === setup
  const samples = effort(FAN_MODEL.samples, 4)
  const tasks = useMemo(
    () => (ready ? fanTasks(setup, pool ?? setup.run, samples) : undefined),
    [ready, setup, pool, samples],
  )
  const { rides } = useRides(tasks, 'ahead')
  const toS = shown?.samples.at(-1)?.tS
  return useMemo(
    () => (ready && toS !== undefined ? fanOf(rides, toS, samples) : undefined),
    [ready, rides, toS, samples],
  )
}
