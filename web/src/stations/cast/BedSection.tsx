import { bedAt, lowestWayBack, type Shore, standingM, tideAt, tideHeights, troughsAt } from '@hoxen/core/tide'
import { sayBed } from '@hoxen/core/words'
import { useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

const HOUR_MS = 3_600_000
const HEIGHT = 170

interface Props {
  readonly shore: Shore
  readonly now: number
  readonly shiftM: number
}

interface Frame {
  readonly width: number
  readonly x: (m: number) => number
  readonly y: (m: number) => number
}

/** The beach and the bed: the sea now and at low water, where fish can swim, where one stands, the lowest of the way back. */
export function BedSection({ shore, now, shiftM }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(560)
  const { system } = useUnits()
  const { profile, station } = shore
  const predictedM = tideAt(station, now)
  if (predictedM === undefined) return null
  const nowM = predictedM + shiftM
  const lowM = Math.min(...tideHeights(station, now, now + 13 * HOUR_MS, 600).map((t) => t.heightM)) + shiftM
  const frame = frameOf(shore, width, lowM, nowM)
  const { x, y } = frame
  const bed = profile
    .map(({ fromM, heightM }, i) => `${i === 0 ? 'M' : 'L'}${x(fromM)} ${y(heightM)}`)
    .join('')
  return (
    <div ref={ref} className="mt-2 overflow-hidden rounded-md">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={sayBed(nowM, troughsAt(profile, nowM).length, system)}
        className="block"
      >
        <rect x={0} y={y(nowM)} width={width} height={HEIGHT - y(nowM)} fill="var(--shoal)" />
        <Troughs {...frame} shore={shore} nowM={nowM} />
        <path d={`M0 ${y(lowM)}H${width}`} stroke="var(--faint)" strokeDasharray="5 4" />
        <path d={`${bed}V${HEIGHT}H0Z`} fill="var(--rule)" stroke="var(--ink)" strokeWidth="1.4" />
        <Standing {...frame} shore={shore} nowM={nowM} />
        <text x={6} y={y(lowM) - 4} fontSize="11.5" fill="var(--ink)">
          low water
        </text>
      </svg>
    </div>
  )
}

/** Where a place of the beach is drawn, so that bed and sea fit. */
function frameOf({ profile }: Shore, width: number, lowM: number, nowM: number): Frame {
  const endM = profile.at(-1)?.fromM ?? 1
  const all = profile.map(({ heightM }) => heightM)
  const [bottom, top] = [Math.min(...all, lowM) - 0.3, Math.max(...all, nowM) + 0.6]
  return {
    width,
    x: (m) => (m / endM) * width,
    y: (m) => HEIGHT - 6 - ((m - bottom) / (top - bottom)) * (HEIGHT - 22),
  }
}

interface SeaProps extends Frame {
  readonly shore: Shore
  readonly nowM: number
}

/** Where the sea is deep enough for fish. */
function Troughs({ x, y, shore, nowM }: SeaProps) {
  const { show } = useUnits()
  return troughsAt(shore.profile, nowM).map(({ fromM, toM, depthM }) => (
    <g key={fromM}>
      <path d={`M${x(fromM)} ${y(nowM)}H${x(toM)}`} stroke="var(--river)" strokeWidth="4" />
      {x(toM) - x(fromM) > 60 && (
        <text
          x={(x(fromM) + x(toM)) / 2}
          y={y(nowM) - 6}
          textAnchor="middle"
          fontSize="11.5"
          fill="var(--ink)"
        >
          fish, {show(depthM, 'length')}
        </text>
      )}
    </g>
  ))
}

/** The angler on the bed, and the lowest place of the way back. */
function Standing({ x, y, shore, nowM }: SeaProps) {
  const { show } = useUnits()
  const { standM, profile } = shore
  const way = lowestWayBack(shore)
  const depthM = standingM(shore, nowM)
  const bedY = y(bedAt(profile, standM))
  return (
    <>
      <path d={`M${x(way.fromM)} ${y(way.heightM) - 9}l-5 -8h10Z`} fill="var(--breaks)" />
      <path d={`M${x(standM)} ${bedY}v-22`} stroke="var(--ink)" strokeWidth="4" strokeLinecap="round" />
      <text x={x(standM) + 7} y={bedY - 12} fontSize="11.5" fill="var(--ink)">
        you, {depthM > 0 ? `in ${show(depthM, 'length')}` : 'dry'}
      </text>
    </>
  )
}
