import type { Day } from '@hoxen/core/day'
import type { Gear, Item } from '@hoxen/core/gear'
import { judge, type MatchResult, type RankedRig } from '@hoxen/core/match'
import { type RigChoice, type RigParts, type RigSlot, resolveRig, rigKey, swingInput } from '@hoxen/core/rig'
import type { SwingInput, Swung } from '@hoxen/core/swing'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { dayKey, useDay } from '../day/index.ts'
import { useList } from '../store/index.ts'
import { askOfGear, type Progress, revisionOf, rideInWorker, secondLookInWorkers } from '../worker/index.ts'

/** The gear and the day: what every question is about. */
export interface Question {
  readonly gear: Gear
  readonly byId: ReadonlyMap<string, Item>
  readonly day: Day
}

const indexes = new WeakMap<readonly Item[], ReadonlyMap<string, Item>>()

/** Items by identifier, worked out once for each state of the gear. */
function indexOf(items: readonly Item[]): ReadonlyMap<string, Item> {
  const known = indexes.get(items)
  if (known !== undefined) return known
  const index = new Map(items.map((item) => [item.id, item]))
  indexes.set(items, index)
  return index
}

/** Undefined while gear or day loads. */
export function useQuestion(): Question | undefined {
  const items = useList('items')
  const day = useDay()
  return useMemo(
    () => (items && day ? { gear: { items }, byId: indexOf(items), day } : undefined),
    [items, day],
  )
}

const keyOf = (question: Question | undefined): readonly unknown[] =>
  question === undefined ? [] : [revisionOf(question.gear.items), ...dayKey(question.day)]

/** The ranking, worked out in the worker; the last one stays while the next is on its way. */
export function useMatch(question: Question | undefined) {
  return useQuery({
    queryKey: ['match', ...keyOf(question)],
    queryFn: ({ signal }) => {
      const { gear, day } = question as Question
      return askOfGear(gear.items, (api, about) => api.match(about, day), signal)
    },
    enabled: question !== undefined,
    placeholderData: keepPreviousData,
  })
}

/** What would fix most; asked only where nothing fits. */
export function useMissing(question: Question) {
  return useQuery({
    queryKey: ['missing', ...keyOf(question)],
    queryFn: async ({ signal }) =>
      (await askOfGear(question.gear.items, (api, about) => api.missing(about, question.day), signal)) ??
      null,
  })
}

/** The remedy of the worst line of each of these rigs. */
export function useRemedies(question: Question, choices: readonly RigChoice[]) {
  return useQuery({
    queryKey: ['remedies', choices.map(rigKey), ...keyOf(question)],
    queryFn: ({ signal }) =>
      askOfGear(question.gear.items, (api, about) => api.remedies(about, question.day, choices), signal),
    enabled: choices.length > 0,
    placeholderData: keepPreviousData,
  })
}

/** The cheapest remedy of each failing line of a rig. */
export function useRemediesOf(question: Question | undefined, choice: RigChoice | undefined) {
  return useQuery({
    queryKey: ['remedies-of', choice && rigKey(choice), ...keyOf(question)],
    queryFn: ({ signal }) => {
      const { gear, day } = question as Question
      return askOfGear(gear.items, (api, about) => api.remediesOf(about, day, choice as RigChoice), signal)
    },
    enabled: question !== undefined && choice !== undefined,
  })
}

/** Another angle or mend with which a rig would hold; asked only where its depth does not. */
export function usePlanMend(question: Question, rig: RankedRig) {
  const depth = rig.checks.find((check) => check.code === 'depth')
  return useQuery({
    queryKey: ['plan-mend', rigKey(rig.choice), ...keyOf(question)],
    queryFn: async ({ signal }) =>
      (await askOfGear(
        question.gear.items,
        (api, about) => api.planMend(about, question.day, rig.choice),
        signal,
      )) ?? null,
    enabled: rig.swung !== undefined && depth !== undefined && depth.state !== 'holds',
  })
}

/** Every item that could stand in a slot of a rig, judged. */
export function useOptions(question: Question | undefined, choice: RigChoice, slot: RigSlot | undefined) {
  return useQuery({
    queryKey: ['options', slot, rigKey(choice), ...keyOf(question)],
    queryFn: ({ signal }) => {
      const { gear, day } = question as Question
      return askOfGear(gear.items, (api, about) => api.options(about, day, choice, slot as RigSlot), signal)
    },
    enabled: question !== undefined && slot !== undefined,
    placeholderData: keepPreviousData,
  })
}

/** How a rig swings in the day; undefined while it is worked out. */
function useSwung(parts: RigParts | undefined, day: Day | undefined): Swung | undefined {
  const input = useMemo(() => parts && day && swingInput({ ...swungOf(day), parts }), [parts, day])
  const query = useQuery({
    queryKey: ['swung', input],
    queryFn: ({ signal }) => rideInWorker(input as SwingInput, signal),
    enabled: input !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
    networkMode: 'always',
  })
  return query.data
}
const swungOf = ({ fly, dropper, run, plan, fishAt }: Day) => ({ fly, dropper, run, plan, fishAt })

/** A rig judged with its swing; until that is worked out it is provisional. */
export function useRig(
  question: Question | undefined,
  choice: RigChoice | null | undefined,
): RankedRig | 'gone' | undefined {
  const resolved = useMemo(
    () => (question && choice ? resolveRig(choice, question.byId) : undefined),
    [question, choice],
  )
  const parts = resolved?.outcome === 'resolved' ? resolved.parts : undefined
  const swung = useSwung(parts, question?.day)
  return useMemo(() => {
    if (question === undefined || resolved === undefined) return undefined
    return parts === undefined ? 'gone' : judge(parts, question.day, swung)
  }, [question, resolved, parts, swung])
}

/** While answers still change nothing is let swing for them [ms]. */
const QUIET_MS = 200
const quiet = (signal: AbortSignal): Promise<void> =>
  new Promise((resolve, reject) => {
    const wait = setTimeout(resolve, QUIET_MS)
    signal.addEventListener('abort', () => {
      clearTimeout(wait)
      reject(signal.reason as Error)
    })
  })

const NOTHING_YET: Progress = { done: 0, of: 0 }

/**
 * The ranking once the best rods and heads have been let swing, and how far that has come.
 * @param stale the ranking is still the one of the question before: nothing is let swing for it
 */
export function useSecondLook(question: Question, first: MatchResult, stale: boolean) {
  const [progress, setProgress] = useState<Progress>(NOTHING_YET)
  const query = useQuery({
    queryKey: ['second-look', first.cards.map((card) => rigKey(card.rig.choice)), ...keyOf(question)],
    queryFn: async ({ signal }) => {
      const { gear, day } = question
      await quiet(signal)
      setProgress(NOTHING_YET)
      return secondLookInWorkers(gear.items, day, first, setProgress, signal)
    },
    enabled: !stale,
    staleTime: Number.POSITIVE_INFINITY,
    networkMode: 'always',
  })
  return { settled: query.data, failed: query.error, progress }
}
