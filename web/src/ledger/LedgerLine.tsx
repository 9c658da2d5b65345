import type { EvidenceTag } from '@hoxen/core/quantity'
import type { CheckState } from '@hoxen/core/rig'
import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { Note, StateMark, Tag } from '../ui/index.ts'

interface Props {
  readonly state: CheckState
  readonly title: string
  /** Page that says what is asked. */
  readonly about?: string | undefined
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
export function LedgerLine(props: Props) {
  const { state, title, about, besides, children, data, folded = false } = props
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
              <p className="text-[0.9rem] text-faint">
                <About about={about}>What this check means</About>
              </p>
            )}
          </details>
        ) : (
          <>
            <h2 className="font-text font-semibold tracking-normal">
              <About about={about}>{title}</About>
            </h2>
            {children}
          </>
        )}
      </div>
      <LineFigure {...props} />
    </li>
  )
}

/** A text that leads to the page about the check, where there is one. */
const About = ({ about, children }: Pick<Props, 'about'> & { readonly children: string }) =>
  about === undefined ? (
    children
  ) : (
    <Link
      to={about}
      title="What this check means"
      className="decoration-rule underline-offset-4 hover:underline"
    >
      {children}
    </Link>
  )

/** This rig's figure, what is allowed, and what both rest on. */
const LineFigure = ({ figure, allowed, tag, folded }: Props) => (
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
)
