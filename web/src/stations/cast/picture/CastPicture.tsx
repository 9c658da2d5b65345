import {
  backCastIn,
  CASTS,
  type CastChoice,
  type CastSetting,
  chooseCasts,
  fullestOf,
  type PlayedCast,
  poseAt,
  type Side,
} from '@hoxen/core/cast'
import { castLineDeg } from '@hoxen/core/day'
import type { UnitSystem } from '@hoxen/core/quantity'
import { sayBackCastPicture, sayFromAbove, sayLoopPicture } from '@hoxen/core/words'
import { type ReactNode, useMemo, useState } from 'react'
import { useWidth } from '../../../drawing/index.ts'
import { Button, useUnits } from '../../../ui/index.ts'
import { AboveView } from './AboveView.tsx'
import { type CastFrame, castFrame } from './castFrame.ts'
import { AboveHandles, type Moved, SideHandles } from './Handles.tsx'
import { LineInk } from './LineInk.tsx'
import { SideView, UNSAID_HIGH_M } from './SideView.tsx'
import type { Played } from './usePlayed.ts'
import { WindDial } from './WindDial.tsx'

interface Props {
  readonly setting: CastSetting
  readonly chosen: CastChoice | undefined
  /** From the angler to the fly [m]. */
  readonly castM: number
  readonly surf: boolean
  readonly played: Played
  readonly onWind?: ((turn: (fromDeg: number) => number) => void) | undefined
  readonly sunDeg?: number | undefined
  /** To the other bank; left out where a pool says which it is, and in the surf. */
  readonly onBank?: (() => void) | undefined
  /** What can be moved, as it stands. */
  readonly now: Moved
  readonly onMove: (moved: Moved) => void
  /** Stand in the view from the side. */
  readonly controls: ReactNode
  /** Stands beside the view from above, under the view from the side. */
  readonly children: ReactNode
  /** The third part: under the view from above, last on a phone. */
  readonly third?: ReactNode
}

/** Room drawn behind the angler, at least and at most, unless the cast takes more [m]. */
const BEHIND_M = { least: 6, most: 12 } as const
/** A little over whatever stands or flies highest [m]. */
const OVER_M = 0.7
/** From this width on the views stand side by side [px]. */
const WIDE_PX = 860

/** The setting with what a hand has moved. */
function settingOf(setting: CastSetting, { aim, windFromDeg, ...moved }: Moved, surf: boolean): CastSetting {
  const bank = setting.bank
  return {
    ...setting,
    ...moved,
    ...(windFromDeg === undefined ? {} : { wind: { ...setting.wind, fromDeg: windFromDeg } }),
    ...(aim === undefined || bank === null ? {} : { targetDeg: castLineDeg(surf, bank, aim.angleDeg) }),
  }
}

/** The cast with what a hand holds just now, and the verdict that goes with it: the list's own, by the same rules. */
function useShown({ setting: set, chosen, castM, surf, now }: Props) {
  const [held, setHeld] = useState<Moved>()
  return useMemo(() => {
    const setting = settingOf(set, held ?? {}, surf)
    const choice =
      held === undefined || chosen === undefined
        ? chosen
        : (chooseCasts(setting).find(({ cast, side }) => cast === chosen.cast && side === chosen.side) ??
          chosen)
    const flyM = held?.aim?.castM ?? castM
    const cast: PlayedCast | undefined = choice && { choice, setting, castM: flyM }
    return {
      setHeld,
      setting,
      flyM,
      aim: held?.aim ?? now.aim,
      choice,
      cast,
      fullest: cast && fullestOf(cast),
    }
  }, [set, held, surf, chosen, castM, now.aim])
}

/** The cast as it is played, from above and from the side at one scale; what is set in it is set by taking hold of it. */
export function CastPicture(props: Props) {
  const { children, third } = props
  const [ref, width] = useWidth<HTMLDivElement>(1200)
  const shown = useShown(props)
  const wide = width >= WIDE_PX
  const frame = frameOf(props, shown, width)
  return (
    <div ref={ref} className={wide ? 'grid grid-cols-[auto_minmax(0,1fr)] gap-x-6' : ''}>
      <div className="self-start">
        <FromAbove {...props} shown={shown} frame={frame} />
        {wide && third}
      </div>
      <div className="min-w-0">
        <FromTheSide {...props} shown={shown} frame={frame} wide={wide} />
        {children}
      </div>
      {!wide && third}
    </div>
  )
}

type Shown = ReturnType<typeof useShown>

