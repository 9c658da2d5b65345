import type { Item } from '@hoxen/core/gear'
import {
  type CoverQuestion,
  EFFORTS,
  type Found,
  type Kit,
  lentFor,
  type Missing,
  questionOf,
  type Step,
  type Trip,
  type TripAbout,
  type TripLimits,
} from '@hoxen/core/trip'
import { useQuery } from '@tanstack/react-query'
import { proxy } from 'comlink'
import { dequal } from 'dequal'
import { useEffect, useState } from 'react'
import { effort, letSwingFor } from '../../swings/index.ts'
import { working } from '../../ui/working.ts'
import { tripSearch, tripSolver } from '../../worker/tripClient.ts'

/** Everything known of a trip so far. */
export interface TripAnswer {
  readonly found: Found | undefined
  /** Kit under the limits as they are now; of the rigs swung so far. */
  readonly kit: Kit | undefined
  readonly steps: readonly Step[]
  /** Whether the steps are still those of the kit before. */
  readonly stale: boolean
  readonly missing: readonly Missing[] | undefined
  /** Share of the first search that is done, [0, 1]. */
  readonly share: number
  /** Whether better kits are still looked for. */
  readonly looking: boolean
  readonly lent: readonly Item[]
  readonly error: Error | null
  readonly retry: () => void
}

/** Never to be asked again by itself: the same question has the same answer. */
const FOR_GOOD = { staleTime: Number.POSITIVE_INFINITY, networkMode: 'always', retry: false } as const
const FEW = [{ rigs: 2 }] as const

const asked = async <T>(ask: () => Promise<T>): Promise<T> => {
  const done = working()
  return ask().finally(done)
}

/** Limits by themselves, so that they alone decide what is solved anew. */
const limitsOf = ({ limits }: Trip): TripLimits => limits ?? {}

/** The first kit of a trip, without its limits' say in what is swung. */
function useFirst(
  trip: Trip,
  about: TripAbout | undefined,
  key: string,
  ownKey: string,
  lent: readonly Item[],
  setShare: (share: number) => void,
) {
  return useQuery({
    queryKey: ['trip', key],
    enabled: about !== undefined && trip.days.some(({ pools }) => pools.length > 0),
    queryFn: ({ signal }) =>
      asked(() =>
        tripSearch.ask((api, id) => {
          setShare(0)
          const question = {
            trip,
            about: about as TripAbout,
            lent,
            known: ownKey,
            efforts: effort(EFFORTS, FEW),
          }
          return api.first(id, key, question, proxy(letSwingFor({ signal })), proxy(setShare))
        }, signal),
      ),
    ...FOR_GOOD,
  })
}

/** The proof, and better kits on the way; begun anew when a limit changes. */
function useProof(key: string, limits: TripLimits, first: Found | undefined) {
  const [better, setBetter] = useState<{ readonly key: string; readonly found: Found }>()
  const proof = useQuery<Found>({
    queryKey: ['trip-proof', key, limits],
    enabled: first !== undefined && first.of > 0 && effort(true, false),
    queryFn: async ({ signal }) => {
      const letSwing = (): ReturnType<typeof letSwingFor> => proxy(letSwingFor({ signal, priority: 'ahead' }))
      const beside = await tripSearch.ask((api, id) => api.further(id, key, limits, letSwing()), signal)
      setBetter({ key, found: beside })
      const tell = proxy((found: Found) => setBetter({ key, found }))
      return tripSearch.ask((api, id) => api.prove(id, key, limits, letSwing(), tell), signal)
    },
    ...FOR_GOOD,
  })
  return {
    found: proof.data ?? (better?.key === key ? better.found : undefined),
    looking: proof.isFetching,
    proven: proof.data?.proven,
  }
}

/** Loads the solver while the first rigs are swung. */
const useSolverReady = (): void =>
  useEffect(() => {
    tripSolver.ask((api) => api.ready()).catch(console.error)
  }, [])

