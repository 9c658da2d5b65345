import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { flatRun } from '../testing/index.ts'
import {
  atFlow,
  depthAt,
  type Fish,
  HoldingWater,
  MEAN_OF_SURFACE,
  newRun,
  profileShare,
  type Run,
  readLies,
  runSchema,
  sectionFlowM3ps,
  surfaceCurrentAt,
} from './index.ts'
import { HYDRAULIC_GEOMETRY } from './level.ts'
import { currentAt } from './section.ts'

const RUN: Run = {
  id: 'kettle-run',
  name: 'Kettle Run',
  bank: 'right',
  widthM: 30,
  soundings: [
    { fromBankM: 5, depthM: 0.8 },
    { fromBankM: 15, depthM: 1.6 },
    { fromBankM: 25, depthM: 1 },
  ],
  currents: [
    { fromBankM: 5, mps: 0.4 },
    { fromBankM: 20, mps: 0.9 },
  ],
  bottom: 'cobble',
  wadeM: 4,
  measuredFlowM3ps: 18,
}

describe('a run', () => {
  test('the bed goes straight between soundings, and up to the surface at an unsounded bank', () => {
    expect(depthAt(RUN, 0)).toBe(0)
    expect(depthAt(RUN, 2.5)).toBeCloseTo(0.4, 12)
    expect(depthAt(RUN, 10)).toBeCloseTo(1.2, 12)
    expect(depthAt(RUN, 30)).toBe(0)
    expect(depthAt(RUN, -1)).toBe(0)
    expect(depthAt(RUN, 31)).toBe(0)
  })
  test('current changes evenly between points and stays beyond them', () => {
    expect(surfaceCurrentAt(RUN, 1)).toBe(0.4)
    expect(surfaceCurrentAt(RUN, 12.5)).toBeCloseTo(0.65, 12)
    expect(surfaceCurrentAt(RUN, 29)).toBe(0.9)
    expect(surfaceCurrentAt(RUN, 35)).toBe(0)
  })
  test('1/7 power law [physics]: nothing at the bed, the surface current at the top, mean 7/8 of it', () => {
    expect(profileShare(0, 2)).toBe(0)
    expect(profileShare(2, 2)).toBe(1)
    expect(profileShare(1, 2)).toBeCloseTo(0.5 ** (1 / 7), 12)
    const n = 20000
    let sum = 0
    for (let i = 0; i < n; i++) sum += profileShare((i + 0.5) / n, 1) / n
    expect(sum).toBeCloseTo(MEAN_OF_SURFACE, 4)
    expect(MEAN_OF_SURFACE).toBeCloseTo(7 / 8, 12)
    expect(currentAt(RUN, 15, -1.6)).toBe(0)
    expect(currentAt(RUN, 15, 0)).toBe(surfaceCurrentAt(RUN, 15))
  })
  test('flow of a rectangular channel is width × depth × mean velocity (velocity–area method, ISO 748)', () => {
    const box: Run = {
      ...RUN,
      widthM: 20,
      soundings: [
        { fromBankM: 0, depthM: 1.5 },
        { fromBankM: 20, depthM: 1.5 },
      ],
      currents: [{ fromBankM: 0, mps: 0.8 }],
    }
    expect(sectionFlowM3ps(box)).toBeCloseTo((20 * 1.5 * 0.8 * 7) / 8, 6)
  })
})

const carried = (run: Run, from: number, to: number): Run => {
  const at = atFlow(run, from, to)
  if (at.outcome === 'too-far') throw new Error('too far')
  return at.run
}

