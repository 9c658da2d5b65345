import type { Leader, RigChoice, Run, SwingPlan } from '@hoxen/core/gear'
import type { Ride, SwingSetup } from '@hoxen/core/ladder'
import { swingInput } from '@hoxen/core/ladder'
import { resolveRig } from '@hoxen/core/rig'
import type { TipItem } from '@hoxen/core/sink'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { startTransition, useEffect, useMemo, useState } from 'react'
import { noticeSaid, useGear, useJob, useMyRig } from '../../store/index.ts'
import { onPoolCrash, type RideTask, ridesInPool, swingInWorker } from '../../worker/index.ts'

/** A rig with the water it is to swing in; `none` without a rig, `gone` when a part of it is. */
export function useSetup(
  choice: RigChoice | null | undefined,
  run: Run | undefined,
  plan: SwingPlan | undefined,
): SwingSetup | 'none' | 'gone' | undefined {
  const gear = useGear()
  const job = useJob()
  return useMemo(() => {
    if (gear === undefined || job === undefined || choice === undefined) return undefined
    if (choice === null) return 'none'
    const resolved = resolveRig(choice, new Map(gear.map((item) => [item.id, item])))
    if (resolved.outcome !== 'resolved') return 'gone'
    return run === undefined || plan === undefined
      ? undefined
      : { parts: resolved.parts, fly: job.fly, run, plan }
  }, [gear, job, choice, run, plan])
}

export const useMySetup = (run: Run | undefined, plan: SwingPlan | undefined) =>
  useSetup(useMyRig(), run, plan)

/** One swing, worked out in the pool; the last one stays while the next is on its way. */
export function useSwing(setup: SwingSetup | undefined) {
  const input = useMemo(() => setup && swingInput(setup), [setup])
  return useQuery({
    queryKey: ['swing', input],
    queryFn: () => swingInWorker(input as NonNullable<typeof input>),
    enabled: input !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    networkMode: 'always',
  })
}

/** Tips and leaders the angler owns. */
export function useWallet(): { readonly tips: readonly TipItem[]; readonly leaders: readonly Leader[] } {
  const gear = useGear()
  return useMemo(
    () => ({
      tips: (gear ?? []).filter((i): i is TipItem => i.kind === 'tip' || i.kind === 'sinking-leader'),
      leaders: (gear ?? []).filter((i): i is Leader => i.kind === 'leader'),
    }),
    [gear],
  )
}

export interface Rides {
  readonly rides: ReadonlyMap<string, Ride>
  readonly done: number
  readonly of: number
  readonly failed: string | undefined
}

/** Many swings at once, shown as they come; when the tasks change the rest of the old ones is dropped. */
export function useRides(tasks: readonly RideTask[] | undefined): Rides {
  const [rides, setRides] = useState<ReadonlyMap<string, Ride>>(new Map())
  const [failed, setFailed] = useState<string>()
  useEffect(() => {
    if (tasks === undefined) return
    const stop = new AbortController()
    setRides(new Map())
    setFailed(undefined)
    // Rides come thick and fast; drawing them must not keep the page from answering.
    const take = (id: string, ride: Ride): void =>
      startTransition(() => setRides((old) => new Map(old).set(id, ride)))
    ridesInPool(tasks, take, stop.signal).catch((error: unknown) => {
      if (!stop.signal.aborted)
        setFailed(error instanceof Error ? error.message : 'It could not be worked out.')
    })
    return () => stop.abort()
  }, [tasks])
  return { rides, done: rides.size, of: tasks?.length ?? 0, failed }
}

/** Several workers that break down together are one mishap [ms]. */
const ONE_MISHAP_MS = 4000

/** Says so when a worker broke down and was replaced. */
export function useCrashNotice(): void {
  useEffect(() => {
    let saidAt = Number.NEGATIVE_INFINITY
    return onPoolCrash(() => {
      const now = performance.now()
      if (now - saidAt > ONE_MISHAP_MS)
        noticeSaid('A calculation broke down and was started again. Nothing is lost.')
      saidAt = now
    })
  }, [])
}
