import { Suspense, useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import { lazily } from '../../ui/index.ts'
import { type TokenProps, tokenLook } from './token.ts'

// The popover's library weighs as much as the station: it comes with the first question that is opened.
const popover = () => import('./JobPopover.tsx')
const JobPopover = lazily(() => popover().then((m) => m.JobPopover))

/** One answer in the sentence of the job; choosing it, or an address that asks for it, opens its question. */
export function JobToken(props: TokenProps) {
  const { name, question, answer } = props
  const [params, setParams] = useSearchParams()
  const [asked, setAsked] = useState(0)
  const wanted = params.get('ask') === name
  useEffect(() => {
    if (!wanted) return
    setAsked((n) => n + 1)
    setParams(
      (old) => {
        old.delete('ask')
        return old
      },
      { replace: true },
    )
  }, [wanted, setParams])
  const button = (
    <button
      type="button"
      aria-label={`${question} ${answer}`}
      aria-expanded={false}
      onPointerEnter={() => void popover()}
      onFocus={() => void popover()}
      onClick={() => setAsked(1)}
      className={tokenLook}
    >
      {answer}
    </button>
  )
  return asked === 0 ? (
    button
  ) : (
    <Suspense fallback={button}>
      <JobPopover key={asked} {...props} />
    </Suspense>
  )
}

export interface Answer<T> {
  readonly value: T
  readonly label: string
  readonly figure?: string
}

interface ListProps<T> {
  readonly answers: readonly Answer<T>[]
  readonly chosen: T
  readonly onChoose: (value: T) => void
}

/** The answers in plain words, each with the figure it stands for. */
export function AnswerList<T extends string | number | undefined>({
  answers,
  chosen,
  onChoose,
}: ListProps<T>) {
  return (
    <ul className="-mx-2">
      {answers.map(({ value, label, figure }) => (
        <li key={label}>
          <button
            type="button"
            aria-pressed={value === chosen}
            onClick={() => onChoose(value)}
            className="flex min-h-11 w-full items-center justify-between gap-3 rounded px-2 text-left hover:bg-shoal aria-pressed:bg-shoal aria-pressed:font-semibold"
          >
            <span>{label}</span>
            {figure !== undefined && <span className="shrink-0 text-faint">{figure}</span>}
          </button>
        </li>
      ))}
    </ul>
  )
}
