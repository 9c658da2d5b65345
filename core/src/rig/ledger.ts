import type { Job, Schools } from '../gear/index.ts'
import type { LeaderRule } from '../leader/index.ts'
import { type GrainWindow, windowFor } from '../rod/index.ts'
import { type Check, check } from './check.ts'
import { leaderLength, ruleFor } from './checks/leader.ts'
import { rodForCast, rodForFish } from './checks/rod.ts'
import { reelCage, reelRoom, runningLineFits } from './checks/running.ts'
import {
  flyTip,
  headLeaderJoint,
  jointStep,
  sinkingLeaderSchool,
  skagitTip,
  tipLeaderJoint,
  tipMaterial,
} from './checks/tip.ts'
import { depthReached, loopInGuides, roomBehind, seasonFits, waterFits } from './checks/water.ts'
import { massInWindow, rodNumberMistake } from './checks/window.ts'
import { castOverhead, type RigParts, windowStyleOf } from './parts.ts'

/** What the checks are read against. */
export interface Context {
  readonly job: Job
  readonly schools: Schools
}

const present = (checks: readonly (Check | null)[]): readonly Check[] => checks.filter((c) => c !== null)

/** The rod's window for the head's style, as the context's schools and caster see it. */
export function windowOf(
  parts: Pick<RigParts, 'rod' | 'head'>,
  { job, schools }: Context,
): GrainWindow | undefined {
  const result = windowFor(parts.rod, windowStyleOf(parts.head.head.style), { schools, caster: job.caster })
  return result.outcome === 'window' ? result.window : undefined
}

const noWindow = (): Check =>
  check({
    code: 'mass-in-window',
    state: 'watch',
    reason: 'no-window',
    value: null,
    measure: 'none',
    tag: 'standard',
  })

// The ledger in groups, each depending on no more parts than it must: matching prunes with the same groups.

/** Rod alone. */
export const rodChecks = (rod: RigParts['rod'], { job }: Context): readonly Check[] => [
  rodForFish(rod, job),
  rodForCast(rod, job),
]

/** Rod and head, whatever is on the front. A D loop's room depends on these two alone. */
export const headChecks = (
  rod: RigParts['rod'],
  head: RigParts['head'],
  { job, schools }: Context,
): readonly Check[] =>
  present([
    rodNumberMistake(rod, head, schools),
    castOverhead(rod, head.head.style) ? null : roomBehind(rod, head, null, null, job),
    seasonFits(head, job),
    waterFits(head, job),
  ])

/** The mass on the rod, with the tip where the window counts it. */
export const massCheck = (
  parts: Pick<RigParts, 'rod' | 'head' | 'tip'>,
  window: GrainWindow | undefined,
): Check => (window === undefined ? noWindow() : massInWindow(parts.rod, parts.head, parts.tip, window))

/** Head and tip, whatever rod they hang on. */
export function tipChecks(
  head: RigParts['head'],
  tip: RigParts['tip'],
  { job, schools }: Context,
): readonly Check[] {
  const fly = flyTip(head, tip, job.fly)
  const school = tip === null ? 'holds' : sinkingLeaderSchool(head, tip, schools)
  return present([
    skagitTip(head, tip),
    jointStep(head, tip),
    tipMaterial(head, tip),
    fly.state === 'holds' && school === 'watch' ? { ...fly, state: 'watch', reason: 'quick-fix' } : fly,
  ])
}

/** Tip and leader alone. */
export const rideChecks = (
  tip: RigParts['tip'],
  leader: RigParts['leader'],
  { job }: Context,
): readonly Check[] => present([tipLeaderJoint(tip, leader), depthReached(tip, leader, job)])

/** Leader length against the rule that rod, head and tip make. */
export const lengthChecks = (rule: LeaderRule, leader: RigParts['leader']): readonly Check[] => [
  leaderLength(rule, leader),
]

/** The least an overhead cast's room can cost: the bare head, before tip and leader make it longer. */
export const leastReachChecks = (
  rod: RigParts['rod'],
  head: RigParts['head'],
  { job }: Context,
): readonly Check[] => (castOverhead(rod, head.head.style) ? [roomBehind(rod, head, null, null, job)] : [])

/** What else the leader has a say in: nothing, for a tipped rig that is spey cast and only swung. */
export function reachChecks(
  parts: Pick<RigParts, 'rod' | 'head' | 'tip' | 'leader'>,
  { job }: Context,
): readonly Check[] {
  const { rod, head, tip, leader } = parts
  return present([
    tip === null ? headLeaderJoint(head, leader) : null,
    castOverhead(rod, head.head.style) ? roomBehind(rod, head, tip, leader, job) : null,
    loopInGuides(head, tip, leader, job),
  ])
}

/** Running line against the head. */
export const lineChecks = (
  head: RigParts['head'],
  runningLine: RigParts['runningLine'],
  { job }: Context,
): readonly Check[] => present([runningLineFits(head, runningLine, job)])

/** What must go on the reel, and whether its frame keeps it in. */
export function reelChecks(parts: Omit<RigParts, 'tip' | 'leader'>): readonly Check[] {
  const { rod, head, runningLine, reel } = parts
  return present([reelRoom(rod, head, runningLine, reel), reelCage(runningLine, reel)])
}

/** Every check of a rig, in the order the parts are thought of. */
export function ledger(parts: RigParts, context: Context): readonly Check[] {
  return [
    massCheck(parts, windowOf(parts, context)),
    ...headChecks(parts.rod, parts.head, context),
    ...tipChecks(parts.head, parts.tip, context),
    ...lengthChecks(ruleFor(parts.rod, parts.head.head.style, parts.tip, context.job.fly), parts.leader),
    ...rideChecks(parts.tip, parts.leader, context),
    ...reachChecks(parts, context),
    ...lineChecks(parts.head, parts.runningLine, context),
    ...reelChecks(parts),
    ...rodChecks(parts.rod, context),
  ]
}
