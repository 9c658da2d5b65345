import type { KeyboardEvent, PointerEvent, ReactNode } from 'react'

/** Words over a handle stand at least so far below the top of its drawing [px]. */
const TOP_PX = 13

interface HandleProps {
  readonly label: string
  readonly at: { readonly x: number; readonly y: number }
  readonly min: number
  readonly max: number
  readonly now: number
  readonly text: string
  readonly says: string | undefined
  readonly shape: ReactNode
  /** Of the drawing: near its right edge words stand to the left. */
  readonly width: number
  /** Side its words stand on, level with it; left out, over it to the side that has room. */
  readonly side?: 'left' | 'right'
  readonly onTake: (event: PointerEvent) => void
  readonly onKey: (event: KeyboardEvent) => void
}

/** Something in a drawing to take hold of, by pointer or keys; as wide as a thumb. */
export function Handle({
  label,
  at,
  min,
  max,
  now,
  text,
  says,
  shape,
  width,
  side,
  onTake,
  onKey,
}: HandleProps) {
  const toLeft = side === undefined ? at.x > width * 0.7 : side === 'left'
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuenow={now}
      aria-valuetext={text}
      transform={`translate(${at.x} ${at.y})`}
      className="group pointer-events-auto cursor-grab touch-none outline-none"
      onPointerDown={onTake}
      onKeyDown={onKey}
    >
      <circle r="22" fill="transparent" />
      <g
        fill="var(--sheet)"
        stroke="var(--caster)"
        className="[stroke-width:2.5] group-focus-visible:[stroke-width:6]"
      >
        {shape}
      </g>
      {says !== undefined && (
        <text
          x={toLeft ? -14 : 14}
          y={side === undefined ? Math.max(-10, TOP_PX - at.y) : 5}
          textAnchor={toLeft ? 'end' : 'start'}
          fontSize="13"
          fontWeight="700"
          fill="var(--ink)"
          stroke="var(--shoal)"
          strokeWidth="3"
          paintOrder="stroke"
        >
          {says}
        </text>
      )}
    </g>
  )
}
