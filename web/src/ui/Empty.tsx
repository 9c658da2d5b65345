import type { ReactNode } from 'react'

interface Props {
  readonly title: string
  /** 2 where the page has its heading already. */
  readonly level?: 1 | 2
  /** First thing to do, in a sentence. */
  readonly children: ReactNode
  /** The way on. */
  readonly action?: ReactNode
}

/** A page with nothing on it yet: what is missing, what to do, and the way there. */
export function Empty({ title, level = 1, children, action }: Props) {
  const Heading = level === 1 ? 'h1' : 'h2'
  return (
    <div className="py-8">
      <Heading className="text-2xl">{title}</Heading>
      <p className="mt-2 max-w-2xl">{children}</p>
      {action !== undefined && <div className="mt-4 flex flex-wrap gap-2">{action}</div>}
    </div>
  )
}
