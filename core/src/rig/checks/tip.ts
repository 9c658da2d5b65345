import { type Day, seasonFelt } from '../../day/index.ts'
import { type Leader, troutLine } from '../../gear/index.ts'
import { leaderDiameterM } from '../../leader/index.ts'
import { cheaterJoint, type HeadFacts, strandKgPerM } from '../../line/index.ts'
import { KG_PER_GRAIN, KG_PER_M_PER_GRAIN_PER_FOOT, M_PER_FOOT } from '../../quantity/index.ts'
import { headSinkMps, type TipFacts } from '../../sink/index.ts'
import { type CheckState, defineCheck, type Finding } from '../define.ts'

const perFoot = (grains: number): number => grains * KG_PER_M_PER_GRAIN_PER_FOOT

/** A Skagit must always carry a tip, a floating one if nothing else. [practice] */
export const wantsTip = ({ head }: Pick<HeadFacts, 'head'>): boolean => head.style === 'skagit'

const skagitTip = defineCheck({
  code: 'skagit-tip',
  slots: ['tipId', 'headId'],
  reasons: { bare: {}, 'carries-tip': {} },
}).look(
  ['head', 'tip'],
  ({ head, tip }) => {
    if (!wantsTip(head)) return null
    const bare = tip === null
    return {
      state: bare ? 'breaks' : 'holds',
      reason: bare ? 'bare' : 'carries-tip',
      value: null,
      measure: 'none',
      tag: 'practice',
    }
  },
  { key: ({ head }) => `${wantsTip(head)}` },
)

/** Mass per length may rise this much at a joint before it is a warning, and before it breaks. */
const JOINT_SLACK = { printed: { holds: 1.05, watch: 1.2 }, estimate: { holds: 1.2, watch: 1.35 } } as const

/** The mass per length allowed ahead of a joint [kg/m]: by what lies behind it, and how surely that is known. */
export function jointLimitKgPerM(behindKgPerM: number, sure: boolean): number {
  return behindKgPerM * JOINT_SLACK[sure ? 'printed' : 'estimate'].holds
}

/** Mass per length of a leader's butt [kg/m]. */
export function leaderButtKgPerM(leader: Leader): number {
  return strandKgPerM(leaderDiameterM(leader, 0), leader.material ?? 'nylon')
}

const JOINT = { behindKgPerM: 0.0008, levelOnFine: true }
const JOINT_REASONS = { 'steps-down': JOINT, 'steps-up': JOINT }

/** Joint rule (C14): mass per foot must not rise from the line to the tip. [practice/physics] */
function joint(
  behindKgPerM: number,
  aheadKgPerM: number,
  sure: boolean,
  levelOnFine = false,
): Finding<typeof JOINT_REASONS> {
  const slack = JOINT_SLACK[sure ? 'printed' : 'estimate']
  const ratio = aheadKgPerM / behindKgPerM
  const state: CheckState = ratio <= slack.holds ? 'holds' : ratio <= slack.watch ? 'watch' : 'breaks'
  return {
    state,
    reason: state === 'holds' ? 'steps-down' : 'steps-up',
    value: aheadKgPerM,
    allowed: { high: jointLimitKgPerM(behindKgPerM, sure) },
    measure: 'massPerLength',
    tag: 'physics',
    data: { behindKgPerM, levelOnFine },
  }
}

/** Joint of head and tip. */
const jointStep = defineCheck({
  code: 'joint-step',
  slots: ['tipId', 'headId'],
  reasons: JOINT_REASONS,
}).look(['head', 'tip'], ({ head: { head, frontKgPerM }, tip }) => {
  if (tip === null) return null
  const levelOnFine = tip.level && head.style !== 'skagit'
  return joint(frontKgPerM.value, tip.buttKgPerM, frontKgPerM.tag === 'printed', levelOnFine)
})

