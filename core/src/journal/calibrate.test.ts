import { describe, expect, test } from '@jest/globals'
import { swingsInSteps, through } from '../rig/index.ts'
import type { SwingInput, Swung } from '../swing/index.ts'
import { dice } from '../testing/dice.ts'
import { DEMO_BY_ID, WINTER_RIG } from '../testing/index.ts'
import { atFlow, byItsLog, type Run } from '../water/index.ts'
import {
  CALIBRATE_MODEL,
  calibrated,
  calibrateInSteps,
  calibrationTasks,
  type Entry,
  nearestTo,
  remembers,
  type Saw,
  type Seen,
  sawOf,
  seenIn,
  seenWith,
} from './index.ts'

const RUN: Run = {
  id: 'r',
  name: 'R',
  bank: 'right',
  widthM: 30,
  soundings: [{ fromBankM: 15, depthM: 1.6 }],
  currents: [{ fromBankM: 10, mps: 0.6 }],
  bottom: 'gravel',
  wadeM: 4,
  measuredFlowM3ps: 20,
}
const { swings, reach, depthSd, currentSd } = CALIBRATE_MODEL
const logs = Array.from({ length: swings }, (_, i) => reach * ((2 * i) / (swings - 1) - 1))

/** A swing whose fly lies so high: −1 above the fish all the way, 0 with them, 1 on the bed. */
const swungAt = (height: number): Swung =>
  ({
    outcome: 'swung',
    summary: {
      overHoldingS: 10,
      aboveS: 10 * Math.max(0, -height),
      belowS: 10 * Math.max(0, height),
      touches: 0,
      draggedM: 0,
    },
  }) as unknown as Swung
const clamp = (x: number): number => Math.max(-1, Math.min(1, x))
/** Deeper or faster water leaves the fly higher over its bed; heavier tips ride lower. */
type Water = (logDepth: number, logCurrent: number) => number

const ridesOf = (entries: readonly Water[]): Map<string, Swung> =>
  new Map(
    entries.flatMap((water, e) =>
      logs.flatMap((d, i) => logs.map((c, j) => [`${e} ${i} ${j}`, swungAt(clamp(water(d, c)))] as const)),
    ),
  )
const seenOf = (saws: readonly Saw[]): readonly Seen[] =>
  saws.map((saw) => ({ setup: {} as Seen['setup'], flowM3ps: 20, saw }))

const ENTRY = {
  flowM3ps: 20,
  fly: { dress: 'medium', weighting: 'light' },
  fishAt: 'bottom',
  plan: { angleDeg: 60, tipHeightM: 1, mends: [] },
  castM: 18,
  rig: WINTER_RIG,
  saw: 'touched',
} as unknown as Entry
const swungBy = (input: SwingInput): Swung => through(swingsInSteps([input]))[0] as Swung

