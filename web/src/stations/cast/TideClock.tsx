import { type Coordinates, type LightSpan, lightSpans, moonAt } from '@hoxen/core/sky'
import {
  type Shore,
  type TideTurn,
  type TideWindow,
  tideHeights,
  tideTurns,
  tideWindows,
} from '@hoxen/core/tide'
import { sayMoon, TIDE_WINDOW_NAMES } from '@hoxen/core/words'
import { useMemo } from 'react'
import { useWidth } from '../../drawing/index.ts'
import { clock, useUnits } from '../../ui/index.ts'

const HOUR_MS = 3_600_000
/** Time shown before now. */
const BACK_MS = 3 * HOUR_MS
const AHEAD_MS = 21 * HOUR_MS
const STEP_S = 300

interface Props {
  readonly shore: Shore
  readonly place: Coordinates | undefined
  readonly now: number
  readonly shiftM: number
  readonly roundTurnH: number
}

const HEIGHT = 190
/** Bands of the picture, from above: light, windows, tide, hours. */
const LIGHT_Y = 8
const ROWS: Readonly<Record<TideWindow['kind'], { readonly y: number; readonly fill: string }>> = {
  scout: { y: 22, fill: 'var(--caster)' },
  fish: { y: 36, fill: 'var(--river)' },
  dusk: { y: 50, fill: 'var(--watch)' },
}
/** Without a place nothing is known of the dusk. */
const ROWS_BY_TIDE = ['scout', 'fish'] as const
const WINDOW_KINDS = [...ROWS_BY_TIDE, 'dusk'] as const
const TOP = 78
const BOTTOM = HEIGHT - 30
const LIGHT_FILL = { day: 'var(--sheet)', twilight: 'var(--rule)', night: 'var(--faint)' } as const

/** A day of the tide on one clock: light, when to look, when to fish, the turns, sun and moon. */
export function TideClock(props: Props) {
  const { place, now, shiftM } = props
  const [ref, width] = useWidth<HTMLDivElement>(560)
  const { heights, turns, windows, lights, x, y } = useTideDay(props, width)
  const said = useSaid(turns, windows, props)
  return (
    <div ref={ref} className="mt-2">
      <svg width={width} height={HEIGHT} role="img" aria-label={said} className="block">
        {lights.map((span) => (
          <Light key={span.fromMs} span={span} x={x} />
        ))}
        {place !== undefined && <Moon x={width - 12} y={LIGHT_Y - 1} phase={moonAt(now).phase} />}
        {windows.map((window) => (
          <Span key={`${window.kind} ${window.fromMs}`} window={window} x={x} width={width} />
        ))}
        <path d={pathOf(heights, x, y)} fill="none" stroke="var(--river)" strokeWidth="2.2" />
        <path d={`M${x(now)} ${TOP - 12}V${HEIGHT - 14}`} stroke="var(--caster)" strokeWidth="2" />
        <RowNames kinds={place === undefined ? ROWS_BY_TIDE : WINDOW_KINDS} />
        <Turns {...{ turns, x, y, width, shiftM }} />
        <text
          x={x(now)}
          y={HEIGHT - 2}
          textAnchor="middle"
          fontSize="12"
          fontWeight="650"
          fill="var(--caster)"
        >
          now
        </text>
      </svg>
    </div>
  )
}

/** What the sea and the light do from a little before now to the same hour tomorrow, and where that is drawn. */
function useTideDay({ shore: { station }, place, now, roundTurnH }: Props, width: number) {
  const [from, to] = [now - BACK_MS, now + AHEAD_MS]
  const heights = useMemo(() => tideHeights(station, from, to, STEP_S), [station, from, to])
  const turns = useMemo(() => tideTurns(station, from, to), [station, from, to])
  const windows = useMemo(
    () => tideWindows(station, from, to, { place, roundTurnH }),
    [station, from, to, place, roundTurnH],
  )
  const lights = useMemo(() => (place === undefined ? [] : lightSpans(place, from, to)), [place, from, to])
  const levels = heights.map(({ heightM }) => heightM)
  const [low, high] = [Math.min(...levels), Math.max(...levels)]
  return {
    heights,
    turns,
    windows,
    lights,
    x: (ms: number): number => ((ms - from) / (to - from)) * width,
    y: (m: number): number => BOTTOM - ((m - low) / (high - low || 1)) * (BOTTOM - TOP),
  }
}