/** The end a leader hangs on: the tip's point, or the front of a bare head; and whether its figure is sure. */
export function behindLeader(head: HeadFacts, tip: TipFacts | null): { kgPerM: number; sure: boolean } {
  return tip === null
    ? { kgPerM: head.frontKgPerM.value, sure: head.frontKgPerM.tag === 'printed' }
    : { kgPerM: tip.pointKgPerM, sure: tip.massKg.tag === 'printed' }
}

/** Joint of the leader with the tip, or with a head that carries none. */
const leaderJoint = defineCheck({
  code: 'leader-joint',
  slots: ['leaderId', 'tipId'],
  reasons: JOINT_REASONS,
})
  .look(
    ['tip', 'leader'],
    ({ tip, leader }) =>
      tip === null || leader === null
        ? null
        : joint(tip.pointKgPerM, leaderButtKgPerM(leader), tip.massKg.tag === 'printed'),
    { key: ({ tip }) => (tip === null ? '' : `${tip.pointKgPerM} ${tip.massKg.tag === 'printed'}`) },
  )
  .look(['head', 'tip', 'leader'], ({ head, tip, leader }) => {
    if (tip !== null || leader === null) return null
    const { kgPerM, sure } = behindLeader(head, tip)
    return joint(kgPerM, leaderButtKgPerM(leader), sure)
  })

/** Heaviest level material a Skagit head of this mass turns over (C13): each row up to `belowGrains`. [practice] */
export const MATERIAL_BY_HEAD = Object.freeze([
  { belowGrains: 475, material: 8 },
  { belowGrains: 575, material: 11 },
  { belowGrains: 650, material: 14 },
  { belowGrains: Number.POSITIVE_INFINITY, material: 17 },
])

/** The materials from light to heavy, each a step; 7 counts as 8, 10 as 11, 18 as 17 [gr/ft]. [practice] */
const MATERIAL_STEPS = [8, 11, 14, 17, 20] as const
/** From one step to the next [gr/ft]. */
const STEP_GR = 3
/** The bounds are soft: so far below one, the heavier material holds too (C13) [gr]. [practice] */
export const MATERIAL_OVERLAP_GR = 50

const stepForGrains = (grains: number): number => {
  const row = MATERIAL_BY_HEAD.findIndex(({ belowGrains }) => grains < belowGrains)
  return row === -1 ? MATERIAL_BY_HEAD.length - 1 : row
}
const stepGrains = (step: number): number => MATERIAL_STEPS[Math.min(step, MATERIAL_STEPS.length - 1)] ?? 20

/** The level material [gr/ft] for a Skagit head of this mass (C13). [practice] @internal asked for by tests alone */
export const materialForHead = (headKg: number): number => stepGrains(stepForGrains(headKg / KG_PER_GRAIN))

/** Half way from one step to the next: where a material counts as the heavier of the two [gr/ft]. */
const halfWay = (step: number): number => stepGrains(step) + STEP_GR / 2

/** Level tips a Skagit head of this mass is balanced with, each counted as the nearest step [gr/ft]. */
function materialSpan(headKg: number) {
  const grains = headKg / KG_PER_GRAIN
  const own = stepForGrains(grains)
  const most = stepForGrains(grains + MATERIAL_OVERLAP_GR + 1e-6)
  return {
    least: own < 2 ? undefined : halfWay(own - 2),
    most: halfWay(most),
    watch: halfWay(own + 1),
    own: stepGrains(own),
    heaviest: stepGrains(most),
  }
}

const MATERIAL = { material: 'T-11', headKg: 0.0337 }

