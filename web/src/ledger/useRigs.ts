import type { Day } from '@hoxen/core/day'
import type { Gear, Item } from '@hoxen/core/gear'
import { judge, type RankedRig } from '@hoxen/core/match'
import { type RigChoice, type RigSlot, resolveRig, rigKey } from '@hoxen/core/rig'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { dayKey, useDay } from '../day/index.ts'
import { useList } from '../store/index.ts'
import { askOfGear, revisionOf } from '../worker/index.ts'

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
export function useMissing(question: Question, wanted: boolean) {
  return useQuery({
    queryKey: ['missing', ...keyOf(question)],
    queryFn: async ({ signal }) =>
      (await askOfGear(question.gear.items, (api, about) => api.missing(about, question.day), signal)) ??
      null,
    enabled: wanted,
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

/** A rig judged here and now: one ledger takes well under a millisecond. */
export function useRig(
  question: Question | undefined,
  choice: RigChoice | null | undefined,
): RankedRig | 'gone' | undefined {
  return useMemo(() => {
    if (question === undefined || choice === undefined || choice === null) return undefined
    const resolved = resolveRig(choice, question.byId)
    return resolved.outcome === 'resolved' ? judge(resolved.parts, question.day) : 'gone'
  }, [question, choice])
}