describe('level of the river', () => {
  test('exponents sum to 1, so the flow of the section grows as the flow (Leopold & Maddock 1953)', () => {
    const { width, depth, velocity } = HYDRAULIC_GEOMETRY
    expect(width + depth + velocity).toBeCloseTo(1, 12)
    for (const ratio of [0.25, 0.5, 2, 4])
      expect(sectionFlowM3ps(carried(RUN, 18, 18 * ratio)) / sectionFlowM3ps(RUN)).toBeCloseTo(ratio, 3)
  })
  test('there and back is the same run', () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 90, noNaN: true }), (flow) => {
        const back = carried(carried(RUN, 18, flow), flow, 18)
        expect(back.widthM).toBeCloseTo(RUN.widthM, 9)
        expect(back.soundings[1]?.depthM).toBeCloseTo(1.6, 9)
        expect(back.currents[1]?.mps).toBeCloseTo(0.9, 9)
        expect(back.measuredFlowM3ps).toBe(18)
      }),
      { seed: 20261125, numRuns: 100 },
    )
  })
  test.each([
    [18 * 7.9, 'at-level'],
    [18 / 7.9, 'at-level'],
    [18 * 9, 'far'],
    [18 * 49, 'far'],
    [18 * 51, 'too-far'],
    [18 / 51, 'too-far'],
    [1e9, 'too-far'],
    [Number.NaN, 'too-far'],
  ])('a flow of %p where 18 was measured is %s', (flow, outcome) => {
    expect(atFlow(RUN, 18, flow).outcome).toBe(outcome)
  })
  test('water that has left the wading line takes the angler along', () => {
    expect(carried({ ...RUN, wadeM: 28 }, 18, 4).wadeM).toBeLessThan(28)
    expect(carried(RUN, 18, 40).wadeM).toBe(RUN.wadeM)
  })
})

describe('a run that cannot be', () => {
  const codeOf = (change: Partial<Run>): unknown => {
    const parsed = runSchema.safeParse({ ...RUN, ...change })
    const [issue] = parsed.error?.issues ?? []
    return issue?.code === 'custom' ? issue.params?.code : issue?.code
  }
  test.each([
    ['a bed above the surface', { soundings: [{ fromBankM: 5, depthM: -0.2 }] }, 'bed-above-surface'],
    [
      'soundings out of order',
      {
        soundings: [
          { fromBankM: 9, depthM: 1 },
          { fromBankM: 5, depthM: 1 },
        ],
      },
      'out-of-order',
    ],
    ['a sounding beyond the far bank', { soundings: [{ fromBankM: 31, depthM: 1 }] }, 'beyond-width'],
    ['a sea trench', { soundings: [{ fromBankM: 5, depthM: 200 }] }, 'too-deep'],
    ['a negative current', { currents: [{ fromBankM: 5, mps: -0.3 }] }, 'negative-current'],
    ['an absurd current', { currents: [{ fromBankM: 5, mps: 40 }] }, 'absurd-current'],
    ['an angler on the far bank', { wadeM: 31 }, 'wades-across'],
    ['no soundings', { soundings: [] }, 'too_small'],
    ['no width', { widthM: 0 }, 'too_small'],
    ['a date that is none', { measuredOn: 'last week' }, 'invalid_format'],
  ])('%s', (_name, change, code) => {
    expect(codeOf(change as Partial<Run>)).toBe(code)
  })
  test('the run itself is sound', () => expect(runSchema.safeParse(RUN).success).toBe(true))
})

test('a run that was carried to a level was measured at that level: carried back it is the first', () => {
  const run = flatRun(1.5, 0.7, { measuredFlowM3ps: 20 })
  const there = atFlow(run, 20, 40)
  if (there.outcome === 'too-far') throw new Error('too far')
  expect(there.run.measuredFlowM3ps).toBe(40)
  const back = atFlow(there.run, there.run.measuredFlowM3ps ?? 0, 20)
  if (back.outcome === 'too-far') throw new Error('too far')
  expect(back.run.soundings[0]?.depthM).toBeCloseTo(1.5, 12)
  expect(back.run.measuredFlowM3ps).toBe(20)
})

