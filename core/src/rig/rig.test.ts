import { describe, expect, test } from '@jest/globals'
import { dayOf, FIRST_JOB, type Job } from '../day/index.ts'
import {
  DEFAULT_SCHOOLS,
  type Head,
  type HeadStyle,
  type Item,
  itemSchema,
  type Rod,
  type Schools,
} from '../gear/index.ts'
import {
  KG_PER_GRAIN,
  KG_PER_POUND,
  M_PER_FOOT,
  M_PER_INCH,
  STANDARD_GRAVITY_MPS2,
} from '../quantity/index.ts'
import { materialForHead } from './checks/tip.ts'
import { type Check, type CheckCode, ledger, piecesOf, resolveRig, statesBySlot, verdictOf } from './index.ts'

const feet = (n: number): number => n * M_PER_FOOT
const item = (raw: Record<string, unknown>): Item =>
  itemSchema.parse({ id: String(raw.kind), name: String(raw.kind), ...raw })
const SEVEN = item({ kind: 'rod', lineNumber: 7, lengthM: feet(13), hands: 'two-hander' }) as Rod
const head = (style: HeadStyle, grains: number, lengthFt: number, more: Partial<Head> = {}): Item =>
  item({ kind: 'head', style, massKg: grains * KG_PER_GRAIN, lengthM: feet(lengthFt), ...more })
const level = (grainsPerFt: number, lengthFt = 10): Item =>
  item({
    kind: 'tip',
    build: 'level',
    lengthM: feet(lengthFt),
    kgPerM: (grainsPerFt * KG_PER_GRAIN) / M_PER_FOOT,
  })
const leader = (lengthFt: number): Item => item({ kind: 'leader', form: 'tapered', lengthM: feet(lengthFt) })
const COATED = item({ kind: 'running-line', build: 'coated' })
const MONO = item({ kind: 'running-line', build: 'mono', diameterM: 0.00045 })
const ELEVEN = item({ kind: 'reel', forNumber: 11, cage: 'full' })

interface Setup {
  rod?: Item
  head: Item
  tip?: Item
  leader?: Item
  line?: Item
  reel?: Item
  job?: Partial<Job>
  schools?: Partial<Schools>
}
function checks(setup: Setup): readonly Check[] {
  const parts = { rod: setup.rod ?? SEVEN, line: setup.line ?? COATED, reel: setup.reel ?? ELEVEN, ...setup }
  const items = [parts.rod, parts.head, parts.tip, parts.leader, parts.line, parts.reel].filter(
    (i) => i !== undefined,
  )
  const resolved = resolveRig(
    {
      rodId: parts.rod.id,
      headId: parts.head.id,
      tipId: parts.tip?.id ?? null,
      leaderId: parts.leader?.id ?? null,
      runningLineId: parts.line.id,
      reelId: parts.reel.id,
    },
    new Map(items.map((i) => [i.id, i])),
  )
  if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
  return ledger(
    resolved.parts,
    dayOf({
      job: { ...FIRST_JOB, castM: feet(80), ...setup.job },
      schools: { ...DEFAULT_SCHOOLS, ...setup.schools },
    }),
  )
}
const line = (setup: Setup, code: CheckCode): Check | undefined => checks(setup).find((c) => c.code === code)
const state = (setup: Setup, code: CheckCode): string => line(setup, code)?.state ?? 'absent'
const SKAGIT = head('skagit', 500, 23)
const SCANDI = head('scandi', 480, 33)

describe('mass and number', () => {
  test.each([
    [500, 'holds'],
    [450, 'holds'],
    [435, 'watch'],
    [380, 'breaks'],
    [550, 'watch'],
    [620, 'breaks'],
  ])('a %p gr Skagit on the 13 ft seven: %s', (grains, expected) => {
    expect(state({ head: head('skagit', grains, 23), tip: level(8) }, 'mass-in-window')).toBe(expected)
  })
  test('a Scandi is weighed with its tip, a Skagit without', () => {
    const tip = level(11)
    expect(line({ head: SCANDI, tip }, 'mass-in-window')?.value).toBeCloseTo((480 + 110) * KG_PER_GRAIN, 9)
    expect(line({ head: SKAGIT, tip }, 'mass-in-window')?.value).toBeCloseTo(500 * KG_PER_GRAIN, 9)
  })
  test('the most common mistake: a line of the rod’s own number', () => {
    const own = item({ kind: 'head', style: 'weight-forward', lengthM: feet(38), labelNumber: 7 })
    expect(state({ head: own }, 'rod-number')).toBe('breaks')
    expect(state({ head: own }, 'mass-in-window')).toBe('breaks')
    expect(state({ head: SKAGIT }, 'rod-number')).toBe('holds')
  })
  test('those who trust the box are warned by the box', () => {
    const boxed = head('scandi', 480, 33, { labelNumber: 7, labelStandard: 'single-hand' })
    expect(state({ head: boxed }, 'rod-number')).toBe('holds')
    expect(state({ head: boxed, schools: { boxNumber: 'trust-label' } }, 'rod-number')).toBe('breaks')
  })
})

