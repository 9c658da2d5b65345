import type { Dropper, FlyShape } from '../gear/index.ts'
import { clamp } from '../quantity/index.ts'
import { ANGLE_LIMITS, type Plan } from '../swing/index.ts'
import type { Run } from '../water/index.ts'
import { JOB_LIMITS } from './answers.ts'
import type { Job } from './job.ts'
import { kindThere } from './place.ts'
import type { UsualDay } from './usualDays.ts'
import type { WaterChoice } from './waterChoice.ts'

/** What is kept of a day: its questions as they are answered, its water, and how that is fished. */
export interface SaidDay {
  readonly job: Job
  readonly water: WaterChoice
}

/** Answers to questions of the day; undefined takes one back. */
export type Answers = { readonly [K in keyof Job]?: Job[K] | undefined }

/** A change of the day, by what is said. */
export type DayChange =
  | { readonly answers: Answers }
  /** A usual day, which brings its own water. */
  | { readonly usual: UsualDay['job'] }
  /** Another pool; undefined for the water as it is described. What was said of the level stays behind. */
  | { readonly pool: Run | undefined }
  /** Mass of the fly as it was weighed [kg]. */
  | { readonly flyKg: number }
  /** A fly of another weight, not weighed. */
  | { readonly weighting: FlyShape['weighting'] }
  /** The fly and its dropper change places. */
  | { readonly swapFlies: true }

/** What a change of the cast and its plan may say; the rest stays. */
export interface PlanChange extends Partial<Plan> {
  /** Length of the cast [m]; more or less than can be asked for is as much as can. */
  readonly castM?: number | undefined
  /** Flow by hand [m³/s]; null goes by the gauge again. */
  readonly flowM3ps?: number | null | undefined
}

function answered(job: Job, answers: Answers): Job {
  const all = Object.entries({ ...job, ...answers }).filter(([, value]) => value !== undefined)
  return Object.fromEntries(all) as unknown as Job
}

/** Of the day before, what is not said of a usual one. */
function asUsual(
  { waterC: _w, bySeason: _s, dropper: _d, indicator: _i, ...job }: Job,
  usual: UsualDay['job'],
): Job {
  return { ...job, ...usual }
}

const swapped = (job: Job): Job => {
  const { dropper, fly } = job
  return dropper === undefined
    ? job
    : { ...job, fly: dropper.fly, dropper: { ...dropper, fly } satisfies Dropper }
}

/** The day after a change: the one way it changes, from whatever page. */
export function changedDay({ job, water }: SaidDay, change: DayChange): SaidDay {
  if ('answers' in change) return { job: answered(job, change.answers), water }
  if ('usual' in change) return { job: asUsual(job, change.usual), water: { plan: water.plan } }
  if ('pool' in change) {
    const { pool } = change
    return {
      job: { ...job, water: kindThere(pool, job.water) },
      water: pool === undefined ? { plan: water.plan } : { plan: water.plan, runId: pool.id },
    }
  }
  if ('flyKg' in change) return { job: { ...job, fly: { ...job.fly, massKg: change.flyKg } }, water }
  if ('swapFlies' in change) return { job: swapped(job), water }
  const { massKg: _weighed, ...fly } = job.fly
  return { job: { ...job, fly: { ...fly, weighting: change.weighting } }, water }
}

/** Cast and plan after a change: the one way they change. The angle and the length go no further than can be cast. */
export function changedPlan({ job, water }: SaidDay, { castM, flowM3ps, ...said }: PlanChange): SaidDay {
  const plan = Object.fromEntries(
    Object.entries(said).filter(([, value]) => value !== undefined),
  ) as Partial<Plan>
  const angle = plan.angleDeg === undefined ? {} : { angleDeg: clamp(plan.angleDeg, ANGLE_LIMITS) }
  const { flowM3ps: _before, ...unsaid } = water
  const flowed = flowM3ps === undefined ? water : flowM3ps === null ? unsaid : { ...water, flowM3ps }
  return {
    job: castM === undefined ? job : { ...job, castM: clamp(castM, JOB_LIMITS.castM) },
    water: { ...flowed, plan: { ...water.plan, ...plan, ...angle } },
  }
}
