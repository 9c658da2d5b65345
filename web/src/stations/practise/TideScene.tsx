import type { GoRound } from '@hoxen/core/practise'
import { tideHeights } from '@hoxen/core/tide'
import { useMemo } from 'react'
import { useWidth } from '../../drawing/index.ts'
import { clock } from '../../ui/index.ts'
import type { PictureProps } from './picture.ts'

const HIGH = 190
const [TOP, FOOT] = [18, HIGH - 26]
const STEP_S = 600
const HOUR_MS = 3_600_000

/** The tide before and after, and the lowest of the way back; with the answer, when one is cut off and when to leave. */
export function TideScene({ round, chosen, shown }: PictureProps<GoRound>) {
  const [box, width] = useWidth<HTMLDivElement>(600)
  const { run, situation, leave, wayBackM, choices } = round
  const [from, to] = [situation.atMs - 3 * HOUR_MS, leave.cutOffMs + 4 * HOUR_MS]
  const heights = useMemo(
    () => (run.shore === undefined ? [] : tideHeights(run.shore.station, from, to, STEP_S)),
    [run, from, to],
  )
  const levels = heights.map(({ heightM }) => heightM)
  const [low, high] = [Math.min(...levels, wayBackM), Math.max(...levels)]
  const x = (ms: number): number => ((ms - from) / (to - from)) * width
  const y = (m: number): number => FOOT - ((m - low) / (high - low || 1)) * (FOOT - TOP)
  const curve = heights
    .map(({ atMs, heightM }, i) => `${i === 0 ? 'M' : 'L'}${x(atMs).toFixed(1)} ${y(heightM).toFixed(1)}`)
    .join('')
  const mine = choices.find(({ id }) => id === chosen)
  return (
    <div ref={box} className="my-2 overflow-hidden rounded-lg border border-rule">
      <svg width={width} height={HIGH} role="img" aria-label="The tide of the day" className="block bg-sheet">
        <path d={`${curve}L${width} ${HIGH}L0 ${HIGH}Z`} fill="var(--shoal)" />
        <path d={curve} fill="none" stroke="var(--river)" strokeWidth="2" />
        <path d={`M0 ${y(wayBackM)}H${width}`} stroke="var(--ink)" strokeDasharray="6 4" />
        <text x="6" y={y(wayBackM) - 5} fontSize="12.5" fill="var(--ink)">
          lowest of the way back
        </text>
        {mine !== undefined && (
          <rect
            x={mine.low === undefined ? x(situation.atMs) : x(mine.low)}
            y={TOP}
            width={Math.max(
              0,
              x(mine.high ?? to) - (mine.low === undefined ? x(situation.atMs) : x(mine.low)),
            )}
            height={FOOT - TOP}
            fill="var(--caster)"
            fillOpacity="0.18"
          />
        )}
        <Mark x={x(situation.atMs)} text={`now, ${clock(situation.atMs)}`} ink="var(--ink)" />
        {shown && (
          <Mark x={x(leave.leaveMs)} text={`leave, ${clock(leave.leaveMs)}`} ink="var(--holds)" left />
        )}
        {shown && (
          <Mark x={x(leave.cutOffMs)} text={`cut off, ${clock(leave.cutOffMs)}`} ink="var(--breaks)" low />
        )}
      </svg>
    </div>
  )
}

function Mark({
  x,
  text,
  ink,
  low = false,
  left = false,
}: {
  readonly x: number
  readonly text: string
  readonly ink: string
  readonly low?: boolean
  /** Its words stand to the left. */
  readonly left?: boolean
}) {
  return (
    <g>
      <path d={`M${x} ${TOP - 6}V${FOOT}`} stroke={ink} strokeWidth="2" />
      <text
        x={left ? x - 5 : x + 5}
        textAnchor={left ? 'end' : 'start'}
        y={low ? FOOT - 8 : TOP + 6}
        fontSize="12.5"
        fontWeight="700"
        fill={ink}
        stroke="var(--sheet)"
        strokeWidth="3"
        paintOrder="stroke"
      >
        {text}
      </text>
    </g>
  )
}
