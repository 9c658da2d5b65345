import type { Rod } from '@hoxen/core/gear'
import type { KeyboardEvent, PointerEvent } from 'react'
import { bySlider, useHold, useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

/** A mass that pulls on the beam. */
export interface Load {
  readonly name: string
  readonly massKg: number
  readonly atM: number
}

interface Props {
  readonly rod: Rod
  readonly seatM: number
  readonly handM: number
  readonly loads: readonly Load[]
  /** Balance points of the bare rod and the rigged one. */
  readonly bareM: number
  readonly pointM: number | undefined
  /** Between which the rigged rod balances well; undefined where nobody asks. */
  readonly band: { readonly low: number; readonly high: number } | undefined
  readonly onHand: (m: number) => void
  /** Told where the hand is while it is held; undefined when it is let go. */
  readonly onHold?: ((m: number | undefined) => void) | undefined
}

const HIGH = 186
const ROD_Y = 92
const SIDE = 18
/** Length of the arrow of a pound of mass, nearly [px/kg]. */
const PX_PER_KG = 120
/** The hand goes in steps of a centimetre [m]. */
const STEP_M = 0.01

/** Rod, reel and line as one beam on the hand, to scale along its length; the hand is taken hold of and moved. */
export function BeamPicture({ rod, seatM, handM, loads, bareM, pointM, band, onHand, onHold }: Props) {
  const { show } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(800)
  const px = (width - 2 * SIDE) / rod.lengthM
  const x = (m: number): number => SIDE + m * px
  const most = rod.lengthM / 2
  const least = seatM + STEP_M
  const placed = (m: number): number => Math.min(most, Math.max(least, Math.round(m / STEP_M) * STEP_M))
  const { drawing, take } = useHold<number>({
    moved: (_was, at) => placed((at - SIDE) / px),
    onHold,
    onDrop: onHand,
  })
  return (
    <div ref={box} className="rounded-lg border border-rule bg-sheet">
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups what can be taken hold of */}
      <svg
        {...drawing}
        width={width}
        height={HIGH}
        aria-label={`Rod, reel and line as a beam on the hand${pointM === undefined ? '' : `; it balances ${show(pointM, 'length')} from the butt`}`}
        role="group"
        className="block touch-none"
      >
        {band !== undefined && <Band from={x(band.low)} to={x(band.high)} />}
        <RodAndReel rod={rod} seatM={seatM} handM={handM} x={x} />
        {loads.map(({ name, massKg, atM }) => (
          <LoadArrow
            key={name}
            x={x(atM)}
            long={massKg * PX_PER_KG}
            says={`${name} ${show(massKg, 'gearMass')}`}
            width={width}
          />
        ))}
        <BalanceMarks bareM={bareM} pointM={pointM} x={x} />
        <Hand
          x={x(handM)}
          handM={handM}
          leastM={least}
          mostM={most}
          onTake={take(handM)}
          onKey={bySlider({
            now: handM,
            min: least,
            max: most,
            step: STEP_M,
            onPut: (m) => onHand(placed(m)),
          })}
        />
      </svg>
    </div>
  )
}

interface Along {
  /** Where a place along the rod is drawn, from the butt [m]. */
  readonly x: (m: number) => number
}

const RodAndReel = ({ rod, seatM, handM, x }: Pick<Props, 'rod' | 'seatM' | 'handM'> & Along) => (
  <>
    <path
      d={`M${x(0)} ${ROD_Y - 5}H${x(handM * 1.15)}V${ROD_Y - 3}L${x(rod.lengthM)} ${ROD_Y - 0.8}V${ROD_Y + 0.8}L${x(handM * 1.15)} ${ROD_Y + 3}V${ROD_Y + 5}H${x(0)}Z`}
      fill="var(--ink)"
    />
    <circle cx={x(seatM)} cy={ROD_Y + 19} r="13" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="3" />
  </>
)

function BalanceMarks({ bareM, pointM, x }: Pick<Props, 'bareM' | 'pointM'> & Along) {
  const { show } = useUnits()
  return (
    <>
      <Mark x={x(bareM)} y={ROD_Y - 46} says="bare" ink="var(--faint)" />
      {pointM !== undefined && (
        <Mark x={x(pointM)} y={ROD_Y - 28} says={`balances, ${show(pointM, 'length')}`} ink="var(--river)" />
      )}
    </>
  )
}

/** Where a balanced rig’s point may lie [px]. */
const Band = ({ from, to }: { readonly from: number; readonly to: number }) => (
  <g>
    <rect x={from} y={ROD_Y - 34} width={to - from} height="68" fill="var(--holds)" fillOpacity="0.14" />
    <path
      d={`M${from} ${ROD_Y - 34}v68M${to} ${ROD_Y - 34}v68`}
      stroke="var(--holds)"
      strokeDasharray="3 3"
    />
  </g>
)

interface HandProps {
  readonly x: number
  readonly handM: number
  readonly leastM: number
  readonly mostM: number
  readonly onTake: (event: PointerEvent) => void
  readonly onKey: (event: KeyboardEvent) => void
}

/** The upper hand, to be taken hold of. */
function Hand({ x, handM, leastM, mostM, onTake, onKey }: HandProps) {
  const { show } = useUnits()
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label="Upper hand: drag along the rod"
      aria-valuemin={leastM}
      aria-valuemax={mostM}
      aria-valuenow={handM}
      aria-valuetext={`${show(handM, 'length')} from the butt`}
      className="group cursor-grab outline-none"
      onKeyDown={onKey}
      onPointerDown={onTake}
    >
      <rect x={x - 22} y={ROD_Y - 8} width="44" height="52" fill="transparent" />
      <path
        d={`M${x} ${ROD_Y + 6}l-12 22h24z`}
        fill="var(--caster)"
        stroke="var(--caster)"
        className="[stroke-width:0] group-focus-visible:[stroke-width:5]"
      />
      <text x={x + 16} y={ROD_Y + 28} fontSize="13" fontWeight="600" fill="var(--caster)">
        hand, {show(handM, 'length')}
      </text>
    </g>
  )
}

interface MarkProps {
  readonly x: number
  readonly y: number
  readonly says: string
  readonly ink: string
}

const Mark = ({ x, y, says, ink }: MarkProps) => (
  <g>
    <path d={`M${x} ${y}V${ROD_Y - 6}`} stroke={ink} strokeWidth="2" />
    <text x={x + 5} y={y + 5} fontSize="13" fill={ink} fontWeight="600">
      {says}
    </text>
  </g>
)

interface ArrowProps {
  readonly x: number
  readonly long: number
  readonly says: string
  readonly width: number
}

/** Arrow of a load, as long as it is heavy. */
function LoadArrow({ x, long, says, width }: ArrowProps) {
  const from = ROD_Y + 36
  const foot = Math.min(from + Math.max(6, long), HIGH - 22)
  const right = x > width * 0.75
  return (
    <g>
      <path
        d={`M${x} ${from}V${foot}M${x - 4} ${foot - 5}L${x} ${foot}L${x + 4} ${foot - 5}`}
        stroke="var(--ink)"
        strokeWidth="2"
        fill="none"
      />
      <text
        x={Math.max(4, x - 6)}
        y={foot + 15}
        textAnchor={right ? 'end' : 'start'}
        fontSize="12.5"
        fill="var(--ink)"
      >
        {says}
      </text>
    </g>
  )
}