/** Level tip against the Skagit head's mass, both ways (C13, C36): too heavy sinks the cast, far too light kicks. */
const tipMaterial = defineCheck({
  code: 'tip-material',
  slots: ['tipId', 'headId'],
  reasons: { carries: MATERIAL, 'tip-too-heavy': MATERIAL, 'tip-too-light': MATERIAL },
}).look(['head', 'tip'], ({ head, tip }) => {
  if (head.head.style !== 'skagit' || tip === null || !tip.level) return null
  const headKg = head.massKg.value
  const { least, most, watch, own, heaviest } = materialSpan(headKg)
  const value = tip.massKg.value / tip.lengthM
  const grains = value / KG_PER_M_PER_GRAIN_PER_FOOT
  const light = least !== undefined && grains < least
  const heavy = grains > most
  return {
    state: heavy && grains > watch ? 'breaks' : heavy || light ? 'watch' : 'holds',
    reason: light ? 'tip-too-light' : heavy ? 'tip-too-heavy' : 'carries',
    value,
    allowed: { ...(least === undefined ? {} : { low: perFoot(least) }), high: perFoot(most) },
    measure: 'massPerLength',
    tag: 'practice',
    data: { material: `T-${light ? own : heaviest}`, headKg },
  }
})

/** Mass of a floating or part-sinking tip as a share of its head's: to hold, and not to break (C47). [estimate] */
const TIP_SHARE = { holds: 0.25, watch: 0.4 } as const

const SHARE = { headKg: 0.0337, tipKg: 0.004 }

/**
 * A tip that floats, in whole or at its butt, by its mass against the head's (C47): what sinks throughout goes by its material. And what
 * floats in front of what sinks holds it up.
 */
const tipShare = defineCheck({
  code: 'tip-share',
  slots: ['tipId', 'headId'],
  reasons: { carries: SHARE, 'too-heavy': SHARE, 'floats-on-sinking': SHARE },
}).look(['head', 'tip'], ({ head, tip }) => {
  if (tip?.item.kind !== 'tip' || tip.sinkingLengthM >= tip.lengthM || troutLine(head.head.style)) return null
  const headKg = head.massKg.value
  const tipKg = tip.massKg.value
  const value = tipKg / headKg
  const base = {
    value,
    allowed: { high: TIP_SHARE.holds },
    measure: 'share',
    tag: 'estimate',
    data: { headKg, tipKg },
  } as const
  if (value > TIP_SHARE.watch) return { ...base, state: 'breaks', reason: 'too-heavy' }
  const [frontSinkMps = 0] = headSinkMps(head)
  if (tip.sinkingLengthM <= 0 && frontSinkMps > 0)
    return { ...base, value: null, state: 'watch', reason: 'floats-on-sinking' }
  return value > TIP_SHARE.holds
    ? { ...base, state: 'watch', reason: 'too-heavy' }
    : { ...base, state: 'holds', reason: 'carries' }
})

/** What a part that a head can do without costs in the order of rigs: of those that do the same the simplest comes first (C48). [practice] */
const SPARED = 0.5

/** A tip on a head that needs none: it has to earn its place in the swing (C48). [practice] */
const simplest = defineCheck({
  code: 'simplest',
  slots: ['tipId'],
  reasons: { 'needs-tip': {}, 'without-tip': {}, 'with-tip': {} },
}).look(
  ['head', 'tip'],
  ({ head, tip }) => {
    const base = { state: 'holds', value: null, measure: 'none', tag: 'practice' } as const
    if (wantsTip(head)) return { ...base, reason: 'needs-tip' }
    return tip === null ? { ...base, reason: 'without-tip' } : { ...base, reason: 'with-tip', from: SPARED }
  },
  { key: ({ head }) => `${wantsTip(head)}` },
)

/** In cold water, for fish at the bottom, a sinking part at least so long, and a leader no longer [m]; in water at least so deep. [practice] */
const COLD_FRONT_M = { sinks: 5 * M_PER_FOOT, leader: 6 * M_PER_FOOT, deep: 0.9 } as const

const COLD = { sinksM: COLD_FRONT_M.sinks as number }

/** Length of what sinks in front of the running line [m]: of the tip, else of the head's own sinking part. */
function sinkingM(head: HeadFacts, tip: TipFacts | null): number {
  const rates = headSinkMps(head)
  const ofHead = (rates.filter((rate) => rate > 0).length / rates.length) * head.lengthM
  return Math.max(tip?.sinkingLengthM ?? 0, ofHead)
}

