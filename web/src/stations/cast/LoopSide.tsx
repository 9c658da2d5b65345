import {
  type CastSetting,
  type DLoop,
  dLoopOf,
  longestHeadM,
  loopMass,
  type Stroke,
  upperArcAt,
} from '@hoxen/core/cast'
import { lengthOf } from '@hoxen/core/line'
import { frontProfile, type RigParts } from '@hoxen/core/rig'
import { sayLoopPicture, sayUpperLeg } from '@hoxen/core/words'
import { useEffect, useState } from 'react'
import { useWidth } from '../../drawing/index.ts'
import { Button, Tag, Term, useUnits } from '../../ui/index.ts'

interface Props {
  readonly setting: CastSetting
  readonly parts: RigParts
  /** The stroke of the cast that is looked at. */
  readonly stroke: Stroke
}

const HEIGHT = 190
/** Lengths that can be slid to another figure, between what ends [m]. */
type Slid = 'headM' | 'roomM' | 'wadingM'
const SLIDES: readonly (readonly [Slid, string, number, number])[] = [
  ['headM', 'Head length', 3, 14],
  ['roomM', 'Room behind', 0, 12],
  ['wadingM', 'Wading', 0, 1.4],
]

/** The D loop of one's own rig, with what is slid to another figure to see what it would do. */
function useTriedLoop({ setting, parts, stroke: chosen }: Props) {
  const { rig } = setting
  const [stroke, setStroke] = useState<Stroke>(chosen)
  useEffect(() => setStroke(chosen), [chosen])
  const [tried, setTried] = useState<Partial<Record<Slid, number>>>({})
  const now: Readonly<Record<Slid, number>> = {
    headM: rig.headLengthM,
    roomM: setting.roomM,
    wadingM: setting.wadingM ?? 0,
    ...tried,
  }
  const looped = { rodM: rig.rodLengthM, style: rig.style, wadingM: now.wadingM }
  const loop = dLoopOf({ ...looped, carriedM: now.headM }, stroke)
  const line = frontProfile(parts, parts.head.onePiece ? 1 : now.headM / rig.headLengthM)
  const frontM = (parts.tip?.lengthM ?? 0) + (parts.leader?.lengthM ?? 0)
  const anchoredM = Math.min(lengthOf(line), frontM + loop.anchoredM)
  const { upperShare } = loopMass(line, anchoredM, loop.arcM, upperArcAt(loop.depthM, 0))
  const longestM = longestHeadM(looped, now.roomM, stroke)
  return { now, loop, upperShare, longestM, stroke, setStroke, tried, setTried }
}

/** The D loop from the side: the room it takes, and the part of the line that loads the rod. */
export function LoopSide(props: Props) {
  const { system, show } = useUnits()
  const { now, loop, upperShare, longestM, stroke, setStroke, tried, setTried } = useTriedLoop(props)
  const fits = loop.behindM <= now.roomM
  return (
    <section aria-labelledby="loop-title" className="mt-6">
      <h2 id="loop-title" className="text-xl">
        The <Term about="word-d-loop">D loop</Term> <Tag tag="estimate" />
      </h2>
      <LoopPicture loop={loop} roomM={now.roomM} wadingM={now.wadingM} />
      <p className="mt-1">
        It reaches{' '}
        <b className={`font-semibold ${fits ? '' : 'text-breaks'}`}>{show(loop.behindM, 'length')}</b> behind
        you. {sayUpperLeg(upperShare, longestM, system)}
      </p>
      <Slides now={now} onSlide={(slid, m) => setTried({ ...tried, [slid]: m })} />
      <div className="no-print mt-1 flex flex-wrap gap-2">
        {(['full', 'compact'] as const).map((one) => (
          <Button key={one} aria-pressed={stroke === one} onClick={() => setStroke(one)}>
            {one === 'full' ? 'Full stroke' : 'Compact stroke'}
          </Button>
        ))}
        {Object.keys(tried).length > 0 && (
          <Button weight="quiet" onClick={() => setTried({})}>
            Reset to my rig
          </Button>
        )}
      </div>
    </section>
  )
}

