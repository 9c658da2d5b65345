import type { Day } from '../day/index.ts'
import type { Grows, Look, Part, RigParts } from '../rig/index.ts'
import { findingCost } from './score.ts'

/** Order in which parts are chosen; a look is evaluated as soon as all it needs is there. */
const FRONT: ReadonlySet<Part> = new Set(['rod', 'head', 'tip', 'leader'])
const SIDE: ReadonlySet<Part> = new Set(['rod', 'head', 'runningLine', 'reel'])

const needsOnly = (needs: readonly Part[], parts: readonly Part[]): boolean =>
  needs.every((part) => parts.includes(part))

/** A partial rig: parts not chosen yet are null, and no look that needs them is run. */
export type OpenRig = { -readonly [P in Part]: RigParts[P] }

/** Anything that finds something in a draft. */
type Runs = Pick<Look, 'run'>

/** Every look a search may run, sorted by what it needs. */
export interface Groups {
  readonly rod: readonly Look[]
  readonly head: readonly Look[]
  readonly pair: readonly Look[]
  /** Memoised by tip and by all that a head means to it: few keys. */
  readonly tipKeyed: readonly Look[]
  /** Evaluated for each head and tip. */
  readonly headTip: readonly Look[]
  /** Lower bounds of the looks that need rod and head and more. */
  readonly least: readonly Runs[]
  /** Of those two, the looks that are monotone in a property of the head. */
  readonly growing: Readonly<Record<Grows, readonly Runs[]>>
  readonly front: readonly Look[]
  readonly leaderAlone: readonly Look[]
  readonly tipLeader: readonly Look[]
  /** Memoised by key and leader. */
  readonly keyed: readonly Look[]
  readonly leader: readonly Look[]
  /** Of those, the looks that are monotone in the length of leader and tip. */
  readonly shorter: readonly Look[]
  readonly headLine: readonly Look[]
  readonly rodReel: readonly Look[]
  readonly lineReel: readonly Look[]
  readonly side: readonly Look[]
  /** Looks that join the front of the line to the reel's side. */
  readonly mixed: readonly Look[]
}

export function groupsOf(looks: readonly Look[]): Groups {
  const left = new Set(looks)
  const take = (fits: (look: Look) => boolean): readonly Look[] => {
    const taken = [...left].filter(fits)
    for (const look of taken) left.delete(look)
    return taken
  }
  const needing = (...parts: Part[]) => take(({ needs }) => needsOnly(needs, parts))
  const all = (set: ReadonlySet<Part>) => take(({ needs }) => needs.every((part) => set.has(part)))
  const alone = { rod: needing('rod'), head: needing('head'), pair: needing('rod', 'head') }
  const tips = {
    tipKeyed: take(
      ({ needs, key }) => needsOnly(needs, ['head', 'tip']) && (key !== undefined || !needs.includes('head')),
    ),
    headTip: needing('head', 'tip'),
    leaderAlone: needing('leader'),
    tipLeader: needing('tip', 'leader'),
  }
  const more = [...left].flatMap(({ least, ...look }) =>
    least === undefined ? [] : [{ ...look, run: least }],
  )
  const growing = (how: Grows) => [...alone.pair, ...more].filter(({ grows }) => grows === how)
  const front = needing('rod', 'head', 'tip')
  const keyed = take(({ needs, key }) => key !== undefined && needs.every((part) => FRONT.has(part)))
  const leader = all(FRONT)
  return {
    ...alone,
    ...tips,
    least: more,
    growing: { 'with-head': growing('with-head'), 'off-window': growing('off-window') },
    front,
    keyed,
    leader,
    shorter: leader.filter(({ shorter }) => shorter),
    headLine: needing('head', 'runningLine'),
    rodReel: needing('rod', 'reel'),
    lineReel: needing('runningLine', 'reel'),
    side: all(SIDE),
    mixed: [...left],
  }
}

/** The cost of looks together. */
export function costOf(looks: readonly Runs[], parts: RigParts, day: Day): number {
  let cost = 0
  for (const look of looks) {
    const finding = look.run(parts, day)
    if (finding !== null) cost += findingCost(finding)
  }
  return cost
}
