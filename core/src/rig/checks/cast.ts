import { type CastName, type CastReason, type CastSetting, chooseCasts, type Side } from '../../cast/index.ts'
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
  const [choice] = casts
  if (choice === undefined) return null
  const { cast, side, reasons, fit } = choice
  const base = { value: null, measure: 'none', tag: 'practice', data: { cast, side, reasons } } as const
  if (fit === 'no') return { ...base, state: 'breaks', reason: 'none' }
  const cares = casts.flatMap((one) => (one.fit === 'no' ? [] : [one.cares]))
  return { ...base, state: 'holds', reason: fit, from: Math.min(MOST_CARES, ...cares) }
}

/** Is there a cast for it, here and in this wind? By the same function as the Cast page. [practice] */
const cast = defineCheck({
  code: 'cast',
  slots: ['headId', 'rodId'],
  cost: 'second-look',
  reasons: REASONS,
}).look(['rod', 'head', 'tip', 'leader', 'runningLine'], (parts, day) => against(castSettingOf(parts, day)))

export const CAST_CHECKS = [cast] as const
