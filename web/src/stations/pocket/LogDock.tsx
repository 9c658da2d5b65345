import { isAhead } from '@hoxen/core/journal'
import { SAW_WORDS } from '@hoxen/core/words'
import { type Log, SawButtons } from '../../pool/index.ts'
import { commit, noticeFailed, useList } from '../../store/index.ts'
import { clock, useNow } from '../../ui/index.ts'

/** So long the latest entry can be taken back here [ms]. */
const FRESH_MS = 15 * 60_000

/** Three large buttons at the thumb, and the latest swing with a way to take it back. */
export function LogDock({ log: { log, swing } }: { readonly log: Extract<Log, { outcome: 'ready' }> }) {
  const entries = useList('entries')
  const now = useNow()
  const latest = (entries ?? [])
    // What another clock wrote into the future does not hide the swing just logged.
    .filter(({ runId, atMs }) => runId === swing.runId && !isAhead(atMs, now))
    .reduce<NonNullable<typeof entries>[number] | undefined>(
      (best, entry) => (best === undefined || entry.atMs > best.atMs ? entry : best),
      undefined,
    )
  const fresh = latest !== undefined && Math.abs(now - latest.atMs) < FRESH_MS ? latest : undefined
  return (
    <section
      aria-label="What did the swing do?"
      className="sticky bottom-[calc(3.5rem+env(safe-area-inset-bottom))] z-20 -mx-4 border-t border-rule bg-paper px-4 pt-2 pb-2 lg:static lg:mx-0 lg:border-t-0 lg:px-0"
    >
      <SawButtons onSaw={log} abreast />
      {fresh !== undefined && (
        <p className="mt-1 flex min-h-12 items-center justify-between gap-3" data-latest={fresh.saw}>
          <span className="leading-tight">
            {clock(fresh.atMs)}, {fresh.tip ?? 'no tip'}: <b>{SAW_WORDS[fresh.saw]}</b>
          </span>
          <button
            type="button"
            onClick={() =>
              void commit('Take back a swing', (tx) => tx.remove('entries', [fresh.id])).catch(noticeFailed)
            }
            className="min-h-12 shrink-0 rounded-lg border border-rule px-4 font-semibold"
          >
            Take it back
          </button>
        </p>
      )}
    </section>
  )
}
