import { type FlyShape, type Leader, WEIGHTINGS } from '../gear/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import { type Front, quickRide, type SwingSetup, swingInput } from '../rig/index.ts'
import { flyMassKg, type TipFacts } from '../sink/index.ts'
import type { SwingInput } from '../swing/index.ts'
import { type SwingPlan, USUAL_MEND } from '../swing/index.ts'
import { depthAt, fishedWater } from '../water/index.ts'
import { anglesAround, tipIdOf } from './rungs.ts'

/** One thing that could be done differently. What is not owned has no item and cannot be taken. */
export type SingleChange =
  | {
      readonly code: 'tip'
      readonly tipId: string | null
      readonly name: string
      /** The leader that comes with it; null for none, undefined where it is the same. */
      readonly leaderName?: string | null | undefined
    }
  | { readonly code: 'sinking-part'; readonly byM: number }
  | { readonly code: 'angle'; readonly angleDeg: number; readonly steeper: boolean }
  | { readonly code: 'mend'; readonly mends: SwingPlan['mends'] }
  | { readonly code: 'leader'; readonly lengthM: number; readonly leaderId: string | null }
  | { readonly code: 'fly'; readonly weighting: FlyShape['weighting'] }
  /** The two flies change places. */
  | { readonly code: 'swap-flies'; readonly heavierOn: 'point' | 'dropper' }
  | { readonly code: 'step'; readonly wadeM: number; readonly byM: number }

export interface SingleChangeSwing {
  readonly id: string
  readonly change: SingleChange
  readonly input: SwingInput
}

/** Spare parts the angler could change to. */
export interface Spares {
  /** Tips with the leader each is judged with. */
  readonly fronts: readonly Front[]
  readonly leaders: readonly Leader[]
}

type Changed<C extends SingleChange = SingleChange> = readonly [C, SwingSetup]
/** A change of how it is fished, with the same rig. */
export type PlanChange = Extract<SingleChange, { readonly code: 'angle' | 'mend' }>

/** A part-sinking set goes in steps of 2½ ft. [practice] */
const SINKING_STEP_M = 2.5 * M_PER_FOOT
/** A step or two sideways [m]. [practice] */
const STEP_M = 1
/** Nobody wades deeper than the waist for a cast [m]. [practice] */
export const DEEPEST_WADE_M = 1.1
/** A leader made shorter, where no shorter one is owned. */
const SHORTER = 0.66
const SHORTEST_LEADER_M = 0.6

/** About how deep a rig goes with a tip: what orders a wallet. [estimate] */
function depthWith({ parts, fly, dropper, run, plan }: SwingSetup, front: Front): number {
  return quickRide({ ...parts, ...front }, { fly, dropper, plan, ...fished(run) }).depthM
}

function fished(run: SwingSetup['run']): { readonly waterDepthM: number; readonly currentMps: number } {
  const { depthM: waterDepthM, currentMps } = fishedWater(run)
  return { waterDepthM, currentMps }
}

/** Tips tried either way: the estimate that orders them is not sure enough to trust one. */
const TIPS_EACH_WAY = 2
/** Tips closer than this in reach are the same depth [m]. */
const SAME_REACH_M = 0.02

/** The next deeper and the next shallower tips of the wallet. */
function nextTips(setup: SwingSetup, fronts: Spares['fronts']): readonly Changed[] {
  const here = depthWith(setup, setup.parts)
  const others = fronts
    .filter((front) => tipIdOf(front) !== tipIdOf(setup.parts))
    .map((front) => ({ front, reach: depthWith(setup, front) }))
    .sort((a, b) => a.reach - b.reach)
  const deeper = others.filter((o) => o.reach > here + SAME_REACH_M).slice(0, TIPS_EACH_WAY)
  const shallower = others.filter((o) => o.reach < here - SAME_REACH_M).slice(-TIPS_EACH_WAY)
  return [...deeper, ...shallower].map(
    ({ front }): Changed => [
      {
        code: 'tip',
        tipId: tipIdOf(front),
        name: front.tip?.item.name ?? '',
        leaderName: front.leader?.id === setup.parts.leader?.id ? undefined : (front.leader?.name ?? null),
      },
      { ...setup, parts: { ...setup.parts, ...front } },
    ],
  )
}

