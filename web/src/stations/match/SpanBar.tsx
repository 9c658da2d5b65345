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
  const inside = mine !== undefined && mine >= low && mine <= high
  return (
    <span ref={ref} className="block min-w-0">
      <svg width={width} height={HIGH} aria-hidden="true" className="block">
        <defs>
          <linearGradient id={id}>
            <stop offset="0" stopColor="var(--river)" stopOpacity={below === undefined ? 0 : 1} />
            <stop offset="0.2" stopColor="var(--river)" />
            <stop offset="0.8" stopColor="var(--river)" />
            <stop offset="1" stopColor="var(--river)" stopOpacity={above === undefined ? 0 : 1} />
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
        {mine !== undefined && <Mine x={x(mine)} inside={inside} />}
        <SpanEnds span={span} width={width} />
      </svg>
    </span>
  )
}

/** One's own figure, inside the span or out of it. */
const Mine = ({ x, inside }: { readonly x: number; readonly inside: boolean }) => (
  <path
    data-mine={inside}
    d={`M${x} ${BAR - 7}l7 7l-7 7l-7 -7z`}
    fill={inside ? 'var(--holds)' : 'var(--breaks)'}
    stroke="var(--sheet)"
  />
)

interface EndsProps {
  readonly span: FigureSpan
  readonly width: number
}

/** The checks that end it; where both are one it is named once. */
function SpanEnds({ span: { below, above }, width }: EndsProps) {
  const names =
    below !== undefined && below.code === above?.code
      ? [{ end: below, x: width / 2, anchor: 'middle' as const }]
      : [
          { end: below, x: 0, anchor: 'start' as const },
          { end: above, x: width, anchor: 'end' as const },
        ]
  return names.map(
    ({ end, x, anchor }) =>
      end !== undefined && (
        <text key={anchor} x={x} y={HIGH - 2} textAnchor={anchor} fontSize="11.5" fill="var(--faint)">
          {CHECK_TITLES[end.code]}
        </text>
      ),
  )
}
