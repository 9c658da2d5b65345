import type { Job } from '@hoxen/core/day'

/** Changes answers of the job, under one undo step with this label; undefined takes one back. */
export type JobChange = (change: { readonly [K in keyof Job]?: Job[K] | undefined }, label: string) => void
