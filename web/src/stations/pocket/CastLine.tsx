import { castToMake, chooseCasts } from '@hoxen/core/cast'
import type { Day } from '@hoxen/core/day'
import { castSettingOf, shotWith } from '@hoxen/core/rig'
import { ANCHOR_NAMES, CAST_TITLES } from '@hoxen/core/words'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { useQuestion, useRig } from '../../ledger/index.ts'
import { useSingle } from '../../store/index.ts'
import { useUnits } from '../../ui/index.ts'

interface Props {
  readonly day: Day
}

/** Cast, side and distance: the one the Cast page puts first. */
export function CastLine({ day }: Props) {
  const { show } = useUnits()
  const rig = useRig(useQuestion(), useSingle('rig'))
  const parts = rig === undefined || rig === 'gone' ? undefined : rig.parts
  const casts = useMemo(() => parts && chooseCasts(castSettingOf(parts, day)), [parts, day])
  if (parts === undefined || casts === undefined) return null
  const first = castToMake(casts)
  const castM = Math.min(day.castM, shotWith(parts, parts.runningLine, day).castM)
  return (
    <>
      <Link to="/rig" className="mt-1 flex min-h-11 items-center text-[0.95rem] text-faint">
        <span className="truncate">
          {parts.rod.name} · {parts.head.head.name}
        </span>
      </Link>
      <Link
        to="/cast"
        data-cast={first === undefined ? 'none' : `${first.cast} ${first.side}`}
        className="flex min-h-14 items-center gap-3 border-b border-rule py-1.5"
      >
        <span className="w-16 shrink-0 text-[0.85rem] text-faint">cast</span>
        {first === undefined ? (
          <b className="text-lg leading-tight font-semibold text-breaks">
            No cast is safe here right now: see why
          </b>
        ) : (
          <span className="leading-tight">
            <b className="text-lg font-semibold">
              {CAST_TITLES[first.cast]}
              {first.side === null ? '' : `, ${first.side} side`}
            </b>
            <span className="block text-[0.9rem] text-faint">
              {first.fit === 'care' ? 'with care · ' : ''}
              {ANCHOR_NAMES[first.anchor]} · {show(castM, 'length')} at {day.plan.angleDeg}°
            </span>
          </span>
        )}
      </Link>
    </>
  )
}
