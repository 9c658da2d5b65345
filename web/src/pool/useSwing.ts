import type { Day } from '@hoxen/core/day'
import type { Leader } from '@hoxen/core/gear'
import type { Ride } from '@hoxen/core/ladder'
import { type SwingSetup, swingInput } from '@hoxen/core/rig'
import type { TipItem } from '@hoxen/core/sink'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { startTransition, useEffect, useMemo, useState } from 'react'
import { type Question, useQuestion, useRig } from '../ledger/index.ts'
import { noticeSaid, useList, useSingle } from '../store/index.ts'
import { onPoolCrash, type RideTask, ridesInPool, swingInWorker } from '../worker/index.ts'

/** Of the day what a swing depends on: nothing else that changes lets the rig swing anew. */
const swungIn = ({ fly, dropper, run, plan, fishAt }: Day): Omit<SwingSetup, 'parts'> => ({
  fly,
  dropper,
  run,
  plan,
  fishAt,
})

/** My rig with the water it is to swing in; `none` without a rig, `gone` when a part of it is. */
export function useMySetup(): SwingSetup | 'none' | 'gone' | undefined {
  const question: Question | undefined = useQuestion()
  const choice = useSingle('rig')
  const rig = useRig(question, choice)
  const key = question && JSON.stringify(swungIn(question.day))
  const water = useMemo(() => key && (JSON.parse(key) as Omit<SwingSetup, 'parts'>), [key])
  return useMemo(() => {
    if (choice === null) return 'none'
    if (rig === 'gone') return 'gone'
    return rig && water ? { parts: rig.parts, ...water } : undefined
  }, [choice, rig, water])
}

/** One swing, worked out in the pool; the last one stays while the next is on its way. */
export function useSwing(setup: SwingSetup | undefined) {
  const input = useMemo(() => setup && swingInput(setup), [setup])
  return useQuery({
    queryKey: ['swing', input],
    queryFn: ({ signal }) => swingInWorker(input as NonNullable<typeof input>, signal),
    enabled: input !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    networkMode: 'always',
  })
}

/** Tips and leaders the angler owns. */
export function useTips(): { readonly tips: readonly TipItem[]; readonly leaders: readonly Leader[] } {
  const gear = useList('items')
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
