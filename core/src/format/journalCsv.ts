import type { Entry, Tried } from '../journal/index.ts'
import type { Run } from '../water/index.ts'
import { rowsCsv } from './csv.ts'

/** Columns of the table of swings. */
export const ENTRY_HEAD = [
  'time',
  'pool',
  'flow_m3ps',
  'water_c',
  'tip',
  'angle_deg',
  'cast_m',
  'saw',
  'pace',
  'fish',
  'notes',
] as const
/** Columns of the table of trials. */
export const TRIAL_HEAD = ['on', 'rod', 'style', 'head', 'head_g', 'feel', 'caster'] as const

const cell = (value: string | number | undefined): string => (value === undefined ? '' : String(value))

/** Swings as a table, the first logged first; times are UTC (ISO 8601), units stand in the head. */
export function journalCsv(entries: readonly Entry[], runs: readonly Run[]): string {
  const pools = new Map(runs.map(({ id, name }) => [id, name]))
  const rows = [...entries]
    .sort((a, b) => a.atMs - b.atMs)
    .map((entry) =>
      [
        new Date(entry.atMs).toISOString(),
        pools.get(entry.runId) ?? entry.runId,
        entry.flowM3ps,
        entry.waterC,
        entry.tip ?? '',
        entry.plan.angleDeg,
        entry.castM,
        entry.saw,
        entry.pace,
        entry.fish,
        entry.notes,
      ].map(cell),
    )
  return rowsCsv([ENTRY_HEAD, ...rows])
}

/** Heads that were tried, as a table; feel runs from −2, too light, to +2, too heavy. */
export function trialsCsv(trials: readonly Tried[], rods: ReadonlyMap<string, string>): string {
  const rows = trials.map(({ on, rodId, style, name, headKg, feel, caster }) =>
    [on, rods.get(rodId) ?? rodId, style, name, Number((headKg * 1000).toFixed(2)), feel, caster].map(cell),
  )
  return rowsCsv([TRIAL_HEAD, ...rows])
}
