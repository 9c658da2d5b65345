import type { FlyShape, Leader, Schools } from '../../gear/index.ts'
import { type HeadFacts, strandKgPerM } from '../../line/index.ts'
import { KG_PER_GRAIN, KG_PER_M_PER_GRAIN_PER_FOOT } from '../../quantity/index.ts'
import type { TipFacts } from '../../sink/index.ts'
import { type Check, type CheckState, check } from '../check.ts'

const perFoot = (grains: number): number => grains * KG_PER_M_PER_GRAIN_PER_FOOT

/** A Skagit must always carry a tip, a floating one if nothing else. [practice] */
export function skagitTip(head: HeadFacts, tip: TipFacts | null): Check | null {
  if (head.head.style !== 'skagit') return null
  const bare = tip === null
  return check({
    code: 'skagit-tip',
    state: bare ? 'breaks' : 'holds',
    reason: bare ? 'bare' : 'carries-tip',
    value: null,
    measure: 'none',
    tag: 'practice',
  })
}

/** Mass per length may rise this much at a joint before it is a warning, and before it breaks. */
const JOINT_SLACK = { printed: { holds: 1.05, watch: 1.2 }, estimate: { holds: 1.2, watch: 1.35 } } as const
const USUAL_BUTT_M = 0.0005

export const leaderButtDiameterM = (leader: Leader): number => leader.buttDiameterM ?? USUAL_BUTT_M

/** Mass per length of a leader's butt [kg/m]. */
export function leaderButtKgPerM(leader: Leader): number {
  return strandKgPerM(leaderButtDiameterM(leader), leader.material ?? 'nylon')
}

type JointCode = 'joint-step' | 'leader-joint'

/** Joint rule (C14): mass per foot must not rise from the line to the tip. [practice/physics] */
function jointCheck(
  code: JointCode,
  behindKgPerM: number,
  aheadKgPerM: number,
  sure: boolean,
  data: Check['data'],
): Check {
  const slack = sure ? JOINT_SLACK.printed : JOINT_SLACK.estimate
  const ratio = aheadKgPerM / behindKgPerM
  const state: CheckState = ratio <= slack.holds ? 'holds' : ratio <= slack.watch ? 'watch' : 'breaks'
  return check({
    code,
    state,
    reason: state === 'holds' ? 'steps-down' : 'steps-up',
    value: aheadKgPerM,
    allowed: { high: behindKgPerM * slack.holds },
    measure: 'massPerLength',
    tag: 'physics',
    data: { behindKgPerM, sure, ...data },
  })
}

/** Joint of head and tip. */
export function jointStep(head: HeadFacts, tip: TipFacts | null): Check | null {
  if (tip === null) return null
  const sure = head.frontKgPerM.tag === 'printed'
  return jointCheck('joint-step', head.frontKgPerM.value, tip.buttKgPerM, sure, {
    level: tip.level,
    style: head.head.style,
  })
}

/** Joint of the leader with the tip. */
export function tipLeaderJoint(tip: TipFacts | null, leader: Leader | null): Check | null {
  if (leader === null || tip === null) return null
  const sure = tip.massKg.tag === 'printed'
  return jointCheck('leader-joint', tip.pointKgPerM, leaderButtKgPerM(leader), sure, { behind: 'tip' })
}

/** Joint of the leader with a head that carries no tip. */
export function headLeaderJoint(head: HeadFacts, leader: Leader | null): Check | null {
  if (leader === null) return null
  const sure = head.frontKgPerM.tag === 'printed'
  return jointCheck('leader-joint', head.frontKgPerM.value, leaderButtKgPerM(leader), sure, {
    behind: 'head',
  })
}

/** Heaviest level material a Skagit head of this mass turns over (C13): each row up to `belowGrains`. [practice] */
const MATERIAL_BY_HEAD = Object.freeze([
  { belowGrains: 475, material: 8 },
  { belowGrains: 575, material: 11 },
  { belowGrains: 650, material: 14 },
  { belowGrains: Number.POSITIVE_INFINITY, material: 17 },
])

/** The level material [gr/ft] for a Skagit head of this mass (C13). [practice] */
export function materialForHead(headKg: number): number {
  const grains = headKg / KG_PER_GRAIN
  return MATERIAL_BY_HEAD.find((row) => grains < row.belowGrains)?.material ?? 17
}

/** Heaviest level tip against the Skagit head's mass. A lighter tip always turns over. */
export function tipMaterial(head: HeadFacts, tip: TipFacts | null): Check | null {
  if (head.head.style !== 'skagit' || tip === null || !tip.level) return null
  const material = materialForHead(head.massKg.value)
  const next = MATERIAL_BY_HEAD.find((row) => row.material > material)?.material ?? 20
  const grains = tip.massKg.value / tip.lengthM / KG_PER_M_PER_GRAIN_PER_FOOT
  const state: CheckState = grains <= material * 1.03 ? 'holds' : grains <= next * 1.03 ? 'watch' : 'breaks'
  return check({
    code: 'tip-material',
    state,
    reason: state === 'holds' ? 'carries' : 'tip-too-heavy',
    value: tip.massKg.value / tip.lengthM,
    allowed: { high: perFoot(material * 1.03) },
    measure: 'massPerLength',
    tag: 'practice',
    data: { material: `T-${material}`, headKg: head.massKg.value },
  })
}

/** Least mass per foot that turns this fly over [gr/ft]: from the rule that a heavier fly needs a heavier tip. [practice] */
const FLY_NEEDS = {
  sparse: { unweighted: 0, light: 1.5, heavy: 5 },
  medium: { unweighted: 1, light: 3, heavy: 7 },
  bulky: { unweighted: 3, light: 6, heavy: 9 },
} as const

export function flyNeedsKgPerM(fly: FlyShape): number {
  return perFoot(FLY_NEEDS[fly.dress][fly.weighting])
}

/** Fly against what must turn it over: the tip, or the head's own front. */
export function flyTip(head: HeadFacts, tip: TipFacts | null, fly: FlyShape): Check {
  const carries = tip === null ? head.frontKgPerM.value : tip.massKg.value / tip.lengthM
  const needs = flyNeedsKgPerM(fly)
  const state: CheckState = carries >= needs ? 'holds' : carries >= needs * 0.6 ? 'watch' : 'breaks'
  return check({
    code: 'fly-tip',
    state,
    reason: state === 'holds' ? 'carries' : 'fly-too-heavy',
    value: carries,
    allowed: { low: needs },
    measure: 'massPerLength',
    tag: 'practice',
    data: { carrier: tip === null ? 'head' : 'tip' },
  })
}

/** School: a tapered sinking leader as a Scandi's own tip, or only as a fix for a few casts. */
export function sinkingLeaderSchool(head: HeadFacts, tip: TipFacts, schools: Schools): CheckState {
  if (tip.item.kind !== 'sinking-leader') return 'holds'
  return schools.sinkingLeaders === 'main-tip' && head.head.style !== 'skagit' ? 'holds' : 'watch'
}
