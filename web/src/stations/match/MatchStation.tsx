import type { UsualDay } from '@hoxen/core/day'
import { itemsOf, troutLine } from '@hoxen/core/gear'
import { headFacts } from '@hoxen/core/line'
import type { MatchResult, RankedRig } from '@hoxen/core/match'
import { windowOf } from '@hoxen/core/rig'
import { sayCombinations, WINDOW_NAMES } from '@hoxen/core/words'
import { type ComponentType, type PointerEvent, Suspense, useMemo, useState } from 'react'
import { Link } from 'react-router'
import { type AxisBand, GrainAxis } from '../../drawing/index.ts'
import { type Question, useMatch, useQuestion, useSecondLook } from '../../ledger/index.ts'
import { changeDay, noticeFailed, useJob } from '../../store/index.ts'
import { Button, lazily, soon } from '../../ui/index.ts'
import type { Shown } from './Cards.tsx'
import { DayButtons, JobSentence } from './JobSentence.tsx'
import type { JobChange } from './token.ts'

const useCards = soon(() => import('./Cards.tsx').then((m) => m.Cards))
const strips = () => import('./WhatIsMissing.tsx')
const Welcome = lazily(() => import('./Welcome.tsx').then((m) => m.Welcome))
const NothingToMatch = lazily(() => strips().then((m) => m.NothingToMatch))
const WhatIsMissing = lazily(() => strips().then((m) => m.WhatIsMissing))

/** What do you want to fish, and what of your gear does it? */
export function MatchStation() {
  const question = useQuestion()
  const match = useMatch(question)
  const job = useJob()
  const Cards = useCards()
  if (question === undefined || job === undefined)
    return <p className="py-10 text-faint">Looking through your gear…</p>
  if (question.gear.items.length === 0)
    return (
      <Suspense>
        <Welcome />
      </Suspense>
    )
  const onChange: JobChange = (change, label) =>
    void changeDay(`Day: ${label.replace(/\?$/, '').toLowerCase()}`, { answers: change }).catch(noticeFailed)
  const startFrom = (day: UsualDay): void =>
    void import('./startFrom.ts').then((m) => m.startFrom(day, question.day)).catch(noticeFailed)
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-6 lg:grid-cols-[24rem_minmax(0,1fr)]">
      <section
        aria-labelledby="job"
        className="lg:sticky lg:top-[7.5rem] lg:max-h-[calc(100dvh-8rem)] lg:self-start lg:-mx-2 lg:overflow-y-auto lg:px-2 lg:pb-4"
      >
        <h1 id="job" className="mb-1 text-2xl">
          The day
        </h1>
        <JobSentence
          job={job}
          day={question.day}
          rods={itemsOf(question.gear, 'rod')}
          flies={itemsOf(question.gear, 'fly')}
          onChange={onChange}
        />
        <DayButtons onChoose={startFrom} />
        <Button
          weight="quiet"
          className="mt-2 px-0 lg:hidden"
          onClick={() => document.getElementById('rigs')?.scrollIntoView()}
        >
          To the rigs
        </Button>
      </section>
      <section id="rigs" aria-label="Rigs" aria-busy={match.isFetching} className="min-w-0 scroll-mt-32">
        {match.isError ? (
          <Failed message={match.error.message} onAgain={() => void match.refetch()} />
        ) : match.data === undefined || Cards === undefined ? (
          <p className="py-10 text-faint">Ranking…</p>
        ) : (
          <Rigs Cards={Cards} question={question} result={match.data} stale={match.isPlaceholderData} />
        )}
      </section>
    </div>
  )
}

interface RigsProps {
  readonly Cards: ComponentType<Shown>
  readonly question: Question
  readonly result: MatchResult
  /** The ranking is still that of the question before. */
  readonly stale: boolean
}

