import type { CheckState } from '@hoxen/core/rig'
import { STATE_NAMES } from '@hoxen/core/words'

/** A short piece of line: taut, sagging, or parted. Told by shape and word as well as colour. */
const SHAPES: Readonly<Record<CheckState, string>> = {
  holds: 'M2 8 H26',
  watch: 'M2 4 C 8 15, 20 15, 26 4',
  breaks: 'M2 8 H10 l2 -5 M26 8 H18 l-2 5',
}
const COLOURS: Readonly<Record<CheckState, string>> = {
  holds: 'text-holds',
  watch: 'text-watch',
  breaks: 'text-breaks',
}

/** A verdict; until its swing is computed it is only on its way. */
export function VerdictMark({
  state,
  provisional,
}: {
  readonly state: CheckState
  readonly provisional: boolean
}) {
  return provisional && state !== 'breaks' ? (
    <span className="text-[0.9rem] text-faint">not swung yet</span>
  ) : (
    <StateMark state={state} />
  )
}

export function StateMark({ state, word = true }: { readonly state: CheckState; readonly word?: boolean }) {
  return (
    <span
      className={`inline-flex shrink-0 items-center gap-1.5 self-start whitespace-nowrap font-semibold ${COLOURS[state]}`}
    >
      <svg viewBox="0 0 28 16" width="28" height="16" aria-hidden="true" className="shrink-0">
        <path d={SHAPES[state]} fill="none" stroke="currentColor" strokeWidth="3" strokeLinecap="round" />
      </svg>
      {word ? <span>{STATE_NAMES[state]}</span> : <span className="sr-only">{STATE_NAMES[state]}</span>}
    </span>
  )
}