test('a new run has the bed of another, and nothing else that is true of that one alone', () => {
  const like: Run = {
    ...RUN,
    notes: 'n',
    measuredFlowM3ps: 20,
    gaugeId: 'g',
    spot: { latitudeDeg: 1, longitudeDeg: 2, facesDeg: 3 },
  }
  const { id, name, bank, widthM, soundings, currents, bottom, wadeM, ...rest } = newRun(like, 'new', 'New')
  expect([id, name, rest]).toEqual(['new', 'New', {}])
  expect({ bank, widthM, soundings, currents, bottom, wadeM }).toMatchObject({
    bank: like.bank,
    widthM: like.widthM,
  })
  expect(soundings).toEqual(like.soundings)
})

describe('C51 [practice]: water that holds fish', () => {
  const small = { fishAt: 'bottom', fishKg: 1 } as const
  const large = { fishAt: 'bottom', fishKg: 6 } as const
  const holds = (fish: Fish, depthM: number, mps: number): number =>
    // A pool that holds fish elsewhere, so that nothing takes its place.
    new HoldingWater(flatRun(1.5, 0.7), fish, 20).at(10, depthM, mps)
  test.each([
    ['walking pace, deep enough', large, 1, 0.7, 1],
    ['too fast to hold in', large, 1, 1.3, 0],
    ['too slow', large, 1, 0.3, 0],
    ['slow water in the cold', { ...large, waterC: 4 }, 1, 0.32, 1],
    ['and what was pace enough before is too fast then', { ...large, waterC: 4 }, 1, 0.95, 0],
    ['too thin for large fish', large, 0.55, 0.7, 0],
    ['and not for small ones', small, 0.55, 0.7, 1],
    ['too thin for any', small, 0.3, 0.7, 0],
  ] as const)('%s', (_what, fish, depthM, mps, share) => {
    expect(holds(fish, depthM, mps)).toBeCloseTo(share, 9)
  })
  test('each limit fades over 15 % of itself either way, and is half gone at itself', () => {
    expect([0.84, 0.92, 1, 1.08, 1.16].map((by) => holds(large, 0.7 * by, 0.7))).toEqual(
      [0, 0.2333, 0.5, 0.7667, 1].map((share) => expect.closeTo(share, 3)),
    )
    expect(holds(large, 1, 1.1)).toBeCloseTo(0.5, 9)
    expect(holds(large, 1, 0.4)).toBeCloseTo(0.5, 9)
  })
  test('where a cast covers no such water the deepest stands for it; stretches that are known outrank both', () => {
    const still = flatRun(1.5, 0.1)
    expect(new HoldingWater(still, large, 20).at(10, 1.5, 0.1)).toBe(1)
    expect(new HoldingWater(still, large, 20).at(10, 0.8, 0.1)).toBe(0)
    const known = new HoldingWater({ ...flatRun(1.5, 0.7), lies: [{ fromM: 12, toM: 15 }] }, large, 20)
    expect([11, 13, 16].map((yM) => known.at(yM, 1.5, 0.7))).toEqual([0, 1, 0])
    expect(known.at(13, 0, 0.7)).toBe(0)
  })
})

test.each([
  [
    '40 – 55 ft; 70-80',
    [
      [12.192, 16.764],
      [21.336, 24.384],
    ],
  ],
  ['18 to 20 m', [[18, 20]]],
  ['', []],
] as const)('known stretches, read: %s', (text, expected) => {
  const read = readLies(text, 'ft')
  expect(read.ok && read.lies.map(({ fromM, toM }) => [fromM, toM])).toEqual(
    expected.map((pair) => pair.map((m) => expect.closeTo(m, 6))),
  )
})
test.each([
  ['55 – 40 ft', '55 – 40 ft'],
  ['12 – 14; by the tree', 'by the tree'],
  ['12', '12'],
])('what is no stretch is told: %s', (text, part) =>
  expect(readLies(text, 'ft')).toEqual({ ok: false, text: part }),
)