/** The same tip with more or less of it sinking; its whole length stays where it has a floating part to give. */
function sinkingParts(setup: SwingSetup): readonly Changed[] {
  const { tip } = setup.parts
  if (tip === null || tip.sinkingLengthM <= 0) return []
  return [SINKING_STEP_M, -SINKING_STEP_M].flatMap((byM) => {
    const sinkingLengthM = tip.sinkingLengthM + byM
    if (sinkingLengthM < 0.3) return []
    const kgPerM = tip.massKg.value / tip.lengthM
    const lengthM = Math.max(tip.lengthM, sinkingLengthM)
    const changed: TipFacts = {
      ...tip,
      lengthM,
      sinkingLengthM,
      massKg: { ...tip.massKg, value: kgPerM * lengthM },
    }
    return [
      [
        { code: 'sinking-part', byM },
        { ...setup, parts: { ...setup.parts, tip: changed } },
      ],
    ]
  })
}

const withPlan = (setup: SwingSetup, plan: Partial<SwingPlan>): SwingSetup => ({
  ...setup,
  plan: { ...setup.plan, ...plan },
})

function angles(setup: SwingSetup): readonly Changed<PlanChange>[] {
  const own = setup.plan.angleDeg
  return anglesAround(own)
    .filter((a) => a !== own)
    .map((angleDeg) => [{ code: 'angle', angleDeg, steeper: angleDeg < own }, withPlan(setup, { angleDeg })])
}

/** An upstream mend, a stack mend, or none where there was one. */
function mends(setup: SwingSetup): readonly Changed<PlanChange>[] {
  const tried: SwingPlan['mends'][] = [
    [{ kind: 'upstream', ...USUAL_MEND }],
    [{ kind: 'stack', ...USUAL_MEND }],
    ...(setup.plan.mends.length > 0 ? [[]] : []),
  ]
  const present = setup.plan.mends.map((m) => m.kind).join()
  return tried
    .filter((list) => list.map((m) => m.kind).join() !== present)
    .map((list) => [{ code: 'mend', mends: list }, withPlan(setup, { mends: list })])
}

/** Every other angle and mend worth trying with the same rig. */
export const planChanges = (setup: SwingSetup): readonly Changed<PlanChange>[] => [
  ...angles(setup),
  ...mends(setup),
]

function shorterLeader(setup: SwingSetup, leaders: Spares['leaders']): readonly Changed[] {
  const { leader } = setup.parts
  if (leader === null) return []
  const owned = leaders
    .filter((l) => l.lengthM < leader.lengthM - 0.05)
    .reduce<Leader | undefined>((best, l) => (best && best.lengthM >= l.lengthM ? best : l), undefined)
  const next = owned ?? { ...leader, lengthM: leader.lengthM * SHORTER }
  if (next.lengthM < SHORTEST_LEADER_M) return []
  const change: SingleChange = { code: 'leader', lengthM: next.lengthM, leaderId: owned?.id ?? null }
  return [[change, { ...setup, parts: { ...setup.parts, leader: next } }]]
}

function heavierFly(setup: SwingSetup): readonly Changed[] {
  const weighting = WEIGHTINGS[WEIGHTINGS.indexOf(setup.fly.weighting) + 1]
  // Weight would only drown one that is to stay on top.
  if (weighting === undefined || setup.fly.floats !== undefined) return []
  const { massKg: _weighed, ...fly } = setup.fly
  return [
    [
      { code: 'fly', weighting },
      { ...setup, fly: { ...fly, weighting } },
    ],
  ]
}

/** The heavier fly on the dropper or on the point. */
function swappedFlies(setup: SwingSetup): readonly Changed[] {
  const { fly, dropper } = setup
  if (dropper === undefined) return []
  const heavierOn = flyMassKg(fly) > flyMassKg(dropper.fly) ? 'dropper' : 'point'
  return [
    [
      { code: 'swap-flies', heavierOn },
      { ...setup, fly: dropper.fly, dropper: { ...dropper, fly } },
    ],
  ]
}

/** A step out or in, where the angler can stand. */
function steps(setup: SwingSetup): readonly Changed[] {
  return [STEP_M, -STEP_M].flatMap((byM) => {
    const wadeM = setup.run.wadeM + byM
    if (wadeM < 0 || wadeM > setup.run.widthM / 2 || depthAt(setup.run, wadeM) > DEEPEST_WADE_M) return []
    return [
      [
        { code: 'step', wadeM, byM },
        { ...setup, run: { ...setup.run, wadeM } },
      ],
    ]
  })
}

/** Every single change worth trying from here, each ready to be simulated. */
export function singleChanges(setup: SwingSetup, wallet: Spares): readonly SingleChangeSwing[] {
  const all = [
    ...nextTips(setup, wallet.fronts),
    ...planChanges(setup),
    ...sinkingParts(setup),
    ...shorterLeader(setup, wallet.leaders),
    ...heavierFly(setup),
    ...swappedFlies(setup),
    ...steps(setup),
  ]
  return all.map(([change, changed], i) => ({
    id: `${change.code}-${i}`,
    change,
    input: swingInput(changed),
  }))
}
