import type { Day } from '@hoxen/core/day'
import { type Item, type ItemOf, itemSchema } from '@hoxen/core/gear'
import { through } from '@hoxen/core/rig'
import {
  clashInSteps,
  reelMassFor,
  SPECIFIED_STYLES,
  type SpecifiedRig,
  specify,
  spoolWantedM3,
} from '@hoxen/core/specify'
import { sayCheck } from '@hoxen/core/words'
import * as z from 'zod'
import { command } from '../command.ts'
import { dayFrom, dayInput } from './match.ts'

/** A part by its figures alone: kind, id and name are filled in where they are not told. */
const part = <K extends Item['kind']>(kind: K, ...others: readonly K[]): z.ZodType<ItemOf<K>> =>
  z.preprocess(
    (value) =>
      typeof value === 'object' && value !== null ? { kind, id: kind, name: kind, ...value } : value,
    itemSchema.refine((item) => [kind, ...others].some((one) => one === item.kind)),
  ) as unknown as z.ZodType<ItemOf<K>>

type FigureSpan = { readonly low: number; readonly target: number; readonly high: number }

function partsTold({ rig, open, spans }: SpecifiedRig, day: Day) {
  const mass = reelMassFor(rig.parts, day)
  const { rod, head, tip, leader, runningLine, reel } = rig.parts
  const span = (figure: string, value: number): FigureSpan => {
    const found = spans.find((s) => s.figure === figure)
    return found === undefined
      ? { low: value, target: value, high: value }
      : { low: found.low, target: found.target, high: found.high }
  }
  const some = (figure: string, key: string, value: number | undefined) =>
    value === undefined ? {} : { [key]: span(figure, value) }
  return {
    rod: {
      ...some('lineNumber', 'lineNumbers', rod.lineNumber),
      lineNumber: rod.lineNumber,
      lengthM: span('rodLengthM', rod.lengthM),
      hands: rod.hands,
    },
    head: {
      style: head.head.style,
      massKg: span('headKg', head.massKg.value),
      lengthM: span('headM', head.lengthM),
      ...some('boxNumber', 'labelNumber', head.head.labelNumber),
    },
    tip: tip && {
      kind: tip.item.kind === 'tip' ? tip.item.build : tip.item.kind,
      kgPerM: span('tipKgPerM', tip.massKg.value / tip.lengthM),
      lengthM: span('tipM', tip.lengthM),
      ...(tip.sinkingLengthM > 0 ? { sinkRateMps: tip.sinkRateMps.value } : {}),
      ...(tip.item.kind === 'sinking-leader' ? { sinkRateMps: span('sinkMps', tip.item.sinkRateMps) } : {}),
      ...(tip.item.kind === 'tip' ? some('sinkingM', 'sinkingLengthM', tip.item.sinkingLengthM) : {}),
    },
    leader: leader && {
      form: leader.form,
      lengthM: span('leaderM', leader.lengthM),
      ...some('leaderN', 'breakingN', leader.breakingN),
    },
    runningLine: runningLine && {
      build: runningLine.item.build,
      ...some('runningN', 'breakingN', runningLine.item.breakingN),
    },
    reel: reel && {
      volumeM3: { low: spoolWantedM3(rig.parts, day.fishKg) },
      ...(mass === undefined ? {} : { massKg: mass }),
      ...some('reelNumber', 'forNumber', reel.forNumber),
    },
    open,
  }
}

const whyTold = ({ spans }: SpecifiedRig) =>
  spans.flatMap(({ figure, below, above }) =>
    [
      ['below', below],
      ['above', above],
    ].flatMap(([end, check]) =>
      check === undefined || typeof check === 'string'
        ? []
        : [{ figure, end, code: check.code, state: check.state, message: sayCheck(check, 'trade') }],
    ),
  )

export const specifyCommand = command({
  name: 'specify',
  summary: 'what to look for in each missing part of a rig',
  schema: z.strictObject({
    ...dayInput,
    fixed: z
      .strictObject({
        rod: part('rod').optional(),
        head: part('head').optional(),
        tip: part<'tip' | 'sinking-leader'>('tip', 'sinking-leader').nullable().optional(),
        leader: part('leader').nullable().optional(),
        runningLine: part('running-line').optional(),
        reel: part('reel').optional(),
      })
      .optional(),
    style: z.enum(SPECIFIED_STYLES).optional(),
  }),
  example: {
    job: {
      fishKg: 3.6,
      water: 'river',
      fly: { dress: 'bulky', weighting: 'light' },
      castM: 21,
      waterDepthM: 1.3,
      fishAt: 'bottom',
      currentMps: 0.5,
      roomBehindM: 4,
      season: 'winter',
      style: 'any',
      caster: { hand: 'right', habit: 'average', mainly: 'spey' },
    },
    fixed: { rod: { lineNumber: 7, lengthM: 3.9624, hands: 'two-hander' } },
  },
  run: ({ fixed = {}, style, ...asked }) => {
    const day = dayFrom(asked)
    const specified = specify(day, fixed, style)
    if (specified.outcome !== 'specified') {
      const { line, nearest } = specified
      const parts = through(clashInSteps(day, fixed, specified))
      return {
        outcome: specified.outcome,
        parts,
        line: { code: line.code, state: line.state, message: sayCheck(line, 'trade') },
        nearest: {
          style: nearest.style,
          verdict: nearest.rig.verdict,
          parts: partsTold(nearest, day),
        },
      }
    }
    return {
      outcome: specified.outcome,
      rigs: specified.rigs.map((each) => ({
        style: each.style,
        verdict: each.rig.verdict,
        parts: partsTold(each, day),
        why: whyTold(each),
      })),
    }
  },
})