interface SlidesProps {
  readonly now: Readonly<Record<Slid, number>>
  readonly onSlide: (slid: Slid, m: number) => void
}

/** Another length of head, room or depth. */
function Slides({ now, onSlide }: SlidesProps) {
  const { show } = useUnits()
  return (
    <div className="no-print mt-2 grid grid-cols-[auto_1fr_auto] items-center gap-x-3">
      {SLIDES.map(([slid, label, low, high]) => (
        <label key={slid} className="contents">
          <span className="text-sm text-faint">{label}</span>
          <input
            type="range"
            min={low}
            max={high}
            step={0.1}
            value={now[slid]}
            aria-valuetext={show(now[slid], 'length')}
            onChange={(event) => onSlide(slid, Number(event.target.value))}
            className="h-11 w-full"
          />
          <b className="min-w-16">{show(now[slid], 'length')}</b>
        </label>
      ))}
    </div>
  )
}

interface PictureProps {
  readonly loop: DLoop
  readonly roomM: number
  readonly wadingM: number
}

/** Ahead of the angler so much is drawn [m]. */
const AHEAD_M = 4

/** Line that lies anchored, the lower leg, and the upper one that loads the rod. */
function LoopPicture({ loop, roomM, wadingM }: PictureProps) {
  const [ref, width] = useWidth<HTMLDivElement>(560)
  const { show, system } = useUnits()
  const spanM = Math.max(loop.behindM, Math.min(roomM, 12), 4) + AHEAD_M + 0.6
  const scale = Math.min((width - 20) / spanM, (HEIGHT - 40) / (loop.tipHeightM + 0.3))
  const [x0, y0] = [width - 10 - AHEAD_M * scale, HEIGHT - 22]
  const [x, y] = [x0 - loop.tipBehindM * scale, y0 - loop.tipHeightM * scale]
  const [rx, ry] = [loop.depthM * scale, (loop.tipHeightM * scale) / 2]
  const brushX = x0 - roomM * scale
  const ink = loop.behindM <= roomM ? 'var(--river)' : 'var(--breaks)'
  return (
    <div ref={ref} className="mt-1 overflow-hidden rounded-lg border border-rule bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={sayLoopPicture(loop.behindM, roomM, system)}
        className="block"
      >
        <path d={`M0 ${y0}H${width}`} stroke="var(--river)" strokeWidth="1.5" />
        {brushX > 0 && (
          <>
            <path
              d={`M${brushX} ${y0}V24`}
              stroke={loop.behindM <= roomM ? 'var(--faint)' : ink}
              strokeWidth="2"
              strokeDasharray="4 4"
            />
            <text x={brushX + 4} y={20} fontSize="12" fill="var(--faint)">
              {show(roomM, 'length')} behind
            </text>
          </>
        )}
        <g fill="none" stroke="var(--ink)">
          <path d={`M${x} ${y0}A${rx} ${ry} 0 0 1 ${x - rx} ${y0 - ry}`} strokeWidth="1.8" />
          <path
            d={`M${x - rx} ${y0 - ry}A${rx} ${ry} 0 0 1 ${x} ${y}`}
            stroke={ink}
            strokeWidth="5"
            strokeLinecap="round"
          />
          <path d={`M${x} ${y0}h${Math.min(loop.anchoredM * scale, width)}`} strokeWidth="3" />
          <path d={`M${x0} ${y0 - 0.9 * scale}L${x} ${y}`} strokeWidth="3" strokeLinecap="round" />
        </g>
        <path
          d={`M${x0} ${y0 + Math.min(wadingM * scale, 18)}V${y0 - 1.2 * scale}`}
          stroke="var(--faint)"
          strokeWidth="5"
        />
      </svg>
    </div>
  )
}
