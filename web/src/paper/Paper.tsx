import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { Button, longDay } from '../ui/index.ts'

interface Props {
  readonly title: string
  /** Said under the title. */
  readonly about?: ReactNode
  readonly back: readonly [to: string, name: string]
  readonly children: ReactNode
  /** Beside the title: a code that opens it again. */
  readonly code?: ReactNode
  /** Choices made before it is printed; not on the paper. */
  readonly choices?: ReactNode
}

/** One page of paper, as it will be printed: black on white, nothing of the screen round it. */
export function Paper({ title, about, back: [to, name], children, code, choices }: Props) {
  return (
    <>
      <div className="no-print mb-4 flex flex-wrap items-end justify-between gap-3">
        <Link to={to} className="inline-flex min-h-11 items-center underline underline-offset-4">
          {name}
        </Link>
        {choices}
        <Button weight="strong" onClick={() => print()}>
          Print this page
        </Button>
      </div>
      <article className="on-paper mx-auto max-w-[48rem] overflow-x-auto rounded-sm border border-rule px-[1.6rem] py-[1.4rem] shadow-md">
        <header className="mb-3 flex items-start justify-between gap-4 border-b-2 border-ink pb-2">
          <div className="min-w-0">
            <h1 className="text-[1.5rem] leading-tight">{title}</h1>
            {about !== undefined && <div className="mt-0.5 text-[0.9rem]">{about}</div>}
          </div>
          {code}
        </header>
        {children}
        <p className="mt-3 border-t border-rule pt-1 text-[0.75rem]">
          Local rules, licensed guides and the window printed on a rod come before any figure here. Hoxen,{' '}
          {longDay(Date.now())}
        </p>
      </article>
    </>
  )
}
