import type { GrainWindow } from '@hoxen/core/rod'
import { TAG_NAMES } from '@hoxen/core/words'
import { useId } from 'react'
import { Term, useUnits } from '../ui/index.ts'
import { unitTicks } from './ticks.ts'
import { useWidth } from './useWidth.ts'

export interface AxisBand {
  readonly label: string
  readonly window: GrainWindow
  /** Heads that stand out on it, as dots [kg]. */
  readonly dotsKg?: readonly number[]
}
export interface AxisMark {
  readonly id: string
  readonly label: string
  readonly massKg: number
  readonly chosen: boolean
}

interface Props {
  readonly bands: readonly AxisBand[]
  readonly marks: readonly AxisMark[]
  readonly compact?: boolean
  /** What the ticks stand for, and the dots. */
  readonly ticks?: string
  readonly dots?: string
  /** A mark is touched on the axis. */
  readonly onChoose?: (id: string) => void
}

const ROW = 26
/** Room a letter of a band's name takes [px]. */
const LETTER_ROOM = 7
/** Beyond so many marks nobody finds one by pointing: they are drawn in one stroke, without names. */
const MOST_NAMED = 120
/** What a thumb needs to touch a mark [px]. */
const TOUCH_PX = 44
/** Room a tick's figure takes [px]. */
const TICK_ROOM = 90

/** Ends of a band's drawing: an estimated window fades over its own half-width. */
function drawnEnds({ lowKg, highKg, tag }: GrainWindow): readonly [number, number] {
  const fade = tag === 'printed' ? 0 : (highKg - lowKg) / 2
  return [lowKg - fade, highKg + fade]
}

function domainOf(bands: readonly AxisBand[], marks: readonly AxisMark[]): readonly [number, number] {
  const all = [...bands.flatMap(({ window }) => drawnEnds(window)), ...marks.map((m) => m.massKg)]
  const low = Math.min(...all)
  const high = Math.max(...all)
  const pad = Math.max((high - low) * 0.08, high * 0.04)
  return [Math.max(0, low - pad), high + pad]
}

/** Windows and heads on one axis of mass: in or out, and by how much, is seen before it is read. */
export function GrainAxis({
  bands,
  marks,
  compact = false,
  ticks: tickWords = 'your heads',
  dots,
  onChoose,
}: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(300)
  const { system, show } = useUnits()
  const id = useId()
  if (bands.length === 0 && marks.length === 0) return null
  const [low, high] = domainOf(bands, marks)
  const x = (kg: number): number => ((kg - low) / (high - low)) * width
  const axisY = compact ? 22 : bands.length * ROW + 6
  const ticks = unitTicks(low, high, Math.max(1, Math.floor(width / TICK_ROOM)), 'lineMass', system)
  const chosen = marks.filter((m) => m.chosen)
  const named = marks.length > MOST_NAMED ? chosen : marks
  const axis: Axis = { x, axisY, width, compact }
  return (
    <div ref={ref} className="relative">
      {onChoose !== undefined && <MarkButtons marks={named} axis={axis} onChoose={onChoose} />}
      <svg
        width={width}
        height={axisY + (compact ? 14 : 46)}
        role="img"
        aria-label={describe(bands, marks, show)}
        className="block overflow-visible"
      >
        {bands.map((band, i) => (
          <Band
            key={band.label}
            id={`${id}-${i}`}
            band={band}
            x={x}
            y={compact ? 3 : i * ROW + 3}
            height={compact ? 15 : 17}
            width={width}
            labelled={!compact}
          />
        ))}
        <path d={`M0 ${axisY}H${width}`} stroke="var(--ink)" strokeWidth="1" />
        {!compact && <Figures ticks={ticks} chosen={chosen} axis={axis} />}
        <Marks marks={marks} named={named} axis={axis} />
      </svg>
      {!compact && bands.length > 0 && (
        <p className="mt-0.5 pb-1 text-[0.82rem] text-faint">
          Bar: the <Term about="word-window">window</Term>, hard ends given, soft ends estimated. Dotted: the{' '}
          <Term about="word-sweet-spot">sweet spot</Term>.
          {marks.length > chosen.length && ` Ticks: ${tickWords}.`}
          {dots !== undefined && ` Dots: ${dots}.`}
        </p>
      )}
    </div>
  )
}

/** Where the axis lies in its drawing [px]. */
interface Axis {
  readonly x: (kg: number) => number
  readonly axisY: number
  readonly width: number
  readonly compact: boolean
}
interface MarksProps {
  readonly marks: readonly AxisMark[]
  readonly axis: Axis
}

/** What is touched to choose a mark, over the drawing. */
const MarkButtons = ({
  marks,
  axis: { x, axisY },
  onChoose,
}: MarksProps & { readonly onChoose: (id: string) => void }) =>
  marks.map(({ id, label, massKg, chosen }) => (
    <button
      key={id}
      type="button"
      aria-pressed={chosen}
      aria-label={label}
      title={label}
      onClick={() => onChoose(id)}
      style={{ left: x(massKg) - TOUCH_PX / 2, top: axisY - TOUCH_PX / 2 }}
      className="no-print absolute z-10 size-11 rounded-full aria-pressed:border-2 aria-pressed:border-river"
    />
  ))

