import type { MatchResult } from '@hoxen/core/match'
import { sayCombinations } from '@hoxen/core/words'
import { type PointerEvent, Suspense, useState } from 'react'
import { Link } from 'react-router'
import { type Question, useSecondLook } from '../../ledger/index.ts'
import { lazily } from '../../ui/index.ts'
import { Cards, type Shown } from './Cards.tsx'
import { RodAxis } from './RodAxis.tsx'

const strips = () => import('./WhatIsMissing.tsx')
const NothingToMatch = lazily(() => strips().then((m) => m.NothingToMatch))
const WhatIsMissing = lazily(() => strips().then((m) => m.WhatIsMissing))

interface RigsProps {
  readonly question: Question
  readonly result: MatchResult
  /** The ranking is still that of the question before. */
  readonly stale: boolean
}

/** The ranking: the first answer at once, then, when the best have been swung, the settled one. */
export function Rigs({ question, result: first, stale }: RigsProps) {
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