describe('a pool taught by its log', () => {
  test('one entry teaches nothing yet', () => {
    expect(calibrated(seenOf(['band']), ridesOf([() => 0]))).toEqual({ outcome: 'too-few' })
  })
  test('eight hundred entries that contradict one another leave it as it was measured, and never a NaN', () => {
    const water: Water = (d, c) => -0.2 - 1.5 * d - 1.5 * c
    const saws = Array.from({ length: 800 }, (_, i): Saw => (i % 2 === 0 ? 'high' : 'touched'))
    const found = calibrated(seenOf(saws), ridesOf(saws.map(() => water)))
    if (found.outcome !== 'calibrated') throw new Error(found.outcome)
    for (const { factor, low, high } of [found.depth, found.current]) {
      expect(low).toBeLessThan(factor)
      expect(high).toBeGreaterThan(factor)
      expect(Math.abs(Math.log(factor))).toBeLessThan(0.35)
    }
    expect(Number.isFinite(found.correlation)).toBe(true)
  })
  test('an entry is learnt at the level it was logged at, with both its flies, in as many swings as the grid has places', () => {
    const entry = {
      flowM3ps: 40,
      fly: { dress: 'sparse', weighting: 'unweighted' },
      dropper: { fly: { dress: 'bulky', weighting: 'heavy' }, upM: 0.6 },
      fishAt: 'bottom',
      plan: { angleDeg: 60, tipHeightM: 1, mends: [] },
      castM: 20,
      rig: WINTER_RIG,
      saw: 'band',
    } as unknown as Entry
    const one = seenIn(entry, DEMO_BY_ID)
    if (one === undefined) throw new Error('not seen')
    expect(one.setup.dropper).toEqual(entry.dropper)
    const tasks = calibrationTasks(RUN, [one])
    expect(tasks).toHaveLength(swings ** 2)
    expect(tasks.every(({ input }) => input.parts.some(({ hangs }) => hangs !== undefined))).toBe(true)
    // In the middle of the grid the pool is as it was measured, carried to that level.
    const carried = atFlow(RUN, 20, 40)
    const middle = (swings - 1) / 2
    expect(
      carried.outcome === 'too-far' || tasks.find(({ id }) => id === `0 ${middle} ${middle}`)?.input.run,
    ).toEqual(carried.outcome === 'too-far' || carried.run)
    // At another level it is other water; without a flow nothing is learnt.
    expect(calibrationTasks(RUN, [{ ...one, flowM3ps: 20 }])[0]?.input.run).not.toEqual(tasks[0]?.input.run)
    const { flowM3ps: _flow, ...unknown } = entry
    expect(seenIn(unknown as Entry, DEMO_BY_ID)).toBeUndefined()
  })
  test('worked through in steps it asks for each entry’s swings at once, and comes to the same', () => {
    const entry = { ...ENTRY, saw: 'high' as const }
    const seen = [ENTRY, entry, ENTRY].flatMap((each) => seenIn(each, DEMO_BY_ID) ?? [])
    const wanted: number[] = []
    const steps = calibrateInSteps(RUN, seen)
    let step = steps.next()
    for (; !step.done; step = steps.next()) if (step.value?.length) wanted.push(step.value.length)
    // The second and third are swings that are known by then.
    expect(wanted).toEqual([swings ** 2])
    const rides = new Map(calibrationTasks(RUN, seen).map(({ id, input }) => [id, swungBy(input)]))
    expect(step.value).toEqual(calibrated(seen, rides))
  })
  test('nothing but “too high” makes it deeper or faster, nothing but “touched” shallower or slower', () => {
    const water: Water = (d, c) => -0.2 - 1.5 * d - 1.5 * c
    const factorsOf = (saw: Saw): number => {
      const r = calibrated(seenOf([saw, saw, saw]), ridesOf([water, water, water]))
      return r.outcome === 'calibrated' ? r.depth.factor * r.current.factor : Number.NaN
    }
    expect(factorsOf('high')).toBeGreaterThan(1.05)
    expect(factorsOf('touched')).toBeLessThan(0.95)
  })
  test('where depth and current act alike it claims neither alone; where they differ, both', () => {
    const alike: readonly Water[] = Array.from(
      { length: 12 },
      (_, i) => (d, c) => 0.55 - i * 0.1 - 3 * d - 3 * c,
    )
    const apart: readonly Water[] = alike.map(
      (_, i) => (d, c) => 0.2 - (i % 4) * 0.2 - 3 * (i % 2 === 0 ? d : c),
    )
    const saws: Saw[] = alike.map((_, i) => (i < 5 ? 'touched' : i < 10 ? 'band' : 'high'))
    const one = calibrated(seenOf(saws), ridesOf(alike))
    const two = calibrated(seenOf(saws), ridesOf(apart))
    if (one.outcome !== 'calibrated' || two.outcome !== 'calibrated') throw new Error('too few')
    expect(one.correlation).toBeLessThan(-CALIBRATE_MODEL.inseparable)
    expect(one.combined).toBeDefined()
    expect(byItsLog({ ...RUN, byLog: one.byLog }).currents).toEqual(RUN.currents)
    expect(two.combined).toBeUndefined()
    expect(byItsLog({ ...RUN, byLog: two.byLog }).soundings[0]?.depthM).toBeCloseTo(1.6 * two.depth.factor, 9)
  })
  test('known pools are found again: the four-in-five bands cover 70 to 90 %', () => {
    const roll = dice(20261127)
    const normal = (): number => Math.sqrt(-2 * Math.log(roll())) * Math.cos(2 * Math.PI * roll())
    let covered = 0
    const POOLS = 40
    for (let pool = 0; pool < POOLS; pool++) {
      const [trueD, trueC] = [depthSd * normal(), currentSd * normal()]
      const waters: Water[] = Array.from(
        { length: 10 },
        (_, i) => (d, c) => 0.3 - 0.13 * i - (1 + (i % 3)) * d - (3 - (i % 3)) * c,
      )
      const saws = waters.map((water) => sawOf(swungAt(clamp(water(trueD, trueC))), roll()))
      const found = calibrated(seenOf(saws), ridesOf(waters))
      if (found.outcome !== 'calibrated') throw new Error(found.outcome)
      for (const [{ low, high }, truth] of [
        [found.depth, trueD],
        [found.current, trueC],
      ] as const)
        if (Math.exp(truth) >= low && Math.exp(truth) <= high) covered++
    }
    expect(covered / (2 * POOLS)).toBeGreaterThanOrEqual(0.7)
    expect(covered / (2 * POOLS)).toBeLessThanOrEqual(0.9)
  })
})

