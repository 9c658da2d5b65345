import type { Day } from '../day/index.ts'
import { printIn, type UnitSystem } from '../quantity/index.ts'
import { sayFish, sayFlies } from './day.ts'

/** Water, fish, fly and cast that a rig is judged in, as its card has them after the verdict: “in Kettle Run: 4.7 ft deep, …”. */
export function sayCardDay(day: Day, system: UnitSystem): string {
  const { where } = day
  const show = printIn(system)
  const flow = where.by === 'pool' && where.flow !== undefined ? ` at ${show(where.flow.m3ps, 'flow')}` : ''
  const water = where.by === 'pool' ? `${where.pool.name}${flow}` : 'the water as described'
  return `in ${water}: ${show(day.waterDepthM, 'length')} deep, ${show(day.currentMps, 'current')}. For ${sayFish(day, system)}, with a ${sayFlies(day)}, cast ${show(day.castM, 'length')} at ${day.plan.angleDeg}°.`
}