/** Both views, laid out for the cast as it was before a hand took hold of it. */
function frameOf(
  { setting: set, castM, third }: Props,
  { setting, fullest }: Shown,
  width: number,
): CastFrame {
  const behindM = fullest?.behindM ?? 0
  return castFrame({
    width,
    wide: width >= WIDE_PX,
    shared: Boolean(third),
    castM,
    targetDeg: set.targetDeg ?? 0,
    lineDeg: setting.targetDeg ?? 0,
    behindM: Math.max(BEHIND_M.least, behindM + 1, Math.min(set.roomM + 1, BEHIND_M.most)),
    topM: Math.max(set.rig.rodLengthM + 1.4, Math.min(setting.behindHighM ?? 0, 12)) + OVER_M,
    wadingM: setting.wadingM ?? 0,
  })
}

interface ViewProps extends Props {
  readonly shown: Shown
  readonly frame: CastFrame
}

function FromAbove({ shown, frame, played, now, surf, onMove, onWind, onBank, sunDeg }: ViewProps) {
  const { system } = useUnits()
  const { setHeld, setting, flyM, aim, choice, cast, fullest } = shown
  const { targetDeg = 0, roomM, wind, bank } = setting
  return (
    <div className="relative overflow-hidden rounded-lg border border-rule bg-sheet">
      <AboveView
        frame={frame}
        setting={setting}
        ground={fullest?.pose}
        fits={choice?.fit !== 'no'}
        surf={surf}
        castM={flyM}
        label={sayFromAbove({ chosen: choice, castM: flyM, wind, targetDeg, roomM }, system)}
      >
        <Moment cast={cast} played={played} at={frame.plan} />
      </AboveView>
      <AboveHandles
        frame={frame}
        onHold={setHeld}
        onDrop={onMove}
        now={{ ...(aim && { aim }), ...(now.roomM !== undefined && { roomM }) }}
        way={bank === 'left' ? -1 : 1}
        turns={bank !== null}
        flyM={flyM}
      />
      <WindDial
        wind={wind}
        left={bank !== 'left'}
        onWind={onWind}
        onHold={(deg) => setHeld(deg === undefined ? undefined : { windFromDeg: deg })}
        sunDeg={sunDeg}
      />
      {onBank !== undefined && bank !== null && <BankButton bank={bank} onBank={onBank} />}
    </div>
  )
}

interface BankProps {
  readonly bank: Side
  readonly onBank: () => void
}

const BankButton = ({ bank, onBank }: BankProps) => (
  <Button
    className={`no-print absolute bottom-2 ${bank === 'left' ? 'left-2' : 'right-2'}`}
    onClick={onBank}
    aria-label={`You stand on the ${bank} bank: go to the other`}
  >
    {bank === 'left' ? '⇄ left bank' : 'right bank ⇄'}
  </Button>
)

function FromTheSide({ shown, frame, wide, played, now, onMove, controls }: ViewProps & { wide: boolean }) {
  const { system } = useUnits()
  const { setHeld, setting, choice, cast, fullest } = shown
  const { roomM, wadingM = 0, behindHighM, obstruction } = setting
  const tall = obstruction === 'brush' || obstruction === 'cliff'
  return (
    <div className={`relative overflow-hidden rounded-lg border border-rule bg-sheet ${wide ? '' : 'mt-2'}`}>
      <SideView
        frame={frame}
        setting={setting}
        ground={fullest?.pose}
        fits={choice?.fit !== 'no'}
        label={sideLabel(setting, cast, fullest?.behindM ?? 0, system)}
      >
        <Moment cast={cast} played={played} at={frame.profile} />
      </SideView>
      <SideHandles
        frame={frame}
        onHold={setHeld}
        onDrop={onMove}
        roomM={roomM}
        heightSaid={behindHighM !== undefined}
        now={{
          ...(tall && { behindHighM: behindHighM ?? UNSAID_HIGH_M }),
          ...(now.wadingM !== undefined && { wadingM }),
        }}
      />
      <div className="no-print absolute top-1.5 right-1.5 flex gap-1.5">{controls}</div>
    </div>
  )
}

/** What the view from the side shows, in words. */
function sideLabel(
  setting: CastSetting,
  cast: PlayedCast | undefined,
  behindM: number,
  system: UnitSystem,
): string {
  return cast !== undefined && CASTS[cast.choice.cast].anchor === 'none'
    ? sayBackCastPicture(behindM, backCastIn(setting).lowM, system)
    : sayLoopPicture(behindM, setting.roomM, system)
}

interface MomentProps {
  readonly cast: PlayedCast | undefined
  readonly played: Played
  readonly at: CastFrame['plan']
}

/** The moment that is played; with a fault, beside what it should be. */
function Moment({ cast, played: { at: step, share, fault }, at }: MomentProps) {
  if (cast === undefined) return null
  return (
    <>
      {fault !== undefined && <LineInk pose={poseAt(cast, step, share)} at={at} ghost />}
      <LineInk
        pose={poseAt({ ...cast, fault }, step, share)}
        at={at}
        colour={fault === undefined ? undefined : 'var(--breaks)'}
      />
    </>
  )
}
