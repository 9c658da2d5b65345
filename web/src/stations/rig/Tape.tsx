import { WEIGHED } from '@hoxen/core/sink'
import { type KeyboardEvent, type PointerEvent, useRef } from 'react'
import { bySlider, unitTicks, useHold, useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

interface TapeProps {
  readonly lengthM: number | undefined
  readonly sinkingM: number | undefined
  readonly onLength: (m: number) => void
  /** Told how long it is while its end is held; undefined when it is let go. */
  readonly onHold?: ((m: number | undefined) => void) | undefined
}

const TAPE_HIGH = 96
const PIECE_Y = 26
const TAPE_Y = 46
/** Shown of the tape at least [m], and beyond the piece, as a share of it. */
const TAPE = { leastM: 4, share: 1.2 } as const
const STEP_M = 0.01

/** The piece along a tape, its sinking part hatched; its end is taken hold of and moved. */
export function Tape({ lengthM, sinkingM, onLength, onHold }: TapeProps) {
  const { show } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(600)
  const long = lengthM ?? 0
  const toFit = Math.max(TAPE.leastM, long * TAPE.share)
  /** The tape stays as long as it is while its end is held. */
  const taken = useRef(toFit)
  const { low, high } = WEIGHED.lengthM
  const placed = (m: number): number => Math.max(low, Math.min(high, Math.round(m / STEP_M) * STEP_M))
  const { drawing, take, held } = useHold<number>({
    moved: (_was, at) => placed(((at - 10) / (width - 20)) * taken.current),
    onHold,
    onDrop: onLength,
  })
  const toM = held === undefined ? toFit : taken.current
  const x = (m: number): number => 10 + (m / toM) * (width - 20)
  const sinks = sinkingM === undefined ? long : Math.min(long, sinkingM)
  return (
    <div ref={box}>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups what can be taken hold of */}
      <svg
        {...drawing}
        width={width}
        height={TAPE_HIGH}
        role="group"
        aria-label={
          lengthM === undefined ? 'A tape, nothing along it yet' : `${show(long, 'length')} along the tape`
        }
        className="block touch-none"
      >
        <PieceOnTape x={x} longM={long} sinksM={sinks} />
        <Graduations x={x} toM={toM} width={width} />
        <TapeEnd
          at={x(long)}
          longM={long}
          onKey={bySlider({
            now: long,
            min: low,
            max: high,
            step: STEP_M,
            onPut: (m) => onLength(placed(m)),
          })}
          onTake={(event) => {
            taken.current = toM
            take(long)(event)
          }}
        />
      </svg>
    </div>
  )
}

/** Where a length lies in the drawing [px]. */
type Along = (m: number) => number

/** The piece, its sinking part dark. */
const PieceOnTape = ({
  x,
  longM,
  sinksM,
}: {
  readonly x: Along
  readonly longM: number
  readonly sinksM: number
}) => (
  <g stroke="var(--ink)">
    <rect
      x={x(0)}
      y={PIECE_Y - 5}
      width={Math.max(0, x(longM - sinksM) - x(0))}
      height="10"
      rx="4"
      fill="var(--sheet)"
    />
    <rect
      x={x(longM - sinksM)}
      y={PIECE_Y - 5}
      width={Math.max(0, x(longM) - x(longM - sinksM))}
      height="10"
      rx="4"
      fill="var(--ink)"
      stroke="none"
    />
  </g>
)

/** The tape with its figures. */
function Graduations({ x, toM, width }: { readonly x: Along; readonly toM: number; readonly width: number }) {
  const { system } = useUnits()
  return (
    <>
      <rect x={x(0)} y={TAPE_Y} width={width - 20} height="26" fill="var(--sheet)" stroke="var(--ink)" />
      {unitTicks(0, toM, Math.max(3, width / 70), 'length', system).map(({ si, text }) => (
        <g key={si}>
          <path d={`M${x(si)} ${TAPE_Y}v10`} stroke="var(--ink)" />
          <text
            x={x(si)}
            y={TAPE_Y + 42}
            textAnchor={si === 0 ? 'start' : 'middle'}
            fontSize="12"
            fill="var(--faint)"
          >
            {text}
          </text>
        </g>
      ))}
    </>
  )
}

interface EndProps {
  readonly at: number
  readonly longM: number
  readonly onKey: (event: KeyboardEvent) => void
  readonly onTake: (event: PointerEvent) => void
}

/** The end of the piece, to be taken hold of. */
function TapeEnd({ at, longM, onKey, onTake }: EndProps) {
  const { show } = useUnits()
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label="End of the piece on the tape"
      aria-valuemin={WEIGHED.lengthM.low}
      aria-valuemax={WEIGHED.lengthM.high}
      aria-valuenow={longM}
      aria-valuetext={show(longM, 'length')}
      transform={`translate(${at} ${PIECE_Y})`}
      className="group cursor-ew-resize outline-none"
      onKeyDown={onKey}
      onPointerDown={onTake}
    >
      <rect x="-16" y="-22" width="32" height="60" fill="transparent" />
      <path
        d="M0 -16V30"
        stroke="var(--caster)"
        className="[stroke-width:2.5] group-focus-visible:[stroke-width:5]"
      />
      <circle r="7" fill="var(--sheet)" stroke="var(--caster)" strokeWidth="2.5" />
    </g>
  )
}
