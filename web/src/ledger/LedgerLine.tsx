import type { EvidenceTag } from '@hoxen/core/quantity'
import type { CheckState } from '@hoxen/core/rig'
import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { Note, StateMark, Tag } from '../ui/index.ts'

interface Props {
  readonly state: CheckState
  readonly title: string
  /** Page that says what is asked. */
  readonly about?: string
  /** This rig's figure, and what is allowed. */
  readonly figure?: string | undefined
  readonly allowed?: string | undefined
  readonly tag: EvidenceTag
  /** Content beside the state. */
  readonly besides?: ReactNode
  /** The sentence, and what goes with it. */
  readonly children: ReactNode
  readonly data?: Readonly<Record<`data-${string}`, string>>
  /** One line high; the sentence opens. */
  readonly folded?: boolean
}

/** One line of a ledger: state, what is asked, why in a sentence, figure and what is allowed, and what it rests on. */
export function LedgerLine({
  state,
  title,
  about,
  figure,
  allowed,
  tag,
  besides,
  children,
  data,
  folded = false,
}: Props) {
  const link = (text: string): ReactNode =>
    about === undefined ? (
      text
    ) : (
      <Link
        to={about}
        title="What this check means"
        className="decoration-rule underline-offset-4 hover:underline"
      >
        {text}
      </Link>
    )
  return (
    <li
      {...data}
      data-state={state}
      className={`grid gap-x-4 ${folded ? 'py-1 sm:grid-cols-[5.6rem_1fr_auto]' : 'py-2.5 sm:grid-cols-[5.6rem_1fr_11rem]'}`}
    >
      <span className="flex flex-wrap gap-x-2 self-start">
        <Note about={`state-${state}`}>
          <StateMark state={state} />
        </Note>
        {besides}
      </span>
      <div className="min-w-0">
        {folded ? (
          <details>
            <summary className="min-h-11 cursor-pointer content-center sm:min-h-7">
              <h2 className="font-text inline font-semibold tracking-normal">{title}</h2>
            </summary>
            {children}
            {about !== undefined && (
              <p className="text-[0.9rem] text-faint">{link('What this check means')}</p>
            )}
          </details>
        ) : (
          <>
            <h2 className="font-text font-semibold tracking-normal">{link(title)}</h2>
            {children}
          </>
        )}
      </div>
      <div
        className={`flex flex-wrap items-baseline gap-x-3 ${folded ? 'self-start' : 'sm:flex-col sm:items-end'}`}
      >
        {figure !== undefined && <span className="text-[1.05rem] font-semibold">{figure}</span>}
        {allowed !== undefined && allowed !== '' && (
          <span className="text-[0.88rem] text-faint sm:text-right">{allowed}</span>
        )}
        <span>
          <Tag tag={tag} />
        </span>
      </div>
    </li>
  )
}
