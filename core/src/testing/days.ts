import { readFileSync } from 'node:fs'
import { expect } from '@jest/globals'
import { dayOf, FIRST_JOB, type Job } from '../day/index.ts'
import { DEFAULT_SCHOOLS, type Gear, type Item, itemSchema } from '../gear/index.ts'
import { type Card, matchRigs, secondLook } from '../match/index.ts'
import { KG_PER_GRAIN, KG_PER_M_PER_GRAIN_PER_FOOT, KG_PER_POUND, M_PER_FOOT } from '../quantity/index.ts'
import { headSinks } from '../sink/index.ts'

/**
 * Thirty days with what experienced casters would fish (days.sets.json). Common practice, no source: each day names
 * the rule of the trade that says so. The gear is invented, and rich: three weights of each head for each rod.
 */
const ft = (feet: number): number => feet * M_PER_FOOT
const lb = (pounds: number): number => pounds * KG_PER_POUND
const perFt = (grains: number): number => grains * KG_PER_M_PER_GRAIN_PER_FOOT

type RodId = 'trout-3' | 'switch-6' | 'long-7' | 'long-10' | 'hand-6' | 'surf-9'
const rod = (id: RodId, lineNumber: number, feet: number, hands: string, more = {}): Item =>
  itemSchema.parse({ kind: 'rod', id, name: id, lineNumber, lengthM: ft(feet), hands, ...more })
const head = (style: string, id: string, grains: number, feet: number, more = {}): Item =>
  itemSchema.parse({
    kind: 'head',
    id,
    name: id,
    style,
    massKg: grains * KG_PER_GRAIN,
    lengthM: ft(feet),
    ...more,
  })
const three = (style: string, prefix: string, grains: readonly number[], feet: number, more = {}): Item[] =>
  grains.map((g) => head(style, `${prefix}-${g}`, g, feet, more))
const level = (grains: number, feet: number): Item =>
  itemSchema.parse({
    kind: 'tip',
    id: `t-${grains}-${feet * 10}`,
    name: `T-${grains}`,
    build: 'level',
    lengthM: ft(feet),
    kgPerM: perFt(grains),
  })
const sinking = (rate: number, feet: number): Item =>
  itemSchema.parse({
    kind: 'sinking-leader',
    id: `sl-${rate * 10}-${feet}`,
    name: `Sinking leader ${rate}`,
    lengthM: ft(feet),
    sinkRateMps: rate * 0.0254,
  })
const leader = (feet: number, pounds: number, form: string, point: number): Item =>
  itemSchema.parse({
    kind: 'leader',
    id: `l-${feet}-${pounds}`,
    name: `${feet} ft, ${pounds} lb`,
    form,
    lengthM: ft(feet),
    material: 'nylon',
    buttDiameterM: form === 'level' ? point : 0.00055,
    pointDiameterM: point,
    breakingN: lb(pounds) * 9.80665,
  })
const reel = (forNumber: number): Item =>
  itemSchema.parse({
    kind: 'reel',
    id: `reel-${forNumber}`,
    name: `Reel ${forNumber}`,
    forNumber,
    cage: 'full',
  })
const running = (id: string, more: object): Item =>
  itemSchema.parse({ kind: 'running-line', id, name: id, ...more })

export const GEAR: Gear = {
  items: [
    rod('trout-3', 3, 10.75, 'trout-two-hander'),
    rod('switch-6', 6, 11.25, 'switch'),
    rod('long-7', 7, 13 + 7 / 12, 'two-hander'),
    rod('long-10', 10, 15 + 10 / 12, 'two-hander'),
    rod('hand-6', 6, 9.5, 'single'),
    rod('surf-9', 8, 11, 'surf', { lineNumberHigh: 9 }),
    ...three('skagit', 'tsk', [225, 240, 255], 12),
    ...three('scandi', 'tsc', [215, 230, 245], 23),
    ...three('skagit', 'sk', [400, 420, 440], 20),
    ...three('scandi', 'sc', [395, 415, 435], 30),
    ...three('skagit', 'sk', [460, 480, 510], 22),
    ...three('scandi', 'sc', [455, 475, 500], 33),
    head('multi-density', 'md-475', 475, 30),
    ...three('skagit', 'sk', [690, 720, 750], 25),
    ...three('scandi', 'sc', [680, 710, 740], 40),
    head('overhead', 'oh-640', 640, 36),
    ...three('skagit', 'osk', [225, 240, 255], 16),
    ...three('scandi', 'osc', [220, 232], 26),
    itemSchema.parse({
      kind: 'head',
      id: 'dt-6',
      name: 'No. 6 double taper',
      style: 'double-taper',
      lengthM: ft(60),
      labelNumber: 6,
      labelStandard: 'single-hand',
      frontTaperM: ft(7),
    }),
    ...three('overhead', 'oh', [500, 520, 545], 31),
    ...three('overhead', 'ohi', [500, 520, 545], 30, { density: 'intermediate' }),
    itemSchema.parse({
      kind: 'tip',
      id: 'floating-10',
      name: 'Floating tip',
      build: 'floating',
      lengthM: ft(10),
    }),
    itemSchema.parse({
      kind: 'tip',
      id: 'floating-6',
      name: 'Light floating tip',
      build: 'floating',
      lengthM: ft(6),
      massKg: 30 * KG_PER_GRAIN,
    }),
    ...[8, 11, 14, 17].map((g) => level(g, 10)),
    level(8, 5),
    ...[2.5, 5].map((feet) =>
      itemSchema.parse({
        kind: 'tip',
        id: `part-${feet * 10}`,
        name: `Part-sinking ${feet}`,
        build: 'part-sinking',
        lengthM: ft(10),
        sinkingLengthM: ft(feet),
      }),
    ),
    ...[1.5, 5].map((rate) => sinking(rate, 10)),
    leader(4, 14, 'level', 0.0004),
    leader(5, 12, 'stepped', 0.00033),
    leader(5, 22, 'stepped', 0.00045),
    leader(6, 6, 'tapered', 0.00022),
    leader(9, 6, 'tapered', 0.00022),
    leader(9, 12, 'tapered', 0.00033),
    leader(13, 6, 'tapered', 0.00022),
    leader(12, 12, 'tapered', 0.00033),
    leader(15, 12, 'tapered', 0.00033),
    leader(15, 22, 'tapered', 0.00045),
    leader(18, 16, 'tapered', 0.0004),
    running('coated-20', { build: 'coated', breakingN: lb(20) * 9.80665 }),
    running('coated-30', { build: 'coated', breakingN: lb(30) * 9.80665 }),
    running('mono-045', { build: 'mono', diameterM: 0.00045, breakingN: lb(30) * 9.80665 }),
    running('mono-055', { build: 'mono', diameterM: 0.00055, breakingN: lb(40) * 9.80665 }),
    ...[4, 5, 7, 8, 11, 12, 14].map(reel),
  ],
}