/** The clock in words. */
function useSaid(
  turns: readonly TideTurn[],
  windows: readonly TideWindow[],
  { now, shiftM, place }: Props,
): string {
  const { show } = useUnits()
  const turned = turns.map(
    ({ atMs, heightM, kind }) => `${kind} water ${clock(atMs)}, ${show(heightM + shiftM, 'length')}`,
  )
  const best = windows
    .filter(({ toMs }) => toMs > now)
    .map(({ kind, fromMs, toMs }) => `${TIDE_WINDOW_NAMES[kind]} ${clock(fromMs)} to ${clock(toMs)}`)
  const moon = place === undefined ? '' : ` ${sayMoon(moonAt(now))}`
  return `The tide: ${turned.join('; ')}. ${best.join(', ')}.${moon}`
}

interface LightProps {
  readonly span: LightSpan
  readonly x: (ms: number) => number
}

const Light = ({ span: { light, fromMs, toMs }, x }: LightProps) => (
  <rect
    x={x(fromMs)}
    y={LIGHT_Y - 6}
    width={x(toMs) - x(fromMs)}
    height={9}
    fill={LIGHT_FILL[light]}
    stroke="var(--rule)"
  />
)

/** The tide as a line, broken where nothing is known. */
function pathOf(
  heights: readonly { readonly atMs: number; readonly heightM: number }[],
  x: (ms: number) => number,
  y: (m: number) => number,
): string {
  return heights
    .map(({ atMs, heightM }, i) => {
      const joined = i > 0 && atMs - (heights[i - 1]?.atMs ?? 0) < 1.5 * STEP_S * 1000
      return `${joined ? 'L' : 'M'}${x(atMs).toFixed(1)} ${y(heightM).toFixed(1)}`
    })
    .join('')
}

interface SpanProps {
  readonly window: TideWindow
  readonly x: (ms: number) => number
  readonly width: number
}

/** A window: its bar in its own row. */
function Span({ window: { kind, fromMs, toMs }, x, width }: SpanProps) {
  const [left, right] = [Math.max(0, x(fromMs)), Math.min(width, x(toMs))]
  const { y, fill } = ROWS[kind]
  return (
    <rect
      x={left}
      y={y - 9}
      width={Math.max(2, right - left)}
      height={12}
      rx="3"
      fill={fill}
      fillOpacity="0.24"
    />
  )
}

/** The moon as it looks: the lit part light, from new to full on the right side, back on the left. */
function Moon({ x, y, phase }: { readonly x: number; readonly y: number; readonly phase: number }) {
  const r = 6
  const waxing = phase < 0.5
  const bulge = Math.cos(2 * Math.PI * phase) * r
  const outer = waxing ? 1 : 0
  const inner = bulge > 0 === waxing ? 0 : 1
  return (
    <g>
      <circle cx={x} cy={y} r={r} fill="var(--faint)" />
      <path
        d={`M${x} ${y - r}A${r} ${r} 0 0 ${outer} ${x} ${y + r}A${Math.max(0.1, Math.abs(bulge))} ${r} 0 0 ${inner} ${x} ${y - r}Z`}
        fill="var(--paper)"
        stroke="var(--faint)"
      />
    </g>
  )
}

const RowNames = ({ kinds }: { readonly kinds: readonly TideWindow['kind'][] }) =>
  kinds.map((kind) => (
    <text
      key={kind}
      x={2}
      y={ROWS[kind].y + 1}
      fontSize="11.5"
      fill="var(--ink)"
      stroke="var(--sheet)"
      strokeWidth="4"
      paintOrder="stroke"
    >
      {TIDE_WINDOW_NAMES[kind]}
    </text>
  ))

interface TurnsProps {
  readonly turns: readonly TideTurn[]
  readonly x: (ms: number) => number
  readonly y: (m: number) => number
  readonly width: number
  readonly shiftM: number
}

/** High and low water, each with its time and height. */
function Turns({ turns, x, y, width, shiftM }: TurnsProps) {
  const { show } = useUnits()
  return turns.map(({ atMs, heightM, kind }) => (
    <g key={atMs} fontSize="11.5" textAnchor="middle" fill="var(--ink)">
      <circle cx={x(atMs)} cy={y(heightM)} r="3" fill="var(--river)" />
      <text
        stroke="var(--sheet)"
        strokeWidth="4"
        paintOrder="stroke"
        x={Math.min(Math.max(x(atMs), 44), width - 44)}
        y={kind === 'high' ? y(heightM) - 7 : y(heightM) + 15}
      >
        {clock(atMs)} · {show(heightM + shiftM, 'length')}
      </text>
    </g>
  ))
}
