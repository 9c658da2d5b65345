import {
  type CastName,
  type CastReason,
  type CastSetting,
  castToMake,
  chooseCasts,
  type Side,
} from '../../cast/index.ts'
import { castSettingOf } from '../castSetting.ts'
import { defineCheck, type Finding } from '../define.ts'

/** Each thing that wants care counts as a step, up to so many. [estimate] */
const MOST_CARES = 3

const DATA = {
  cast: 'double-spey' as CastName,
  side: 'right' as Side,
  reasons: ['strong-hand'] as readonly CastReason[],
}
const REASONS = { good: DATA, care: DATA, none: DATA }

function against(setting: CastSetting): Finding<typeof REASONS> | null {
  const casts = chooseCasts(setting)
  const choice = castToMake(casts)
  const base = { value: null, measure: 'none', tag: 'practice' } as const
  if (choice !== undefined) {
    // Of all that are safe the least.
    const from = casts.reduce(
      (fewest, { fit, cares }) => (fit === 'no' ? fewest : Math.min(fewest, cares)),
      MOST_CARES,
    )
    return {
      ...base,
      state: 'holds',
      reason: choice.fit === 'good' ? 'good' : 'care',
      data: { cast: choice.cast, side: choice.side, reasons: choice.reasons },
      from,
    }
  }
  const [nearest] = casts
  return nearest === undefined
    ? null
    : {
        ...base,
        state: 'breaks',
        reason: 'none',
        data: { cast: nearest.cast, side: nearest.side, reasons: nearest.reasons },
      }
}

/** Is there a cast for it, here and in this wind? By the same function as the Cast page. [practice] */
const cast = defineCheck({
  code: 'cast',
  slots: ['headId', 'rodId'],
  cost: 'second-look',
  reasons: REASONS,
}).look(['rod', 'head', 'tip', 'leader', 'runningLine'], (parts, day) => against(castSettingOf(parts, day)))

export const CAST_CHECKS = [cast] as const