/** A rod with heads: `long-7 sk-480` one pair, `long-7 sk-` all of the kind. */
type Pairs = readonly `${RodId} ${string}`[]

interface DayOut {
  readonly name: string
  readonly fishLb: number
  readonly castFt: number
  readonly roomBehindM: number
  readonly job: Partial<Job>
  /** Pairs experienced casters would take first. */
  readonly accept: Pairs
  /** Pairs they would not take before five others. */
  readonly refuse: Pairs
  /** Verdict of what they would take, where it is not that it holds: C51 of a fly that lies long on the inside. */
  readonly verdict?: 'watch'
  /** Front end they would insist on. */
  readonly tip?: 'sinks' | 'floats' | 'any'
  readonly rule: string
  /** Pair that came first instead when the day was first run, where that was not in the set. */
  readonly came?: string
}

/** Sets of days: what experienced casters would fish, and what they would not, with the rule that says so. */
function daysIn(file: string) {
  const { days } = JSON.parse(readFileSync(`${process.cwd()}/core/src/match/${file}`, 'utf8')) as {
    readonly days: readonly DayOut[]
  }
  return days.map(({ job, fishLb, castFt, roomBehindM, ...sets }) => ({
    ...sets,
    day: dayOf({
      job: { ...FIRST_JOB, ...job, fishKg: lb(fishLb), castM: ft(castFt), roomBehindM },
      schools: DEFAULT_SCHOOLS,
    }),
  }))
}
export const DAYS = daysIn('days.sets.json')
export const UNSEEN = daysIn('days.unseen.json')

export const matches = (pair: string, [rodId, headId]: readonly [string, string]): boolean => {
  const [rodWanted, headWanted = ''] = pair.split(' ')
  return (
    rodId === rodWanted && (headWanted.endsWith('-') ? headId.startsWith(headWanted) : headId === headWanted)
  )
}
export const pairOf = ({ rig }: Card) => [rig.choice.rodId, rig.choice.headId] as const
export const sinks = ({ rig }: Card): boolean =>
  (rig.parts.tip?.sinkingLengthM ?? 0) > 0 || headSinks(rig.parts.head)

export const is = (list: Pairs, card: Card): boolean => list.some((pair) => matches(pair, pairOf(card)))

/** The first cards of a day; none of the first five may be refused. */
export function cardsOf(
  { day, refuse, rule }: (typeof DAYS)[number],
  looks: number,
): readonly [Card, ...Card[]] {
  expect(rule.length).toBeGreaterThan(20)
  expect(refuse.length).toBeGreaterThanOrEqual(2)
  const [first, ...rest] = secondLook(GEAR, day, matchRigs(GEAR, day), looks).cards
  if (first === undefined) throw new Error('nothing ranked')
  const refused = [first, ...rest].slice(0, 5).filter((card) => is(refuse, card))
  expect(refused.map((card) => pairOf(card).join(' '))).toEqual([])
  return [first, ...rest]
}

/** One of the thirty days: what comes first is accepted and holds, and the set says something. */
export function meetsItsSet(out: (typeof DAYS)[number]): void {
  const { accept, tip, verdict = 'holds' } = out
  // As many as the two questions below need: the first five, and thrice what is accepted.
  const [first, ...rest] = cardsOf(out, Math.max(5, 3 * accept.length + 6))
  const cards = [first, ...rest]
  expect([pairOf(first).join(' '), is(accept, first)]).toEqual([pairOf(first).join(' '), true])
  // The set says something: it is at most a third of what comes out as well, or nothing else does.
  expect(first.rig.verdict).toBe(verdict)
  const asGood = cards.filter((card) => card.rig.verdict === verdict)
  if (!asGood.every((card) => is(accept, card))) expect(3 * accept.length).toBeLessThanOrEqual(asGood.length)
  if (tip === 'sinks') expect(sinks(first)).toBe(true)
  if (tip === 'floats') expect(sinks(first)).toBe(false)
}
