import type { MatchResult } from '@hoxen/core/match'
import { type RigChoice, rigKey } from '@hoxen/core/rig'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useWallet } from '../store/index.ts'
import { askJudged, effort, type Progress } from '../swings/index.ts'
import { working } from '../ui/index.ts'
import { keyOf, type Question } from './question.ts'

/** The ranking, computed in the worker; the previous one stays until the next is there. */
export function useMatch(question: Question | undefined) {
  return useQuery({
    queryKey: ['match', ...keyOf(question)],
    queryFn: ({ signal }) => {
      const { gear, day } = question as Question
      return askJudged(gear, (api, about, letSwing) => api.match(about, day, letSwing), { signal })
    },
    enabled: question !== undefined,
    placeholderData: keepPreviousData,
  })
}

/** Item that would fix most; asked only where nothing fits. */
export function useMissing(question: Question) {
  const { gear, day } = question
  return useQuery({
    queryKey: ['missing', ...keyOf(question)],
    queryFn: async ({ signal }) =>
      (await askJudged(gear, (api, about, letSwing) => api.missing(about, day, letSwing), { signal })) ??
      null,
  })
}

/** The remedy of the worst line of each of these rigs. */
export function useRemedies(question: Question, choices: readonly RigChoice[]) {
  const wallet = useWallet()
  const { gear, day } = question
  return useQuery({
    queryKey: ['remedies', choices.map(rigKey), wallet, ...keyOf(question)],
    queryFn: ({ signal }) =>
      askJudged(gear, (api, about, letSwing) => api.remedies(about, day, choices, wallet, letSwing), {
        signal,
      }),
    enabled: choices.length > 0,
    placeholderData: keepPreviousData,
  })
}

/** Debounce: while answers still change, nothing is swung for them [ms]. */
const QUIET_MS = 200
const quiet = (signal: AbortSignal): Promise<void> =>
  new Promise<void>((resolve, reject) => {
    const wait = setTimeout(resolve, QUIET_MS)
    signal.addEventListener('abort', () => {
      clearTimeout(wait)
      reject(signal.reason as Error)
    })
  }).finally(working())

const NOTHING_YET: Progress = { done: 0, of: 0 }

/**
 * The ranking once the best rods and heads have been swung, and how far that has come.
 * @param stale the ranking is still the one of the question before: nothing is swung for it
 */
export function useSecondLook(question: Question, first: MatchResult, stale: boolean) {
  const [progress, setProgress] = useState<Progress>(NOTHING_YET)
  const query = useQuery({
    queryKey: ['second-look', first.cards.map((card) => rigKey(card.rig.choice)), ...keyOf(question)],
    queryFn: async ({ signal }) => {
      const { gear, day } = question
      await quiet(signal)
      setProgress(NOTHING_YET)
      return askJudged(
        gear,
        (api, about, letSwing) => api.secondLook(about, day, first, effort(undefined, 2), letSwing),
        {
          signal,
          onProgress: setProgress,
        },
      )
    },
    enabled: !stale,
    staleTime: Number.POSITIVE_INFINITY,
    networkMode: 'always',
  })
  return { settled: query.data, failed: query.error, progress }
}
