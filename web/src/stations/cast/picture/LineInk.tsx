import type { CastPose } from '@hoxen/core/cast'
import { type CastFrame, pathOf } from './castFrame.ts'

interface Props {
  readonly pose: CastPose
  readonly at: CastFrame['plan']
  /** As it should be, beside a fault. */
  readonly ghost?: boolean
  readonly colour?: string | undefined
}

/** Rod, line and fly at one moment, in either view. */
export function LineInk({ pose, at, ghost = false, colour = 'var(--river)' }: Props) {
  const fly = pose.line.at(-1)
  const [x, y] = at(fly ?? pose.tip)
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round" opacity={ghost ? 0.35 : 1}>
      <path
        d={pathOf(pose.line, at)}
        stroke={colour}
        strokeWidth="2.6"
        strokeDasharray={ghost ? '3 5' : undefined}
      />
      <path d={pathOf([pose.hands, pose.tip], at)} stroke="var(--ink)" strokeWidth={ghost ? 2 : 4} />
      <circle cx={x} cy={y} r="3.2" fill={colour} />
    </g>
  )
}
