import type { Run } from '../water/index.ts'
import type { Entry } from './keptSchema.ts'
import { deeperAt, NEAR } from './memory.ts'
import type { Saw } from './vocabulary.ts'

/** Filter of the entries; what is left out is not asked. */
export interface EntryFilter {
  readonly runId?: string | undefined
  /** A tip’s name; null for none on. */
  readonly tip?: string | null | undefined
  readonly saw?: Saw | undefined
  /** Only those near this level of their pool, by depth [m³/s]. */
  readonly nearM3ps?: number | undefined
  /** A day as `dayOf` names it. */
  readonly day?: string | undefined
}

/** Names the day of a moment, in the angler’s own zone: 2026-11-27. */
export type DayNaming = (atMs: number) => string

/** The entries asked for, latest first. */
export function filtered(
  entries: readonly Entry[],
  { runId, tip, saw, nearM3ps, day }: EntryFilter,
  dayOf: DayNaming,
): readonly Entry[] {
  return entries
    .filter(
      (entry) =>
        (runId === undefined || entry.runId === runId) &&
        (tip === undefined || entry.tip === tip) &&
        (saw === undefined || entry.saw === saw) &&
        (day === undefined || dayOf(entry.atMs) === day) &&
        (nearM3ps === undefined ||
          (entry.flowM3ps !== undefined && Math.abs(deeperAt(entry.flowM3ps, nearM3ps)) <= NEAR)),
    )
    .sort((a, b) => b.atMs - a.atMs)
}

/** One day by the water: its swings, latest first, and what was seen of them. */
export interface DayOfEntries {
  readonly day: string
  readonly entries: readonly Entry[]
  readonly saw: Readonly<Record<Saw, number>>
  readonly fish: number
}

/** Entries by their days, the latest first. */
export function daysOf(entries: readonly Entry[], dayOf: DayNaming): readonly DayOfEntries[] {
  const days = new Map<string, Entry[]>()
  for (const entry of [...entries].sort((a, b) => b.atMs - a.atMs)) {
    const day = dayOf(entry.atMs)
    days.set(day, [...(days.get(day) ?? []), entry])
  }
  return [...days].map(([day, some]) => {
    const saw = { touched: 0, band: 0, high: 0 }
    for (const entry of some) saw[entry.saw]++
    return { day, entries: some, saw, fish: some.reduce((sum, { fish = 0 }) => sum + fish, 0) }
  })
}

/** The tips that were fished, most often first. */
export function tipsOf(entries: readonly Entry[]): readonly (string | null)[] {
  const counts = new Map<string | null, number>()
  for (const { tip } of entries) counts.set(tip, (counts.get(tip) ?? 0) + 1)
  return [...counts].sort(([, a], [, b]) => b - a).map(([tip]) => tip)
}

/** The weeks of a month as a calendar has them, Monday first; days of other months are null. @param month 1 to 12 */
export function monthOf(year: number, month: number): readonly (readonly (string | null)[])[] {
  const first = new Date(Date.UTC(year, month - 1, 1))
  const count = new Date(Date.UTC(year, month, 0)).getUTCDate()
  const lead = (first.getUTCDay() + 6) % 7
  const weeks = Math.ceil((lead + count) / 7)
  const two = (n: number): string => String(n).padStart(2, '0')
  return Array.from({ length: weeks }, (_, week) =>
    Array.from({ length: 7 }, (__, weekday) => {
      const day = week * 7 + weekday - lead + 1
      return day < 1 || day > count ? null : `${year}-${two(month)}-${two(day)}`
    }),
  )
}

/** A pool’s level as its depth over the measured one, as a share; undefined where either is unknown. */
export const levelOf = (entry: Entry, run: Run | undefined): number | undefined =>
  entry.flowM3ps === undefined || run?.measuredFlowM3ps === undefined
    ? undefined
    : deeperAt(entry.flowM3ps, run.measuredFlowM3ps)

/** A clock may go so wrong unnoticed [ms]. */
const CLOCK_SLACK_MS = 5 * 60_000

/** Whether a moment lies ahead of now by more than clocks differ. */
export const isAhead = (atMs: number, nowMs: number): boolean => atMs > nowMs + CLOCK_SLACK_MS
