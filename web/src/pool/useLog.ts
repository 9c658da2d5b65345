import type { Entry, Saw } from '@hoxen/core/journal'
import { resolveRig } from '@hoxen/core/rig'
import { latest } from '@hoxen/core/water'
import { SAW_WORDS } from '@hoxen/core/words'
import { useToday } from '../day/index.ts'
import { useQuestion } from '../ledger/index.ts'
import { commit, newId, noticeDone, noticeFailed, noticeSaid, Once, useSingle } from '../store/index.ts'

/** No two swings end at one stroke, on whatever page. */
const logging = new Once()

/** Said of a second tap that is the same swing. */
export const LOGGED_ONCE = 'Two taps at once: one swing logged.'

/** State of a log entry to be: its preview, or why it cannot be. */
export type Log =
  | { readonly outcome: 'no-pool' | 'no-rig' | 'gone' }
  | {
      readonly outcome: 'ready'
      /** All that is known of a swing fished now, before one says what was seen of it. */
      readonly swing: Omit<Entry, 'id' | 'atMs' | 'saw'>
      /** @returns false when it came so soon after the last that it is the same swing */
      readonly log: (saw: Saw) => boolean
    }

/**
 * Logs a swing as it is fished now: pool, level, rig and plan as they are. Undefined while it loads.
 * @param quiet where the page itself says what was logged, and takes it back
 */
export function useLog(quiet = false): Log | undefined {
  const found = useToday()
  const choice = useSingle('rig')
  const question = useQuestion()
  if (found === undefined || choice === undefined || question === undefined) return undefined
  if (found.day.where.by !== 'pool') return { outcome: 'no-pool' }
  if (choice === null) return { outcome: 'no-rig' }
  const resolved = resolveRig(choice, question.byId)
  if (resolved.outcome !== 'resolved') return { outcome: 'gone' }
  const { day, gauge } = found
  const where = found.day.where
  const { castM, rod, ...plan } = day.plan
  const warm = gauge.heard && latest(gauge.heard.record.readings, 'waterC')
  const swing = {
    runId: where.pool.id,
    ...(where.flow === undefined ? {} : { flowM3ps: where.flow.m3ps }),
    ...(warm === undefined ? {} : { waterC: warm.value }),
    rig: choice,
    tip: resolved.parts.tip?.item.name ?? null,
    leader: resolved.parts.leader?.name ?? null,
    fly: day.fly,
    ...(day.dropper === undefined ? {} : { dropper: day.dropper }),
    fishAt: day.fishAt,
    plan: { ...plan, rod },
    castM,
  }
  const log = (saw: Saw): boolean => {
    // A thumb that trembles logs one swing.
    if (!logging.first('swing')) {
      if (!quiet) noticeSaid(LOGGED_ONCE)
      return false
    }
    const label = `Log: ${swing.tip ?? 'no tip'}, ${SAW_WORDS[saw]}`
    const entry: Entry = { ...swing, id: newId('entry'), atMs: Date.now(), saw }
    commit(label, (tx) => tx.put('entries', [entry])).then(
      (did) => did && !quiet && noticeDone(label),
      noticeFailed,
    )
    return true
  }
  return { outcome: 'ready', swing, log }
}