/** What a front that floats, and a leader twice as long as it should be, count against what sinks to the bottom. [estimate] */
const COLD_COUNTS = { floats: 3, leader: 2 } as const

/** Cold water, and fish that lie at the bottom of it. */
const coldBottom = (day: Day): boolean =>
  seasonFelt(day) === 'cold' &&
  day.fishAt === 'bottom' &&
  !day.indicator &&
  day.water !== 'surf' &&
  day.waterDepthM >= COLD_FRONT_M.deep

/** Cold water and fish at the bottom: what sinks comes first, even where a long floating front would reach. [practice] */
const coldFront = defineCheck({
  code: 'cold-front',
  slots: ['tipId'],
  reasons: { sinks: COLD, 'front-floats': COLD, 'sinks-little': COLD },
}).look(
  ['head', 'tip'],
  ({ head, tip }, day) => {
    if (!coldBottom(day)) return null
    const value = sinkingM(head, tip)
    const little = Math.max(0, 1 - value / COLD_FRONT_M.sinks)
    const base = {
      value,
      allowed: { low: COLD_FRONT_M.sinks },
      measure: 'length',
      tag: 'practice',
      data: { sinksM: COLD_FRONT_M.sinks },
      from: COLD_COUNTS.floats * little,
    } as const
    if (value <= 0) return { ...base, state: 'watch', reason: 'front-floats' }
    return { ...base, state: 'holds', reason: little > 0 ? 'sinks-little' : 'sinks' }
  },
  { key: ({ head }) => `${Math.min(COLD_FRONT_M.sinks, sinkingM(head, null))}` },
)

/** And a short leader, which lets the fly stay down. [practice] */
const coldLeader = defineCheck({
  code: 'cold-leader',
  slots: ['leaderId'],
  reasons: { short: {}, long: {} },
}).look(['leader'], ({ leader }, day) => {
  if (leader === null || !coldBottom(day)) return null
  const high = COLD_FRONT_M.leader
  const long = Math.max(0, leader.lengthM / high - 1)
  return {
    state: 'holds',
    reason: long > 0 ? 'long' : 'short',
    value: leader.lengthM,
    allowed: { high },
    measure: 'length',
    tag: 'practice',
    from: COLD_COUNTS.leader * Math.min(1, long),
  }
})

/**
 * Both joints of a cheater: to the head by the joint rule; to the running line behind it, which must be the lighter. [practice]
 */
const cheaterJoints = defineCheck({
  code: 'cheater-joint',
  slots: ['headId'],
  reasons: { ...JOINT_REASONS, 'lighter-than-line': { behindKgPerM: 0.0009 as number } },
}).look(
  ['head', 'runningLine'],
  ({ head, runningLine }) => {
    const between = cheaterJoint(head)
    if (between === undefined) return null
    const cheaterKgPerM = between.behindKgPerM
    const lineKgPerM = runningLine?.kgPerM.value ?? 0
    if (lineKgPerM <= cheaterKgPerM)
      return joint(cheaterKgPerM, between.aheadKgPerM, head.profileTag === 'printed')
    return {
      state: 'watch',
      reason: 'lighter-than-line',
      value: cheaterKgPerM,
      allowed: { low: lineKgPerM },
      measure: 'massPerLength',
      tag: 'practice',
      data: { behindKgPerM: lineKgPerM },
    }
  },
  { key: ({ head }) => (cheaterJoint(head) === undefined ? '' : head.head.id) },
)

export const CHEATER_CHECKS = [cheaterJoints] as const
export const TIP_CHECKS = [
  skagitTip,
  jointStep,
  tipMaterial,
  tipShare,
  simplest,
  coldFront,
  coldLeader,
] as const
export const LEADER_JOINT_CHECKS = [leaderJoint] as const
