import type { Job } from '../../day/index.ts'
import type { Caster, Gear, Item, Schools } from '../../gear/index.ts'
import { candidatesOf, choiceOf } from '../../match/index.ts'
import { itemIn, RIG_SLOTS, type RigParts, through } from '../../rig/index.ts'
import { stillPairs, stillRigs } from '../../trip/index.ts'
import type { Run } from '../../water/index.ts'
import { pick, type Roll } from '../random.ts'
import type { RoundOf } from '../round.ts'
import type { SituationOf } from '../situation.ts'
import { dayIn, PLAIN_JOB } from '../solve.ts'
import { BY_LEVEL, type Level, type RoundKind } from '../vocabulary.ts'

/** What situations are drawn from. */
export interface PractiseAbout {
  readonly gear: Gear
  readonly runs: readonly Run[]
  readonly caster: Caster
  readonly schools: Schools
}

export interface Drawing extends PractiseAbout {
  readonly roll: Roll
  readonly level: Level
}

export const margin = ({ level }: Pick<Drawing, 'level'>): number => BY_LEVEL[level].margin
export const count = ({ level }: Pick<Drawing, 'level'>): number => BY_LEVEL[level].choices

const CLOSE_WATER_M = 16
/** Days on small water, of those without a pool. */
const SMALL_SHARE = 0.35

/** Job of a pool: what its width lets one cast. */
export function jobFor({ roll, caster }: Drawing, run?: Run): Job {
  const small = run === undefined ? roll() < SMALL_SHARE : run.widthM < CLOSE_WATER_M
  return {
    ...PLAIN_JOB,
    caster,
    water: small ? 'beck' : 'river',
    castM: small ? 12 : 20,
    fishAt: pick(roll, ['bottom', 'middle'] as const) ?? 'middle',
    season: pick(roll, ['autumn', 'spring'] as const) ?? 'autumn',
    fly: pick(roll, FLIES) ?? PLAIN_JOB.fly,
  }
}
const FLIES = [
  { dress: 'bulky', weighting: 'light' },
  { dress: 'medium', weighting: 'light' },
  { dress: 'sparse', weighting: 'unweighted' },
] as const satisfies readonly Job['fly'][]

/** A rig of the gear that holds on a day as far as that is told without a swing. */
export function stillRig(
  { roll, gear, schools }: Drawing,
  job: Job,
  run?: Run,
  flowM3ps?: number,
): RigParts | undefined {
  const day = dayIn(job, schools, run, flowM3ps)
  const c = candidatesOf(gear, day)
  const pair = pick(roll, through(stillPairs(c, day, false)))
  const still = pair && pick(roll, through(stillRigs(c, day, [pair], false)).rigs)
  return still && { ...still.parts, reel: still.reels[0] ?? null }
}

export const itemsIn = (parts: RigParts): readonly Item[] =>
  RIG_SLOTS.flatMap((slot) => itemIn(parts, slot) ?? [])
/** Items without their owner's notes. */
export const bare = (items: readonly Item[]): Item[] =>
  [...new Map(items.map((item) => [item.id, item])).values()].map(
    ({ notes: _notes, ...item }) => item as Item,
  )

/** A pool at some level, as it goes into an address: no gauge, no notes, no place. */
export function pool({ roll, runs }: Drawing): { readonly run: Run; readonly flowM3ps: number } | undefined {
  const run = pick(
    roll,
    runs.filter(({ shore, measuredFlowM3ps }) => shore === undefined && measuredFlowM3ps !== undefined),
  )
  if (run?.measuredFlowM3ps === undefined) return undefined
  const { notes: _notes, gaugeId: _gauge, spot: _spot, byLog: _log, ...shown } = run
  return { run: shown, flowM3ps: run.measuredFlowM3ps * (pick(roll, LEVEL_SHARES) ?? 1) }
}
const LEVEL_SHARES = [0.6, 0.8, 1, 1.3, 1.7] as const

/** One way of drawing a kind of situation, and of telling whether its round stands out enough. */
export interface Kind<K extends RoundKind> {
  readonly draw: (drawing: Drawing) => SituationOf<K> | undefined
  readonly stands: (round: RoundOf<K>, drawing: Drawing) => boolean
}

/** A rig in a pool at a level. */
export function inPool(drawing: Drawing): SituationOf<'deep'> | undefined {
  const there = pool(drawing)
  if (there === undefined) return undefined
  const job = jobFor(drawing, there.run)
  const parts = stillRig(drawing, job, there.run, there.flowM3ps)
  if (parts === undefined) return undefined
  const { level, schools } = drawing
  return { kind: 'deep', level, items: bare(itemsIn(parts)), rig: choiceOf(parts), job, schools, ...there }
}

/** Choices of a round at least. */
export const FEWEST = 3
