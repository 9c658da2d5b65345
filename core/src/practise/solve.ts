import { type CastSetting, chooseCasts } from '../cast/index.ts'
import { type Day, dayOf, FIRST_JOB, type Job, USUAL_STAND } from '../day/index.ts'
import type { Item, Schools } from '../gear/index.ts'
import { betterRide } from '../ladder/index.ts'
import { headFacts } from '../line/index.ts'
import { judge, judgeSwungInSteps, type RankedRig } from '../match/index.ts'
import {
  castSettingOf,
  type Front,
  type RigChoice,
  type RigParts,
  resolveRig,
  type Steps,
  swungInSteps,
} from '../rig/index.ts'
import { type GrainWindow, windowFor } from '../rod/index.ts'
import { isTipItem, type TipItem, tipFacts } from '../sink/index.ts'
import { type Swung, USUAL_PLAN } from '../swing/index.ts'
import { leaveBy, lowestWayBack, tideTurns } from '../tide/index.ts'
import { FOUR_IN_FIVE, fishedWater, type Run, scaledRun, spreadOf } from '../water/index.ts'
import type {
  CastRound,
  ChangeRound,
  DeepRound,
  GoRound,
  HeadRound,
  Round,
  SpanChoice,
  TipRound,
  WrongRound,
} from './round.ts'
import type { Situation, SituationOf } from './situation.ts'

/** Answers to a situation, each by the function that answers its page; undefined where it is not a round (a part is not there, nothing right, two right). */
export function* solveInSteps(situation: Situation): Steps<Round | undefined> {
  switch (situation.kind) {
    case 'cast':
      return castRound(situation)
    case 'tip':
      return yield* tipRound(situation)
    case 'deep':
      return yield* deepRound(situation)
    case 'head':
      return headRound(situation)
    case 'wrong':
      return wrongRound(situation)
    case 'go':
      return goRound(situation)
    case 'change':
      return yield* changeRound(situation)
  }
}

interface Rigged {
  readonly items: readonly Item[]
  readonly rig: RigChoice
}
export function partsIn({ items, rig }: Rigged): RigParts | undefined {
  const resolved = resolveRig(rig, new Map(items.map((item) => [item.id, item])))
  return resolved.outcome === 'resolved' ? resolved.parts : undefined
}

/** The day of a situation: as every page puts it together. */
export const dayIn = (job: Job, schools: Schools, run?: Run, flowM3ps?: number): Day =>
  dayOf({
    job,
    schools,
    stand: { ...USUAL_STAND, windBy: 'usual', ...(run === undefined ? {} : { bank: run.bank }) },
    runs: run === undefined ? [] : [run],
    water: {
      plan: USUAL_PLAN,
      ...(run === undefined ? {} : { runId: run.id }),
      ...(flowM3ps === undefined ? {} : { flowM3ps }),
    },
  })

/** The one of these that holds; undefined for none or several. */
function only<T extends { readonly id: string }>(
  choices: readonly T[],
  right: (choice: T) => boolean,
): string | undefined {
  const found = choices.filter(right)
  return found.length === 1 ? found[0]?.id : undefined
}

/** A cast's identifier among the choices. */
export const castId = ({ cast, side }: { readonly cast: string; readonly side: string }): string =>
  `${cast}-${side}`

/** Where one stands in a situation, as the Cast page asks. */
export function settingIn(situation: SituationOf<'cast'>): CastSetting | undefined {
  const { hand, bank, wind, angleDeg, roomM, obstruction, job, schools } = situation
  const parts = partsIn(situation)
  if (parts === undefined) return undefined
  const day = dayOf({
    job: { ...job, roomBehindM: roomM, caster: { ...job.caster, hand } },
    schools,
    stand: { ...USUAL_STAND, bank: bank ?? USUAL_STAND.bank, wind, obstruction },
    water: { plan: { ...USUAL_PLAN, angleDeg } },
  })
  return castSettingOf(parts, day)
}

