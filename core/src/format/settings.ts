import { DEFAULT_SCHOOLS, type Schools } from '../gear/index.ts'
import type { ChangeMinutes } from '../trip/index.ts'

export interface Settings {
  readonly units: 'trade' | 'metric'
  readonly face: 'light' | 'dark' | 'system'
  readonly schools: Schools
  readonly castsAs?: string | undefined
  readonly changeMinutes?: ChangeMinutes | undefined
}

export const DEFAULT_SETTINGS: Settings = Object.freeze({
  units: 'trade',
  face: 'system',
  schools: DEFAULT_SCHOOLS,
})
