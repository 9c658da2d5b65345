import { TURNOVER_MODEL } from '../../cast/index.ts'
import type { FlyShape, HeadStyle } from '../../gear/index.ts'
import { KG_PER_M_PER_GRAIN_PER_FOOT } from '../../quantity/index.ts'
import { headSinks } from '../../sink/index.ts'
import { LAUNCH_MPS, rigTurnover } from '../air.ts'
import { type CheckState, defineCheck } from '../define.ts'
import type { RigParts } from '../parts.ts'

const perFoot = (grains: number): number => grains * KG_PER_M_PER_GRAIN_PER_FOOT

/** Least mass per foot that turns this fly over [gr/ft]: from the rule that a heavier fly needs a heavier tip. [practice] */
const FLY_NEEDS = {
  sparse: { unweighted: 0, light: 1.5, heavy: 5 },
  medium: { unweighted: 1, light: 3, heavy: 7 },
  bulky: { unweighted: 3, light: 6, heavy: 9 },
} as const

export function flyNeedsKgPerM(fly: FlyShape): number {
  return perFoot(FLY_NEEDS[fly.dress][fly.weighting])
}

/** Mass per length of what carries the fly: the tip's mean mass per length, or the bare head's front [kg/m]. */
const carrierKgPerM = ({ head, tip }: Pick<RigParts, 'head' | 'tip'>): number =>
  tip === null ? head.frontKgPerM.value : tip.massKg.value / tip.lengthM

/** Share of what a fly needs by the rule that still does, with care. [practice] */
const MAKESHIFT = 0.6
/** A fly that drops by no more than so many times what counts as straight still fishes, with care. [estimate] */
const DROPS_WATCH = 2

const THROWN = {
  dropM: 0.1 as number,
  speedMps: 12 as number,
  carrier: 'tip' as 'tip' | 'head',
  needsKgPerM: 0.001 as number,
}

/** The rule of thumb by mass per foot [kg/m]: to hold and to be what the rule would pick. */
const byRule = (value: number, low: number) =>
  ({
    state: value >= low * MAKESHIFT ? 'holds' : 'watch',
    reason: 'straight',
    value,
    allowed: { low },
    measure: 'massPerLength',
    tag: 'practice',
    data: { dropM: 0, speedMps: 0, carrier: 'tip', needsKgPerM: low },
    from: value >= low ? 0 : 1,
  }) as const

/**
 * Does the cast turn this fly over? The unrolling loop decides (C42): straight when the fly arrives with speed and has not
 * dropped. The rule of thumb by mass per foot stands beside it as a second witness.
 */
const flyTip = defineCheck({
  code: 'fly-tip',
  slots: ['tipId', 'leaderId', 'headId'],
  cost: 'second-look',
  reasons: { straight: THROWN, 'rule-doubts': THROWN, falls: THROWN, dies: THROWN, 'rule-trusts': THROWN },
})
  .look(['rod', 'head', 'tip', 'leader'], (parts, day) => {
    const { fly, caster } = day
    const thrown = rigTurnover(parts, fly, LAUNCH_MPS[caster.habit], day)
    const needsKgPerM = flyNeedsKgPerM(fly)
    const trusted = carrierKgPerM(parts) >= needsKgPerM
    const { straightDropM, arrivesMps } = TURNOVER_MODEL
    const { dropM, speedAtFlyMps: speedMps } =
      thrown.outcome === 'turned-over' ? thrown : { dropM: Number.POSITIVE_INFINITY, speedAtFlyMps: 0 }
    const data = { dropM, speedMps, carrier: parts.tip === null ? 'head' : 'tip', needsKgPerM } as const
    const base = { allowed: { high: straightDropM }, measure: 'length', tag: 'estimate', data } as const
    const value = Math.min(dropM, 9)
    if (speedMps < arrivesMps) return { ...base, state: 'breaks', reason: 'dies', value }
    if (dropM > straightDropM) {
      const state: CheckState = dropM <= DROPS_WATCH * straightDropM ? 'watch' : 'breaks'
      return { ...base, state, reason: trusted ? 'rule-trusts' : 'falls', value }
    }
    return {
      ...base,
      state: 'holds',
      reason: trusted ? 'straight' : 'rule-doubts',
      value,
      from: trusted ? 0 : 1,
    }
  })
  .standIn(['head', 'tip'], (parts, { fly }) => byRule(carrierKgPerM(parts), flyNeedsKgPerM(fly)), {
    // To the tips a head's own front says nothing, and to none only how it stands to the rule.
    key: ({ head }, { fly }) => {
      const { state, from } = byRule(carrierKgPerM({ head, tip: null }), flyNeedsKgPerM(fly))
      return `${state} ${from}`
    },
  })

