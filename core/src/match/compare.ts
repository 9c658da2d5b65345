import { CHECK_CODES, type Check, type CheckCode, stateRank } from '../rig/index.ts'
import type { RankedRig } from './match.ts'

/** Two rigs' answers to one question of the ledger; undefined where it is not asked. */
export interface ComparedLine {
  readonly code: CheckCode
  readonly lines: readonly [Check | undefined, Check | undefined]
}

/** Comparison of two rigs, line by line. */
export interface Compared {
  /** Lines that stand otherwise, the widest apart first; then those whose figures differ. */
  readonly differ: readonly ComparedLine[]
  readonly same: readonly ComparedLine[]
}

/** Figures closer than this share are taken for the same. [practice] */
const ALIKE = 0.02

const rank = (check: Check | undefined): number => (check === undefined ? -1 : stateRank(check.state))
const apart = ({ lines: [a, b] }: ComparedLine): number => Math.abs(rank(a) - rank(b))

function figuresDiffer({ lines: [a, b] }: ComparedLine): boolean {
  if (a?.value == null || b?.value == null) return (a?.value ?? null) !== (b?.value ?? null)
  return Math.abs(a.value - b.value) > ALIKE * Math.max(Math.abs(a.value), Math.abs(b.value))
}

/** Two rigs line by line: what differs first. */
export function compareRigs(a: RankedRig, b: RankedRig): Compared {
  const find = (rig: RankedRig, code: CheckCode): Check | undefined => rig.checks.find((c) => c.code === code)
  const all = CHECK_CODES.map(
    (code): ComparedLine => ({ code, lines: [find(a, code), find(b, code)] }),
  ).filter(({ lines }) => lines.some((line) => line !== undefined))
  const differs = (line: ComparedLine): boolean => apart(line) > 0 || figuresDiffer(line)
  return {
    differ: all.filter(differs).sort((x, y) => apart(y) - apart(x)),
    same: all.filter((line) => !differs(line)),
  }
}

/** Advantage of one rig over another, each with both figures in SI. */
export interface Advantage {
  readonly of: 0 | 1
  readonly what: 'reach' | 'room' | 'with-fish' | 'lift'
  readonly by: number
}

/** Less than this is no advantage: feet of reach and room, seconds with the fish, grams to lift. [practice] */
const WORTH = { reach: 1, room: 0.3, 'with-fish': 2, lift: 0.002 } as const

/** The uses each of two rigs is better for: goes further, needs less room, rides longer with the fish, is lighter to lift. */
export function advantagesOf(a: RankedRig, b: RankedRig): readonly Advantage[] {
  const value = (rig: RankedRig, code: CheckCode): number | undefined =>
    rig.checks.find((c) => c.code === code)?.value ?? undefined
  const figures = {
    reach: [value(a, 'reach'), value(b, 'reach'), 1],
    room: [value(a, 'room-behind'), value(b, 'room-behind'), -1],
    'with-fish': [a.swung?.summary.inBandS, b.swung?.summary.inBandS, 1],
    lift: [a.massKg, b.massKg, -1],
  } as const
  return (Object.keys(figures) as (keyof typeof figures)[]).flatMap((what): Advantage[] => {
    const [left, right, sign] = figures[what]
    if (left === undefined || right === undefined) return []
    const gain = (left - right) * sign
    return Math.abs(gain) < WORTH[what] ? [] : [{ of: gain > 0 ? 0 : 1, what, by: Math.abs(gain) }]
  })
}
