import { KG_PER_POUND, M_PER_FOOT } from '../quantity/index.ts'
import type { Job } from './job.ts'

/** A usual kind of day to start the questions from; the caster and the chosen rod stay as they are. [practice] */
export interface UsualDay {
  readonly name: string
  readonly job: Omit<Job, 'caster' | 'rodId'>
}

export const USUAL_DAYS: readonly UsualDay[] = Object.freeze([
  {
    name: 'Winter run',
    job: {
      fishKg: 8 * KG_PER_POUND,
      water: 'river',
      fly: { dress: 'bulky', weighting: 'light' },
      castM: 70 * M_PER_FOOT,
      waterDepthM: 1.3,
      fishAt: 'bottom',
      currentMps: 0.5,
      roomBehindM: 4,
      season: 'winter',
      style: 'any',
    },
  },
  {
    name: 'Summer evening',
    job: {
      fishKg: 5 * KG_PER_POUND,
      water: 'river',
      fly: { dress: 'sparse', weighting: 'unweighted' },
      castM: 70 * M_PER_FOOT,
      waterDepthM: 1.1,
      fishAt: 'surface',
      currentMps: 0.7,
      roomBehindM: 6,
      season: 'summer',
      style: 'any',
    },
  },
  {
    name: 'Small stream after rain',
    job: {
      fishKg: 2 * KG_PER_POUND,
      water: 'beck',
      fly: { dress: 'medium', weighting: 'light' },
      castM: 40 * M_PER_FOOT,
      waterDepthM: 0.8,
      fishAt: 'middle',
      currentMps: 0.7,
      roomBehindM: 2,
      season: 'spring',
      style: 'any',
    },
  },
  {
    name: 'Surf at dawn',
    job: {
      fishKg: 5 * KG_PER_POUND,
      water: 'surf',
      fly: { dress: 'medium', weighting: 'light' },
      castM: 80 * M_PER_FOOT,
      waterDepthM: 1.4,
      fishAt: 'middle',
      currentMps: 0.4,
      roomBehindM: 25,
      season: 'autumn',
      style: 'any',
    },
  },
  {
    name: 'Under a float',
    job: {
      fishKg: 3 * KG_PER_POUND,
      water: 'beck',
      fly: { dress: 'sparse', weighting: 'unweighted' },
      dropper: { fly: { dress: 'sparse', weighting: 'heavy' }, upM: 0.9 },
      indicator: true,
      castM: 40 * M_PER_FOOT,
      waterDepthM: 0.9,
      fishAt: 'bottom',
      currentMps: 0.5,
      roomBehindM: 3,
      season: 'winter',
      style: 'any',
    },
  },
])

/** First questions of a new angler: an ordinary river day. */
export const FIRST_JOB: Job = {
  fishKg: 2.7,
  water: 'river',
  fly: { dress: 'medium', weighting: 'light' },
  castM: 20,
  waterDepthM: 1.2,
  fishAt: 'middle',
  currentMps: 0.7,
  roomBehindM: 6,
  season: 'autumn',
  style: 'any',
  caster: { hand: 'right', habit: 'average', mainly: 'spey' },
}
