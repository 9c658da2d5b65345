import type { CastWind } from '@hoxen/core/cast'
import { type KeyboardEvent, type PointerEvent, useState } from 'react'
import { useUnits } from '../../../ui/index.ts'

const RAD = Math.PI / 180
/** Turned by one press of a key [°]. */
const KEY_DEG = 15
const DIAL = 46
/** Middle of the dial in its drawing [px]. */
const [x, y] = [DIAL + 30, DIAL + 10]
const KEYS: Readonly<Record<string, number>> = {
  ArrowLeft: -KEY_DEG,
  ArrowDown: -KEY_DEG,
  ArrowRight: KEY_DEG,
  ArrowUp: KEY_DEG,
}
const turned = (deg: number): number => ((deg % 360) + 360) % 360

interface DialProps {
  readonly wind: CastWind
  /** In the left corner of its picture, not the right. */
  readonly left: boolean
  /** The wind is turned, from where it blows at that moment; left out where a station says it. */
  readonly onWind?: ((turn: (fromDeg: number) => number) => void) | undefined
  /** Bearing of the sun clockwise from straight ahead [°]. */
  readonly sunDeg?: number | undefined
}

/** Turning the wind's arrow by pointer and keys: where it points meanwhile, and what the arrow needs to be taken hold of. */
function useTurning({ wind, onWind }: DialProps) {
  const { show } = useUnits()
  const [held, setHeld] = useState<number>()
  const fromDeg = held ?? wind.fromDeg
  if (onWind === undefined) return { fromDeg, turning: {} }
  const toward = (event: PointerEvent<SVGGElement>): number => {
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect()
    if (box === undefined) return fromDeg
    const deg = Math.atan2(event.clientX - box.left - x, y - (event.clientY - box.top)) / RAD
    return turned(Math.round(deg / 5) * 5)
  }
  const turning = {
    role: 'slider',
    tabIndex: 0,
    'aria-label': 'Wind direction',
    'aria-valuemin': 0,
    'aria-valuemax': 359,
    'aria-valuenow': Math.round(fromDeg),
    'aria-valuetext': `${Math.round(fromDeg)}° clockwise from straight in front, ${show(wind.mps, 'windSpeed')}`,
    style: { cursor: 'grab', touchAction: 'none' },
    onKeyDown: (event: KeyboardEvent): void => {
      const by = KEYS[event.key]
      if (by === undefined) return
      event.preventDefault()
      onWind((now) => turned(now + by))
    },
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId)
      setHeld(toward(event))
    },
    onPointerMove: (event: PointerEvent<SVGGElement>) => held !== undefined && setHeld(toward(event)),
    onPointerUp: () => {
      if (held !== undefined && held !== wind.fromDeg) onWind(() => held)
      setHeld(undefined)
    },
    onPointerCancel: () => setHeld(undefined),
  }
  return { fromDeg, turning }
}

/** The wind, turned by dragging its arrow or by the arrow keys; it follows the hand and is kept when let go. */
export function WindDial(props: DialProps) {
  const { wind, left, onWind, sunDeg } = props
  const { fromDeg, turning } = useTurning(props)
  return (
    <svg width={2 * x} height={2 * DIAL + 38} className={`absolute top-1.5 ${left ? 'left-1' : 'right-1'}`}>
      <title>{onWind === undefined ? 'Wind, from the station' : 'Wind direction: drag to turn'}</title>
      <g {...turning}>
        <circle cx={x} cy={y} r={DIAL} fill="var(--sheet)" stroke="var(--rule)" />
        {wind.veerDeg !== undefined && <Veer x={x} y={y} fromDeg={fromDeg} veerDeg={wind.veerDeg} />}
        {sunDeg !== undefined && (
          <Sun x={x + Math.sin(sunDeg * RAD) * DIAL} y={y - Math.cos(sunDeg * RAD) * DIAL} />
        )}
        <Arrow fromDeg={fromDeg} />
        <Strength wind={wind} />
      </g>
    </svg>
  )
}

/** The arrow flies with the wind; its knob is where it comes from. */
function Arrow({ fromDeg }: { readonly fromDeg: number }) {
  const [sin, cos] = [Math.sin(fromDeg * RAD), Math.cos(fromDeg * RAD)]
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
  const at = (deg: number): string => `${x + Math.sin(deg * RAD) * DIAL} ${y - Math.cos(deg * RAD) * DIAL}`
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
        d={`M${x + Math.sin(deg * RAD) * 6} ${y - Math.cos(deg * RAD) * 6}L${x + Math.sin(deg * RAD) * 9} ${y - Math.cos(deg * RAD) * 9}`}
      />
    ))}
  </g>
)
