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

/** The beach and the bed: the sea now and at low water, where fish can swim, where one stands, the lowest of the way back. */
export function BedSection({ shore, now, shiftM }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(560)
  const { show, system } = useUnits()
  const { profile, standM, station } = shore
  const predictedM = tideAt(station, now)
  if (predictedM === undefined) return null
  const nowM = predictedM + shiftM
  const lowM = Math.min(...tideHeights(station, now, now + 13 * HOUR_MS, 600).map((t) => t.heightM)) + shiftM
  const endM = profile.at(-1)?.fromM ?? 1
  const all = profile.map(({ heightM }) => heightM)
  const [bottom, top] = [Math.min(...all, lowM) - 0.3, Math.max(...all, nowM) + 0.6]
  const x = (m: number): number => (m / endM) * width
  const y = (m: number): number => HEIGHT - 6 - ((m - bottom) / (top - bottom)) * (HEIGHT - 22)
  const bed = profile
    .map(({ fromM, heightM }, i) => `${i === 0 ? 'M' : 'L'}${x(fromM)} ${y(heightM)}`)
    .join('')
  const troughs = troughsAt(profile, nowM)
  const way = lowestWayBack(shore)
  const depthM = standingM(shore, nowM)
  return (
    <div ref={ref} className="mt-2 overflow-hidden rounded-md">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={sayBed(nowM, troughs.length, system)}
        className="block"
      >
        <rect x={0} y={y(nowM)} width={width} height={HEIGHT - y(nowM)} fill="var(--shoal)" />
        {troughs.map(({ fromM, toM, depthM }) => (
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
        ))}
        <path d={`M0 ${y(lowM)}H${width}`} stroke="var(--faint)" strokeDasharray="5 4" />
        <path d={`${bed}V${HEIGHT}H0Z`} fill="var(--rule)" stroke="var(--ink)" strokeWidth="1.4" />
        <path d={`M${x(way.fromM)} ${y(way.heightM) - 9}l-5 -8h10Z`} fill="var(--breaks)" />
        <path
          d={`M${x(standM)} ${y(bedAt(profile, standM))}v-22`}
          stroke="var(--ink)"
          strokeWidth="4"
          strokeLinecap="round"
        />
        <text x={x(standM) + 7} y={y(bedAt(profile, standM)) - 12} fontSize="11.5" fill="var(--ink)">
          you, {depthM > 0 ? `in ${show(depthM, 'length')}` : 'dry'}
        </text>
        <text x={6} y={y(lowM) - 4} fontSize="11.5" fill="var(--ink)">
          low water
        </text>
      </svg>
    </div>
  )
}
