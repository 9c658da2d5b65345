import type { CastWind } from '@hoxen/core/cast'
import { RAD_PER_DEG } from '@hoxen/core/quantity'
import type { KeyboardEvent } from 'react'
import { bySlider, useHold } from '../../../drawing/index.ts'
import { useUnits } from '../../../ui/index.ts'

/** Turned by one press of a key [°]. */
const KEY_DEG = 15
const DIAL = 46
/** Middle of the dial in its drawing [px]. */
const [x, y] = [DIAL + 30, DIAL + 10]
const turned = (deg: number): number => ((deg % 360) + 360) % 360

interface DialProps {
  readonly wind: CastWind
  /** In the left corner of its picture, not the right. */
  readonly left: boolean
  /** The wind is turned, from where it blows at that moment; left out where a station says it. */
  readonly onWind?: ((turn: (fromDeg: number) => number) => void) | undefined
  /** Told where it is turned to while it is held; undefined when it is let go. */
  readonly onHold?: ((fromDeg: number | undefined) => void) | undefined
  /** Bearing of the sun clockwise from straight ahead [°]. */
  readonly sunDeg?: number | undefined
}

/** What the arrow needs to be turned by keys: round and round, so that it has no end. */
const keysOf =
  (fromDeg: number, onWind: NonNullable<DialProps['onWind']>) =>
  (event: KeyboardEvent): void =>
    bySlider({
      now: fromDeg,
      min: Number.NEGATIVE_INFINITY,
      max: Number.POSITIVE_INFINITY,
      step: KEY_DEG,
      onPut: (deg) =>
        onWind((now) => turned(Number.isFinite(deg) ? now + deg - fromDeg : deg < 0 ? 0 : -KEY_DEG)),
    })(event)

/** The wind, turned by dragging its arrow or by the arrow keys; what it does to the casts is judged while it turns. */
export function WindDial({ wind, left, onWind, onHold, sunDeg }: DialProps) {
  const { show } = useUnits()
  const { held, drawing, take } = useHold<number>({
    moved: (_was, px, py) => turned(Math.round(Math.atan2(px - x, y - py) / RAD_PER_DEG / 5) * 5),
    onHold,
    onDrop: (deg) => onWind?.(() => deg),
  })
  const fromDeg = held ?? wind.fromDeg
  const slider = onWind && {
    role: 'slider',
    tabIndex: 0,
    'aria-label': 'Wind direction',
    'aria-valuemin': 0,
    'aria-valuemax': 359,
    'aria-valuenow': Math.round(fromDeg),
    'aria-valuetext': `${Math.round(fromDeg)}° clockwise from straight in front, ${show(wind.mps, 'windSpeed')}`,
    style: { cursor: 'grab', touchAction: 'none' },
    onKeyDown: keysOf(wind.fromDeg, onWind),
    onPointerDown: take(wind.fromDeg),
  }
  return (
    <svg
      {...drawing}
      width={2 * x}
      height={2 * DIAL + 38}
      className={`absolute top-1.5 ${left ? 'left-1' : 'right-1'}`}
    >
      <title>{onWind === undefined ? 'Wind, from the station' : 'Wind direction: drag to turn'}</title>
      <g {...slider}>
        <circle cx={x} cy={y} r={DIAL} fill="var(--sheet)" stroke="var(--rule)" />
        {wind.veerDeg !== undefined && <Veer x={x} y={y} fromDeg={fromDeg} veerDeg={wind.veerDeg} />}
        {sunDeg !== undefined && (
          <Sun x={x + Math.sin(sunDeg * RAD_PER_DEG) * DIAL} y={y - Math.cos(sunDeg * RAD_PER_DEG) * DIAL} />
        )}
        <Arrow fromDeg={fromDeg} />
        <Strength wind={wind} />
      </g>
    </svg>
  )
}

/** The arrow flies with the wind; its knob is where it comes from. */
function Arrow({ fromDeg }: { readonly fromDeg: number }) {
  const [sin, cos] = [Math.sin(fromDeg * RAD_PER_DEG), Math.cos(fromDeg * RAD_PER_DEG)]
  return (
    <g fill="var(--caster)">
      <path
        d={`M${x + sin * 36} ${y - cos * 36}L${x - sin * 26} ${y + cos * 26}`}
        stroke="var(--caster)"
        strokeWidth="3"
        strokeLinecap="round"
      />
      <path
        transform={`translate(${x - sin * 30} ${y + cos * 30}) rotate(${fromDeg + 180})`}
        d="M0 -8L6 5H-6Z"
      />
      <circle cx={x + sin * 36} cy={y - cos * 36} r="6" />
    </g>
  )
}

function Strength({ wind: { mps, gustMps } }: { readonly wind: CastWind }) {
  const { show } = useUnits()
  return (
    <text
      x={x}
      y={y + DIAL + 22}
      textAnchor="middle"
      fontSize="12"
      fill="var(--ink)"
      stroke="var(--sheet)"
      strokeWidth="4"
      paintOrder="stroke"
    >
      {show(mps, 'windSpeed')}
      {gustMps === undefined ? '' : `, gusting ${show(gustMps, 'windSpeed')}`}
    </text>
  )
}

interface VeerProps {
  readonly x: number
  readonly y: number
  readonly fromDeg: number
  readonly veerDeg: number
}

/** Sector of the wind's turn to either side. */
function Veer({ x, y, fromDeg, veerDeg }: VeerProps) {
  const at = (deg: number): string =>
    `${x + Math.sin(deg * RAD_PER_DEG) * DIAL} ${y - Math.cos(deg * RAD_PER_DEG) * DIAL}`
  return (
    <path
      d={`M${x} ${y}L${at(fromDeg - veerDeg)}A${DIAL} ${DIAL} 0 0 1 ${at(fromDeg + veerDeg)}Z`}
      fill="var(--caster)"
      fillOpacity="0.16"
    />
  )
}

/** The sun on the rim of the dial. */
const Sun = ({ x, y }: { readonly x: number; readonly y: number }) => (
  <g stroke="var(--watch)" strokeWidth="1.6" fill="var(--sheet)">
    <circle cx={x} cy={y} r="4" />
    {[0, 60, 120, 180, 240, 300].map((deg) => (
      <path
        key={deg}
        d={`M${x + Math.sin(deg * RAD_PER_DEG) * 6} ${y - Math.cos(deg * RAD_PER_DEG) * 6}L${x + Math.sin(deg * RAD_PER_DEG) * 9} ${y - Math.cos(deg * RAD_PER_DEG) * 9}`}
      />
    ))}
  </g>
)