describe('leader and fish', () => {
  const on = (pounds: number | undefined): Item =>
    item({
      kind: 'leader',
      form: 'level',
      lengthM: feet(5),
      ...(pounds === undefined ? {} : { breakingN: pounds * KG_PER_POUND * STANDARD_GRAVITY_MPS2 }),
    })
  test.each([
    [8, 10, 'holds'],
    [28, 15, 'watch'],
    [28, 4, 'breaks'],
    [28, undefined, 'absent'],
  ])('C37 [estimate]: fish of %p lb on %p lb: %s', (fish, leader, expected) => {
    const setup = { head: SKAGIT, leader: on(leader), job: { fishKg: fish * KG_PER_POUND } }
    expect(state(setup, 'leader-fish')).toBe(expected)
  })
})

describe('tips', () => {
  test('a Skagit head must always carry a tip [practice]', () => {
    expect(state({ head: SKAGIT }, 'skagit-tip')).toBe('breaks')
    expect(
      state({ head: SKAGIT, tip: item({ kind: 'tip', build: 'floating', lengthM: feet(10) }) }, 'skagit-tip'),
    ).toBe('holds')
  })
  test.each([
    [474, 8],
    [475, 11],
    [574, 11],
    [576, 14],
    [649, 14],
    [651, 17],
  ])('C13 [practice]: %p gr Skagit → T-%p', (grains, material) => {
    expect(materialForHead(grains * KG_PER_GRAIN)).toBe(material)
  })
  test.each([
    [8, 'holds'],
    [11, 'holds'],
    [14, 'watch'],
    [17, 'breaks'],
  ])('C13 [practice]: T-%p on a 500 gr Skagit: %s', (n, expected) => {
    expect(state({ head: SKAGIT, tip: level(n) }, 'tip-material')).toBe(expected)
  })
  test.each([
    [424, 11, 'watch'],
    [425, 11, 'holds'],
    [425, 8, 'holds'],
    [520, 14, 'watch'],
    [530, 14, 'holds'],
  ])('C13 [practice]: bounds are soft, a %p gr Skagit with T-%p: %s', (grains, n, expected) => {
    expect(state({ head: head('skagit', grains, 23), tip: level(n) }, 'tip-material')).toBe(expected)
  })
  test.each([
    [650, 8, 'watch'],
    [650, 11, 'watch'],
    [650, 10, 'watch'],
    [650, 14, 'holds'],
    [650, 18, 'holds'],
    [600, 8, 'watch'],
    [600, 7, 'watch'],
    [600, 10, 'holds'],
    [510, 8, 'holds'],
  ])('C36 [practice]: balance runs both ways, a %p gr Skagit with T-%p: %s', (grains, n, expected) => {
    const setup = { head: head('skagit', grains, 25), tip: level(n) }
    expect(state(setup, 'tip-material')).toBe(expected)
    if (expected === 'watch') expect(line(setup, 'tip-material')?.reason).toBe('tip-too-light')
  })
  test('C36: a floating or part-sinking tip is exempt', () => {
    const brute = head('skagit', 650, 25)
    const floating = item({ kind: 'tip', build: 'floating', lengthM: feet(10) })
    const part = item({
      kind: 'tip',
      build: 'part-sinking',
      lengthM: feet(10),
      sinkingLengthM: feet(5),
      rodNumber: 7,
    })
    for (const tip of [floating, part]) expect(state({ head: brute, tip }, 'tip-material')).toBe('absent')
  })
  test('C14 [practice/physics]: a Scandi front of 4–6 gr/ft cannot carry T-8', () => {
    const joint = line({ head: SCANDI, tip: level(8) }, 'joint-step')
    expect(joint).toMatchObject({ state: 'breaks', reason: 'steps-up' })
    expect((joint?.value ?? 0) / (joint?.allowed.high ?? 1)).toBeGreaterThan(1.2)
    expect(state({ head: SKAGIT, tip: level(11) }, 'joint-step')).toBe('holds')
    expect(
      state(
        { head: SCANDI, tip: item({ kind: 'tip', build: 'tapered', lengthM: feet(12), rodNumber: 7 }) },
        'joint-step',
      ),
    ).toBe('holds')
    expect(
      state(
        {
          head: SCANDI,
          tip: item({ kind: 'sinking-leader', lengthM: feet(10), sinkRateMps: 5 * M_PER_INCH }),
        },
        'joint-step',
      ),
    ).toBe('holds')
  })
  test('C15 [practice]: casting length and room are constant within a set of part-sinking tips', () => {
    const set = [0, 2.5, 5, 7.5, 10].map((sinks) =>
      item({
        kind: 'tip',
        build: 'part-sinking',
        lengthM: feet(10),
        sinkingLengthM: feet(sinks),
        massKg: 90 * KG_PER_GRAIN,
      }),
    )
    const ledgers = set.map((tip) => checks({ head: SKAGIT, tip, leader: leader(5) }))
    for (const code of ['room-behind', 'mass-in-window', 'joint-step'] as const)
      expect(new Set(ledgers.map((l) => l.find((c) => c.code === code)?.value)).size).toBe(1)
    const depths = ledgers.map((l) => l.find((c) => c.code === 'depth')?.value ?? 0)
    expect(depths).toEqual([...depths].sort((a, b) => a - b))
  })
  test('C8 [practice]: a heavy bulky fly wants 9–10 gr/ft behind it', () => {
    const job = { fly: { dress: 'bulky', weighting: 'heavy' } } as const
    expect(state({ head: SKAGIT, tip: level(10), leader: leader(5), job }, 'fly-tip')).toBe('holds')
    expect(state({ head: SCANDI, leader: leader(15), job }, 'fly-tip')).toBe('breaks')
  })
})

