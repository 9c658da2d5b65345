import type { CheckState, Piece, RigSlot } from '@hoxen/core/rig'
import { useId } from 'react'
import { hatchGapPx, outlinePath, type StripScale, startsOf } from './scale.ts'

interface Props {
  readonly pieces: readonly Piece[]
  readonly scale: StripScale
  readonly width: number
  readonly height: number
  readonly states: ReadonlyMap<RigSlot, CheckState>
  /** Part pointed at, drawn in the river's colour. */
  readonly marked?: RigSlot | undefined
  /** Parts that are not there yet: dashed. */
  readonly looked?: readonly RigSlot[]
  /** One part by itself: no spool behind it, no fly before it. */
  readonly bare?: boolean
}

const WORN: Readonly<Record<CheckState, string>> = {
  holds: 'text-ink',
  watch: 'text-watch',
  breaks: 'text-breaks',
}

/** The rig to scale: running line, head with its taper, tip with its hatching, leader, fly. Words stand beside it. */
export function RigDrawing({
  pieces,
  scale,
  width,
  height,
  states,
  marked,
  looked = [],
  bare = false,
}: Props) {
  const id = useId()
  const axisY = height / 2
  const starts = startsOf(pieces, scale)
  const endX = scale.left + scale.lengthM * scale.pxPerM + scale.gapPx * (pieces.length - 1)
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden="true"
      className="block"
    >
      {!bare && (
        <Spool
          x={scale.left}
          y={axisY}
          r={Math.min(13, scale.left / 2 - 1, height / 2 - 1)}
          broken={states.get('reelId') === 'breaks'}
          dashed={looked.includes('reelId')}
        />
      )}
      {pieces.map((piece, i) => (
        <PieceDrawing
          key={piece.slot}
          piece={piece}
          start={starts[i] ?? 0}
          scale={scale}
          height={height}
          state={states.get(piece.slot) ?? 'holds'}
          marked={marked === piece.slot}
          looked={looked.includes(piece.slot)}
          joined={i > 0 && scale.gapPx === 0}
          clip={`${id}-${i}`}
        />
      ))}
      {!bare && <Fly x={endX} y={axisY} />}
    </svg>
  )
}

interface PieceProps extends Pick<Props, 'scale' | 'height'> {
  readonly piece: Piece
  readonly start: number
  readonly state: CheckState
  readonly marked: boolean
  readonly looked: boolean
  /** It touches the one before it. */
  readonly joined: boolean
  readonly clip: string
}

/** How dark a piece is. */
const inkOf = ({ slot }: Piece, looked: boolean, sinking: boolean): number =>
  looked ? 0.08 : sinking ? 0.16 : slot === 'headId' ? 0.92 : 0.75

/** One piece: its taper, hatched where it sinks, marked where it breaks. */
function PieceDrawing({ piece, start, scale, height, state, marked, looked, joined, clip }: PieceProps) {
  const axisY = height / 2
  const path = outlinePath(piece, start, axisY, scale)
  const sinking = piece.sinkingShare > 0 && piece.sinkRateMps > 0
  const length = piece.lengthM * scale.pxPerM
  return (
    <g className={marked ? 'text-river' : WORN[state]}>
      <path
        d={path}
        fill="currentColor"
        fillOpacity={inkOf(piece, looked, sinking)}
        stroke="currentColor"
        strokeWidth={looked ? 1.4 : 1}
        strokeDasharray={looked ? '5 4' : undefined}
      />
      {sinking && (
        <>
          <clipPath id={clip}>
            <path d={path} />
          </clipPath>
          <Hatching
            clip={clip}
            from={start + length * (1 - piece.sinkingShare)}
            to={start + length}
            height={height}
            gap={hatchGapPx(piece.sinkRateMps)}
          />
        </>
      )}
      {joined && <path d={`M${start} ${axisY - 5}v10`} stroke="var(--paper)" strokeWidth="2" />}
      {state === 'breaks' && (
        <path
          d={`M${start - 3} ${axisY - height * 0.42}l6 5-6 5 6 5`}
          fill="none"
          stroke="currentColor"
          strokeWidth="2.2"
        />
      )}
    </g>
  )
}

function Hatching({
  clip,
  from,
  to,
  height,
  gap,
}: {
  readonly clip: string
  readonly from: number
  readonly to: number
  readonly height: number
  readonly gap: number
}) {
  const strokes = Array.from(
    { length: Math.max(1, Math.floor((to - from) / gap)) },
    (_, i) => `M${(from + i * gap).toFixed(1)} 0v${height}`,
  )
  return <path d={strokes.join('')} clipPath={`url(#${clip})`} stroke="currentColor" strokeWidth="1.5" />
}

function Spool({
  x,
  y,
  r,
  broken,
  dashed,
}: {
  readonly x: number
  readonly y: number
  readonly r: number
  readonly broken: boolean
  readonly dashed: boolean
}) {
  if (r < 4) return null
  return (
    <g
      className={broken ? 'text-breaks' : 'text-ink'}
      fill="none"
      stroke="currentColor"
      strokeDasharray={dashed ? '3 3' : undefined}
    >
      <circle cx={x - r - 1} cy={y} r={r - 1} strokeWidth="1.6" />
      <circle cx={x - r - 1} cy={y} r={r * 0.66} strokeWidth="1" />
      <circle cx={x - r - 1} cy={y} r={r * 0.3} fill="currentColor" stroke="none" />
    </g>
  )
}

function Fly({ x, y }: { readonly x: number; readonly y: number }) {
  return (
    <g className="text-caster" fill="none" stroke="currentColor" strokeWidth="1.8" strokeLinecap="round">
      <path d={`M${x} ${y}h7a3.4 3.4 0 0 1 0 6.800h-3`} />
      <path d={`M${x + 1} ${y}l-4-4.500M${x + 3} ${y}l-3-5`} strokeWidth="1.2" />
    </g>
  )
}
