import { type Entry, isAhead, type Saw } from '@hoxen/core/journal'
import { SAW_WORDS } from '@hoxen/core/words'
import { useState } from 'react'
import { Link } from 'react-router'
import { LOGGED_ONCE, type Log, SawButtons } from '../../pool/index.ts'
import { commit, noticeFailed, useList } from '../../store/index.ts'
import { clock, useNow } from '../../ui/index.ts'

/** So long the latest entry can be taken back here [ms]. */
const FRESH_MS = 15 * 60_000

/**
 * Three large buttons at the thumb. The latest swing stands over them in a line that keeps its room, so that nothing moves
 * under a thumb that taps twice.
 */
export function LogDock({ log: { log, swing } }: { readonly log: Extract<Log, { outcome: 'ready' }> }) {
  const entries = useList('entries')
  const now = useNow()
  const [twice, setTwice] = useState(false)
  const latest = (entries ?? [])
    // What another clock wrote into the future does not hide the swing just logged.
    .filter(({ runId, atMs }) => runId === swing.runId && !isAhead(atMs, now))
    .reduce<Entry | undefined>(
      (best, entry) => (best === undefined || entry.atMs > best.atMs ? entry : best),
      undefined,
    )
  const fresh = latest !== undefined && Math.abs(now - latest.atMs) < FRESH_MS ? latest : undefined
  return (
    <section
      aria-label="What did the swing do?"
      className="sticky bottom-[calc(3.5rem+env(safe-area-inset-bottom))] z-20 -mx-4 border-t border-rule bg-paper px-4 pt-1 pb-2 lg:static lg:mx-0 lg:border-t-0 lg:px-0"
    >
      <div
        className="mb-1 flex h-12 items-center justify-between gap-2 overflow-hidden"
        data-latest={fresh?.saw}
      >
        {fresh === undefined ? (
          <span className="text-faint">What did the swing do?</span>
        ) : (
          <Latest entry={fresh} twice={twice} />
        )}
      </div>
      <SawButtons onSaw={(saw: Saw) => setTwice(!log(saw))} abreast />
    </section>
  )
}

function Latest({ entry, twice }: { readonly entry: Entry; readonly twice: boolean }) {
  const look = 'grid min-h-11 shrink-0 place-items-center rounded-lg border border-rule px-3 font-semibold'
  return (
    <>
      <span role="status" className="min-w-0 flex-1 text-[0.95rem] leading-tight">
        {twice ? (
          LOGGED_ONCE
        ) : (
          <>
            {clock(entry.atMs)}, {entry.tip ?? 'no tip'}: <b>{SAW_WORDS[entry.saw]}</b>
          </>
        )}
      </span>
      <Link to={`/journal?entry=${encodeURIComponent(entry.id)}`} className={look}>
        Note
      </Link>
      <button
        type="button"
        onClick={() =>
          void commit('Undo a logged swing', (tx) => tx.remove('entries', [entry.id])).catch(noticeFailed)
        }
        className={look}
      >
        Undo
      </button>
    </>
  )
}