describe('C42 [physics, estimate]: heavy flies fall', () => {
  const long = (feetLong: number) => ({ head: SCANDI, leader: leader(feetLong) })
  const thrown = (
    parts: Parameters<typeof state>[0],
    massKg: number,
    dress: 'medium' | 'bulky' = 'bulky',
  ) => {
    const job = { fly: { dress, weighting: 'heavy', massKg } } as const
    const line = checks({ ...parts, job }).find((c) => c.code === 'fly-tip')
    return { state: line?.state, dropM: Number(line?.data.dropM) }
  }
  test('a 5 g bulky fly drops several times as far on a Scandi with 15 ft of leader as on a Skagit with T-14', () => {
    const skagit = thrown({ head: SKAGIT, tip: level(14), leader: leader(5) }, 0.005).dropM
    expect(thrown(long(15), 0.005).dropM).toBeGreaterThan(4 * skagit)
    expect(thrown(long(15), 0.005).dropM).toBeGreaterThan(2 * thrown(long(9), 0.005).dropM)
  })
  test('a 1 g weighted fly is straight behind 15 ft of leader; one of 5 g wants under about 8 ft', () => {
    expect(thrown(long(15), 0.001, 'medium').state).toBe('holds')
    expect(thrown(long(15), 0.005).state).toBe('breaks')
    expect(thrown(long(9), 0.005).state).not.toBe('holds')
    expect(thrown(long(7), 0.005).state).toBe('holds')
  })
})

describe('room behind [physics, estimate]', () => {
  const rod_ = (hands: 'two-hander' | 'trout-two-hander' | 'single', number: number, feetLong: number) =>
    item({ kind: 'rod', lineNumber: number, lengthM: feet(feetLong), hands })
  test.each([
    ['12 ft trout Skagit on 10¾ ft', rod_('trout-two-hander', 3, 10.75), head('skagit', 240, 12), 1.2],
    ['16 ft one-hand Skagit on 9½ ft', rod_('single', 6, 9.5), head('skagit', 240, 16), 2.2],
    ['20 ft Skagit on 13 ft', rod_('two-hander', 7, 13), head('skagit', 480, 20), 2.7],
    ['24 ft Skagit on 13 ft', rod_('two-hander', 7, 13), head('skagit', 480, 24), 3.3],
    ['33 ft Scandi on 13 ft', rod_('two-hander', 7, 13), head('scandi', 450, 33), 5.3],
  ] as const)('%s', (_name, rod, head_, roomM) => {
    const line = checks({ rod, head: head_ }).find((c) => c.code === 'room-behind')
    expect(Math.abs((line?.value ?? 0) / roomM - 1)).toBeLessThan(0.06)
  })
})

