import type { TideHeight, TideTurn } from './height.ts'

/** A tide known by a table of its heights: high and low waters alone, or a reading every so often. */
export interface TideTable {
  /** Time [ms since 1970, UTC] and height [m], in the order of time. */
  readonly table: readonly (readonly [atMs: number, heightM: number])[]
  /** Source: the file's name. */
  readonly from?: string | undefined
}

const HOUR_MS = 3_600_000
/** Tables with longer steps than this hold turns alone. */
const SERIES_MS = 2 * HOUR_MS
/** A step so many times the usual one is a gap: a missing turn; some missing readings. */
const GAP = { turns: 1.6, series: 3 } as const

/** Kind of a table: whether it holds turns alone, and how long a step may be before it is a gap [ms]. */
function kindOf({ table }: TideTable): { readonly turns: boolean; readonly gapMs: number } {
  const steps = table.slice(1).map(([at], i) => at - (table[i]?.[0] ?? at))
  const usual = [...steps].sort((a, b) => a - b)[Math.floor(steps.length / 2)] ?? 0
  const turns = usual > SERIES_MS
  return { turns, gapMs: usual * (turns ? GAP.turns : GAP.series) }
}

/** A stretch for which a table says nothing. */
export interface TideGap {
  readonly fromMs: number
  readonly toMs: number
}

/** The holes in a table. */
export function gapsIn(source: TideTable): readonly TideGap[] {
  const { gapMs } = kindOf(source)
  const { table } = source
  return table.slice(1).flatMap(([toMs], i) => {
    const fromMs = table[i]?.[0] ?? toMs
    return toMs - fromMs > gapMs ? [{ fromMs, toMs }] : []
  })
}

/**
 * Heights by a table at even steps; none where it says nothing. Between turns by half a cosine, as tide tables are commonly read
 * [practice]; between readings straight.
 */
export function tableHeights(
  source: TideTable,
  fromMs: number,
  toMs: number,
  stepS: number,
): readonly TideHeight[] {
  const { turns, gapMs } = kindOf(source)
  const { table } = source
  const out: TideHeight[] = []
  let i = 0
  for (let atMs = fromMs; atMs <= toMs; atMs += stepS * 1000) {
    while (i + 2 < table.length && (table[i + 1]?.[0] ?? Number.POSITIVE_INFINITY) <= atMs) i++
    const [a, b] = [table[i], table[i + 1]]
    if (a === undefined || b === undefined || atMs < a[0] || atMs > b[0] || b[0] - a[0] > gapMs) continue
    const share = (atMs - a[0]) / (b[0] - a[0])
    const way = turns ? (1 - Math.cos(Math.PI * share)) / 2 : share
    out.push({ atMs, heightM: a[1] + (b[1] - a[1]) * way })
  }
  return out
}

/** High and low waters of a table: those it lists, or the tops and bottoms of its readings. */
export function tableTurns(source: TideTable, fromMs: number, toMs: number): readonly TideTurn[] {
  const { table } = source
  return table.flatMap(([atMs, heightM], i): TideTurn[] => {
    if (atMs < fromMs || atMs > toMs) return []
    const before = table[i - 1]?.[1]
    const after = table[i + 1]?.[1]
    const over = (other: number | undefined, strictly: boolean): boolean =>
      other === undefined || (strictly ? heightM > other : heightM >= other)
    const under = (other: number | undefined, strictly: boolean): boolean =>
      other === undefined || (strictly ? heightM < other : heightM <= other)
    if (before === undefined && after === undefined) return []
    const ends = before === undefined || after === undefined
    if (ends && !kindOf(source).turns) return []
    if (over(before, true) && over(after, false)) return [{ atMs, heightM, kind: 'high' }]
    return under(before, true) && under(after, false) ? [{ atMs, heightM, kind: 'low' }] : []
  })
}
