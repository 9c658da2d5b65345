import { BEND_LIMITS } from '@hoxen/core/journal'
import { alphaFor, bentRod } from '@hoxen/core/rod'
import { sayBentRods } from '@hoxen/core/words'
import { useState } from 'react'
import { byArrows, Handle, useHold, useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'
import { type Row, USUAL_KG, type Which } from './bendRows.ts'

export interface DrawnRod {
  readonly which: Which
  readonly name: string
  /** From the clamp to the tip-top [m]. */
  readonly freeM: number
  /** Diameter at the tip ÷ at the clamp, as fitted. */
  readonly tipShare: number
  readonly ink: string
}

interface Props {
  readonly rods: readonly DrawnRod[]
  readonly rows: readonly Row[]
  readonly onDrop: (which: Which, row: number, dropM: number) => void
}

/** A weight in hand: of which rod, in which row, and how far down. */
interface Held {
  readonly which: Which
  readonly row: number
  readonly dropM: number
}

const HIGH = 330
const LEFT = 30
const TOP = 26
/** The least depth that is drawn [m], and the deepest that a tip is brought down, as a share of the rod. */
const LEAST_M = 1.5
const MOST_SHARE = 0.9
/** Moved by one press of a key, and the finest that a hand moves it [m]. */
const STEP_M = 0.01

/** A weight as it is drawn: hung, or, with no drop, waiting at the straight rod's tip. */
interface Hung {
  readonly rod: DrawnRod
  readonly row: number
  readonly massKg: number
  readonly dropM: number | undefined
}

/** All weights that are hung, and the next of each rod. */
const hungOn = (rods: readonly DrawnRod[], rows: readonly Row[], held: Held | undefined): readonly Hung[] =>
  rods.flatMap((rod) => {
    const next = rows.findIndex((row) => row[rod.which] === undefined)
    return rows.flatMap((row, i) => {
      const dropM = held?.which === rod.which && held.row === i ? held.dropM : row[rod.which]
      return dropM === undefined && i !== next
        ? []
        : [{ rod, row: i, dropM, massKg: row.massKg ?? USUAL_KG[i] ?? 0 }]
    })
  })

const within = ({ freeM }: DrawnRod, dropM: number): number =>
  Math.max(BEND_LIMITS.dropM.low, Math.min(MOST_SHARE * freeM, dropM))

/** Two rods clamped level and bent by their weights, to one scale; a weight is hung by dragging a tip down. */
export function BentRods({ rods, rows, onDrop }: Props) {
  const { system } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(700)
  const [held, setHeld] = useState<Held>()
  const longest = Math.max(...rods.map(({ freeM }) => freeM))
  const drops = rows.flatMap(({ known = 0, unknown = 0 }) => [known, unknown])
  const px = Math.min((width - LEFT - 70) / longest, (HIGH - TOP - 40) / Math.max(LEAST_M, ...drops))
  const hung = hungOn(rods, rows, held)
  const said = rods.map(({ which, name }) => ({
    name,
    loads: rows.map(({ massKg, [which]: dropM }) => ({ massKg, dropM })),
  }))
  return (
    <div ref={box} className="relative min-w-0 self-start rounded-lg border border-rule bg-sheet">
      <svg width={width} height={HIGH} role="img" aria-label={sayBentRods(said, system)} className="block">
        <rect x={LEFT - 16} y={TOP - 12} width="16" height="24" fill="var(--faint)" />
        <path d={`M${LEFT} ${TOP}H${LEFT + longest * px}`} stroke="var(--rule)" strokeDasharray="4 4" />
        {hung.map(({ rod, row, dropM = 0 }) => (
          <path
            key={`${rod.which}${row}`}
            d={`M${pointsOf(rod, dropM, px)
              .map(([a, b]) => `${a.toFixed(1)} ${b.toFixed(1)}`)
              .join('L')}`}
            fill="none"
            stroke={rod.ink}
            strokeWidth="2.2"
          />
        ))}
        {rods.map(({ which, name, ink }, i) => (
          <text key={which} x={LEFT} y={HIGH - 30 + i * 18} fontSize="13" fontWeight="600" fill={ink}>
            {name}
          </text>
        ))}
      </svg>
      <Weights {...{ hung, px, width, held }} onHold={setHeld} onDrop={onDrop} />
    </div>
  )
}

interface WeightsProps {
  readonly hung: readonly Hung[]
  readonly px: number
  readonly width: number
  readonly held: Held | undefined
  readonly onHold: (held: Held | undefined) => void
  readonly onDrop: Props['onDrop']
}

/** The weights, to take hold of. */
function Weights({ hung, px, width, held, onHold, onDrop }: WeightsProps) {
  const { show } = useUnits()
  const { drawing, take } = useHold<Held>(
    (it, _x, y) => {
      const rod = hung.find((one) => one.rod.which === it.which)?.rod
      const dropM = Math.round((y - TOP - 16) / px / STEP_M) * STEP_M
      const next = { ...it, dropM: rod === undefined ? dropM : within(rod, dropM) }
      onHold(next)
      return next
    },
    ({ which, row, dropM }) => {
      onHold(undefined)
      onDrop(which, row, dropM)
    },
  )
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups what can be taken hold of
    <svg
      {...drawing}
      role="group"
      aria-label="Weights: drag down, or use the arrow keys"
      className="no-print pointer-events-none absolute inset-0 touch-none"
      width={width}
      height={HIGH}
    >
      {hung.map(({ rod, row, dropM, massKg }) => {
        const { which } = rod
        const [x = LEFT, y = TOP] = pointsOf(rod, dropM ?? 0, px).at(-1) ?? []
        const mass = show(massKg, 'gearMass')
        const drop = show(dropM ?? 0, 'length')
        const inHand = held?.which === which && held.row === row
        return (
          <Handle
            key={`${which}${row}`}
            label={`Weight ${row + 1} on ${rod.name}. Up and down arrows move its tip`}
            at={{ x, y: y + 16 }}
            min={0}
            max={MOST_SHARE * rod.freeM}
            now={dropM ?? 0}
            text={dropM === undefined ? 'not hung yet' : `${mass} drops the tip ${drop}`}
            onTake={take({ which, row, dropM: dropM ?? 0 })}
            onKey={byArrows((steps) => onDrop(which, row, within(rod, (dropM ?? 0) - steps * STEP_M)))}
            shape={
              <path
                d="M0 -16V-4M-6 -4H6V6H-6Z"
                stroke={rod.ink}
                fill={dropM === undefined ? 'var(--sheet)' : rod.ink}
              />
            }
            says={inHand ? drop : dropM === undefined ? 'hang a weight' : mass}
            width={width}
            side={which === 'known' ? 'right' : 'left'}
          />
        )
      })}
    </svg>
  )
}

/** A rod's shape with its tip so far down, from the clamp out [px]. */
function pointsOf(
  { freeM, tipShare }: DrawnRod,
  dropM: number,
  px: number,
): readonly (readonly [number, number])[] {
  if (dropM <= 0)
    return [
      [LEFT, TOP],
      [LEFT + freeM * px, TOP],
    ]
  const { shape } = bentRod(alphaFor(Math.min(MOST_SHARE, dropM / freeM), tipShare), tipShare)
  return shape.map(([out, down]) => [LEFT + out * freeM * px, TOP + down * freeM * px])
}
