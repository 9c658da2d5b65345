import { JOB_LIMITS, STAND_LIMITS, WADING_LIMITS } from '@hoxen/core/day'
import { clamp } from '@hoxen/core/quantity'
import { type Aim, ANGLE_LIMITS, aimAt } from '@hoxen/core/swing'
import { sayAngle } from '@hoxen/core/words'
import type { KeyboardEvent, PointerEvent } from 'react'
import {
  type AimKeys,
  aimByKey,
  bySlider,
  Handle,
  roundAim,
  roundLength,
  useHold,
} from '../../../drawing/index.ts'
import { useUnits } from '../../../ui/index.ts'
import type { CastFrame } from './castFrame.ts'

/** What of a cast's picture is moved by hand. */
export interface Moved {
  readonly aim?: Aim
  readonly roomM?: number
  readonly behindHighM?: number
  readonly wadingM?: number
  /** Where the wind blows from, clockwise from straight ahead [°]. */
  readonly windFromDeg?: number
}

interface Props {
  readonly frame: CastFrame
  /** As it stands, where it can be moved; left out where something else settles it. */
  readonly now: Moved
  /** Shown while something is held; undefined when it is let go. */
  readonly onHold: (moved: Moved | undefined) => void
  readonly onDrop: (moved: Moved) => void
}

/** Nearest to the edge that a handle stands [px]. */
const EDGE_PX = 14
/** Moved by one press of a key [m]. */
const KEY_M = 0.3

interface AboveProps extends Props {
  /** 1 where the river runs to the right of one who faces it. */
  readonly way: 1 | -1
  /** Whether the cast can be turned: in the surf it goes straight out. */
  readonly turns: boolean
  /** Where the fly lands [m]: a cast may be asked for that this rig does not reach. */
  readonly flyM: number
}

/** Handles of the view from above: where the fly lands, and how much room is behind. */
export function AboveHandles({ frame, now, onHold, onDrop, way, turns, flyM }: AboveProps) {
  const { system } = useUnits()
  const { aim, roomM } = now
  const { drawing, take, held } = useHold<Moved>({
    moved: (it, x, y) => {
      const [right, ahead] = frame.over(x, y)
      if (it.aim === undefined) return { roomM: clamp(roundLength(-ahead, system), JOB_LIMITS.roomBehindM) }
      const aim = roundAim(aimAt([right * way, ahead], 0), system)
      return { aim: turns ? aim : { ...aim, angleDeg: it.aim.angleDeg } }
    },
    onHold,
    onDrop,
  })
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups what can be taken hold of
    <svg
      {...drawing}
      {...frame.above}
      role="group"
      aria-label="From above: drag, or use the arrow keys"
      className="no-print pointer-events-none absolute inset-0 touch-none"
    >
      {aim !== undefined && (
        <AimHandle
          {...{ frame, aim, way, turns, flyM, onDrop }}
          held={held?.aim !== undefined}
          onTake={take({ aim })}
        />
      )}
      {roomM !== undefined && <RoomHandle {...{ frame, roomM, onDrop }} onTake={take({ roomM })} />}
    </svg>
  )
}

interface TakenProps extends Pick<Props, 'frame' | 'onDrop'> {
  readonly onTake: (event: PointerEvent) => void
}

interface AimProps extends TakenProps, Pick<AboveProps, 'way' | 'turns' | 'flyM'> {
  readonly aim: Aim
  readonly held: boolean
}

/** Where the fly lands: it turns the cast, and sets its length. */
function AimHandle({ frame, aim, way, turns, flyM, held, onTake, onDrop }: AimProps) {
  const { show, system } = useUnits()
  const keys: AimKeys = {
    turn: turns ? { ArrowLeft: way, ArrowRight: way === 1 ? -1 : 1 } : {},
    out: { ArrowUp: 1, ArrowDown: -1 },
  }
  const aimKey = (event: KeyboardEvent): void => {
    const next = aimByKey(event, keys, aim, flyM, system)
    if (next !== undefined) onDrop({ aim: next })
  }
  const [x, y] = frame.plan(frame.inLine(flyM))
  const far = show(flyM, 'length')
  return (
    <Handle
      label={`Where the fly lands. ${turns ? 'Left and right arrows turn the cast, up and down change its length' : 'Up and down arrows change the length of the cast'}`}
      at={{ x, y }}
      min={ANGLE_LIMITS.low}
      max={ANGLE_LIMITS.high}
      now={aim.angleDeg}
      text={turns ? `${far}, ${aim.angleDeg}°, ${sayAngle(aim.angleDeg)}` : far}
      onTake={onTake}
      onKey={aimKey}
      shape={<circle r="7.5" />}
      says={held && turns ? `${aim.angleDeg}°, ${far}` : far}
      width={frame.above.width}
    />
  )
}

