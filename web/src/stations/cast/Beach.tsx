import {
  bedAt,
  leaveBy,
  lowestWayBack,
  type Shore,
  tideHeights,
  tideTurns,
  tideWindows,
  troughsAt,
  WAY_BACK,
} from '@hoxen/core/tide'
import { sayLeaveBy } from '@hoxen/core/words'
import { useEffect, useMemo, useState } from 'react'
import { useWidth } from '../../drawing/index.ts'
import { QuantityField, Tag, useUnits } from '../../ui/index.ts'

const HOUR_MS = 3_600_000
const MINUTE_MS = 60_000
/** What is shown: from a little before now. */
const BACK_MS = 3 * HOUR_MS
const AHEAD_MS = 21 * HOUR_MS
const STEP_S = 300
/** Waves and marks that are written down [m]. */
const SEA = { runUp: { low: 0, high: 1 }, shift: { low: -1, high: 2 } } as const

const clock = (ms: number): string =>
  new Date(ms).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false })

/** The time, by the minute. */
function useNow(): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), MINUTE_MS)
    return () => clearInterval(timer)
  }, [])
  return now
}

/** The beach on one clock: when to be gone first, then when to look and when to fish, and how the bed lies under the sea. */
export function Beach({ shore }: { readonly shore: Shore }) {
  const now = useNow()
  const { show, system } = useUnits()
  const [runUpM, setRunUp] = useState<number>(WAY_BACK.runUpM)
  const [shiftM, setShift] = useState(0)
  const way = useMemo(() => leaveBy(shore, now, { runUpM, shiftM }), [shore, now, runUpM, shiftM])
  const within =
    ({ low, high }: { readonly low: number; readonly high: number }) =>
    (si: number): string | undefined =>
      si >= low && si <= high ? undefined : `From ${show(low, 'length')} to ${show(high, 'length')}, please.`
  const urgent = way.outcome === 'cut-off' || way.outcome === 'no-dry-way'
  return (
    <section
      aria-labelledby="leave-title"
      className="mb-6 rounded-lg border border-rule bg-sheet px-4 pt-3 pb-4"
    >
      <h2 id="leave-title" className={`text-2xl ${urgent ? 'text-breaks' : ''}`} data-leave={way.outcome}>
        {sayLeaveBy(way, clock)}
      </h2>
      <p className="text-[0.9rem] text-faint">
        The lowest point of the straight way back lies {show(lowestWayBack(shore).heightM, 'length')} over the
        datum. The prediction leaves out surge and pressure; a lower gap beside this way is not seen.{' '}
        <Tag tag="estimate" />
      </p>
      <TideClock shore={shore} now={now} shiftM={shiftM} />
      <Section shore={shore} now={now} shiftM={shiftM} />
      <div className="no-print mt-2 grid max-w-lg items-start gap-x-4 gap-y-2 sm:grid-cols-2">
        <QuantityField
          label="Waves run up"
          measure="length"
          value={runUpM}
          onChange={setRunUp}
          refuse={within(SEA.runUp)}
        />
        <QuantityField
          label="Mark reads above the prediction"
          measure="length"
          value={shiftM}
          onChange={setShift}
          refuse={within(SEA.shift)}
        />
      </div>
      {shiftM !== 0 && (
        <p className="mt-1 text-[0.9rem] text-faint">
          The prediction is shifted by{' '}
          {system === 'metric' ? `${shiftM.toFixed(2)} m` : show(shiftM, 'length')}, as the mark reads today.
        </p>
      )}
    </section>
  )
}

interface ViewProps {
  readonly shore: Shore
  readonly now: number
  readonly shiftM: number
}

const CLOCK_HEIGHT = 150