function castRound(situation: SituationOf<'cast'>): CastRound | undefined {
  const setting = settingIn(situation)
  if (setting === undefined) return undefined
  const all = chooseCasts(setting)
  const choices = situation.offered.flatMap((asked) => {
    const cast = all.find((each) => each.cast === asked.cast && each.side === asked.side)
    return cast === undefined ? [] : [{ id: castId(asked), cast }]
  })
  const answer = only(choices, ({ cast }) => cast.fit === 'good')
  return answer === undefined ? undefined : { kind: 'cast', situation, setting, choices, answer }
}

/** A rig with a tip of its own items, its leader as it is. */
function withTip(parts: RigParts, tip: TipItem): RigParts {
  const front: Front = { tip: tipFacts(tip), leader: parts.leader }
  return { ...parts, ...front }
}

function* tipRound(situation: SituationOf<'tip'>): Steps<TipRound | undefined> {
  const { job, schools, run, flowM3ps, items, tipIds } = situation
  const parts = partsIn(situation)
  if (parts === undefined) return undefined
  const day = dayIn(job, schools, run, flowM3ps)
  const tips = items.filter(isTipItem)
  const choices: { id: string; rig: RankedRig }[] = []
  for (const id of tipIds) {
    const tip = tips.find((item) => item.id === id)
    if (tip !== undefined) choices.push({ id, rig: yield* judgeSwungInSteps(withTip(parts, tip), day) })
  }
  const [best, second] = [...choices].sort((a, b) => betterRide(a.rig.swung as Swung, b.rig.swung as Swung))
  if (best === undefined || second === undefined || best.rig.swung === undefined) return undefined
  return { kind: 'tip', situation, day, choices, answer: best.id }
}

/** Spans between some edges, the outermost open. */
export const spansOf = (edges: readonly number[]): readonly SpanChoice[] =>
  [undefined, ...edges].map((low, i) => ({ id: `span-${i + 1}`, low, high: edges[i] }))
const inSpan = (value: number, { low, high }: SpanChoice): boolean =>
  (low === undefined || value >= low) && (high === undefined || value < high)

/** Quarters of a depth: where one thinks the fly rides. */
export const depthEdges = (waterDepthM: number): readonly number[] =>
  [0.25, 0.5, 0.75].map((share) => share * waterDepthM)

function* deepRound(situation: SituationOf<'deep'>): Steps<DeepRound | undefined> {
  const { job, schools, run, flowM3ps } = situation
  const parts = partsIn(situation)
  if (parts === undefined) return undefined
  const day = dayIn(job, schools, run, flowM3ps)
  const swung = yield* swungInSteps({ ...day, parts })
  if (swung.outcome !== 'swung') return undefined
  const { ridesM } = swung.summary
  const likely = [ridesM, ridesM]
  // The two ends of what four pools in five may be, along that line: as a pool's chart has them.
  const { depthSd, currentSd } = spreadOf(run)
  for (const side of [1, -1]) {
    const off = (sd: number): number => Math.exp((side * FOUR_IN_FIVE * sd) / Math.SQRT2)
    const there = yield* swungInSteps({
      ...day,
      run: scaledRun(day.run, off(depthSd), off(currentSd)),
      parts,
    })
    likely.push(there.summary.ridesM)
  }
  const choices = spansOf(depthEdges(day.waterDepthM))
  const answer = only(choices, (span) => inSpan(ridesM, span))
  if (answer === undefined) return undefined
  return {
    kind: 'deep',
    situation,
    day,
    parts,
    swung,
    ridesM,
    likely: [Math.min(...likely), Math.max(...likely)],
    choices,
    answer,
  }
}

