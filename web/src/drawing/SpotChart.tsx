import type { Measure } from '@hoxen/core/quantity'
import { Link } from 'react-router'
import { useUnits } from '../ui/index.ts'
import { unitTicks } from './ticks.ts'
import { useWidth } from './useWidth.ts'

/** A thing by two figures, SI. */
export interface ChartPoint {
  readonly id: string
  readonly name: string
  /** Text beside it. */
  readonly short: string
  readonly x: number
  readonly y: number
  /** Value that its mark's area follows. */
  readonly size: number
  /** Filled share of its mark, [0, 1]. */
  readonly partly: number
}

type Axis = readonly [name: string, measure: Measure]

interface Props {
  readonly spots: readonly ChartPoint[]
  readonly across: Axis
  readonly up: Axis
}

const HIGH = 250
const ROOM = { left: 60, right: 24, top: 22, bottom: 42 } as const
const LARGEST_PX = 11
/** Marks closer than this share one name [px]. */
const TOGETHER_PX = 15

interface Name {
  readonly text: string
  readonly x: number
  readonly y: number
}
interface Placed extends Name {
  readonly anchor: 'start' | 'middle' | 'end'
}

const LETTER_PX = 6.6
const NAME_PX = 15
/** Places for a name beside its mark, best first: beside it, then over and under it, further and further. */
const STANDS = [
  [14, 4, 'start'],
  [-14, 4, 'end'],
  [0, -15, 'middle'],
  [0, 24, 'middle'],
  [0, -30, 'middle'],
  [0, 39, 'middle'],
] as const

/** Puts each name where it covers neither another nor a mark, as far as there is room. */
function placeNames(names: readonly Name[], width: number): readonly Placed[] {
  const taken: { left: number; right: number; y: number }[] = names.map(({ x, y }) => ({
    left: x - LARGEST_PX,
    right: x + LARGEST_PX,
    y,
  }))
  return names.map(({ text, x, y }) => {
    const long = text.length * LETTER_PX
    const options = STANDS.map(([dx, dy, anchor]) => {
      const left = x + dx - (anchor === 'start' ? 0 : anchor === 'end' ? long : long / 2)
      return { left, right: left + long, y: y + dy - 4, x: x + dx, anchor }
    })
    const free = options.find(
      (o) =>
        o.left > 0 &&
        o.right < width &&
        taken.every((t) => o.right < t.left || o.left > t.right || Math.abs(o.y - t.y) > NAME_PX),
    )
    const {
      left,
      right,
      y: at,
      x: stands,
      anchor,
    } = free ?? options[2] ?? { left: x, right: x, y, x, anchor: 'middle' as const }
    taken.push({ left, right, y: at })
    return { text, x: stands, y: at + 4, anchor }
  })
}

/** Names of things where they stand; those at one place are named together. */
function namesOf(
  spots: readonly ChartPoint[],
  at: (spot: ChartPoint) => readonly [x: number, y: number],
  width: number,
): readonly Placed[] {
  const groups: { readonly x: number; readonly y: number; readonly shorts: string[] }[] = []
  for (const spot of spots) {
    const [x, y] = at(spot)
    const there = groups.find((group) => Math.hypot(group.x - x, group.y - y) < TOGETHER_PX)
    if (there === undefined) groups.push({ x, y, shorts: [spot.short] })
    else there.shorts.push(spot.short)
  }
  return placeNames(
    groups.map(({ x, y, shorts }) => ({ text: [...new Set(shorts)].join(', '), x, y })),
    width,
  )
}

/** Things on one sheet by two of their figures; each leads to its page. */
export function SpotChart({ spots, across, up }: Props) {
  const { show } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(700)
  const frame = frameOf(spots, width)
  const { x, y } = frame
  const largest = Math.max(...spots.map((s) => s.size)) || 1
  const placed = namesOf(spots, (spot) => [x(spot.x), y(spot.y)], width)
  return (
    <div ref={box}>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups links */}
      <svg
        width={width}
        height={HIGH}
        role="group"
        aria-label={`${spots.length} by ${across[0]} and ${up[0]}`}
        className="block"
      >
        <Axes {...frame} across={across} up={up} />
        {spots.map((spot) => (
          <Spot
            key={spot.id}
            spot={spot}
            x={x(spot.x)}
            y={y(spot.y)}
            r={Math.max(3.5, LARGEST_PX * Math.sqrt(spot.size / largest))}
            says={`${spot.name}: ${show(spot.x, across[1])}, ${show(spot.y, up[1])}`}
          />
        ))}
        {placed.map(({ text, x: at, y: up, anchor }) => (
          <text
            key={`${text}${at}${up}`}
            x={at}
            y={up}
            textAnchor={anchor}
            fontSize="12.5"
            fill="var(--ink)"
            stroke="var(--sheet)"
            strokeWidth="3"
            paintOrder="stroke"
          >
            {text}
          </text>
        ))}
      </svg>
    </div>
  )
}

/** Where figures lie on the sheet: it begins at nought and ends a little beyond the most. */
function frameOf(spots: readonly ChartPoint[], width: number) {
  const most = {
    x: Math.max(...spots.map((s) => s.x)) * 1.12 || 1,
    y: Math.max(...spots.map((s) => s.y)) * 1.15 || 1,
  }
  return {
    width,
    most,
    x: (si: number): number => ROOM.left + (si / most.x) * (width - ROOM.left - ROOM.right),
    y: (si: number): number => HIGH - ROOM.bottom - (si / most.y) * (HIGH - ROOM.top - ROOM.bottom),
  }
}

type AxesProps = ReturnType<typeof frameOf> & Pick<Props, 'across' | 'up'>

/** Both axes with their names, and the lines of the sheet. */
function Axes({ width, most, x, y, across, up }: AxesProps) {
  const { system } = useUnits()
  return (
    <>
      {unitTicks(0, most.x, Math.max(3, width / 130), across[1], system).map(({ si, text }) => (
        <g key={si}>
          <path d={`M${x(si)} ${ROOM.top}V${HIGH - ROOM.bottom}`} stroke="var(--rule)" />
          <text x={x(si)} y={HIGH - ROOM.bottom + 17} textAnchor="middle" fontSize="12" fill="var(--faint)">
            {text}
          </text>
        </g>
      ))}
      {unitTicks(0, most.y, 4, up[1], system).map(({ si, text }) => (
        <g key={si}>
          <path d={`M${ROOM.left} ${y(si)}H${width - ROOM.right}`} stroke="var(--rule)" />
          <text x={ROOM.left - 8} y={y(si) + 4} textAnchor="end" fontSize="12" fill="var(--faint)">
            {text}
          </text>
        </g>
      ))}
      <text x={width - ROOM.right} y={HIGH - 6} textAnchor="end" fontSize="12.5" fill="var(--ink)">
        {across[0]} →
      </text>
      <text x={4} y={14} fontSize="12.5" fill="var(--ink)">
        ↑ {up[0]}
      </text>
    </>
  )
}

interface SpotProps {
  readonly spot: ChartPoint
  readonly x: number
  readonly y: number
  readonly r: number
  readonly says: string
}

const Spot = ({ spot, x, y, r, says }: SpotProps) => (
  <Link to={`/gear/item/${spot.id}`} aria-label={says}>
    <circle cx={x} cy={y} r={r} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
    <circle cx={x} cy={y} r={r * Math.sqrt(spot.partly)} fill="var(--river)" fillOpacity="0.75" />
    <title>{spot.name}</title>
  </Link>
)
