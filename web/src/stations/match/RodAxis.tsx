import { itemsOf, troutLine } from '@hoxen/core/gear'
import { headFacts } from '@hoxen/core/line'
import type { RankedRig } from '@hoxen/core/match'
import { windowOf } from '@hoxen/core/rig'
import { WINDOW_NAMES } from '@hoxen/core/words'
import { useMemo } from 'react'
import { type AxisBand, GrainAxis } from '../../drawing/index.ts'
import type { Question } from '../../ledger/index.ts'

/** The windows of the rod in question and every head owned, on one axis. */
export function RodAxis({
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