function headRound(situation: SituationOf<'head'>): HeadRound | undefined {
  const { rod, style, heads, caster, schools } = situation
  if (rod.kind !== 'rod') return undefined
  const found = windowFor(rod, style, { schools, caster })
  if (found.outcome !== 'window') return undefined
  const day = dayIn({ ...PLAIN_JOB, caster }, schools)
  const choices = heads.flatMap(({ item, label }) => {
    if (item.kind !== 'head') return []
    const rig = judge(
      { rod, head: headFacts(item), tip: null, leader: null, runningLine: null, reel: null },
      day,
    )
    const check = rig.checks.find(({ code }) => code === 'mass-in-window')
    return check === undefined ? [] : [{ id: item.id, head: item, label, massKg: rig.massKg, check }]
  })
  const answer = only(choices, ({ check }) => check.state === 'holds')
  return answer === undefined
    ? undefined
    : { kind: 'head', situation, rod, window: found.window as GrainWindow, choices, answer }
}

/** An ordinary day, where nothing of it decides. */
export const PLAIN_JOB: Job = { ...FIRST_JOB, roomBehindM: 8 }

/** Checks that say nothing of the swing: what is wrong can be told at the table. */
export const atRest = ({ checks }: RankedRig) => checks.filter(({ code }) => code !== 'depth')

function wrongRound(situation: SituationOf<'wrong'>): WrongRound | undefined {
  const { job, schools, wasId, slot, rig, codes, items } = situation
  const day = dayIn(job, schools)
  const [now, before] = [partsIn(situation), partsIn({ items, rig: { ...rig, [slot]: wasId } })]
  if (now === undefined || before === undefined) return undefined
  const [broken, fixed] = [judge(now, day), judge(before, day)]
  const off = atRest(broken).filter(({ state }) => state !== 'holds')
  const [check] = off
  if (check === undefined || off.length > 1 || check.state !== 'breaks') return undefined
  if (atRest(fixed).some(({ state }) => state !== 'holds')) return undefined
  const choices = codes.map((id) => ({ id }))
  const answer = only(choices, ({ id }) => id === check.code)
  return answer === undefined
    ? undefined
    : { kind: 'wrong', situation, rig: broken, broken: check, fixed, choices, answer }
}

/** Turns of the tide that are told before and after [ms]. */
const ROUND_MS = 5 * 3_600_000

function goRound(situation: SituationOf<'go'>): GoRound | undefined {
  const { run, atMs, edgesMs } = situation
  const { shore } = run
  if (shore === undefined) return undefined
  const leave = leaveBy(shore, atMs)
  if (leave.outcome !== 'leave-by') return undefined
  const turns = tideTurns(shore.station, atMs - ROUND_MS, leave.cutOffMs + ROUND_MS)
  const choices = spansOf(edgesMs)
  const answer = only(choices, (span) => inSpan(leave.leaveMs, span))
  return answer === undefined
    ? undefined
    : { kind: 'go', situation, run, leave, turns, wayBackM: lowestWayBack(shore).heightM, choices, answer }
}

function* changeRound(situation: SituationOf<'change'>): Steps<ChangeRound | undefined> {
  const { job, schools, run, flowM3ps, thenM3ps, edgesM } = situation
  const parts = partsIn(situation)
  if (parts === undefined) return undefined
  const at: ChangeRound['before'][] = []
  for (const flow of [flowM3ps, thenM3ps]) {
    const day = dayIn(job, schools, run, flow)
    const swung = yield* swungInSteps({ ...day, parts })
    if (swung.outcome !== 'swung') return undefined
    at.push({ day, swung, overBedM: fishedWater(day.run).depthM - swung.summary.ridesM })
  }
  const [before, after] = at
  if (before === undefined || after === undefined) return undefined
  const higherM = after.overBedM - before.overBedM
  const choices = spansOf(edgesM)
  const answer = only(choices, (span) => inSpan(higherM, span))
  return answer === undefined
    ? undefined
    : { kind: 'change', situation, parts, before, after, higherM, choices, answer }
}
