import type { Job } from './job.ts'

/** Water colder than this is winter to a fish, warmer than that summer, whatever the month [°C]. [estimate] */
export const SEASON_C = Object.freeze({ cold: 7, warm: 11 })

/** The season fish and fingers feel: by the water's temperature where it is known, else by name. */
export function seasonFelt({ waterC, season }: Pick<Job, 'waterC' | 'season'>): 'cold' | 'warm' | 'between' {
  if (waterC !== undefined)
    return waterC < SEASON_C.cold ? 'cold' : waterC > SEASON_C.warm ? 'warm' : 'between'
  return season === 'winter' ? 'cold' : season === 'summer' ? 'warm' : 'between'
}
