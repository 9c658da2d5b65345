import { BEND_LIMITS, USUAL_BEND_KG } from '@hoxen/core/journal'
import { alphaFor, bentRod } from '@hoxen/core/rod'
import { sayBentRods } from '@hoxen/core/words'
import { useState } from 'react'
import { bySlider, Handle, useHold, useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'
import type { Row, Which } from './bendRows.ts'

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

/** Height of the picture at most, and of the names under the rods [px]. */
const MOST_HIGH = 330
const NAMES = 62
const LEFT = 30
const TOP = 26
/** The least depth that is drawn [m]. */
const LEAST_M = 1.5
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
        : [{ rod, row: i, dropM, massKg: row.massKg ?? USUAL_BEND_KG[i] ?? 0 }]
    })
  })

const asFarAs = ({ freeM }: DrawnRod, dropM: number): number =>
  Math.max(BEND_LIMITS.dropM.low, Math.min(BEND_LIMITS.dropShare * freeM, dropM))

/** Two rods clamped level and bent by their weights, to one scale; a weight is hung by dragging a tip down. */
export function BentRods({ rods, rows, onDrop }: Props) {
  const { system } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(700)
  const [held, setHeld] = useState<Held>()
  const longest = Math.max(...rods.map(({ freeM }) => freeM))
  const drops = rows.flatMap(({ known = 0, unknown = 0 }) => [known, unknown])
  const deepest = Math.max(LEAST_M, ...drops)
  const px = Math.min((width - LEFT - 70) / longest, (MOST_HIGH - TOP - NAMES) / deepest)
  const high = TOP + NAMES + deepest * px
  const hung = hungOn(rods, rows, held)
  const said = rods.map(({ which, name }) => ({
    name,
    loads: rows.map(({ massKg, [which]: dropM }) => ({ massKg, dropM })),
  }))
  return (
    <div ref={box} className="relative min-w-0 self-start rounded-lg border border-rule bg-sheet">
      <svg width={width} height={high} role="img" aria-label={sayBentRods(said, system)} className="block">
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
          <text key={which} x={LEFT} y={high - 26 + i * 18} fontSize="13" fontWeight="600" fill={ink}>
            {name}
          </text>
        ))}
      </svg>
      <Weights {...{ hung, px, width, high, held }} onHold={setHeld} onDrop={onDrop} />
    </div>
  )
}

interface WeightsProps {
  readonly hung: readonly Hung[]
  readonly px: number
  readonly width: number
  readonly high: number
  readonly held: Held | undefined
  readonly onHold: (held: Held | undefined) => void
  readonly onDrop: Props['onDrop']
}

/** The weights, to take hold of. */
function Weights({ hung, px, width, high, held, onHold, onDrop }: WeightsProps) {
  const { show } = useUnits()
  const { drawing, take } = useHold<Held>({
    moved: (it, _x, y) => {
      const rod = hung.find((one) => one.rod.which === it.which)?.rod
      const dropM = Math.round((y - TOP - 16) / px / STEP_M) * STEP_M
      return { ...it, dropM: rod === undefined ? dropM : asFarAs(rod, dropM) }
    },
    onHold,
    onDrop: ({ which, row, dropM }) => onDrop(which, row, dropM),
  })
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups what can be taken hold of
    <svg
      {...drawing}
      role="group"
      aria-label="Weights: drag down, or use the arrow keys"
      className="no-print pointer-events-none absolute inset-0 touch-none"
      width={width}
      height={high}
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
            max={BEND_LIMITS.dropShare * rod.freeM}
            now={dropM ?? 0}
            text={dropM === undefined ? 'not hung yet' : `${mass} drops the tip ${drop}`}
            onTake={take({ which, row, dropM: dropM ?? 0 })}
            onKey={bySlider({
              now: dropM ?? 0,
              min: 0,
              max: BEND_LIMITS.dropShare * rod.freeM,
              step: -STEP_M,
              onPut: (m) => onDrop(which, row, asFarAs(rod, m)),
            })}
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
  const { shape } = bentRod(alphaFor(Math.min(BEND_LIMITS.dropShare, dropM / freeM), tipShare), tipShare)
  return shape.map(([out, down]) => [LEFT + out * freeM * px, TOP + down * freeM * px])
}
