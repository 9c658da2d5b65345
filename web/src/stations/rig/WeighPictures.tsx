import { unitOf } from '@hoxen/core/quantity'
import { LEVEL_MATERIALS, MATERIAL_TOLERANCE, type MaterialReading, WEIGHED } from '@hoxen/core/sink'
import { type KeyboardEvent, type PointerEvent, useRef } from 'react'
import { unitTicks, useWidth } from '../../drawing/index.ts'
import type { Reading } from '../../scale/index.ts'
import { useUnits } from '../../ui/index.ts'

const TRACE_HIGH = 96
/** Readings the trace has room for. */
const TRACE_LONG = 60

/** How the scale came to rest: what it said, oldest at the left; the band is a tenth of a gram either side of the last. */
export function SettlingTrace({ trace }: { readonly trace: readonly Reading[] }) {
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

interface TapeProps {
  readonly lengthM: number | undefined
  readonly sinkingM: number | undefined
  readonly onLength: (m: number) => void
}

const TAPE_HIGH = 96
const PIECE_Y = 26
const TAPE_Y = 46
/** Shown of the tape at least [m], and beyond the piece, as a share of it. */
const TAPE = { leastM: 4, share: 1.2 } as const
const STEP_M = 0.01

/** The piece along a tape, its sinking part hatched; its end is taken hold of and moved. */
export function Tape({ lengthM, sinkingM, onLength }: TapeProps) {
  const { show, system } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(600)
  const svg = useRef<SVGSVGElement>(null)
  const held = useRef<number>(undefined)
  const long = lengthM ?? 0
  const toM = held.current ?? Math.max(TAPE.leastM, long * TAPE.share)
  const x = (m: number): number => 10 + (m / toM) * (width - 20)
  const put = (m: number): void =>
    onLength(Math.max(WEIGHED.lengthM.low, Math.min(WEIGHED.lengthM.high, Math.round(m / STEP_M) * STEP_M)))
  const drag = (event: PointerEvent): void => {
    if (held.current === undefined || svg.current === null) return
    put(((event.clientX - svg.current.getBoundingClientRect().left - 10) / (width - 20)) * toM)
  }
  const key = (event: KeyboardEvent): void => {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key]
    if (by === undefined) return
    event.preventDefault()
    put(long + by * STEP_M * (event.shiftKey ? 10 : 1))
  }
  const sinks = sinkingM === undefined ? long : Math.min(long, sinkingM)
  return (
    <div ref={box}>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups what can be taken hold of */}
      <svg
        ref={svg}
        width={width}
        height={TAPE_HIGH}
        role="group"
        aria-label={
          lengthM === undefined ? 'A tape, nothing along it yet' : `${show(long, 'length')} along the tape`
        }
        className="block touch-none"
        onPointerMove={drag}
        onPointerUp={() => {
          held.current = undefined
        }}
        onPointerCancel={() => {
          held.current = undefined
        }}
      >
        <rect
          x={x(0)}
          y={PIECE_Y - 5}
          width={Math.max(0, x(long - sinks) - x(0))}
          height="10"
          rx="4"
          fill="var(--sheet)"
          stroke="var(--ink)"
        />
        <rect
          x={x(long - sinks)}
          y={PIECE_Y - 5}
          width={Math.max(0, x(long) - x(long - sinks))}
          height="10"
          rx="4"
          fill="var(--ink)"
        />
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
        <g
          role="slider"
          tabIndex={0}
          aria-label="End of the piece on the tape"
          aria-valuemin={WEIGHED.lengthM.low}
          aria-valuemax={WEIGHED.lengthM.high}
          aria-valuenow={long}
          aria-valuetext={show(long, 'length')}
          transform={`translate(${x(long)} ${PIECE_Y})`}
          className="group cursor-ew-resize outline-none"
          onKeyDown={key}
          onPointerDown={(event) => {
            held.current = toM
            svg.current?.setPointerCapture(event.pointerId)
          }}
        >
          <rect x="-16" y="-22" width="32" height="60" fill="transparent" />
          <path
            d="M0 -16V30"
            stroke="var(--caster)"
            className="[stroke-width:2.5] group-focus-visible:[stroke-width:5]"
          />
          <circle r="7" fill="var(--sheet)" stroke="var(--caster)" strokeWidth="2.5" />
        </g>
      </svg>
    </div>
  )
}

