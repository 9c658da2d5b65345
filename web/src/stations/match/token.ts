import type { Answers } from '@hoxen/core/day'
import type { ReactNode } from 'react'

/** Changes answers of the job, under one undo step with this label; undefined takes one back. */
export type JobChange = (change: Answers, label: string) => void

export interface TokenProps {
  /** By which an address can ask for it: `?ask=fly`. */
  readonly name: string
  readonly question: string
  readonly answer: string
  readonly children: (close: () => void) => ReactNode
}

export const tokenLook =
  'inline rounded-sm py-2 text-left sm:py-0.5 font-semibold text-river underline decoration-river/45 decoration-2 underline-offset-[6px] hover:bg-shoal hover:decoration-river data-open:bg-shoal'
