import {
  backCastIn,
  type CastChoice,
  type CastSetting,
  type PlayedCast,
  poseAt,
  stepsOf,
} from '@hoxen/core/cast'
import { castLineDeg } from '@hoxen/core/day'
import { sayBackCastPicture, sayFromAbove, sayLoopPicture } from '@hoxen/core/words'
import { type ReactNode, useMemo, useState } from 'react'
import { useWidth } from '../../../drawing/index.ts'
import { Button, useUnits } from '../../../ui/index.ts'
import { AboveView } from './AboveView.tsx'
import { castFrame } from './castFrame.ts'
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
}

/** Room drawn behind the angler, at least and at most, unless the cast takes more [m]. */
const BEHIND_M = { least: 6, most: 12 } as const
/** A little over whatever stands or flies highest [m]. */
const OVER_M = 0.7
/** From this width on the views stand side by side [px]. */
const WIDE_PX = 860

/** Where the bank stands that a hand has moved something to. */
function settingOf(setting: CastSetting, { aim, ...moved }: Moved, surf: boolean): CastSetting {
  const bank = setting.bank
  return {
    ...setting,
    ...moved,
    ...(aim === undefined || bank === null ? {} : { targetDeg: castLineDeg(surf, bank, aim.angleDeg) }),
  }
}

/** The cast as it is played, from above and from the side at one scale; what is set in it is set by taking hold of it. */
export function CastPicture(props: Props) {
  const { chosen, surf, played, now, onMove, onWind, onBank, sunDeg, controls, children } = props
  const [ref, width] = useWidth<HTMLDivElement>(1200)
  const [held, setHeld] = useState<Moved>()
  const { system } = useUnits()
  const setting = useMemo(() => settingOf(props.setting, held ?? {}, surf), [props.setting, held, surf])
  const castM = held?.aim?.castM ?? props.castM
  const { targetDeg = 0, roomM, wadingM = 0, wind } = setting
  const cast = useMemo(
    (): PlayedCast | undefined => chosen && { choice: chosen, setting, castM },
    [chosen, setting, castM],
  )
  const pose = cast && poseAt({ ...cast, fault: played.fault }, played.at, played.share)
  const should = cast && played.fault && poseAt(cast, played.at, played.share)
  const ground = useMemo(() => cast && groundOf(cast), [cast])
  const reachM = -Math.min(0, ...(ground?.line ?? []).map(([right, ahead]) => outOf(right, ahead, targetDeg)))
  const fits = chosen === undefined || (chosen.fit !== 'no' && (reachM <= roomM || chosen.anchor === 'none'))
  const frame = castFrame({
    width,
    wide: width >= WIDE_PX,
    castM: props.castM,
    targetDeg: props.setting.targetDeg ?? 0,
    behindM: Math.max(BEHIND_M.least, reachM + 1, Math.min(props.setting.roomM + 1, BEHIND_M.most)),
    topM: Math.max(props.setting.rig.rodLengthM + 1.4, Math.min(setting.behindHighM ?? 0, 12)) + OVER_M,
    wadingM,
  })
  const tall = setting.obstruction === 'brush' || setting.obstruction === 'cliff'
  const { lineM, lowM } = backCastIn(setting)
  const side =
    chosen?.anchor === 'none'
      ? sayBackCastPicture(lineM, lowM, system)
      : sayLoopPicture(reachM, roomM, system)
  const hands = { frame: { ...frame, targetDeg }, onHold: setHeld, onDrop: onMove }
  const drawn = (at: typeof frame.plan) => (
    <>
      {should !== undefined && <LineInk pose={should} at={at} ghost />}
      {pose !== undefined && (
        <LineInk pose={pose} at={at} colour={played.fault === undefined ? undefined : 'var(--breaks)'} />
      )}
    </>
  )
  const above = sayFromAbove({ chosen, castM, wind, targetDeg, roomM }, system)
  const wide = width >= WIDE_PX
  return (
    <div ref={ref} className={wide ? 'grid grid-cols-[auto_minmax(0,1fr)] gap-x-6' : ''}>
      <div className="relative self-start overflow-hidden rounded-lg border border-rule bg-sheet">
        <AboveView {...{ frame, setting, surf, castM, ground, fits }} label={above}>
          {drawn(frame.plan)}
        </AboveView>
        <AboveHandles
          {...hands}
          now={{ ...(now.aim && { aim: held?.aim ?? now.aim }), ...(now.roomM !== undefined && { roomM }) }}
          way={setting.bank === 'left' ? -1 : 1}
        />
        <WindDial wind={wind} left={setting.bank !== 'left'} onWind={onWind} sunDeg={sunDeg} />
        {onBank !== undefined && (
          <Button
            className={`no-print absolute bottom-2 ${setting.bank === 'left' ? 'left-2' : 'right-2'}`}
            onClick={onBank}
            aria-label={`You stand on the ${setting.bank} bank: go to the other`}
          >
            {setting.bank === 'left' ? '⇄ left bank' : 'right bank ⇄'}
          </Button>
        )}
      </div>
      <div className="min-w-0">
        <div
          className={`relative overflow-hidden rounded-lg border border-rule bg-sheet ${wide ? '' : 'mt-2'}`}
        >
          <SideView {...{ frame, setting, ground, fits }} label={side}>
            {drawn(frame.profile)}
          </SideView>
          <SideHandles
            {...hands}
            roomM={roomM}
            now={{
              ...(tall && { behindHighM: setting.behindHighM ?? UNSAID_HIGH_M }),
              ...(now.wadingM !== undefined && { wadingM }),
            }}
          />
          <div className="no-print absolute top-1.5 right-1.5 flex gap-1.5">{controls}</div>
        </div>
        {children}
      </div>
    </div>
  )
}

const outOf = (right: number, ahead: number, deg: number): number =>
  right * Math.sin((deg * Math.PI) / 180) + ahead * Math.cos((deg * Math.PI) / 180)

/** The loop or back cast at its fullest. */
function groundOf(cast: PlayedCast) {
  const steps = stepsOf(cast.choice.cast)
  const at = steps.findIndex(({ code }) => code === 'form-loop' || code === 'wait')
  return poseAt(cast, at, 1)
}