/** The ranking: the first answer at once, then, when the best have been swung, the settled one. */
function Rigs({ Cards, question, result: first, stale }: RigsProps) {
  const second = useSecondLook(question, first, stale)
  const list = useHeld()
  const [taken, setTaken] = useState<MatchResult>()
  const { settled, progress, failed } = second
  // Rows do not jump from under a finger: while the list is held the order waits.
  if (settled !== undefined && taken !== settled && !list.held) setTaken(settled)
  const waits = settled !== undefined && taken !== settled
  const result = settled !== undefined && taken === settled ? settled : first
  if (result.outcome === 'no-rods' || result.outcome === 'no-heads')
    return (
      <Suspense>
        <NothingToMatch what={result.outcome} question={question} />
      </Suspense>
    )
  return (
    <>
      <Summary question={question} result={result} settled={result === settled} />
      <div role="status" className="mb-2 min-h-6 text-[0.9rem] text-faint">
        {failed ? (
          <span className="font-medium text-breaks">{failed.message} This list is the first look only.</span>
        ) : waits ? (
          <button
            type="button"
            onClick={() => setTaken(settled)}
            className="min-h-11 font-medium text-river underline underline-offset-4"
          >
            All swung. Re-sort the list
          </button>
        ) : settled === undefined ? (
          <>
            Swinging the best{progress.of > 0 ? `: ${progress.done} of ${progress.of}` : '…'}
            <progress
              value={progress.done}
              max={Math.max(1, progress.of)}
              className="ml-3 h-1 w-40"
              aria-label="Swings done"
            />
          </>
        ) : (
          'Each judged by its swing in your water.'
        )}
      </div>
      <RodAxis question={question} first={result.cards[0]?.rig} />
      <div {...list.on}>
        <Cards question={question} result={result} settled={result === settled} />
      </div>
    </>
  )
}

/** Whether a mouse rests on something or the keyboard is in it. */
function useHeld() {
  const [held, setHeld] = useState({ mouse: false, focus: false })
  return {
    held: held.mouse || held.focus,
    on: {
      onPointerEnter: (e: PointerEvent) =>
        e.pointerType === 'mouse' && setHeld((h) => ({ ...h, mouse: true })),
      onPointerLeave: () => setHeld((h) => ({ ...h, mouse: false })),
      onFocus: () => setHeld((h) => ({ ...h, focus: true })),
      onBlur: () => setHeld((h) => ({ ...h, focus: false })),
    },
  }
}

function Summary({ question, result, settled }: Shown) {
  const nothing = settled && result.outcome === 'nothing-fits'
  const holding = result.cards.filter((card) => card.rig.verdict === 'holds').length
  const title = !settled
    ? 'First look'
    : nothing
      ? 'Nothing fits yet'
      : holding === 0
        ? 'Nothing holds on every check'
        : `${holding} ${holding === 1 ? 'rod-and-head pair holds' : 'rod-and-head pairs hold'}`
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-2xl">{title}</h2>
        <p className="text-[0.9rem] text-faint">
          from {sayCombinations(result.combinations)} tried ·{' '}
          <Link
            to={`/match/look${question.day.rodId === undefined ? '' : `?rod=${question.day.rodId}`}`}
            className="text-river underline underline-offset-4"
          >
            what to look for
          </Link>
        </p>
      </div>
      {settled && result.cards[0] && (
        <Suspense>
          <WhatIsMissing question={question} first={result.cards[0].rig} nothing={nothing} />
        </Suspense>
      )}
    </>
  )
}

/** The windows of the rod in question and every head owned, on one axis. */
function RodAxis({
  question,
  first,
}: {
  readonly question: Question
  readonly first: RankedRig | undefined
}) {
  const { parts } = first ?? {}
  const heads = useMemo(() => itemsOf(question.gear, 'head').map(headFacts), [question])
  if (parts === undefined) return null
  const styles = ['skagit', 'scandi', 'overhead'] as const
  const bands = styles.flatMap((style): AxisBand[] => {
    const head = heads.find((h) => h.head.style === style)
    const window = head && windowOf({ rod: parts.rod, head }, question.day)
    return window === undefined ? [] : [{ label: WINDOW_NAMES[style], window }]
  })
  const chosen = parts.head.head.id
  const marks = heads
    // A trout line is known by its number, and weighs what is carried of it.
    .filter((h) => !troutLine(h.head.style))
    .map((h) => ({ id: h.head.id, label: h.head.name, massKg: h.massKg.value, chosen: h.head.id === chosen }))
  return (
    <figure className="mb-4 rounded-lg border border-rule bg-sheet px-4 pt-3 pb-1">
      <figcaption className="mb-2 flex flex-wrap justify-between gap-x-4 text-[0.9rem] text-faint">
        <span>
          <b className="font-semibold text-ink">{parts.rod.name}</b>: its windows, and every head you own
        </span>
      </figcaption>
      <GrainAxis bands={bands} marks={marks} />
    </figure>
  )
}

function Failed({ message, onAgain }: { readonly message: string; readonly onAgain: () => void }) {
  return (
    <div role="alert" className="py-6">
      <h2 className="text-2xl">The ranking stopped</h2>
      <p className="mt-2">{message} Your gear is untouched.</p>
      <Button weight="strong" className="mt-4" onClick={onAgain}>
        Try again
      </Button>
    </div>
  )
}
