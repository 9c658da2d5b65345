import type { ReactNode } from 'react'

interface Props {
  readonly title: string
  /** What to do first, in a sentence. */
  readonly children: ReactNode
  /** The way on. */
  readonly action?: ReactNode
}

/** A page with nothing on it yet: what is missing, what to do, and the way there. */
export function Empty({ title, children, action }: Props) {
  return (
    <div className="py-8">
      <h1 className="text-2xl">{title}</h1>
      <p className="mt-2 max-w-2xl">{children}</p>
      {action !== undefined && <div className="mt-4 flex flex-wrap gap-2">{action}</div>}
    </div>
  )
}
