import type { Item } from '@hoxen/core/gear'
import {
  type CoverQuestion,
  type Kit,
  lentFor,
  type Missing,
  questionOf,
  type Step,
  type Trip,
  type TripAbout,
  type TripFound,
  type TripLimits,
  tripKey,
} from '@hoxen/core/trip'
import { useQuery } from '@tanstack/react-query'
import { dequal } from 'dequal'
import { useEffect, useMemo, useState } from 'react'
import { effort } from '../../swings/index.ts'
import { FOR_GOOD } from '../../ui/index.ts'
import {
  askFirst,
  askKit,
  askMissing,
  askMore,
  askProof,
  askSteps,
  type TripQuestion,
  warmSolver,
} from './askTrip.ts'

/** Everything known of a trip so far. */
export interface TripAnswer {
  readonly found: TripFound | undefined
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
  /** What failed of it; the rest stands. */
  readonly error: Error | null
  readonly retry: () => void
}

/** Limits by themselves, so that they alone decide what is solved anew. */
const limitsOf = ({ limits }: Trip): TripLimits => limits ?? {}
const NOTHING_LENT: readonly Item[] = []

/** What is asked of a trip, under core's key. */
function useQuestion(
  trip: Trip,
  about: TripAbout | undefined,
  lent: readonly Item[],
): TripQuestion | undefined {
  return useMemo(() => {
    if (about === undefined || !trip.days.some(({ pools }) => pools.length > 0)) return undefined
    const ownKey = tripKey(trip, about)
    return { key: lent.length === 0 ? ownKey : tripKey(trip, about, lent), trip, about, lent, ownKey }
  }, [trip, about, lent])
}

const useFirst = (question: TripQuestion | undefined, setShare: (share: number) => void) =>
  useQuery({
    queryKey: ['trip', question?.key],
    enabled: question !== undefined,
    queryFn: ({ signal }) => askFirst(question as TripQuestion, { signal }, setShare),
    ...FOR_GOOD,
  })

/** The proof, and better kits on the way; begun anew when a limit changes. */
function useProof(question: TripQuestion | undefined, limits: TripLimits, first: TripFound | undefined) {
  const key = question?.key
  const [better, setBetter] = useState<{ readonly key: string; readonly found: TripFound }>()
  const proof = useQuery<TripFound>({
    queryKey: ['trip-proof', key, limits],
    enabled: question !== undefined && first !== undefined && first.of > 0 && effort(true, false),
    queryFn: async ({ signal }) => {
      const asked = question as TripQuestion
      const wish = { signal, priority: 'ahead' } as const
      const tell = (found: TripFound): void => setBetter({ key: asked.key, found })
      tell(await askMore(asked, limits, wish))
      return askProof(asked, limits, wish, tell)
    },
    ...FOR_GOOD,
  })
  return {
    found: proof.data ?? (better?.key === key ? better?.found : undefined),
    looking: proof.isFetching,
    proven: proof.data?.proven ?? false,
    failed: proof,
  }
}

/** Loads the solver while the first rigs are swung. */
const useSolverReady = (): void =>
  useEffect(() => {
    warmSolver().catch(console.error)
  }, [])

/** The kit under the limits, of the rigs that were swung. */
const useKit = (question: CoverQuestion | undefined, key: readonly unknown[]) =>
  useQuery<Kit>({
    queryKey: ['trip-kit', ...key],
    enabled: question !== undefined,
    queryFn: ({ signal }) => askKit(question as CoverQuestion, signal),
    placeholderData: (before) => before,
    ...FOR_GOOD,
  })

/** What each size of kit covers, as far as it is known. */
function useSteps(question: CoverQuestion | undefined, kit: Kit | undefined, key: readonly unknown[]) {
  const [some, setSome] = useState<readonly Step[]>([])
  const all = useQuery<readonly Step[]>({
    queryKey: ['trip-steps', ...key, kit?.ids],
    enabled: question !== undefined && kit !== undefined,
    queryFn: ({ signal }) => askSteps(question as CoverQuestion, kit as Kit, signal, setSome),
    placeholderData: (before) => before,
    ...FOR_GOOD,
  })
  return { steps: all.data ?? some, stale: all.isPlaceholderData || all.data === undefined, failed: all }
}

/** What one more thing would cover, asked once the rest is known. */
function useMissing(question: TripQuestion | undefined, first: TripFound | undefined) {
  const open = first?.covered.some(({ ways }) => ways.length === 0) ?? false
  return useQuery({
    queryKey: ['trip-missing', question?.key],
    enabled: question !== undefined && open && effort(true, false),
    queryFn: ({ signal }) => askMissing(question as TripQuestion, { signal, priority: 'ahead' }),
    ...FOR_GOOD,
  })
}

/** What may be borrowed under the limits; the same list while it holds the same things. */
function useLent({ borrowed }: TripLimits, missing: readonly Missing[] | undefined): readonly Item[] {
  return useMemo(() => {
    const lent = lentFor(borrowed === undefined ? {} : { borrowed }, missing ?? [])
    return lent.length === 0 ? NOTHING_LENT : lent
  }, [borrowed, missing])
}

interface Fetched {
  readonly error: Error | null
  readonly refetch: () => Promise<unknown>
}
/** The first of several questions that failed. */
const failedOf = (asked: readonly Fetched[]) => asked.find(({ error }) => error !== null)

/**
 * The answer to a trip: a first kit soon; then whether a smaller one would do, what one more thing would cover, and what each size of
 * kit covers. A changed limit is solved at once from what was swung.
 */
export function useTripAnswer(trip: Trip, about: TripAbout | undefined): TripAnswer {
  const limits = limitsOf(trip)
  useSolverReady()
  const [share, setShare] = useState(0)
  const ownQuestion = useQuestion(trip, about, NOTHING_LENT)
  const own = useFirst(ownQuestion, setShare)
  const missing = useMissing(ownQuestion, own.data)
  const lent = useLent(limits, missing.data)
  const asked = useQuestion(trip, about, lent)
  const withLent = useFirst(asked, setShare)
  const proof = useProof(asked, limits, withLent.data)
  const found = proof.found ?? withLent.data ?? own.data
  const gear = about && { items: [...about.gear.items, ...lent] }
  const question = found && gear && questionOf(gear, found.covered, limits, new Set(lent.map(({ id }) => id)))
  const solvedBy = [asked?.key, limits, found?.covered.map(({ ways }) => ways.length)]
  const solved = useKit(question, solvedBy)
  // What the search has found needs no solving again.
  const kit = solved.data ?? (dequal(found?.limits, limits) ? found?.kit : undefined)
  const { steps, stale, failed: stairs } = useSteps(question, kit, solvedBy)
  const failed = failedOf([own, withLent, solved, stairs, proof.failed, missing])
  return {
    found: found && { ...found, proven: proof.proven },
    kit,
    steps,
    stale,
    missing: missing.data,
    share,
    looking: proof.looking,
    lent,
    error: failed?.error ?? null,
    retry: () => void failed?.refetch(),
  }
}
