import type { Day } from '@hoxen/core/day'
import { type FixedParts, type Specified, stylesFor, together } from '@hoxen/core/specify'
import { keepPreviousData, useQueries } from '@tanstack/react-query'
import { dayKey } from '../day/index.ts'
import { askLooked } from '../swings/index.ts'

/** Whole rigs round what is there, streamed by kind of head; the previous ones stay until the next are there. */
export function useSpecified(day: Day, fixed: FixedParts) {
  return useQueries({
    queries: stylesFor(fixed, day).map((style) => ({
      queryKey: ['specified', style, fixed, ...dayKey(day)],
      queryFn: ({ signal }: { signal: AbortSignal }) =>
        askLooked(
          (api, id, letSwing) => api.specify(id, day, fixed, style, letSwing) as Promise<Specified>,
          signal,
        ),
      placeholderData: keepPreviousData<Specified>,
    })),
    combine: (results) => {
      const come = results.flatMap(({ data }) => (data === undefined ? [] : [data]))
      const all = come.length === results.length
      const found = come.length === 0 ? undefined : together(come)
      return {
        // That nothing goes together is known only when all have come.
        found: found?.outcome === 'specified' || all ? found : undefined,
        error: results.find((result) => result.error !== null)?.error,
        busy: results.some((result) => result.isFetching),
      }
    },
  })
}