/** The kit under the limits, of the rigs that were swung. */
function useKit(question: CoverQuestion | undefined, key: readonly unknown[]) {
  return useQuery<Kit>({
    queryKey: ['trip-kit', ...key],
    enabled: question !== undefined,
    queryFn: ({ signal }) => asked(() => tripSolver.ask((api) => api.kit(question as CoverQuestion), signal)),
    placeholderData: (before) => before,
    ...FOR_GOOD,
  }).data
}

/** What each size of kit covers, as far as it is known. */
function useSteps(
  question: CoverQuestion | undefined,
  kit: Kit | undefined,
  key: readonly unknown[],
): { readonly steps: readonly Step[]; readonly stale: boolean } {
  const [some, setSome] = useState<readonly Step[]>([])
  const all = useQuery<readonly Step[]>({
    queryKey: ['trip-steps', ...key, kit?.ids],
    enabled: question !== undefined && kit !== undefined,
    queryFn: ({ signal }) =>
      asked(() =>
        tripSolver.ask((api, id) => {
          const steps: Step[] = []
          const told = (step: Step): void => {
            steps.push(step)
            setSome([...steps])
          }
          return api.staircase(id, question as CoverQuestion, kit as Kit, proxy(told))
        }, signal),
      ),
    placeholderData: (before) => before,
    ...FOR_GOOD,
  })
  return { steps: all.data ?? some, stale: all.isPlaceholderData || all.data === undefined }
}

const keyOf = (trip: Trip, about: TripAbout | undefined, revision: number, lent: readonly Item[]): string => {
  const { limits: _limits, name: _name, notes: _notes, ...plan } = trip
  const { gear: _gear, ...rest } = about ?? {}
  return JSON.stringify([plan, rest, revision, lent.map(({ id }) => id)])
}

/** What one more thing would cover, asked once the rest is known. */
function useMissing(key: string, first: Found | undefined) {
  const open = first?.covered.some(({ ways }) => ways.length === 0) ?? false
  return useQuery({
    queryKey: ['trip-missing', key],
    enabled: open && effort(true, false),
    queryFn: ({ signal }) =>
      tripSearch.ask(
        (api, id) => api.missing(id, key, proxy(letSwingFor({ signal, priority: 'ahead' }))),
        signal,
      ),
    ...FOR_GOOD,
  }).data
}

/**
 * The answer to a trip: a first kit soon; then whether a smaller one would do, what one more thing would cover, and what each size of
 * kit covers. A changed limit is solved at once from what was swung.
 * @param revision of the gear
 */
export function useTripAnswer(trip: Trip, about: TripAbout | undefined, revision: number): TripAnswer {
  const limits = limitsOf(trip)
  useSolverReady()
  const ownKey = keyOf(trip, about, revision, [])
  const [share, setShare] = useState(0)
  const own = useFirst(trip, about, ownKey, ownKey, [], setShare)
  const missing = useMissing(ownKey, own.data)
  const lent = lentFor(limits, missing ?? [])
  const key = keyOf(trip, about, revision, lent)
  const withLent = useFirst(trip, about, key, ownKey, lent, setShare)
  const first = withLent.data ?? own.data
  const proof = useProof(key, limits, withLent.data)
  const found = proof.found ?? first
  const gear = about && { items: [...about.gear.items, ...lent] }
  const question = found && gear && questionOf(gear, found.covered, limits, new Set(lent.map(({ id }) => id)))
  const solvedBy = [key, limits, found?.covered.map(({ ways }) => ways.length)]
  // What the search has found needs no solving again.
  const kit = useKit(question, solvedBy) ?? (dequal(found?.limits, limits) ? found?.kit : undefined)
  const { steps, stale } = useSteps(question, kit, solvedBy)
  return {
    found: found && { ...found, proven: proof.proven ?? false },
    kit,
    steps,
    stale,
    missing,
    share,
    looking: proof.looking,
    lent,
    error: own.error ?? withLent.error,
    retry: () => void own.refetch(),
  }
}
