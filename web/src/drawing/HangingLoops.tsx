import { useUnits } from '../ui/index.ts'
import { useWidth } from './useWidth.ts'

/** The hand that holds, over the bed it stands on [m]. */
const HAND_M = 1.15
const HEIGHT = 170
const TOP = 16

/** The loops as they hang from the hand, to scale: what reaches the water lies on it and is drawn off by the current. */
export function HangingLoops({
  loopsM,
  wadingM,
}: {
  readonly loopsM: readonly number[]
  readonly wadingM: number
}) {
  const [ref, width] = useWidth<HTMLDivElement>(480)
  const { show } = useUnits()
  const deepest = Math.max(...loopsM) / 2
  const scale = (HEIGHT - TOP - 26) / Math.max(deepest, HAND_M)
  const waterY = TOP + (HAND_M - wadingM) * scale
  const gap = Math.min(90, (width - 24) / loopsM.length)
  const dips = loopsM.filter((m) => m / 2 > HAND_M - wadingM).length
  return (
    <div ref={ref} className="mt-2 overflow-hidden rounded-lg border border-rule bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`Loops, first to last: ${loopsM.map((m) => show(m, 'length')).join(', ')}; ${dips} of ${loopsM.length} touch the water`}
        className="block"
      >
        <rect y={waterY} width={width} height={HEIGHT - waterY} fill="var(--shoal)" />
        <path d={`M0 ${waterY}H${width}`} stroke="var(--river)" strokeWidth="1.4" />
        <path
          d={`M12 ${TOP}H${12 + gap * loopsM.length}`}
          stroke="var(--ink)"
          strokeWidth="5"
          strokeLinecap="round"
        />
        {loopsM.map((m, i) => {
          const x = 12 + gap * (i + 0.22)
          const w = gap * 0.5
          const y = TOP + (m / 2) * scale - w / 2
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: loops are told apart by their turn alone
            <g key={i}>
              <path
                d={`M${x} ${TOP}V${Math.max(TOP, y)}a${w / 2} ${w / 2} 0 0 0 ${w} 0V${TOP}`}
                fill="none"
                stroke="var(--river)"
                strokeWidth="2.4"
              />
              <text x={x + w / 2} y={HEIGHT - 6} textAnchor="middle" fontSize="12" fill="var(--ink)">
                {show(m, 'length')}
              </text>
            </g>
          )
        })}
      </svg>
    </div>
  )
}
