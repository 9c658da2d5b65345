import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react'
import type { ReactNode } from 'react'

interface Props {
  readonly question: string
  readonly answer: string
  readonly children: (close: () => void) => ReactNode
}

/** One answer in the sentence of the job; choosing it opens its question. */
export function JobToken({ question, answer, children }: Props) {
  return (
    <Popover className="inline">
      <PopoverButton
        aria-label={`${question} ${answer}`}
        className="inline rounded-sm py-2 text-left sm:py-0.5 font-semibold text-river underline decoration-river/45 decoration-2 underline-offset-[6px] hover:bg-shoal hover:decoration-river data-open:bg-shoal"
      >
        {answer}
      </PopoverButton>
      <PopoverPanel
        anchor={{ to: 'bottom start', gap: 6, padding: 12 }}
        className="z-40 w-80 max-w-[92vw] rounded-lg border border-rule bg-sheet p-4 text-ink shadow-xl"
      >
        {({ close }) => (
          <>
            <p className="font-display mb-2 text-lg font-semibold">{question}</p>
            {children(close)}
          </>
        )}
      </PopoverPanel>
    </Popover>
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
