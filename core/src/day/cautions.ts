import { windOnto } from '../cast/index.ts'
import type { Caster } from '../gear/index.ts'
import type { Obstruction } from '../water/index.ts'
import type { Day } from './day.ts'
import { wadingOf } from './wading.ts'
import type { Wind } from './wind.ts'

/** Setting that cautions are told by. */
export interface CautionSetting {
  readonly day: Pick<Day, 'run' | 'water' | 'wadingM' | 'where' | 'waterC'> & {
    readonly caster: Pick<Caster, 'hand'>
  }
  readonly wind: Wind
  readonly obstruction: Obstruction
  readonly shoulder?: 'sore' | undefined
  readonly thunder?: boolean | undefined
}

/** Below this water the hands go numb [°C]. [practice] */
const COLD_C = 7
/** Wind across the body that can carry a hook [m/s]. [practice] */
const HOOK_MPS = 0.5

/**
 * Cautions, most urgent first, and when each is shown. One more is one more entry, and its words. They never block.
 * [practice]
 */
export const CAUTIONS = Object.freeze({
  lightning: ({ thunder }: CautionSetting) => thunder === true,
  'power-line': ({ obstruction }: CautionSetting) => obstruction === 'power-line',
  surf: ({ day }: CautionSetting) => day.water === 'surf',
  wading: ({ day }: CautionSetting) => wadingOf(day).state !== 'fine',
  hooks: ({ wind }: CautionSetting) =>
    windOnto(wind, 'left') > HOOK_MPS || windOnto(wind, 'right') > HOOK_MPS,
  cold: ({ day }: CautionSetting) => day.waterC !== undefined && day.waterC < COLD_C,
  pain: ({ shoulder }: CautionSetting) => shoulder === 'sore',
  law: () => true,
})
export type Caution = keyof typeof CAUTIONS
export const CAUTION_NAMES = Object.keys(CAUTIONS) as readonly Caution[]

/** The cautions that apply, most urgent first. @param hushed those put aside for the day */
export const cautionsIn = (setting: CautionSetting, hushed: readonly Caution[] = []): readonly Caution[] =>
  CAUTION_NAMES.filter((caution) => CAUTIONS[caution](setting) && !hushed.includes(caution))

/** Cautions put aside, on the day that they were. */
export interface Hushed {
  /** The day by the angler's own clock: 2026-11-27. */
  readonly on: string
  readonly cautions: readonly Caution[]
}

/** Of what was put aside, what still counts on a day. */
export const hushedOn = (hushed: Hushed | null | undefined, today: string): readonly Caution[] =>
  hushed?.on === today ? hushed.cautions : []
