import type { Round } from '@hoxen/core/practise'
import { ROUND_NAMES, sayRound } from '@hoxen/core/words'
import { useEffect, useRef, useState } from 'react'
import { Button, buttonLook, clock, useUnits } from '../../ui/index.ts'
import { RoundPicture } from './RoundPicture.tsx'

interface Props {
  readonly round: Round
  /** Whether gear and water are the demo’s, for want of one’s own. */
  readonly spare: boolean
  readonly place?: string | undefined
  readonly onAnswer: (right: boolean, sure: boolean) => void
  readonly onNext?: (() => void) | undefined
  readonly onSend?: (() => void) | undefined
}

/** What has been chosen and given; by keys too. */
function useAnswering({ round, onAnswer, onNext }: Props) {
  const [chosen, setChosen] = useState<string>()
  const [given, setGiven] = useState<boolean>()
  const answer = (sure: boolean): void => {
    if (chosen === undefined || given !== undefined) return
    setGiven(sure)
    onAnswer(chosen === round.answer, sure)
  }
  const choose = (id: string): void => {
    if (given === undefined) setChosen(id)
  }
  useRoundKeys({
    choices: round.choices.map(({ id }) => id),
    choose,
    enter: () => (given === undefined ? answer(true) : onNext?.()),
    unsure: () => answer(false),
  })
  return { chosen, shown: given !== undefined, answer, choose }
}

/** One round: a picture, a question, a few answers; then the answer in the picture, and why. */
export function RoundView(props: Props) {
  const { round, spare, place, onNext, onSend } = props
  const { system } = useUnits()
  const { chosen, shown, answer, choose } = useAnswering(props)
  const said = sayRound(round, system, clock)
  return (
    <article className="mx-auto max-w-3xl" data-round={round.kind} data-shown={shown}>
      <p className="flex items-baseline justify-between gap-3 text-[0.9rem] text-faint">
        <span>
          {ROUND_NAMES[round.kind]}
          {spare && ' With the demo’s gear and water: yours give no such round yet.'}
        </span>
        <span>{place}</span>
      </p>
      <RoundPicture round={round} chosen={chosen} shown={shown} onChoose={choose} />
      {shown && <Verdict right={chosen === round.answer} reason={said.reasons[0]} onNext={onNext} />}
      <h1 className="mt-2 text-[1.1rem] leading-snug">{said.question}</h1>
      <Choices
        choices={said.choices}
        right={shown ? round.answer : undefined}
        chosen={chosen}
        onChoose={choose}
      />
      {!shown && chosen !== undefined && (
        <p className="mt-3 grid grid-cols-2 gap-2">
          <Button weight="strong" onClick={() => answer(true)}>
            I’m sure
          </Button>
          <Button onClick={() => answer(false)}>Not sure</Button>
        </p>
      )}
      {shown && <Reasons reasons={said.reasons.slice(1)} onSend={onSend} />}
    </article>
  )
}

interface ChoicesProps {
  readonly choices: ReturnType<typeof sayRound>['choices']
  /** The right one, once the round is answered. */
  readonly right: string | undefined
  readonly chosen: string | undefined
  readonly onChoose: (id: string) => void
}

/** All answers; once it is answered only the right one and the one that was given. */
const Choices = ({ choices, right, chosen, onChoose }: ChoicesProps) => (
  <ol className="mt-2 grid gap-1.5" aria-label="Answers">
    {choices.map(({ id, text }, i) => {
      const mark = id === right ? 'right' : chosen === id ? 'wrong' : undefined
      if (right !== undefined && mark === undefined) return null
      return (
        <li key={id}>
          <ChoiceButton
            at={i + 1}
            text={text}
            chosen={chosen === id}
            mark={right === undefined ? undefined : mark}
            onChoose={() => onChoose(id)}
          />
        </li>
      )
    })}
  </ol>
)

interface ChoiceProps {
  readonly at: number
  readonly text: string
  readonly chosen: boolean
  readonly mark: 'right' | 'wrong' | undefined
  readonly onChoose: () => void
}

const LOOK = {
  right: 'border-holds bg-holds/15',
  wrong: 'border-breaks bg-breaks/15',
  chosen: 'border-river bg-shoal',
  open: 'border-ink/40 bg-sheet hover:bg-shoal',
} as const

function ChoiceButton({ at, text, chosen, mark, onChoose }: ChoiceProps) {
  return (
    <button
      type="button"
      aria-pressed={chosen}
      data-choice={at}
      disabled={mark === undefined ? undefined : mark !== 'right' && !chosen}
      onClick={onChoose}
      className={`flex min-h-12 w-full items-center gap-3 rounded-md border-2 px-3 py-1.5 text-left leading-tight ${LOOK[mark ?? (chosen ? 'chosen' : 'open')]}`}
    >
      <span
        aria-hidden="true"
        className="grid size-7 shrink-0 place-items-center rounded-full border border-ink/50 text-[0.9rem]"
      >
        {mark === 'right' ? '✓' : mark === 'wrong' ? '×' : at}
      </span>
      <span className="min-w-0">{text}</span>
      {mark !== undefined && (
        <span className="sr-only">{mark === 'right' ? ' – right' : ' – your answer'}</span>
      )}
    </button>
  )
}

/** Whether it was right, and why, under the picture that shows it. */
function Verdict({
  right,
  reason,
  onNext,
}: Pick<Props, 'onNext'> & { readonly right: boolean; readonly reason: string | undefined }) {
  const next = useRef<HTMLButtonElement>(null)
  // The picture stays in view: the answer is seen before it is read.
  useEffect(() => {
    next.current?.focus({ preventScroll: true })
    scrollTo({ top: 0 })
  }, [])
  return (
    <div className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2" role="status">
      <p className="min-w-0 flex-1 basis-72">
        <b className={right ? 'text-holds' : 'text-breaks'}>{right ? 'Right.' : 'Not this one.'}</b> {reason}
      </p>
      {onNext !== undefined && (
        <button ref={next} type="button" onClick={onNext} className={`${buttonLook('strong')} max-sm:w-full`}>
          Next
        </button>
      )}
    </div>
  )
}

/** Why not the others. */
function Reasons({ reasons, onSend }: Pick<Props, 'onSend'> & { readonly reasons: readonly string[] }) {
  return (
    <>
      <ul className="mt-2 space-y-1 text-[0.92rem] text-faint">
        {reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ul>
      {onSend !== undefined && (
        <Button weight="quiet" className="mt-2" onClick={onSend}>
          Send this round
        </Button>
      )}
    </>
  )
}

interface Keys {
  readonly choices: readonly string[]
  readonly choose: (id: string) => void
  readonly enter: () => void
  readonly unsure: () => void
}

/** What does something of its own at Enter: not the choice that is made already. */
const OWN_ENTER = 'a, button:not([data-choice][aria-pressed="true"])'

/** Keys of a round: 1 to 5 choose, Enter is sure and goes on, U is not sure. */
function useRoundKeys({ choices, choose, enter, unsure }: Keys): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey) return
      const target = event.target as HTMLElement
      if (target.closest('input, select, textarea, [role="dialog"], [role="slider"]')) return
      const id = choices[Number(event.key) - 1]
      if (id !== undefined) choose(id)
      // What a button does by itself, it does once.
      else if (event.key === 'Enter' && target.closest(OWN_ENTER) === null) enter()
      else if (event.key.toLowerCase() === 'u') unsure()
      else return
      event.preventDefault()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  })
}
