import { daysOf, type Entry } from '@hoxen/core/journal'
import { SAW_WORDS } from '@hoxen/core/words'
import { Fish, Image, NotebookPen } from 'lucide-react'
import { useState } from 'react'
import { SawMark } from '../../pool/index.ts'
import { useList } from '../../store/index.ts'
import { Button, clock, useInAddress, useUnits } from '../../ui/index.ts'
import { dayName, dayOf } from './days.ts'
import { EntrySheet } from './EntrySheet.tsx'

/** Entries drawn at first, and so many more at each asking. */
const STEP = 60

interface Props {
  readonly entries: readonly Entry[]
  readonly label: string
  /** Names the pool of each, where they are not all of one. */
  readonly pools?: boolean
}

/** Swings day by day, the latest first; each opens to be filled in. */
export function Timeline({ entries, label, pools = false }: Props) {
  const [shown, setShown] = useState(STEP)
  const { open: openId, show, close } = useInAddress('entry')
  const latest = [...entries].sort((a, b) => b.atMs - a.atMs)
  const open = entries.find(({ id }) => id === openId)
  return (
    <>
      <section aria-label={label}>
        {daysOf(latest.slice(0, shown), dayOf).map(({ day, entries: some, fish }) => (
          <section key={day} className="mb-3">
            <h3 className="flex items-baseline justify-between border-b border-ink/60 pb-0.5 text-[1.02rem]">
              {dayName(day)}
              <span className="text-[0.85rem] font-normal text-faint">
                {some.length === 1 ? '1 swing' : `${some.length} swings`}
                {fish === 0 ? '' : ` · ${fish} fish`}
              </span>
            </h3>
            <ol className="divide-y divide-rule">
              {some.map((entry) => (
                <li key={entry.id} data-saw={entry.saw}>
                  <Row entry={entry} pools={pools} onOpen={() => show(entry.id)} />
                </li>
              ))}
            </ol>
          </section>
        ))}
      </section>
      {latest.length > shown && (
        <Button onClick={() => setShown(shown + STEP)}>
          Show {Math.min(STEP, latest.length - shown)} more of {latest.length - shown}
        </Button>
      )}
      {open !== undefined && <EntrySheet key={open.id} entry={open} onClose={close} />}
    </>
  )
}

interface RowProps {
  readonly entry: Entry
  readonly pools: boolean
  readonly onOpen: () => void
}

function Row({ entry, pools, onOpen }: RowProps) {
  const { show } = useUnits()
  const runs = useList('runs')
  const pool = pools ? (runs?.find(({ id }) => id === entry.runId)?.name ?? 'a deleted pool') : undefined
  return (
    <button
      type="button"
      onClick={onOpen}
      className="flex min-h-11 w-full flex-wrap items-center gap-x-3 py-1 text-left hover:bg-shoal/60"
    >
      <span className="w-[4.6rem] whitespace-nowrap text-[0.9rem] text-faint">{clock(entry.atMs)}</span>
      <SawMark saw={entry.saw} />
      <span className="w-32 font-semibold">{SAW_WORDS[entry.saw]}</span>
      <span className="min-w-40 flex-1">
        {pool === undefined ? '' : `${pool}: `}
        {entry.tip ?? 'No tip'}, {entry.plan.angleDeg}°
        {entry.flowM3ps === undefined ? '' : `, ${show(entry.flowM3ps, 'flow')}`}
      </span>
      <span className="flex items-center gap-2 text-faint">
        {entry.fish !== undefined && entry.fish > 0 && (
          <>
            {entry.fish} <Fish size={17} aria-label="fish" />
          </>
        )}
        {entry.photoId !== undefined && <Image size={16} aria-label="photo" />}
        {entry.notes !== undefined && <NotebookPen size={16} aria-label="notes" />}
      </span>
    </button>
  )
}
