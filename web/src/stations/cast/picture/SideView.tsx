import type { CastPose, CastSetting } from '@hoxen/core/cast'
import type { ReactNode } from 'react'
import { type CastFrame, pathOf } from './castFrame.ts'

interface Props {
  readonly frame: CastFrame
  readonly setting: CastSetting
  readonly label: string
  readonly ground: CastPose | undefined
  readonly fits: boolean
  readonly children: ReactNode
}

/** Height that brush or a cliff is drawn with where nobody has said [m]. */
export const UNSAID_HIGH_M = 2

/** The cast from the side, in its own plane: how high, how far behind, and over or into what. */
export function SideView({ frame, setting, label, ground, fits, children }: Props) {
  const { width, height } = frame.side
  const { wadingM = 0, swellM = 0 } = setting
  const [x0, y0] = frame.profile([0, 0, 0])
  const up = (m: number): number => y0 - m * frame.pxPerM
  const colour = fits ? 'var(--river)' : 'var(--breaks)'
  return (
    <svg width={width} height={height} role="img" aria-label={label} className="block">
      <rect y={up(swellM)} width={width} height={height - up(swellM)} fill="var(--shoal)" />
      <path d={`M0 ${up(swellM)}H${width}`} stroke="var(--river)" strokeWidth="1.4" />
      <path
        d={`M0 ${up(0.15)}L${x0 - 3 * frame.pxPerM} ${up(0.05)}L${x0} ${up(-wadingM)}L${width} ${up(-wadingM - 1)}V${height}H0Z`}
        fill="var(--rule)"
      />
      <Obstruction frame={frame} setting={setting} fits={fits} />
      {ground !== undefined && (
        <path
          d={pathOf(ground.line, frame.profile)}
          fill="none"
          stroke={colour}
          strokeOpacity="0.6"
          strokeDasharray="2 4"
        />
      )}
      <path
        d={`M${x0} ${up(-wadingM)}V${up(1.7 - wadingM)}`}
        stroke="var(--faint)"
        strokeWidth="6"
        strokeLinecap="round"
      />
      {children}
    </svg>
  )
}

/** What stands behind, at the end of the room there is. */
function Obstruction({ frame, setting, fits }: Pick<Props, 'frame' | 'setting' | 'fits'>) {
  const { roomM, obstruction = 'none', behindHighM = UNSAID_HIGH_M } = setting
  const [x, y0] = frame.profile(frame.inLine(-roomM))
  const up = (m: number): number => y0 - m * frame.pxPerM
  const colour = fits ? 'var(--faint)' : 'var(--breaks)'
  const left = Math.max(0, x)
  switch (obstruction) {
    case 'none':
      return <path d={`M${x} ${up(0)}V${up(4)}`} stroke={colour} strokeWidth="1.5" strokeDasharray="4 4" />
    case 'people':
      return (
        <g stroke={colour} strokeWidth="4" strokeLinecap="round">
          {[0.4, 1.4].map((m) => (
            <path key={m} d={`M${x - m * frame.pxPerM} ${up(0)}V${up(1.5)}`} />
          ))}
        </g>
      )
    case 'branches':
    case 'power-line':
      return (
        <g stroke={colour} strokeWidth="1.6" fill="none">
          <path d={`M0 ${up(6)}Q${left / 2} ${up(5.2)} ${left + 12} ${up(5.6)}`} />
          {obstruction === 'branches' && (
            <path d={`M${left * 0.3} ${up(5.7)}l6 14M${left * 0.7} ${up(5.5)}l-5 16`} />
          )}
        </g>
      )
    default:
      return (
        <path
          d={`M0 ${up(0)}V${up(behindHighM)}H${left}V${up(0)}Z`}
          fill="var(--rule)"
          stroke={colour}
          strokeWidth="1.5"
        />
      )
  }
}
