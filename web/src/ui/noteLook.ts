import type { About } from '@hoxen/core/words'
import type { ReactNode } from 'react'

export interface NoteProps {
  readonly about: About
  readonly children: ReactNode
  readonly className?: string
}

/** The hand's reach around a small word. */
export const noteLook = "relative after:absolute after:-inset-x-2 after:-inset-y-3.5 after:content-['']"
