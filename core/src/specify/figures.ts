import { type Head, type HeadStyle, type Item, type Leader, type Tip, troutLine } from '../gear/index.ts'
import { headFacts, runningLineFacts } from '../line/index.ts'
import {
  KG_PER_GRAIN,
  KG_PER_M_PER_GRAIN_PER_FOOT,
  M_PER_FOOT,
  M_PER_INCH,
  type Measure,
} from '../quantity/index.ts'
import { partOf, type RigParts, type RigSlot } from '../rig/index.ts'
import { tipFacts } from '../sink/index.ts'
import { leaderOf, madeM, poundsN } from './generic.ts'

/** One figure of one part. */
export interface FigureOf {
  readonly slot: RigSlot
  readonly measure: Measure | 'number'
  readonly low: number
  readonly high: number
  /** Figures are told in whole steps, so that what is told can be bought and typed in. */
  readonly step: number
  /** What is made of it, where that is less. */
  readonly made?: (parts: RigParts) => { readonly low: number; readonly high: number } | undefined
  /** Undefined where the part has no such figure. */
  readonly get: (parts: RigParts) => number | undefined
  readonly set: (parts: RigParts, value: number) => RigParts
}

type MadeHead = Exclude<HeadStyle, 'double-taper' | 'weight-forward'>

const feet = (n: number): number => n * M_PER_FOOT
const withHead = (parts: RigParts, change: Partial<Head>): RigParts => ({
  ...parts,
  head: headFacts({ ...parts.head.head, ...change }),
})
const tipOf = ({ tip }: RigParts): Tip | undefined => (tip?.item.kind === 'tip' ? tip.item : undefined)
const withTip = (parts: RigParts, change: object): RigParts => ({
  ...parts,
  tip: parts.tip && tipFacts({ ...parts.tip.item, ...change }),
})
const withLeader = (parts: RigParts, change: Partial<Leader>): RigParts => ({
  ...parts,
  leader: parts.leader && { ...parts.leader, ...change },
})

