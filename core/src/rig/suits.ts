import type { Day } from '../day/index.ts'
import type { Item, Kind } from '../gear/index.ts'
import { headFacts, runningLineFacts } from '../line/index.ts'
import { tipFacts } from '../sink/index.ts'
import { CHECKS, type Check, type CheckCode, lineOf, stateRank, worstFirst } from './check.ts'
import type { CheckDefinition, CheckState, Part } from './define.ts'
import type { RigParts } from './parts.ts'

/** Part of a rig that a thing is; undefined for what is no part of one. */
export function partOf(item: Item): { readonly part: Part; readonly facts: RigParts[Part] } | undefined {
  switch (item.kind) {
    case 'rod':
      return { part: 'rod', facts: item }
    case 'head':
      return { part: 'head', facts: headFacts(item) }
    case 'tip':
    case 'sinking-leader':
      return { part: 'tip', facts: tipFacts(item) }
    case 'leader':
      return { part: 'leader', facts: item }
    case 'running-line':
      return { part: 'runningLine', facts: runningLineFacts(item) }
    case 'reel':
      return { part: 'reel', facts: item }
    default:
      return undefined
  }
}

/** Beside which kind a thing is asked whether it suits: the part it is chosen for. */
const SUITED_TO: Readonly<Partial<Record<Kind, Kind>>> = Object.freeze({
  head: 'rod',
  tip: 'head',
  'sinking-leader': 'head',
  leader: 'tip',
  'running-line': 'head',
  reel: 'rod',
})

/** Lines about the water and the season of a day: two things suit each other on any day, or not. */
const OF_THE_DAY: ReadonlySet<CheckCode> = new Set(['water', 'season', 'room-behind', 'reach', 'depth'])

/** Verdict on how a thing and another go together. */
export interface Suited {
  readonly item: Item
  readonly state: CheckState
  /** The line that decides it. */
  readonly line: Check
}

/** Lines of the ledger on two things alone: every line of the ledger that needs both; a tip besides is taken as not there. */
function linesBetween(a: Item, b: Item, day: Day): readonly Check[] {
  const [one, other] = [partOf(a), partOf(b)]
  if (one === undefined || other === undefined) return []
  const parts = { tip: null, [one.part]: one.facts, [other.part]: other.facts } as unknown as RigParts
  const both: readonly Part[] = [one.part, other.part]
  return (CHECKS as readonly CheckDefinition<CheckCode>[]).flatMap(({ code, looks }) =>
    OF_THE_DAY.has(code)
      ? []
      : looks.flatMap((look): readonly Check[] => {
          const wantsBoth = both.every((part) => look.needs.includes(part))
          if (!wantsBoth || look.needs.some((need) => need !== 'tip' && !both.includes(need))) return []
          const finding = look.run(parts, day)
          return finding === null ? [] : [lineOf(code, finding)]
        }),
  )
}

/** The gear a thing goes with, by the kind it is chosen for; what suits first. */
export function suitedTo(item: Item, items: readonly Item[], day: Day): readonly Suited[] {
  const kind = SUITED_TO[item.kind]
  return items
    .filter((other) => other.kind === kind)
    .flatMap((other): readonly Suited[] => {
      const [line] = worstFirst(linesBetween(item, other, day))
      return line === undefined ? [] : [{ item: other, state: line.state, line }]
    })
    .sort((a, b) => stateRank(a.state) - stateRank(b.state))
}
