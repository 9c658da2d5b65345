/** Of a question that always has the same answer: never asked again by itself, and not of a network. */
export const FOR_GOOD = { staleTime: Number.POSITIVE_INFINITY, networkMode: 'always', retry: false } as const