/**
 * A tapered sinking leader as the rig's tip: a Scandi's own, and one that Skagits of trout two-handers and single-hand rods
 * turn over too; on a full-size Skagit a makeshift. By one school never more than a fix for a few casts. [practice]
 */
const sinkingLeader = defineCheck({
  code: 'sinking-leader',
  slots: ['tipId', 'headId'],
  reasons: { 'own-tip': {}, makeshift: {}, 'quick-fix': {} },
}).look(['rod', 'head', 'tip'], ({ rod, head: { head }, tip }, { schools }) => {
  if (tip?.item.kind !== 'sinking-leader') return null
  const small = rod.hands === 'trout-two-hander' || rod.hands === 'single'
  const doubt =
    schools.sinkingLeaders === 'quick-fix'
      ? 'quick-fix'
      : head.style === 'skagit' && !small
        ? 'makeshift'
        : undefined
  return {
    value: null,
    measure: 'none',
    tag: 'practice',
    state: doubt === undefined ? 'holds' : 'watch',
    reason: doubt ?? 'own-tip',
  }
})

const FINE_FRONTS: readonly HeadStyle[] = ['scandi', 'integrated']

/** Heavy flies and heavy droppers go on Skagits, not on fine fronts; what is bulky besides not at all. [practice] */
const flyHead = defineCheck({
  code: 'fly-head',
  slots: ['headId'],
  reasons: { 'blunt-front': {}, 'fine-front': {} },
}).look(['head'], ({ head: { head } }, { fly, dropper }) => {
  if (fly.weighting !== 'heavy' && dropper?.fly.weighting !== 'heavy') return null
  const fine = FINE_FRONTS.includes(head.style)
  const bulky = fly.weighting === 'heavy' && fly.dress === 'bulky'
  return {
    state: fine ? (bulky ? 'breaks' : 'watch') : 'holds',
    reason: fine ? 'fine-front' : 'blunt-front',
    value: null,
    measure: 'none',
    tag: 'practice',
  }
})

/** A fly that is to stay on top: nothing before it sinks (C52), and a dry fly is not thrown at the water by a blunt front. [practice] */
const flyFloats = defineCheck({
  code: 'fly-floats',
  slots: ['tipId', 'headId'],
  reasons: { 'all-floats': {}, 'part-sinks': {}, 'lands-hard': {} },
}).look(
  ['head', 'tip'],
  ({ head, tip }, { fly: { floats } }) => {
    if (floats === undefined) return null
    const base = { value: null, measure: 'none', tag: 'practice' } as const
    if ((tip?.sinkingLengthM ?? 0) > 0 || headSinks(head))
      return { ...base, state: 'breaks', reason: 'part-sinks' }
    return floats === 'dry' && head.head.style === 'skagit'
      ? { ...base, state: 'watch', reason: 'lands-hard' }
      : { ...base, state: 'holds', reason: 'all-floats' }
  },
  { key: ({ head }) => `${headSinks(head)} ${head.head.style === 'skagit'}` },
)

export const FLY_CHECKS = [flyTip, flyHead, flyFloats, sinkingLeader] as const
