import type { Item } from '@hoxen/core/gear'
import {
  coverOf,
  distinct,
  type FixedParts,
  OVER_DAYS_COUNT,
  type OverDaysQuestion,
  type Serving,
  type SpecifiedRig,
  usualDays,
} from '@hoxen/core/specify'
import { OVER_DAYS_NAMES, sayCover } from '@hoxen/core/words'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { dayKey } from '../../day/index.ts'
import type { Question } from '../../ledger/index.ts'
import { askJudged } from '../../swings/index.ts'
import { Button, useUnits } from '../../ui/index.ts'

interface Props {
  readonly question: Question
  /** The rig that is looked at: its rod and head are what tips and lines are looked for. */
  readonly specified: SpecifiedRig
}

/** Parts that would serve on more days than this one. */
export function OverDays({ question, specified }: Props) {
  const [asked, setAsked] = useState<OverDaysQuestion>()
  const { rod, head } = specified.rig.parts
  const fixed: Readonly<Record<OverDaysQuestion, FixedParts>> = {
    tips: { rod, head: head.head },
    line: { rod },
    next: {},
  }
  const questions = (['tips', 'line', 'next'] as const).filter(
    (one) => (one !== 'next' || question.gear.items.length > 0) && (one !== 'tips' || !head.onePiece),
  )
  return (
    <section
      aria-labelledby="over-days"
      className="no-print mt-3 rounded-lg border border-rule bg-sheet px-4 py-3"
    >
      <h2 id="over-days" className="text-[1.15rem]">
        Over my usual days
      </h2>
      <p className="text-[0.9rem] text-faint">
        {usualDays(question.day)
          .map(({ name }) => name)
          .join(' · ')}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        {questions.map((one) => (
          <Button key={one} aria-pressed={asked === one} onClick={() => setAsked(one)}>
            {OVER_DAYS_NAMES[one]}
          </Button>
        ))}
      </div>
      {asked !== undefined && <Answer question={question} asked={asked} fixed={fixed[asked]} />}
    </section>
  )
}

interface AnswerProps {
  readonly question: Question
  readonly asked: OverDaysQuestion
  readonly fixed: FixedParts
}

/** What covers the usual days: first what each day would have, then how far each thing serves. */
function useCover({ question, asked, fixed }: AnswerProps) {
  const { gear } = question
  const [said, setSaid] = useState({ done: 0, of: 1, name: '' })
  const query = useQuery({
    queryKey: ['over-days', asked, fixed, gear.revision, ...dayKey(question.day)],
    queryFn: async ({ signal }) => {
      const days = usualDays(question.day)
      const of = 2 * days.length
      const each: (readonly Item[])[] = []
      for (const [i, { name, day }] of days.entries()) {
        setSaid({ done: i, of, name })
        each.push(
          await askJudged(
            gear,
            (api, about, letSwing) => api.candidates(about, asked, day, fixed, letSwing),
            { signal },
          ),
        )
      }
      const things = distinct(each)
      const servings: Serving[] = []
      for (const [i, named] of days.entries()) {
        setSaid({ done: days.length + i, of, name: named.name })
        servings.push(
          await askJudged(
            gear,
            (api, about, letSwing) => api.serving(about, asked, named, fixed, things, letSwing),
            { signal },
          ),
        )
      }
      return coverOf(servings, OVER_DAYS_COUNT[asked])
    },
    staleTime: Number.POSITIVE_INFINITY,
    networkMode: 'always',
  })
  return { said, query }
}

function Answer(props: AnswerProps) {
  const { system } = useUnits()
  const { said, query } = useCover(props)
  if (query.error !== null)
    return (
      <p role="alert" className="mt-2 font-medium text-breaks">
        {query.error.message}{' '}
        <Button weight="quiet" onClick={() => void query.refetch()}>
          Try again
        </Button>
      </p>
    )
  if (query.data === undefined)
    return (
      <p role="status" className="mt-2 min-h-6 text-[0.95rem] text-faint">
        {said.name}…
        <progress value={said.done} max={said.of} className="ml-3 h-1 w-40" aria-label="Days checked" />
      </p>
    )
  const [first, ...rest] = sayCover(props.asked, query.data, system)
  return (
    <div role="status" className="mt-2" data-cover={props.asked}>
      <p>{query.data.items.length > 0 ? <b className="font-semibold">{first}</b> : first}</p>
      {rest.map((sentence) => (
        <p key={sentence} className="text-[0.95rem] text-faint">
          {sentence}
        </p>
      ))}
    </div>
  )
}