/** The heads as ticks; very many are drawn in one stroke, and only the chosen ones by name. */
function Marks({ marks, named, axis: { x, axisY } }: MarksProps & { readonly named: readonly AxisMark[] }) {
  const { show } = useUnits()
  const stroke = (mark: AxisMark): string => `M${x(mark.massKg)} ${axisY - 9}v9`
  return (
    <>
      {named.map((mark) => (
        <path
          key={mark.id}
          d={mark.chosen ? `M${x(mark.massKg)} 0V${axisY + 6}` : stroke(mark)}
          stroke={mark.chosen ? 'var(--caster)' : 'var(--ink)'}
          strokeWidth={mark.chosen ? 3 : 1.6}
        >
          <title>{`${mark.label}, ${show(mark.massKg, 'lineMass')}`}</title>
        </path>
      ))}
      {named !== marks && <path d={marks.map(stroke).join('')} stroke="var(--ink)" strokeWidth="1.6" />}
    </>
  )
}

interface FiguresProps {
  readonly ticks: ReturnType<typeof unitTicks>
  readonly chosen: readonly AxisMark[]
  readonly axis: Axis
}

/** Figures under the axis, and those of what is chosen. */
function Figures({ ticks, chosen, axis: { x, axisY, width } }: FiguresProps) {
  const { show } = useUnits()
  return (
    <>
      {ticks.map(({ si: kg, text }) => (
        <g key={kg}>
          <path d={`M${x(kg)} ${axisY}v5`} stroke="var(--ink)" />
          <text x={x(kg)} y={axisY + 18} textAnchor="middle" fontSize="11.5" fill="var(--faint)">
            {text}
          </text>
        </g>
      ))}
      {chosen.map((mark) => (
        <text
          key={mark.id}
          x={Math.min(Math.max(x(mark.massKg), 40), width - 40)}
          y={axisY + 38}
          textAnchor="middle"
          fontSize="13"
          fontWeight="650"
          fill="var(--caster)"
        >
          {show(mark.massKg, 'lineMass')}
        </text>
      ))}
    </>
  )
}

interface BandProps {
  readonly id: string
  readonly band: AxisBand
  readonly x: (kg: number) => number
  readonly y: number
  readonly height: number
  /** Of the whole drawing [px]. */
  readonly width: number
  readonly labelled: boolean
}

/** A printed window has hard ends; an estimated one fades over its own half-width. */
function Band({ id, band: { label, window, dotsKg }, x, y, height, width, labelled }: BandProps) {
  const hard = window.tag === 'printed'
  const [low, high] = drawnEnds(window)
  const [from, to] = [x(low), x(high)]
  const room = 7 + LETTER_ROOM * label.length
  const [place, anchor] =
    from > room
      ? [from - 7, 'end' as const]
      : to + room < width
        ? [to + 7, 'start' as const]
        : [(from + to) / 2, 'middle' as const]
  return (
    <g>
      <linearGradient id={id}>
        <stop offset="0" stopColor="var(--river)" stopOpacity="0" />
        <stop offset="0.28" stopColor="var(--river)" stopOpacity="0.3" />
        <stop offset="0.72" stopColor="var(--river)" stopOpacity="0.3" />
        <stop offset="1" stopColor="var(--river)" stopOpacity="0" />
      </linearGradient>
      <rect
        x={from}
        y={y}
        width={Math.max(1, to - from)}
        height={height}
        fill={hard ? 'var(--river)' : `url(#${id})`}
        fillOpacity={hard ? 0.3 : 1}
      />
      {hard && (
        <path
          d={`M${from} ${y - 2}v${height + 4}M${to} ${y - 2}v${height + 4}`}
          stroke="var(--river)"
          strokeWidth="2"
        />
      )}
      <path
        d={`M${x(window.aimKg)} ${y}v${height}`}
        stroke="var(--river)"
        strokeWidth="1.4"
        strokeDasharray="2 2"
      />
      {dotsKg?.map((kg) => (
        <circle
          key={kg}
          cx={x(kg)}
          cy={y + height / 2}
          r="5.5"
          fill="var(--caster)"
          stroke="var(--sheet)"
          strokeWidth="1.5"
        />
      ))}
      {labelled && (
        <text x={place} y={y + height - 4} textAnchor={anchor} fontSize="12.5" fill="var(--ink)">
          {label}
        </text>
      )}
    </g>
  )
}

function describe(
  bands: readonly AxisBand[],
  marks: readonly AxisMark[],
  show: (kg: number, m: 'lineMass') => string,
): string {
  const windows = bands.map(
    (b) =>
      `${b.label} window ${show(b.window.lowKg, 'lineMass')} to ${show(b.window.highKg, 'lineMass')}, ${TAG_NAMES[b.window.tag]}${b.dotsKg === undefined ? '' : `, ${b.dotsKg.map((kg) => show(kg, 'lineMass')).join(', ')} on it`}`,
  )
  const chosen = marks.filter((m) => m.chosen).map((m) => `${m.label} ${show(m.massKg, 'lineMass')}`)
  return [...windows, ...chosen].join('; ')
}