describe('leader, reel, water', () => {
  test.each([
    ['C22 floating Scandi, 1–1½ rods', SCANDI, undefined, 15, 'unweighted', 'holds'],
    ['C22 too short to anchor', SCANDI, undefined, 8, 'unweighted', 'breaks'],
    ['C24 behind a sink tip', SKAGIT, level(11), 5, 'heavy', 'holds'],
    ['C20 long behind a fast tip', SKAGIT, level(11), 9, 'heavy', 'breaks'],
  ] as const)('%s [practice]', (_name, head_, tip, feetLong, weighting, expected) => {
    const job = { fly: { dress: 'medium', weighting } } as const
    expect(
      state({ head: head_, ...(tip ? { tip } : {}), leader: leader(feetLong), job }, 'leader-length'),
    ).toBe(expected)
  })
  test('C31 [practice]: mono breaks on an open frame', () => {
    const reel = item({ kind: 'reel', forNumber: 11, cage: 'open' })
    expect(state({ head: SKAGIT, line: MONO, reel }, 'reel-cage')).toBe('breaks')
    expect(state({ head: SKAGIT, line: MONO }, 'reel-cage')).toBe('holds')
    expect(state({ head: SKAGIT, line: COATED, reel }, 'reel-cage')).toBe('absent')
  })
  test('C30 [practice]: a reel bought by the rod’s number is too small', () => {
    expect(state({ head: SKAGIT, reel: item({ kind: 'reel', forNumber: 7 }) }, 'reel-room')).toBe('breaks')
    expect(state({ head: SKAGIT }, 'reel-room')).toBe('holds')
  })
  test('a measured spool is judged by its volume', () => {
    const spool = (rim: number): Item =>
      item({ kind: 'reel', cage: 'full', spool: { rimDiameterM: rim, arborDiameterM: 0.045, widthM: 0.03 } })
    expect(state({ head: SKAGIT, reel: spool(0.105) }, 'reel-room')).toBe('holds')
    expect(state({ head: SKAGIT, reel: spool(0.07) }, 'reel-room')).toBe('breaks')
    expect(state({ head: SKAGIT, reel: spool(0.18) }, 'reel-room')).toBe('watch')
  })
  test('brush behind, and a head too long for the room', () => {
    expect(state({ head: SCANDI, job: { roomBehindM: 2 } }, 'room-behind')).toBe('breaks')
    expect(state({ head: SKAGIT, job: { roomBehindM: 3.4 } }, 'room-behind')).toBe('holds')
  })
  test('the loop inside the tip-top is warned of only when stripping so close', () => {
    const at = (job: { stripToM?: number }) => state({ head: SKAGIT, tip: level(11), job }, 'loop-in-guides')
    expect([at({}), at({ stripToM: 3 }), at({ stripToM: 30 })]).toEqual(['absent', 'watch', 'holds'])
    expect(state({ head: head('integrated', 480, 36), job: { stripToM: 3 } }, 'loop-in-guides')).toBe(
      'absent',
    )
  })
  test('C7 [practice]: a fish far above the rod breaks', () => {
    expect(state({ head: SKAGIT, job: { fishKg: 14 } }, 'rod-fish')).toBe('breaks')
    expect(state({ head: SKAGIT, job: { fishKg: 0.3 } }, 'rod-fish')).toBe('watch')
  })
  test('the worst line decides the verdict, and is marked on its part', () => {
    const all = checks({ head: SCANDI, tip: level(11), leader: leader(5) })
    expect(verdictOf(all)).toBe('breaks')
    expect(statesBySlot(all).get('tipId')).toBe('breaks')
  })
})

test('pieces lie along the line from running line to leader', () => {
  const items = [SEVEN, SKAGIT, level(11), leader(5), COATED, ELEVEN]
  const resolved = resolveRig(
    {
      rodId: 'rod',
      headId: 'head',
      tipId: 'tip',
      leaderId: 'leader',
      runningLineId: 'running-line',
      reelId: 'reel',
    },
    new Map(items.map((i) => [i.id, i])),
  )
  if (resolved.outcome !== 'resolved') throw new Error('unresolved')
  const pieces = piecesOf(resolved.parts)
  expect(pieces.map((p) => p.slot)).toEqual(['runningLineId', 'headId', 'tipId', 'leaderId'])
  for (const piece of pieces) expect(piece.outline.at(-1)?.[0]).toBeCloseTo(piece.lengthM, 9)
})

test('a reel by its number: one above its span is given, two are too large; one below it is to be watched, two break (C30)', () => {
  const states = [8, 9, 10, 11, 12, 13, 14].map((forNumber) =>
    state(
      { head: SKAGIT, rod: ROD_OF_SEVEN, reel: item({ kind: 'reel', forNumber, cage: 'full' }) },
      'reel-room',
    ),
  )
  // A 12 ft no. 7 takes a 10 to 11.
  expect(states).toEqual(['breaks', 'watch', 'holds', 'holds', 'holds', 'watch', 'watch'])
})
const ROD_OF_SEVEN = item({ kind: 'rod', lineNumber: 7, lengthM: feet(12), hands: 'two-hander' })
