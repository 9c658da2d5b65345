import { type RigChoice, type RigSlot, rigKey } from '@hoxen/core/gear'
import { judge, type RankedRig } from '@hoxen/core/match'
import { resolveRig } from '@hoxen/core/rig'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { useGear, useJob, useSettings } from '../store/index.ts'
import { ask, type Question } from '../worker/index.ts'

/** Gear, job and schools as one question; undefined while any of them loads. */
export function useQuestion(): Question | undefined {
  const items = useGear()
  const job = useJob()
  const { schools } = useSettings()
  return useMemo(
    () => (items === undefined || job === undefined ? undefined : { gear: { items }, job, schools }),
    [items, job, schools],
  )
}

const keyOf = (question: Question | undefined): readonly unknown[] => [
  question?.gear.items,
  question?.job,
  question?.schools,
]

/** The ranking, worked out in the worker; the last one stays while the next is on its way. */
export function useMatch(question: Question | undefined) {
  return useQuery({
    queryKey: ['match', ...keyOf(question)],
    queryFn: () => ask((api) => api.match(question as Question)),
    enabled: question !== undefined,
    placeholderData: keepPreviousData,
  })
}

/** The cheapest mend of each failing line of a rig. */
export function useMends(question: Question | undefined, choice: RigChoice | undefined) {
  return useQuery({
    queryKey: ['mends', choice && rigKey(choice), ...keyOf(question)],
    queryFn: () => ask((api) => api.mends(question as Question, choice as RigChoice)),
    enabled: question !== undefined && choice !== undefined,
  })
}

/** Every item that could stand in a slot of a rig, judged. */
export function useOptions(question: Question | undefined, choice: RigChoice, slot: RigSlot | undefined) {
  return useQuery({
    queryKey: ['options', slot, rigKey(choice), ...keyOf(question)],
    queryFn: () => ask((api) => api.options(question as Question, choice, slot as RigSlot)),
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
    const resolved = resolveRig(choice, new Map(question.gear.items.map((item) => [item.id, item])))
    return resolved.outcome === 'resolved' ? judge(resolved.parts, question) : 'gone'
  }, [question, choice])
}