test('a pool is found by what another kind of angler would say: sure at first sight, with slips, not by the scatter that is assumed', () => {
  // One who says what is so, and one time in twelve something else: no normal scatter of any width.
  const roll = dice(7)
  const says = (height: number): Saw => {
    if (roll() < 1 / 12) return (['touched', 'band', 'high'] as const)[Math.floor(roll() * 3)] ?? 'band'
    return height > 0.12 ? 'touched' : height < -0.5 ? 'high' : 'band'
  }
  const waters: Water[] = Array.from(
    { length: 60 },
    (_, i) => (d, c) => 0.6 - 0.05 * (i % 24) - (i % 2 === 0 ? 3 : 1) * d - (i % 2 === 0 ? 1 : 3) * c,
  )
  for (const [trueD, trueC] of [
    [0.2, -0.1],
    [-0.15, 0.15],
    [0, 0],
  ] as const) {
    const found = calibrated(seenOf(waters.map((water) => says(clamp(water(trueD, trueC))))), ridesOf(waters))
    if (found.outcome !== 'calibrated') throw new Error(found.outcome)
    expect(Math.abs(Math.log(found.depth.factor) - trueD)).toBeLessThan(0.08)
    expect(Math.abs(Math.log(found.current.factor) - trueC)).toBeLessThan(0.08)
  }
})

describe('a pool remembers', () => {
  const entry = (flowM3ps: number | undefined, tip: string | null, saw: Saw, runId = 'r'): Entry =>
    ({ id: `${flowM3ps}${tip}${saw}`, runId, flowM3ps, tip, saw }) as unknown as Entry
  test('what was seen near today’s level, by depth, tip by tip; other water and other pools are left out', () => {
    const entries = [
      entry(20, 'T-11', 'band'),
      entry(22, 'T-11', 'band'),
      entry(21, 'T-11', 'touched'),
      entry(19, 'T-8', 'high'),
      entry(60, 'T-14', 'band'),
      entry(20, 'T-14', 'band', 'elsewhere'),
      entry(undefined, 'T-14', 'band'),
    ]
    const [first, second, ...rest] = remembers(RUN, 20, entries)
    expect(first).toEqual({
      tip: 'T-11',
      saw: { touched: 1, band: 2, high: 0 },
      deeper: expect.closeTo(0, 9),
    })
    expect(second?.tip).toBe('T-8')
    expect(second?.deeper).toBeCloseTo(0.95 ** 0.4 - 1, 9)
    expect(rest).toEqual([])
  })
  test('the nearest level comes first, whatever was seen oftener; where none is near, the nearest is told with how far', () => {
    const far = [entry(24, 'T-11', 'band'), entry(24, 'T-11', 'band'), entry(20.2, 'T-8', 'high')]
    expect(remembers(RUN, 20, far).map(({ tip }) => tip)).toEqual(['T-8', 'T-11'])
    expect(remembers(RUN, 60, far)).toEqual([])
    expect(nearestTo(RUN, 60, far)).toMatchObject({ tip: 'T-11', deeper: expect.closeTo(0.4 ** 0.4 - 1, 9) })
    expect(nearestTo(RUN, 60, [])).toBeUndefined()
    // Of one tip at several levels it is the nearest that is told, on either side.
    const several = [entry(30, 'T-11', 'band'), entry(21, 'T-11', 'high'), entry(17, 'T-11', 'touched')]
    expect(nearestTo(RUN, 20, several)?.deeper).toBeCloseTo(1.05 ** 0.4 - 1, 9)
    expect(nearestTo(RUN, 17.5, several)?.deeper).toBeCloseTo((17 / 17.5) ** 0.4 - 1, 9)
  })
  test('leaders are told apart, and summed where only the tip is asked for', () => {
    const behind = (leader: string): Entry => ({ ...entry(20, 'T-11', 'band'), leader })
    const known = remembers(RUN, 20, [behind('long'), behind('short'), behind('short')])
    expect(known.map(({ leader, saw }) => [leader, saw.band])).toEqual([
      ['short', 2],
      ['long', 1],
    ])
    expect(seenWith(known, 'T-11')?.band).toBe(3)
    expect(seenWith(known, 'T-8')).toBeUndefined()
  })
})
