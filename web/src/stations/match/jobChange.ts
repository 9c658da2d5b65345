import type { Job } from '@hoxen/core/gear'

/** Changes answers of the job, under one undo step with this label. */
export type JobChange = (change: Partial<Job>, label: string) => void
