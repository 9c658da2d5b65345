import type { Schools } from '../gear/index.ts'
import type { FlyKnot } from '../leader/index.ts'
import { clamp } from '../quantity/index.ts'
import type { OwnWindows } from '../rod/index.ts'
import type { Weather } from '../sky/index.ts'
import { type SwingPlan, USUAL_PLAN, usualRod } from '../swing/index.ts'
import { atFlow, byItsLog, depthAt, fishedWater, latest, type Run } from '../water/index.ts'
import { JOB_LIMITS } from './answers.ts'
import { highBehind } from './behind.ts'
import { type CastPlace, castPlaceOf } from './castPlace.ts'
import { flowToday, type Heard, type TodaysFlow } from './heard.ts'
import type { Job } from './job.ts'
import { runOfWords } from './plainWater.ts'
import { type Stand, USUAL_STAND } from './stand.ts'
import type { WaterChoice } from './waterChoice.ts'
import { aheadOf, windOf } from './wind.ts'

/** Relation of a pool's level to the one it was measured at. */
export type PoolLevel = 'as-measured' | 'at-level' | 'far' | 'too-far'

/** Source of the day's water. */
export type Where =
  | { readonly by: 'words' }
  | {
      readonly by: 'pool'
      /** The pool as it was measured. */
      readonly pool: Run
      readonly level: PoolLevel
      readonly flow: TodaysFlow | undefined
      /** Today's flow over the measured one, as it is judged; 1 where either is unknown. */
      readonly ratio: number
    }

/**
 * Everything a rig is judged in: the water at its level and how it is fished, the fish and where they hold, the fly, the
 * cast, room, season and temperature, the caster and the schools. Depth and current are those of the water the swing goes
 * through. Assembled by `dayOf` and nowhere else.
 */
export interface Day extends Job {
  readonly where: Where
  /** The water as it is today. */
  readonly run: Run
  readonly plan: SwingPlan
  /** Wading depth: what the pool gives, or, without one, what was set by hand [m]. */
  readonly wadingM: number
  /** Wind along the cast, from ahead when positive, in steps [m/s]. */
  readonly aheadMps: number
  /** Height of brush or cliff behind, over the water, where known [m]. */
  readonly behindHighM?: number | undefined
  readonly castPlace: CastPlace
  readonly schools: Schools
  /** The knot tied at the fly, where the angler has said. */
  readonly flyKnot?: FlyKnot | undefined
  /** Windows of rods that the angler found out by trials and bends. */
  readonly own?: OwnWindows | undefined
}

/** Parts a day is made of. */
export interface DayParts {
  readonly job: Job
  readonly schools: Schools
  readonly flyKnot?: FlyKnot | undefined
  readonly own?: OwnWindows | undefined
  /** Stand on the day: wading depth, where no pool says it, and in what wind. */
  readonly stand?: Stand | undefined
  /** Wading depth by the tide [m], on a beach that knows it. */
  readonly standingM?: number | undefined
  /** Reading of the pool's weather station. */
  readonly weather?: Weather | undefined
  /** The pool chosen, the flow set by hand, the plan; without it the job's own words and the usual plan. */
  readonly water?: WaterChoice | undefined
  readonly runs?: readonly Run[] | undefined
  /** Reading of the chosen pool's gauge. */
  readonly heard?: Heard | undefined
}

/** Readings of a gauge are judged in steps of this share, so that lists do not flicker with it. */
export const FLOW_STEP = 0.02

/** A gauge's flow in whole steps from the measured one; a value set by hand is used as it is. */
function judgedFlow(measuredM3ps: number, { m3ps, from }: TodaysFlow): number {
  if (from === 'hand') return m3ps
  const step = Math.log1p(FLOW_STEP)
  return measuredM3ps * Math.exp(Math.round(Math.log(m3ps / measuredM3ps) / step) * step)
}

function atToday(measured: Run, flow: TodaysFlow | undefined): { run: Run; level: PoolLevel; ratio: number } {
  const pool = byItsLog(measured)
  if (pool.measuredFlowM3ps === undefined || flow === undefined)
    return { run: pool, level: 'as-measured', ratio: 1 }
  const carried = atFlow(pool, pool.measuredFlowM3ps, judgedFlow(pool.measuredFlowM3ps, flow))
  if (carried.outcome === 'too-far') return { run: pool, level: 'too-far', ratio: carried.ratio }
  return { run: carried.run, level: carried.outcome, ratio: carried.ratio }
}

/** Temperature that counts: the angler's thermometer, else the gauge's unless the season's name is to count. */
function temperature({ job, heard }: DayParts): { readonly waterC?: number } {
  const read =
    job.bySeason || heard === undefined ? undefined : latest(heard.record.readings, 'waterC')?.value
  const waterC = job.waterC ?? (read === undefined ? undefined : clamp(read, JOB_LIMITS.waterC))
  return waterC === undefined ? {} : { waterC }
}

/** The day everything is judged in. A pool that is gone, or none, leaves the water the job describes. */
export function dayOf(parts: DayParts): Day {
  const { schools, flyKnot, own, stand = USUAL_STAND, standingM, weather, water, runs = [], heard } = parts
  const { waterC: _own, ...job } = parts.job
  const pool = runs.find((run) => run.id === water?.runId)
  const flow = pool && flowToday(water, heard)
  const today = pool && atToday(pool, flow)
  const there = today && fishedWater(today.run)
  const surf = job.water === 'surf'
  const { rod = usualRod(surf, there?.currentMps ?? job.currentMps), ...handling } = water?.plan ?? USUAL_PLAN
  const plan: SwingPlan = { ...handling, rod, castM: job.castM }
  const wind = windOf(stand, pool?.spot, weather)
  const castPlace = castPlaceOf(surf, pool, stand, wind, plan.angleDeg)
  const aheadMps = aheadOf(wind, castPlace.targetDeg)
  if (pool === undefined || today === undefined || there === undefined)
    return {
      ...parts.job,
      where: { by: 'words' },
      run: runOfWords(parts.job),
      plan,
      wadingM: stand.wadingM,
      aheadMps,
      behindHighM: highBehind(pool, stand),
      castPlace,
      schools,
      flyKnot,
      own,
    }
  const { run, level, ratio } = today
  const { depthM, currentMps } = there
  return {
    ...job,
    ...temperature(parts),
    waterDepthM: clamp(depthM, JOB_LIMITS.waterDepthM),
    currentMps: clamp(currentMps, JOB_LIMITS.currentMps),
    where: { by: 'pool', pool, level, flow, ratio },
    run,
    plan,
    wadingM: standingM ?? depthAt(run, run.wadeM),
    aheadMps,
    behindHighM: highBehind(pool, stand),
    castPlace,
    schools,
    flyKnot,
    own,
  }
}