/** The end of the room behind; more than is drawn is taken hold of at the edge. */
function RoomHandle({ frame, roomM, onTake, onDrop }: TakenProps & { readonly roomM: number }) {
  const { show, system } = useUnits()
  const [x] = frame.plan([0, 0, 0])
  const [, y] = frame.plan([0, -roomM, 0])
  return (
    <Handle
      label="Room behind me. Up and down arrows change it"
      at={{ x, y: Math.min(y, frame.above.height - EDGE_PX) }}
      min={JOB_LIMITS.roomBehindM.low}
      max={JOB_LIMITS.roomBehindM.high}
      now={roomM}
      text={`${show(roomM, 'length')} behind`}
      onTake={onTake}
      onKey={bySlider({
        now: roomM,
        min: JOB_LIMITS.roomBehindM.low,
        max: JOB_LIMITS.roomBehindM.high,
        step: -KEY_M,
        onPut: (m) => onDrop({ roomM: clamp(roundLength(m, system), JOB_LIMITS.roomBehindM) }),
      })}
      shape={<path d="M-9 -5H9M-9 5H9" />}
      says={`${show(roomM, 'length')} behind`}
      width={frame.above.width}
    />
  )
}

interface SideProps extends Props {
  readonly roomM: number
  /** Whether somebody has said how high it is behind: else it is drawn at some height. */
  readonly heightSaid: boolean
}

/** Handles of the view from the side: the height of what is behind, and how deep one stands. */
export function SideHandles({ frame, now, onHold, onDrop, roomM, heightSaid }: SideProps) {
  const { system } = useUnits()
  const { behindHighM, wadingM } = now
  const { drawing, take } = useHold<Moved>({
    moved: (it, x, y) => {
      const [, upM] = frame.across(x, y)
      return it.wadingM === undefined
        ? { behindHighM: clamp(roundLength(upM, system), STAND_LIMITS.behindHighM) }
        : { wadingM: clamp(Math.round(-upM * 20) / 20, WADING_LIMITS) }
    },
    onHold,
    onDrop,
  })
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups what can be taken hold of
    <svg
      {...drawing}
      {...frame.side}
      role="group"
      aria-label="From the side: drag, or use the arrow keys"
      className="no-print pointer-events-none absolute inset-0 touch-none"
    >
      {behindHighM !== undefined && (
        <HighHandle {...{ frame, behindHighM, roomM, heightSaid, onDrop }} onTake={take({ behindHighM })} />
      )}
      {wadingM !== undefined && <WadingHandle {...{ frame, wadingM, onDrop }} onTake={take({ wadingM })} />}
    </svg>
  )
}

interface HighProps extends TakenProps, Pick<SideProps, 'roomM' | 'heightSaid'> {
  readonly behindHighM: number
}

/** The top of what stands behind. */
function HighHandle({ frame, behindHighM, roomM, heightSaid, onTake, onDrop }: HighProps) {
  const { show, system } = useUnits()
  const { low, high } = STAND_LIMITS.behindHighM
  const said = heightSaid ? `${show(behindHighM, 'length')} high` : 'how high?'
  const [x, y] = frame.profile(frame.inLine(-roomM, behindHighM))
  return (
    <Handle
      label="Height of what is behind. Up and down arrows change it"
      at={{ x: Math.max(12, x), y }}
      min={low}
      max={high}
      now={behindHighM}
      text={said}
      onTake={onTake}
      onKey={bySlider({
        now: behindHighM,
        min: low,
        max: high,
        step: KEY_M,
        onPut: (m) => onDrop({ behindHighM: clamp(roundLength(m, system), STAND_LIMITS.behindHighM) }),
      })}
      shape={<path d="M-9 0H9M0 -6V6" />}
      says={said}
      width={frame.side.width}
    />
  )
}

/** The bed where one stands. */
function WadingHandle({ frame, wadingM, onTake, onDrop }: TakenProps & { readonly wadingM: number }) {
  const { show } = useUnits()
  const [x, y] = frame.profile(frame.inLine(0, -wadingM))
  const said = `wading ${show(wadingM, 'length')}`
  return (
    <Handle
      label="Wading depth. Up and down arrows change it"
      at={{ x, y }}
      min={WADING_LIMITS.low}
      max={WADING_LIMITS.high}
      now={wadingM}
      text={said}
      onTake={onTake}
      onKey={bySlider({
        now: wadingM,
        min: WADING_LIMITS.low,
        max: WADING_LIMITS.high,
        step: -0.1,
        onPut: (m) => onDrop({ wadingM: m }),
      })}
      shape={<path d="M-8 0H8" />}
      says={said}
      width={frame.side.width}
    />
  )
}
