import type { FigureSpan } from '@hoxen/core/specify'
import { CHECK_TITLES } from '@hoxen/core/words'
import { useId } from 'react'
import { useWidth } from '../../drawing/index.ts'

const HIGH = 34
const BAR = 12
/** Room kept either side of a span, as a share of it. */
const ROUND = 0.3

interface Props {
  readonly span: FigureSpan
  /** The same figure of one's own, where it is known. SI. */
  readonly mine: number | undefined
}

/** A span on its own axis: how far it goes, the best of it, and the check that ends it at either end; it fades where nothing does. */
export function SpanBar({ span, mine }: Props) {
  const [ref, width] = useWidth<HTMLSpanElement>(240)
  const id = useId()
  const { low, high, target, below, above } = span
  if (below === undefined && above === undefined) return null
  const room = ROUND * (high - low || Math.abs(target) * 0.2 || 1)
  const [from, to] = [Math.min(low, mine ?? low) - room, Math.max(high, mine ?? high) + room]
  const x = (si: number): number => ((si - from) / (to - from)) * width
  const left = below === undefined ? 0 : x(low)
  const right = above === undefined ? width : x(high)
  const fade = (part: number): string => (part === 0 ? '0' : '1')
  return (
    <span ref={ref} className="block min-w-0">
      <svg width={width} height={HIGH} aria-hidden="true" className="block">
        <defs>
          <linearGradient id={id}>
            <stop offset="0" stopColor="var(--river)" stopOpacity={fade(below === undefined ? 0 : 1)} />
            <stop offset="0.2" stopColor="var(--river)" />
            <stop offset="0.8" stopColor="var(--river)" />
            <stop offset="1" stopColor="var(--river)" stopOpacity={fade(above === undefined ? 0 : 1)} />
          </linearGradient>
        </defs>
        <path d={`M0 ${BAR}H${width}`} stroke="var(--rule)" />
        <rect
          x={left}
          y={BAR - 5}
          width={Math.max(3, right - left)}
          height="10"
          rx="1"
          fill={`url(#${id})`}
          fillOpacity="0.45"
        />
        <path d={`M${x(target)} ${BAR - 9}v18`} stroke="var(--caster)" strokeWidth="2.5" />
        {mine !== undefined && (
          <path
            data-mine={mine >= low && mine <= high}
            d={`M${x(mine)} ${BAR - 7}l7 7l-7 7l-7 -7z`}
            fill={mine >= low && mine <= high ? 'var(--holds)' : 'var(--breaks)'}
            stroke="var(--sheet)"
          />
        )}
        <g fontSize="11.5" fill="var(--faint)">
          {below !== undefined && below.code === above?.code && (
            <text x={width / 2} y={HIGH - 2} textAnchor="middle">
              {CHECK_TITLES[below.code]}
            </text>
          )}
          {below !== undefined && below.code !== above?.code && (
            <text x="0" y={HIGH - 2}>
              {CHECK_TITLES[below.code]}
            </text>
          )}
          {above !== undefined && below?.code !== above.code && (
            <text x={width} y={HIGH - 2} textAnchor="end">
              {CHECK_TITLES[above.code]}
            </text>
          )}
        </g>
      </svg>
    </span>
  )
}
