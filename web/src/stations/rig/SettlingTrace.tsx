import { useWidth } from '../../drawing/index.ts'
import type { ScaleReading } from '../../scale/index.ts'

const TRACE_HIGH = 96
/** Readings the trace has room for. */
const TRACE_LONG = 60

/** Trace of the scale coming to rest: what it said, oldest at the left; the band is a tenth of a gram either side of the last. */
export function SettlingTrace({ trace }: { readonly trace: readonly ScaleReading[] }) {
  const [box, width] = useWidth<HTMLDivElement>(300)
  const last = trace.at(-1)
  const all = trace.map((r) => r.grams)
  const middle = last?.grams ?? 0
  const half = Math.max(0.4, ...all.map((g) => Math.abs(g - middle))) * 1.1
  const x = (i: number): number => (width * (TRACE_LONG - trace.length + i)) / (TRACE_LONG - 1)
  const y = (g: number): number => TRACE_HIGH / 2 - ((g - middle) / half) * (TRACE_HIGH / 2 - 4)
  return (
    <div ref={box} className="min-w-0">
      <svg
        width={width}
        height={TRACE_HIGH}
        role="img"
        aria-label={
          last === undefined
            ? 'The scale is silent'
            : `The scale ${last.stable ? 'has settled' : 'is settling'} at ${last.grams.toFixed(2)} g`
        }
        className="block"
      >
        <rect
          y={y(middle + 0.05)}
          width={width}
          height={Math.max(1, y(middle - 0.05) - y(middle + 0.05))}
          fill="var(--holds)"
          fillOpacity={last?.stable ? 0.25 : 0.1}
        />
        <path d={`M0 ${TRACE_HIGH - 0.5}H${width}`} stroke="var(--rule)" />
        <path
          d={trace
            .map((r, i) => `${i === 0 ? 'M' : 'L'}${x(i).toFixed(1)} ${y(r.grams).toFixed(1)}`)
            .join('')}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2"
          strokeLinejoin="round"
        />
        <text x="2" y="12" fontSize="12" fill="var(--faint)">
          +{half.toFixed(1)} g
        </text>
        <text x="2" y={TRACE_HIGH - 5} fontSize="12" fill="var(--faint)">
          −{half.toFixed(1)} g
        </text>
      </svg>
    </div>
  )
}
