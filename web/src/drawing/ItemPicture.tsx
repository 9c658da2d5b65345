import type { Fly, Item, Rod } from '@hoxen/core/gear'
import { usualHandle } from '@hoxen/core/reel'
import { pieceOfItem } from '@hoxen/core/rig'
import { sayChoice } from '@hoxen/core/words'
import { useUnits } from '../ui/index.ts'
import { ReelPicture } from './ReelPicture.tsx'
import { RigDrawing } from './RigDrawing.tsx'
import { stripScale } from './scale.ts'
import { useWidth } from './useWidth.ts'

const HIGH = 108
const SIDE = 14
const NO_STATES = new Map<never, never>()
/** A strand is drawn so many times as thick as it is [px/m]. */
const STRAND_PX_PER_M = 40_000
/** Bulk of a dressing, as a share of the hook's length. */
const BULK: Readonly<Record<Fly['dress'], number>> = { sparse: 0.16, medium: 0.28, bulky: 0.46 }
const EYES: Readonly<Record<Fly['weighting'], number>> = { unweighted: 0, light: 4, heavy: 7 }

/** One thing drawn large, by itself: lines with their taper, rods with their balance, reels from edge and face. */
export function ItemPicture({ item }: { readonly item: Item }) {
  const { show } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(600)
  if (item.kind === 'reel')
    return item.spool === undefined ? null : (
      <div className="mx-auto max-w-md">
        <ReelPicture
          reel={item}
          spool={item.spool}
          rings={[]}
          out={undefined}
          describe={`${item.name} from the side and the front`}
        />
      </div>
    )
  return (
    <div ref={box} role="img" aria-label={`${item.name}, drawn`}>
      <Drawn item={item} width={width} />
      {'lengthM' in item && item.lengthM !== undefined && (
        <svg width={width} height="20" aria-hidden="true" className="block">
          <path
            d={`M${SIDE} 3v10M${width - SIDE} 3v10M${SIDE} 8H${width / 2 - 44}M${width / 2 + 44} 8H${width - SIDE}`}
            stroke="var(--faint)"
          />
          <text x={width / 2} y="12" textAnchor="middle" fontSize="12.5" fill="var(--faint)">
            {show(item.lengthM, item.kind === 'fly' ? 'diameter' : 'length')}
          </text>
        </svg>
      )}
    </div>
  )
}

function Drawn({ item, width }: { readonly item: Item; readonly width: number }) {
  if (item.kind === 'rod') return <RodDrawing rod={item} width={width} />
  if (item.kind === 'fly') return <FlyDrawing fly={item} width={width} />
  const piece = item.kind === 'running-line' ? null : pieceOfItem(item)
  if (piece === null) return <Strand item={item} width={width} />
  const scale = stripScale([piece], width, HIGH, SIDE, SIDE)
  return (
    <>
      <RigDrawing pieces={[piece]} scale={scale} width={width} height={HIGH} states={NO_STATES} bare />
      <p className="-mt-5 pl-1 text-[0.78rem] text-faint">thickness × {Math.round(scale.exaggeration)}</p>
    </>
  )
}

/** A level strand and its cut end, as thick as it is, many times over. */
function Strand({ item, width }: { readonly item: Item; readonly width: number }) {
  const diameterM = 'diameterM' in item ? item.diameterM : undefined
  const thick = Math.max(3, Math.min(HIGH * 0.7, (diameterM ?? 0.0004) * STRAND_PX_PER_M))
  const y = HIGH / 2
  return (
    <svg width={width} height={HIGH} aria-hidden="true" className="block">
      <rect
        x={SIDE}
        y={y - thick / 2}
        width={width - 2 * SIDE - thick / 2}
        height={thick}
        fill="var(--ink)"
        fillOpacity={diameterM === undefined ? 0.15 : 0.85}
      />
      <ellipse
        cx={width - SIDE - thick / 2}
        cy={y}
        rx={thick / 3}
        ry={thick / 2}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="2"
      />
    </svg>
  )
}

/** A rod along its length: handle, reel seat, and where it balances bare. */
function RodDrawing({ rod, width }: { readonly rod: Rod; readonly width: number }) {
  const { show } = useUnits()
  const x = (m: number): number => SIDE + (m / rod.lengthM) * (width - 2 * SIDE)
  const y = HIGH / 2
  const usual = usualHandle(rod)
  const seatM = rod.reelSeatM ?? usual.reelSeatM
  const rings = Array.from({ length: Math.max(4, Math.round(rod.lengthM * 2.6)) }, (_, i, all = 0) => i + all)
  return (
    <svg width={width} height={HIGH} aria-hidden="true" className="block">
      <path
        d={`M${x(0)} ${y - 8}H${x(usual.handM * 1.1)}L${x(usual.handM * 1.1)} ${y - 4}L${x(rod.lengthM)} ${y - 0.8}V${y + 0.8}L${x(usual.handM * 1.1)} ${y + 4}V${y + 8}H${x(0)}Z`}
        fill="var(--ink)"
      />
      <rect
        x={x(seatM) - 9}
        y={y - 10}
        width="18"
        height="20"
        fill="none"
        stroke="var(--faint)"
        strokeWidth="2.5"
      />
      {rings.slice(1).map((i) => {
        const at = usual.handM * 1.3 + (rod.lengthM - usual.handM * 1.3) * (i / (rings.length - 1)) ** 0.8
        return (
          <circle
            key={i}
            cx={x(at)}
            cy={y + 5}
            r={3.6 - (2.2 * i) / rings.length}
            fill="none"
            stroke="var(--ink)"
          />
        )
      })}
      {rod.balanceM !== undefined && (
        <g>
          <path d={`M${x(rod.balanceM)} ${y + 12}l-9 16h18z`} fill="var(--caster)" />
          <text x={x(rod.balanceM) + 14} y={y + 27} fontSize="12.5" fill="var(--caster)">
            balances bare, {show(rod.balanceM, 'length')}
          </text>
        </g>
      )}
    </svg>
  )
}

/** A fly by what casting and sinking care for: how much air it catches, and what weighs it. */
function FlyDrawing({ fly, width }: { readonly fly: Fly; readonly width: number }) {
  const long = Math.min(240, width * 0.5)
  const x = (width - long) / 2
  const y = HIGH / 2 - 6
  const bulk = BULK[fly.dress] * long
  return (
    <svg width={width} height={HIGH} aria-hidden="true" className="block">
      <path
        d={`M${x} ${y}C${x + long * 0.3} ${y - bulk} ${x + long} ${y - bulk * 0.7} ${x + long * 1.15} ${y}C${x + long} ${y + bulk * 0.5} ${x + long * 0.3} ${y + bulk * 0.6} ${x} ${y}`}
        fill="var(--river)"
        fillOpacity="0.25"
        stroke="var(--river)"
      />
      <path
        d={`M${x - 8} ${y}H${x + long * 0.8}q18 0 18 17t-18 17q-11 0 -13 -11`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="3"
        strokeLinecap="round"
      />
      {EYES[fly.weighting] > 0 && (
        <circle cx={x + 12} cy={y - EYES[fly.weighting]} r={EYES[fly.weighting]} fill="var(--ink)" />
      )}
      <text x={x + long * 1.15 + 14} y={y + 4} fontSize="12.5" fill="var(--faint)">
        {sayChoice(fly.dress)}, {sayChoice(fly.weighting)}
      </text>
    </svg>
  )
}