function TideClock({ shore, now, shiftM }: ViewProps) {
  const [ref, width] = useWidth<HTMLDivElement>(560)
  const { show } = useUnits()
  const [from, to] = [now - BACK_MS, now + AHEAD_MS]
  const heights = useMemo(() => tideHeights(shore.station, from, to, STEP_S), [shore, from, to])
  const turns = useMemo(() => tideTurns(shore.station, from, to), [shore, from, to])
  const windows = useMemo(() => tideWindows(shore.station, from, to), [shore, from, to])
  const levels = heights.map(({ heightM }) => heightM)
  const [low, high] = [Math.min(...levels), Math.max(...levels)]
  const x = (ms: number): number => ((ms - from) / (to - from)) * width
  const y = (m: number): number => CLOCK_HEIGHT - 34 - ((m - low) / (high - low || 1)) * (CLOCK_HEIGHT - 80)
  const said = turns
    .map(({ atMs, heightM, kind }) => `${kind} water ${clock(atMs)}, ${show(heightM + shiftM, 'length')}`)
    .join('; ')
  return (
    <div ref={ref} className="mt-2">
      <svg width={width} height={CLOCK_HEIGHT} role="img" aria-label={`The tide: ${said}`} className="block">
        {windows.map(({ kind, fromMs, toMs }) => {
          const [left, right] = [Math.max(0, x(fromMs)), Math.min(width, x(toMs))]
          return right <= left ? null : (
            <g key={`${kind} ${fromMs}`}>
              <rect
                x={left}
                y={20}
                width={right - left}
                height={CLOCK_HEIGHT - 48}
                fill={kind === 'fish' ? 'var(--river)' : 'var(--caster)'}
                fillOpacity="0.14"
              />
              {right - left > 34 && (
                <text x={(left + right) / 2} y={13} textAnchor="middle" fontSize="11.5" fill="var(--faint)">
                  {kind === 'fish' ? 'fish' : 'look'}
                </text>
              )}
            </g>
          )
        })}
        <path
          d={heights
            .map(
              ({ atMs, heightM }, i) =>
                `${i === 0 ? 'M' : 'L'}${x(atMs).toFixed(1)} ${y(heightM).toFixed(1)}`,
            )
            .join('')}
          fill="none"
          stroke="var(--river)"
          strokeWidth="2.2"
        />
        {turns.map(({ atMs, heightM, kind }) => (
          <text
            key={atMs}
            x={Math.min(Math.max(x(atMs), 30), width - 30)}
            y={kind === 'high' ? y(heightM) - 6 : CLOCK_HEIGHT - 18}
            textAnchor="middle"
            fontSize="11.5"
            fill="var(--ink)"
          >
            {clock(atMs)}
          </text>
        ))}
        <path d={`M${x(now)} 18V${CLOCK_HEIGHT - 26}`} stroke="var(--caster)" strokeWidth="2" />
        <text
          x={x(now)}
          y={CLOCK_HEIGHT - 4}
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

const SECTION_HEIGHT = 150

/** The beach and the bed: the sea now and at low water, where fish can swim, where one stands, the lowest of the way back. */
function Section({ shore, now, shiftM }: ViewProps) {
  const [ref, width] = useWidth<HTMLDivElement>(560)
  const { show } = useUnits()
  const { profile, standM, station } = shore
  const nowM = (tideHeights(station, now, now + MINUTE_MS, 60)[0]?.heightM ?? 0) + shiftM
  const lowM =
    Math.min(...tideHeights(station, now, now + 13 * HOUR_MS, 600).map(({ heightM }) => heightM)) + shiftM
  const endM = profile.at(-1)?.fromM ?? 1
  const all = profile.map(({ heightM }) => heightM)
  const [bottom, top] = [Math.min(...all, lowM) - 0.3, Math.max(...all, nowM) + 0.6]
  const x = (m: number): number => (m / endM) * width
  const y = (m: number): number =>
    SECTION_HEIGHT - 6 - ((m - bottom) / (top - bottom)) * (SECTION_HEIGHT - 20)
  const bed = profile
    .map(({ fromM, heightM }, i) => `${i === 0 ? 'M' : 'L'}${x(fromM)} ${y(heightM)}`)
    .join('')
  const troughs = troughsAt(profile, nowM)
  const way = lowestWayBack(shore)
  return (
    <div ref={ref} className="mt-2 overflow-hidden rounded-md">
      <svg
        width={width}
        height={SECTION_HEIGHT}
        role="img"
        aria-label={`The bed: the sea stands ${show(nowM, 'length')} over the datum, ${troughs.length} ${troughs.length === 1 ? 'trough holds' : 'troughs hold'} fish`}
        className="block"
      >
        <rect x={0} y={y(nowM)} width={width} height={SECTION_HEIGHT - y(nowM)} fill="var(--shoal)" />
        {troughs.map(({ fromM, toM }) => (
          <path key={fromM} d={`M${x(fromM)} ${y(nowM)}H${x(toM)}`} stroke="var(--river)" strokeWidth="4" />
        ))}
        <path d={`M0 ${y(lowM)}H${width}`} stroke="var(--faint)" strokeDasharray="5 4" />
        <path d={`${bed}V${SECTION_HEIGHT}H0Z`} fill="var(--rule)" stroke="var(--ink)" strokeWidth="1.4" />
        <path d={`M${x(way.fromM)} ${y(way.heightM) - 9}l-5 -8h10Z`} fill="var(--breaks)" />
        <path
          d={`M${x(standM)} ${y(bedAt(profile, standM))}v-22`}
          stroke="var(--ink)"
          strokeWidth="4"
          strokeLinecap="round"
        />
        <text x={width - 6} y={y(lowM) - 4} textAnchor="end" fontSize="11.5" fill="var(--faint)">
          low water
        </text>
      </svg>
    </div>
  )
}
