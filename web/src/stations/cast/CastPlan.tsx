import {
  backCastIn,
  type CastChoice,
  type CastSetting,
  type CastWind,
  dLoopOf,
  type Side,
} from '@hoxen/core/cast'
import { sayFromAbove } from '@hoxen/core/words'
import { type KeyboardEvent, type PointerEvent, useState } from 'react'
import { useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

interface Props {
  readonly setting: CastSetting
  readonly chosen: CastChoice | undefined
  /** From the angler to the fly [m]. */
  readonly castM: number
  readonly surf: boolean
  /** The wind is turned, from where it blows at that moment; left out where a station says it. */
  readonly onWind?: ((turn: (fromDeg: number) => number) => void) | undefined
  /** Bearing of the sun clockwise from straight ahead [°]. */
  readonly sunDeg?: number | undefined
}

const RAD = Math.PI / 180
/** Least depth drawn behind the angler [m]. */
const LEAST_BEHIND_M = 7
/** Turned by one press of a key [°]. */
const KEY_DEG = 15
const DIAL = 46
const KEYS: Readonly<Record<string, number>> = {
  ArrowLeft: -KEY_DEG,
  ArrowDown: -KEY_DEG,
  ArrowRight: KEY_DEG,
  ArrowUp: KEY_DEG,
}
const turned = (deg: number): number => ((deg % 360) + 360) % 360

/** The water from above, the angler facing up: current, wind, what is behind, the D loop's ground and where the fly lands, to scale. */
export function CastPlan({ setting, chosen, castM, surf, onWind, sunDeg }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(460)
  const { show, system } = useUnits()
  const { rig, targetDeg = 0, wind, roomM, bank } = setting
  const behindM = Math.max(LEAST_BEHIND_M, Math.min(roomM, 14))
  const scale = Math.min((width - 24) / (2 * castM), 360 / (castM + behindM))
  const height = (castM + behindM) * scale + 34
  const [x0, y0] = [width / 2, castM * scale + 18]
  const at = (deg: number, m: number): readonly [number, number] => [
    x0 + Math.sin(deg * RAD) * m * scale,
    y0 - Math.cos(deg * RAD) * m * scale,
  ]
  const [flyX, flyY] = at(targetDeg, castM)
  const [tipX, tipY] = at(targetDeg, rig.rodLengthM)

  const label = sayFromAbove({ chosen, castM, wind, targetDeg, roomM }, system)
  return (
    <div ref={ref} className="relative mt-2 overflow-hidden rounded-lg border border-rule bg-sheet">
      <svg width={width} height={height} role="img" aria-label={label} className="block">
        <rect width={width} height={y0 + 6} fill="var(--shoal)" />
        {!surf && bank !== null && <Current width={width} toRight={bank === 'right'} />}
        {surf && <Waves width={width} height={y0} />}
        {setting.obstruction !== 'none' && <Behind width={width} y={y0 + roomM * scale} height={height} />}
        {chosen !== undefined && <Ground chosen={chosen} setting={setting} x0={x0} y0={y0} scale={scale} />}
        <path
          d={`M${tipX} ${tipY}L${flyX} ${flyY}`}
          stroke="var(--ink)"
          strokeWidth="1.4"
          strokeDasharray="5 4"
        />
        <path
          d={`M${x0} ${y0}L${tipX} ${tipY}`}
          stroke="var(--ink)"
          strokeWidth="3.5"
          strokeLinecap="round"
        />
        <circle cx={x0} cy={y0} r="6" fill="var(--ink)" />
        <circle cx={flyX} cy={flyY} r="5" fill="none" stroke="var(--caster)" strokeWidth="2.5" />
        <text
          x={Math.min(Math.max(flyX, 34), width - 34)}
          y={Math.max(13, flyY - 10)}
          textAnchor="middle"
          fontSize="12.5"
          fill="var(--ink)"
        >
          {show(castM, 'length')}
        </text>
      </svg>
      <svg width={2 * DIAL + 60} height={2 * DIAL + 38} className="absolute right-2 bottom-2">
        <title>{onWind === undefined ? 'Wind, from the station' : 'Wind direction: drag to turn'}</title>
        <WindDial wind={wind} x={DIAL + 30} y={DIAL + 10} onWind={onWind} show={show} sunDeg={sunDeg} />
      </svg>
    </div>
  )
}

function Current({ width, toRight }: { readonly width: number; readonly toRight: boolean }) {
  const way = toRight ? 1 : -1
  return (
    <g stroke="var(--river)" fill="none" strokeOpacity="0.75">
      {[0.16, 0.42, 0.68].map((share, i) => {
        const x = width * (0.2 + 0.26 * i)
        const y = 40 + share * 180
        return (
          <path
            key={share}
            strokeWidth="1.6"
            d={`M${x} ${y}h${way * 52}m${-way * 8} -5l${way * 8} 5l${-way * 8} 5`}
          />
        )
      })}
      <text
        x={toRight ? 12 : width - 12}
        y={20}
        fontSize="12"
        fill="var(--river)"
        stroke="none"
        textAnchor={toRight ? 'start' : 'end'}
      >
        current
      </text>
    </g>
  )
}

const Waves = ({ width, height }: { readonly width: number; readonly height: number }) => (
  <g stroke="var(--river)" fill="none" strokeOpacity="0.55" strokeWidth="1.4">
    {[0.25, 0.5, 0.75].map((share) => (
      <path
        key={share}
        d={`M0 ${height * share}${Array.from({ length: Math.ceil(width / 60) }, () => 'q15 -7 30 0t30 0').join('')}`}
      />
    ))}
  </g>
)

/** Obstruction behind, from there on. */
const Behind = ({
  width,
  y,
  height,
}: {
  readonly width: number
  readonly y: number
  readonly height: number
}) => (
  <g stroke="var(--faint)" strokeWidth="1.5">
    <path d={`M0 ${y}H${width}`} />
    {Array.from({ length: Math.ceil(width / 16) }, (_, i) => i * 16).map((x) => (
      <path key={x} d={`M${x} ${y}l-10 ${Math.min(14, Math.max(0, height - y))}`} />
    ))}
  </g>
)

interface GroundProps {
  readonly chosen: CastChoice
  readonly setting: CastSetting
  readonly x0: number
  readonly y0: number
  readonly scale: number
}

/** Offset of anchor and D loop to the angler's side, in rod lengths. [practice] */
const ASIDE_RODS = 0.35

/** The ground that the chosen cast's D loop or back cast takes, and where its anchor lies. */
function Ground({ chosen, setting, x0, y0, scale }: GroundProps) {
  const { rig, wadingM } = setting
  const side: Readonly<Record<Side, number>> = { left: -1, right: 1 }
  const x = x0 + side[chosen.side] * ASIDE_RODS * rig.rodLengthM * scale
  const out = chosen.fit === 'no'
  const colour = out ? 'var(--breaks)' : 'var(--river)'
  if (chosen.anchor === 'none') {
    const { lineM: backM } = backCastIn(setting)
    return (
      <path d={`M${x} ${y0}V${y0 + backM * scale}`} stroke={colour} strokeWidth="3" strokeDasharray="8 5" />
    )
  }
  const stroke = chosen.reasons.includes('compact-stroke') ? 'compact' : 'full'
  const loop = dLoopOf(
    {
      rodM: rig.rodLengthM,
      style: rig.style,
      carriedM: rig.headLengthM,
      wadingM,
    },
    stroke,
  )
  const anchorY = y0 - ASIDE_RODS * rig.rodLengthM * scale
  return (
    <g data-ground={stroke}>
      <path
        d={`M${x} ${anchorY}Q${x + side[chosen.side] * 10} ${y0 + loop.behindM * scale} ${x} ${y0 + loop.behindM * scale}Q${x - side[chosen.side] * 10} ${y0 + loop.behindM * scale} ${x} ${anchorY}Z`}
        fill={colour}
        fillOpacity="0.25"
        stroke={colour}
        strokeWidth="1.6"
      />
      <path
        d={`M${x - 8} ${anchorY}h16M${x} ${anchorY}v${-loop.anchoredM * scale}`}
        stroke={colour}
        strokeWidth="3"
      />
    </g>
  )
}

interface DialProps {
  readonly wind: CastWind
  readonly x: number
  readonly y: number
  readonly onWind: Props['onWind']
  readonly show: (si: number, measure: 'windSpeed') => string
  readonly sunDeg: number | undefined
}

/** The wind, turned by dragging its arrow or by the arrow keys; it follows the hand and is kept when let go. */
function WindDial({ wind, x, y, onWind, show, sunDeg }: DialProps) {
  const [held, setHeld] = useState<number>()
  const fromDeg = held ?? wind.fromDeg
  const [sin, cos] = [Math.sin(fromDeg * RAD), Math.cos(fromDeg * RAD)]
  const toward = (event: PointerEvent<SVGGElement>): number => {
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect()
    if (box === undefined) return fromDeg
    const deg = Math.atan2(event.clientX - box.left - x, y - (event.clientY - box.top)) / RAD
    return turned(Math.round(deg / 5) * 5)
  }
  const onKey = (event: KeyboardEvent): void => {
    const by = KEYS[event.key]
    if (by === undefined) return
    event.preventDefault()
    onWind?.((now) => turned(now + by))
  }
  const turning =
    onWind === undefined
      ? {}
      : {
          role: 'slider',
          tabIndex: 0,
          'aria-label': 'Wind direction',
          'aria-valuemin': 0,
          'aria-valuemax': 359,
          'aria-valuenow': Math.round(fromDeg),
          'aria-valuetext': `${Math.round(fromDeg)}° clockwise from straight in front, ${show(wind.mps, 'windSpeed')}`,
          style: { cursor: 'grab', touchAction: 'none' },
          onKeyDown: onKey,
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
  return (
    <g {...turning}>
      <circle cx={x} cy={y} r={DIAL} fill="var(--sheet)" stroke="var(--rule)" />
      {wind.veerDeg !== undefined && <Veer x={x} y={y} fromDeg={fromDeg} veerDeg={wind.veerDeg} />}
      {sunDeg !== undefined && (
        <Sun x={x + Math.sin(sunDeg * RAD) * DIAL} y={y - Math.cos(sunDeg * RAD) * DIAL} />
      )}
      <path
        d={`M${x + sin * 36} ${y - cos * 36}L${x - sin * 26} ${y + cos * 26}`}
        stroke="var(--caster)"
        strokeWidth="3"
        strokeLinecap="round"
      />
      <path
        transform={`translate(${x - sin * 30} ${y + cos * 30}) rotate(${fromDeg + 180})`}
        d="M0 -8L6 5H-6Z"
        fill="var(--caster)"
      />
      <circle cx={x + sin * 36} cy={y - cos * 36} r="6" fill="var(--caster)" />
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
        {show(wind.mps, 'windSpeed')}
        {wind.gustMps === undefined ? '' : `, gusting ${show(wind.gustMps, 'windSpeed')}`}
      </text>
    </g>
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
