import type { ReactNode } from 'react'
import { useUnderway } from '../store/index.ts'

interface Props {
  readonly children: ReactNode
  readonly className?: string
}

/** What changes the rig from here is judged for the rig in hand: while a change is on its way, nothing in it can be pressed. */
export function UpToDate({ children, className = '' }: Props) {
  const busy = useUnderway()
  return (
    <div aria-busy={busy || undefined} className={`${className} ${busy ? 'pointer-events-none' : ''}`}>
      {children}
    </div>
  )
}
