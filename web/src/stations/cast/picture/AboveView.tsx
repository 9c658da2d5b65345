import type { CastPose, CastSetting } from '@hoxen/core/cast'
import { OBSTRUCTION_NAMES } from '@hoxen/core/words'
import type { ReactNode } from 'react'
import { type CastFrame, pathOf } from './castFrame.ts'

interface Props {
  readonly frame: CastFrame
  readonly setting: CastSetting
  readonly surf: boolean
  readonly label: string
  readonly castM: number
  /** The D loop at its fullest, or the back cast: the ground the cast takes. */
  readonly ground: CastPose | undefined
  readonly fits: boolean
  readonly children: ReactNode
}

/** The water from above, the angler facing up: current, what is behind, the ground the cast takes and where the fly lands. */
export function AboveView({ frame, setting, surf, label, castM, ground, fits, children }: Props) {
  const { width, height } = frame.above
  const { bank, roomM, obstruction = 'none' } = setting
  const [x0, y0] = frame.plan([0, 0, 0])
  const [, behindY] = frame.plan([0, -roomM, 0])
  const [flyX, flyY] = frame.plan(frame.inLine(castM))
  return (
    <svg width={width} height={height} role="img" aria-label={label} className="block">
      <rect width={width} height={y0 + 6} fill="var(--shoal)" />
      {!surf && bank !== null && <Current width={width} height={y0} toRight={bank === 'right'} />}
      {surf && <Waves width={width} height={y0} />}
      <Behind width={width} y={behindY} height={height} obstruction={obstruction} />
      {ground !== undefined && <Ground frame={frame} ground={ground} fits={fits} />}
      <path
        d={`M${x0} ${y0}L${flyX} ${flyY}`}
        stroke="var(--ink)"
        strokeOpacity="0.5"
        strokeDasharray="2 6"
      />
      {children}
      <circle cx={x0} cy={y0} r="6.5" fill="var(--ink)" />
    </svg>
  )
}

/** Shares of the water's width, from upstream, and height that the arrows of the current stand at. */
const ARROWS = [
  [0.42, 0.16],
  [0.7, 0.4],
  [0.55, 0.64],
] as const

interface CurrentProps {
  readonly width: number
  readonly height: number
  readonly toRight: boolean
}

function Current({ width, height, toRight }: CurrentProps) {
  const way = toRight ? 1 : -1
  const at = (share: number): number => width * (toRight ? share : 1 - share)
  return (
    <g stroke="var(--river)" fill="none" strokeOpacity="0.6" strokeWidth="1.6">
      {ARROWS.map(([across, down]) => (
        <path
          key={across}
          d={`M${at(across)} ${height * down}h${way * 46}m${-way * 8} -5l${way * 8} 5l${-way * 8} 5`}
        />
      ))}
      <text
        x={at(0.7) + way * 23}
        y={height * 0.4 - 9}
        fontSize="12"
        fill="var(--river)"
        stroke="none"
        textAnchor="middle"
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

interface BehindProps {
  readonly width: number
  readonly y: number
  readonly height: number
  readonly obstruction: NonNullable<CastSetting['obstruction']>
}

/** The end of the room behind, and what stands there. */
const Behind = ({ width, y, height, obstruction }: BehindProps) => (
  <g stroke="var(--faint)" strokeWidth="1.5">
    <path d={`M0 ${y}H${width}`} strokeDasharray={obstruction === 'none' ? '6 5' : undefined} />
    {obstruction !== 'none' &&
      Array.from({ length: Math.ceil(width / 16) }, (_, i) => i * 16).map((x) => (
        <path key={x} d={`M${x} ${y}l-10 ${Math.min(14, Math.max(0, height - y))}`} />
      ))}
    {obstruction !== 'none' && (
      <text
        x={10}
        y={y - 7}
        fontSize="12"
        fill="var(--ink)"
        stroke="var(--sheet)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {OBSTRUCTION_NAMES[obstruction]}
      </text>
    )}
  </g>
)

/** The ground under the loop, and the anchor it hangs on. */
function Ground({
  frame,
  ground,
  fits,
}: {
  readonly frame: CastFrame
  readonly ground: CastPose
  readonly fits: boolean
}) {
  const colour = fits ? 'var(--river)' : 'var(--breaks)'
  const [x, y] = frame.plan(ground.line.at(-1) ?? ground.tip)
  return (
    <g data-ground={fits ? 'fits' : 'short'}>
      <path
        d={`${pathOf(ground.line, frame.plan)}Z`}
        fill={colour}
        fillOpacity="0.16"
        stroke={colour}
        strokeOpacity="0.5"
      />
      <circle cx={x} cy={y} r="7" fill="none" stroke={colour} strokeWidth="1.8" strokeDasharray="3 3" />
    </g>
  )
}
