import { type DefaultOptions, QueryClient } from '@tanstack/react-query'

/** Time in the cache of an answer that no page shows [ms]: one goes back and forth between pages. */
const KEPT_MS = 600_000

/** Questions go to the worker and are pure: an answer never goes stale by itself, and a failed one is asked once more at most. */
export const newClient = (queries: DefaultOptions['queries'] = {}): QueryClient =>
  new QueryClient({
    defaultOptions: {
      queries: {
        staleTime: Number.POSITIVE_INFINITY,
        gcTime: KEPT_MS,
        retry: 1,
        networkMode: 'always',
        ...queries,
      },
    },
  })