/** Every figure there is to look for. One more is one more entry. */
export const FIGURES = {
  lineNumber: {
    slot: 'rodId',
    measure: 'number',
    low: 1,
    high: 12,
    step: 1,
    get: ({ rod }) => rod.lineNumber,
    set: (parts, lineNumber) => ({ ...parts, rod: { ...parts.rod, lineNumber } }),
  },
  rodLengthM: {
    slot: 'rodId',
    measure: 'rodLength',
    low: feet(8),
    high: feet(16),
    step: feet(0.25),
    get: ({ rod }) => rod.lengthM,
    set: (parts, lengthM) => ({ ...parts, rod: { ...parts.rod, lengthM } }),
  },
  headKg: {
    slot: 'headId',
    measure: 'lineMass',
    low: 100 * KG_PER_GRAIN,
    high: 1100 * KG_PER_GRAIN,
    step: 5 * KG_PER_GRAIN,
    get: ({ head }) => head.head.massKg,
    set: (parts, massKg) => withHead(parts, { massKg }),
  },
  headM: {
    slot: 'headId',
    measure: 'length',
    low: feet(10),
    high: feet(60),
    step: feet(0.5),
    made: ({ rod, head: { head } }) =>
      troutLine(head.style) ? undefined : madeM(head.style as MadeHead, rod),
    get: ({ head }) => (head.head.massKg === undefined ? undefined : head.lengthM),
    set: (parts, lengthM) => withHead(parts, { lengthM }),
  },
  boxNumber: {
    slot: 'headId',
    measure: 'number',
    low: 1,
    high: 15,
    step: 1,
    get: ({ head }) => (head.head.massKg === undefined ? head.head.labelNumber : undefined),
    set: (parts, labelNumber) => withHead(parts, { labelNumber }),
  },
  tipKgPerM: {
    slot: 'tipId',
    measure: 'massPerLength',
    low: 5 * KG_PER_M_PER_GRAIN_PER_FOOT,
    high: 22 * KG_PER_M_PER_GRAIN_PER_FOOT,
    step: 0.5 * KG_PER_M_PER_GRAIN_PER_FOOT,
    get: (parts) => tipOf(parts)?.kgPerM,
    set: (parts, kgPerM) => withTip(parts, { kgPerM }),
  },
  tipM: {
    slot: 'tipId',
    measure: 'length',
    low: feet(1),
    high: feet(18),
    step: feet(0.5),
    made: ({ rod, tip }) =>
      tip === null ? undefined : madeM(tip.item.kind === 'tip' ? tip.item.build : 'sinking-leader', rod),
    get: ({ tip }) => tip?.lengthM,
    set: (parts, lengthM) => {
      const sinking = tipOf(parts)?.sinkingLengthM
      return withTip(parts, {
        lengthM,
        ...(sinking === undefined ? {} : { sinkingLengthM: Math.min(sinking, lengthM) }),
      })
    },
  },
  sinkingM: {
    slot: 'tipId',
    measure: 'length',
    low: 0,
    high: feet(18),
    step: feet(0.5),
    get: (parts) => tipOf(parts)?.sinkingLengthM,
    set: (parts, lengthM) =>
      withTip(parts, { sinkingLengthM: Math.min(lengthM, parts.tip?.lengthM ?? lengthM) }),
  },
  tipNumber: {
    slot: 'tipId',
    measure: 'number',
    low: 1,
    high: 12,
    step: 1,
    get: (parts) => tipOf(parts)?.rodNumber,
    set: (parts, rodNumber) => withTip(parts, { rodNumber }),
  },
  sinkMps: {
    slot: 'tipId',
    measure: 'sinkRate',
    low: 0,
    high: 9 * M_PER_INCH,
    step: 0.5 * M_PER_INCH,
    get: ({ tip }) => (tip?.item.kind === 'sinking-leader' ? tip.item.sinkRateMps : undefined),
    set: (parts, sinkRateMps) => withTip(parts, { sinkRateMps }),
  },
  leaderM: {
    slot: 'leaderId',
    measure: 'length',
    low: feet(1),
    high: feet(25),
    step: feet(0.5),
    get: ({ leader }) => leader?.lengthM,
    set: (parts, lengthM) => withLeader(parts, { lengthM }),
  },
  leaderN: {
    slot: 'leaderId',
    measure: 'breakingLoad',
    low: poundsN(2),
    high: poundsN(40),
    step: poundsN(1),
    get: ({ leader }) => leader?.breakingN,
    set: (parts, breakingN) => {
      const { form = 'level', lengthM = 1 } = parts.leader ?? {}
      const { buttDiameterM, pointDiameterM } = leaderOf(form, lengthM, breakingN)
      return withLeader(parts, { breakingN, buttDiameterM, pointDiameterM })
    },
  },
  runningN: {
    slot: 'runningLineId',
    measure: 'breakingLoad',
    low: poundsN(10),
    high: poundsN(60),
    step: poundsN(1),
    get: ({ runningLine }) => runningLine?.item.breakingN,
    set: (parts, breakingN) => ({
      ...parts,
      runningLine: parts.runningLine && runningLineFacts({ ...parts.runningLine.item, breakingN }),
    }),
  },
  reelNumber: {
    slot: 'reelId',
    measure: 'number',
    low: 3,
    high: 15,
    step: 1,
    get: ({ reel }) => reel?.forNumber,
    set: (parts, forNumber) => ({ ...parts, reel: parts.reel && { ...parts.reel, forNumber } }),
  },
} as const satisfies Readonly<Record<string, FigureOf>>
export type FigureName = keyof typeof FIGURES
export const NAMES = Object.keys(FIGURES) as readonly FigureName[]

/** A rig with one of its figures set. @param value SI @internal asked for by tests alone */
export const withFigure = (parts: RigParts, figure: FigureName, value: number): RigParts =>
  FIGURES[figure].set(parts, value)

/** A figure of a thing by itself; undefined where it is no part of a rig, or has no such figure. SI. */
export function figureOfItem(item: Item, figure: FigureName): number | undefined {
  const part = partOf(item)
  return (
    part && FIGURES[figure].get({ tip: null, leader: null, [part.part]: part.facts } as unknown as RigParts)
  )
}
