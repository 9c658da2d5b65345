import type { GaugeReading } from '@hoxen/core/water'
import { line } from 'd3-shape'

const [WIDE, HIGH, EDGE] = [132, 52, 5]
const DAY_MS = 86_400_000

/** The river of the last day, as the gauge told it: whether it comes up or goes down is seen before it is read. */
export function LevelTrace({ readings }: { readonly readings: readonly GaugeReading[] }) {
  const last = readings.at(-1)?.atMs ?? 0
  const day = readings.flatMap(({ atMs, flowM3ps }) =>
    flowM3ps === undefined || atMs < last - DAY_MS ? [] : [[atMs, flowM3ps] as const],
  )
  if (day.length < 3) return null
  const flows = day.map(([, m3ps]) => m3ps)
  const [low, high] = [Math.min(...flows), Math.max(...flows)]
  // A river that hardly moves is drawn as one that hardly moves.
  const span = Math.max(high - low, 0.1 * high)
  const middle = (low + high) / 2
  const x = (ms: number): number => EDGE + ((ms - (last - DAY_MS)) / DAY_MS) * (WIDE - 2 * EDGE)
  const y = (m3ps: number): number => HIGH / 2 - ((m3ps - middle) / span) * (HIGH - 2 * EDGE)
  const path = line<readonly [number, number]>(
    ([ms]) => x(ms),
    ([, m3ps]) => y(m3ps),
  )(day)
  const [endMs, end] = day.at(-1) ?? [0, 0]
  return (
    <svg width={WIDE} height={HIGH} aria-hidden="true" className="shrink-0">
      <path d={`M${EDGE} ${HIGH - 1}H${WIDE - EDGE}`} stroke="var(--rule)" />
      <path d={path ?? ''} fill="none" stroke="var(--river)" strokeWidth="2.5" strokeLinejoin="round" />
      <circle cx={x(endMs)} cy={y(end)} r="4.5" fill="var(--river)" />
    </svg>
  )
}