const AXIS_HIGH = 132
const AXIS_Y = 84
/** Shown of the axis at least [gr/ft]. */
const AXIS = { low: 2, high: 22 } as const

/** Where the measure lands among the level materials: each with its tolerance, the measure with how sure scale and tape are. */
export function MaterialAxis({ reading }: { readonly reading: MaterialReading | undefined }) {
  const { show, system } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(800)
  const at = reading?.grainsPerFt
  const spread = reading?.sinkingGrainsPerFt
  const high = Math.max(AXIS.high, (at ?? 0) * 1.1, (spread?.high ?? 0) * 1.1)
  const low = Math.min(AXIS.low, (at ?? AXIS.low) * 0.8)
  const x = (n: number): number => 14 + ((n - low) / (high - low)) * (width - 28)
  const { toSi, fromSi } = unitOf('gr/ft')
  const said =
    reading === undefined
      ? 'Level materials by mass per length'
      : `${show(reading.kgPerM, 'massPerLength')} among the level materials: ${reading.material ?? `between ${reading.nearest.map((n) => n.material).join(' and ')}`}`
  return (
    <div ref={box} className="rounded-lg border border-rule bg-sheet">
      <svg width={width} height={AXIS_HIGH} role="img" aria-label={said} className="block">
        <path d={`M14 ${AXIS_Y}H${width - 14}`} stroke="var(--ink)" strokeWidth="1.5" />
        {unitTicks(toSi(low), toSi(high), Math.max(4, width / 110), 'massPerLength', system).map(
          ({ si, text }) => {
            const m = x(fromSi(si))
            return m < 30 ? null : (
              <g key={si}>
                <path d={`M${m} ${AXIS_Y}v6`} stroke="var(--ink)" />
                <text x={m} y={AXIS_Y + 22} textAnchor="middle" fontSize="12" fill="var(--faint)">
                  {text}
                </text>
              </g>
            )
          },
        )}
        {LEVEL_MATERIALS.map((n, i) => (
          <g key={n}>
            <rect
              x={x(n * (1 - MATERIAL_TOLERANCE))}
              y={AXIS_Y - 26}
              width={Math.max(2, x(n * (1 + MATERIAL_TOLERANCE)) - x(n * (1 - MATERIAL_TOLERANCE)))}
              height="26"
              fill="var(--river)"
              fillOpacity="0.28"
            />
            <path d={`M${x(n)} ${AXIS_Y - 26}v26`} stroke="var(--river)" strokeWidth="2" />
            <text
              x={x(n)}
              // Neighbours a grain apart stand one over the other.
              y={AXIS_Y - 31 - (LEVEL_MATERIALS[i - 1] === n - 1 ? 14 : 0)}
              textAnchor="middle"
              fontSize="13"
              fontWeight={reading?.material === `T-${n}` ? 700 : 500}
              fill="var(--ink)"
            >
              T-{n}
            </text>
          </g>
        ))}
        {spread !== undefined && (
          <g>
            <rect
              x={x(spread.low)}
              y={AXIS_Y - 12}
              width={Math.max(2, x(spread.high) - x(spread.low))}
              height="12"
              fill="var(--caster)"
              fillOpacity="0.3"
            />
            <text
              x={x((spread.low + spread.high) / 2)}
              y={AXIS_HIGH - 8}
              textAnchor="middle"
              fontSize="13"
              fill="var(--caster)"
            >
              its sinking part lies in here
            </text>
          </g>
        )}
        {reading !== undefined && spread === undefined && (
          <g>
            <rect
              x={x(reading.sure.low)}
              y={AXIS_Y - 40}
              width={Math.max(2, x(reading.sure.high) - x(reading.sure.low))}
              height="40"
              fill="var(--caster)"
              fillOpacity="0.3"
            />
            <path
              d={`M${x(reading.grainsPerFt)} ${AXIS_Y - 46}V${AXIS_Y + 28}`}
              stroke="var(--caster)"
              strokeWidth="2.5"
            />
            <text
              x={Math.max(40, Math.min(width - 40, x(reading.grainsPerFt)))}
              y={AXIS_HIGH - 4}
              textAnchor="middle"
              fontSize="14"
              fontWeight="700"
              fill="var(--caster)"
            >
              {show(reading.kgPerM, 'massPerLength')}
            </text>
          </g>
        )}
      </svg>
    </div>
  )
}
