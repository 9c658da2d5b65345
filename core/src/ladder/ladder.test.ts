import { describe, expect, test } from '@jest/globals'
import type { Head, Item, Leader, Rod, Tip } from '../gear/index.ts'
import { headFacts } from '../line/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import { EMPTY_WALLET, resolveRig, type SwingSetup, swingInput, swungIn, through } from '../rig/index.ts'
import { reachM } from '../rig/swings/swung.ts'
import {
  castReachM,
  type Ride,
  rideOf,
  type SwingPlan,
  swing,
  swingVerdict,
  USUAL_PLAN as USUAL,
} from '../swing/index.ts'
import { renamed } from '../testing/index.ts'
import type { Run } from '../water/index.ts'
import { atFlow } from '../water/index.ts'
import { DEEPEST_WADE_M } from './change.ts'
import { betterRide, frontsToTry, planThatHolds, singleChanges, tipRungs } from './index.ts'

const USUAL_PLAN: SwingPlan = { ...USUAL, rod: 'follow', castM: 20 }
const feet = (n: number): number => n * M_PER_FOOT
const rod: Rod = {
  kind: 'rod',
  id: 'rod',
  name: 'Long seven',
  lineNumber: 7,
  lengthM: feet(13),
  hands: 'two-hander',
}
const head: Head = {
  kind: 'head',
  id: 'head',
  name: 'Skagit',
  style: 'skagit',
  massKg: 0.033,
  lengthM: feet(23),
}
const level = (id: string, grains: number, long = 10): Tip => ({
  kind: 'tip',
  id,
  name: id,
  build: 'level',
  lengthM: feet(long),
  kgPerM: (grains * 64.79891e-6) / M_PER_FOOT,
})
const leader = (id: string, long: number): Leader => ({
  kind: 'leader',
  id,
  name: id,
  form: 'level',
  lengthM: feet(long),
})
const tips = [level('t-8', 8), level('t-11', 11), level('t-14', 14)]
const leaders = [leader('four', 4), leader('five', 5)]
const RUN: Run = {
  id: 'run',
  name: 'Run',
  bank: 'right',
  widthM: 34,
  soundings: [
    { fromBankM: 6, depthM: 0.9 },
    { fromBankM: 15, depthM: 1.6 },
    { fromBankM: 25, depthM: 1.9 },
  ],
  currents: [
    { fromBankM: 2, mps: 0.35 },
    { fromBankM: 20, mps: 0.85 },
  ],
  bottom: 'cobble',
  wadeM: 5,
  measuredFlowM3ps: 20,
}

function setupWith(tipId: string, change: Partial<SwingSetup> = {}): SwingSetup {
  const items = new Map<string, Item>([rod, head, ...tips, ...leaders].map((item) => [item.id, item]))
  const resolved = resolveRig(
    { rodId: 'rod', headId: 'head', tipId, leaderId: 'five', runningLineId: null, reelId: null },
    items,
  )
  if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
  return {
    parts: resolved.parts,
    fly: { dress: 'medium', weighting: 'light' },
    run: RUN,
    plan: USUAL_PLAN,
    fishAt: 'bottom',
    fishKg: 4,
    ...change,
  }
}
const lengthOf = (setup: SwingSetup): number =>
  swingInput(setup).parts.reduce((sum, part) => sum + part.lengthM, 0)

describe('a rig as it lies in the water', () => {
  test('reaches from the rod tip as far as the cast', () => {
    const setup = setupWith('t-11')
    expect(lengthOf(setup) + reachM(rod.lengthM, USUAL_PLAN.tipHeightM)).toBeCloseTo(USUAL_PLAN.castM, 6)
    expect(castReachM(swingInput(setup))).toBeCloseTo(RUN.wadeM + USUAL_PLAN.castM * Math.sin(Math.PI / 3), 6)
  })
  test('keeps the mass of its parts', () => {
    const { parts } = swingInput(setupWith('t-11'))
    const massKg = parts.reduce((sum, part) => sum + part.lengthM * part.kgPerM, 0)
    // Head 33 g, tip 110 gr, leader under 1 g, and what running line is out (1.3 g/m).
    const runningKg = (parts[0]?.lengthM ?? 0) * 1.3e-3
    expect(massKg - runningKg).toBeGreaterThan(0.033 + 110 * 64.8e-6)
    expect(massKg - runningKg).toBeLessThan(0.034 + 110 * 64.8e-6)
  })
  test('a cast shorter than the rig lands where it was meant to: the rest of the head stays inside', () => {
    for (const castM of [6, 8, 12, 16]) {
      const short = setupWith('t-11', { plan: { ...USUAL_PLAN, castM } })
      expect(lengthOf(short) + reachM(rod.lengthM, USUAL_PLAN.tipHeightM)).toBeCloseTo(castM, 6)
    }
  })
  test('a part-sinking tip floats behind and sinks in front', () => {
    const part: Tip = {
      kind: 'tip',
      id: 'part',
      name: 'part',
      build: 'part-sinking',
      lengthM: feet(10),
      sinkingLengthM: feet(5),
    }
    const items = new Map<string, Item>([rod, head, part].map((item) => [item.id, item]))
    const resolved = resolveRig(
      { rodId: 'rod', headId: 'head', tipId: 'part', leaderId: null, runningLineId: null, reelId: null },
      items,
    )
    if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
    const { parts } = swingInput({ ...setupWith('t-11'), parts: resolved.parts })
    const sinkingM = parts.filter((p) => !p.floats).reduce((sum, p) => sum + p.lengthM, 0)
    expect(sinkingM).toBeCloseTo(feet(5), 6)
  })
})

const carried = (flowM3ps: number): Run => {
  const at = atFlow(RUN, 20, flowM3ps)
  if (at.outcome === 'too-far') throw new Error('too far')
  return at.run
}

const fronts = frontsToTry(setupWith('t-11').parts, { tips, items: new Map(), wallet: EMPTY_WALLET })

describe('the ladder of tips', () => {
  const rungs = tipRungs(setupWith('t-11'), fronts)
  test('every tip at the plan’s angle first, then steeper and squarer', () => {
    expect(rungs).toHaveLength(9)
    expect(rungs.slice(0, 3).map((r) => r.angleDeg)).toEqual([60, 60, 60])
    expect(new Set(rungs.map((r) => r.angleDeg))).toEqual(new Set([60, 45, 75]))
    expect(new Set(rungs.map((r) => r.id)).size).toBe(9)
  })
  test('neither names nor the order of the list change what is tried, or in which order', () => {
    const owned = { tips: renamed(tips) as readonly Tip[], items: new Map(), wallet: EMPTY_WALLET }
    const other = tipRungs(setupWith('t-11'), frontsToTry(setupWith('t-11').parts, owned))
    expect(other.map(({ id }) => id)).toEqual(rungs.map(({ id }) => id))
  })
  test('heavier tips ride deeper in mid-river', () => {
    const depthAtMiddle = rungs.slice(0, 3).map((r) => {
      const { track } = rideOf(swing(r.input))
      const middle = track.find(([y]) => y < 14)
      if (middle === undefined) throw new Error('never came to mid-river')
      return middle[1]
    })
    const [light = 0, middle = 0, heavy = 0] = depthAtMiddle
    expect(light).toBeGreaterThan(0.1)
    expect(middle).toBeGreaterThan(light + 0.02)
    expect(heavy).toBeGreaterThan(middle + 0.02)
  })
  test('a head that sinks takes the fly deeper with no tip at all', () => {
    const hangs = (['floating', 'sinking'] as const).map((density) => {
      const setup = setupWith('t-8')
      const parts = { ...setup.parts, tip: null, head: headFacts({ ...head, density }) }
      return rideOf(swing(swingInput({ ...setup, parts }))).summary.ridesM
    })
    expect(hangs[1]).toBeGreaterThan((hangs[0] ?? 0) + 0.1)
  })
  test('the verdict ranks first, then the share with the fish, then risk; depth where nothing gets there', () => {
    const { outcome, summary } = swing(swingInput(setupWith('t-11')))
    const swung = (change: Partial<typeof summary>) => ({
      outcome,
      summary: { ...summary, holdingShare: 0.5, bedShare: 0, grounded: false, ...change },
    })
    expect(betterRide(swung({ bedShare: 0.5, holdingShare: 0.9 }), swung({}))).toBeGreaterThan(0)
    expect(betterRide(swung({ holdingShare: 0.4 }), swung({}))).toBeGreaterThan(0)
    expect(betterRide(swung({ snagRisk: 0.3 }), swung({ snagRisk: 0.1 }))).toBeGreaterThan(0)
    // What nobody could tell decides nothing: the plan's own angle stays.
    expect(
      betterRide(swung({ snagRisk: 0.1001, ridesM: 0.801 }), swung({ snagRisk: 0.1, ridesM: 0.8 })),
    ).toBe(0)
    const wakes = (wakeMps: number) =>
      swung({ onTop: { floats: 'waking', upShare: 1, wakeMps, dragFreeS: 1 } })
    expect(betterRide(wakes(0.9), wakes(0.55))).toBeGreaterThan(0)
    const high = { holdingShare: 0 }
    expect(
      betterRide(swung({ ...high, ridesM: 0.8 }), swung({ ...high, ridesM: 1.1, snagRisk: 0.5 })),
    ).toBeGreaterThan(0)
  })
  test('more water lifts the fly: what was deep enough at the measured level is not on a flood', () => {
    const high = carried(60)
    const summary = (run: Run) => swing(swingInput(setupWith('t-8', { run }))).summary
    const [low, flood] = [summary(RUN), summary(high)]
    expect(flood.holdingShare).toBeLessThan(low.holdingShare)
  })
})

describe('another way to fish the same rig', () => {
  test('is offered where it makes the rig hold, and counts in no verdict', () => {
    const found = [20, 26].flatMap((flowM3ps) =>
      [45, 90].map((angleDeg) => {
        const setup = setupWith('t-8', { plan: { ...USUAL_PLAN, angleDeg }, run: carried(flowM3ps) })
        return { setup, mend: through(planThatHolds(setup)) }
      }),
    )
    for (const { setup, mend } of found) {
      const as = swingVerdict(swungIn(setup.parts, setup)).state
      if (as === 'holds') expect(mend).toBeUndefined()
      if (mend === undefined) continue
      const changed = { ...setup, plan: { ...setup.plan, ...mend.plan } }
      expect(swungIn(changed.parts, changed)).toEqual(mend.swung)
      expect(swingVerdict(mend.swung).state).toBe('holds')
      expect(['angle', 'mend']).toContain(mend.change.code)
    }
    expect(found.some(({ mend }) => mend !== undefined)).toBe(true)
  })
})

describe('one thing to change', () => {
  const wallet = { fronts, leaders }
  const codes = (setup: SwingSetup): readonly string[] =>
    singleChanges(setup, wallet).map((t) => t.change.code)
  test('offers tips either way, angles, mends, sinking parts, a shorter leader, a heavier fly, steps', () => {
    expect(new Set(codes(setupWith('t-11')))).toEqual(
      new Set(['tip', 'angle', 'mend', 'sinking-part', 'leader', 'fly', 'step']),
    )
    const tipIds = singleChanges(setupWith('t-11'), wallet).flatMap(({ change }) =>
      change.code === 'tip' ? [change.tipId] : [],
    )
    expect(tipIds).toEqual(['t-14', 't-8'])
  })
  test('takes a shorter leader from those owned, and says when none is', () => {
    const find = (owned: readonly Leader[]) =>
      singleChanges(setupWith('t-11'), { fronts, leaders: owned }).find((t) => t.change.code === 'leader')
        ?.change
    expect(find(leaders)).toMatchObject({ leaderId: 'four', lengthM: feet(4) })
    expect(find([])).toMatchObject({ leaderId: null })
  })
  test('never sends the angler deeper than can be waded', () => {
    const deep = { ...RUN, soundings: [{ fromBankM: 5.5, depthM: DEEPEST_WADE_M + 0.2 }] }
    const steps = singleChanges(setupWith('t-11', { run: deep }), wallet).flatMap(({ change }) =>
      change.code === 'step' ? [change.byM] : [],
    )
    expect(steps).toEqual([-1])
  })
  test('offers no heavier fly than heavy, and no mend that is made already', () => {
    const setup = setupWith('t-11', {
      fly: { dress: 'medium', weighting: 'heavy' },
      plan: { ...USUAL_PLAN, mends: [{ kind: 'upstream', atS: 0.5, sizeM: 2 }] },
    })
    expect(codes(setup)).not.toContain('fly')
    const dry = { dress: 'medium', weighting: 'unweighted', floats: 'dry' } as const
    expect(codes(setupWith('t-11', { fly: dry }))).not.toContain('fly')
    const mends = singleChanges(setup, wallet).flatMap(({ change }) =>
      change.code === 'mend' ? [change.mends[0]?.kind ?? 'none'] : [],
    )
    expect(mends).toEqual(['stack', 'none'])
  })
  test('every proposal swings', () => {
    for (const { input } of singleChanges(setupWith('t-11'), wallet)) {
      const { outcome, summary } = swing(input)
      expect(outcome).not.toBe('did-not-finish')
      expect(summary.maxDepthM).toBeGreaterThan(0.2)
    }
  })
})

test('any swings sort alike from whatever order: the comparison is a total one', () => {
  const base = rideOf(swing(swingInput(setupWith('t-11'))))
  const as = (holdingShare: number, snagRisk: number, ridesM: number): Ride => ({
    ...base,
    summary: { ...base.summary, holdingShare, snagRisk, ridesM },
  })
  // Shares a little apart, of which the less sure snags less: a tolerance would put each before the next.
  const list = [
    as(0.7, 0.3, 1),
    as(0.694, 0.2, 1),
    as(0.688, 0.1, 1),
    as(0.688, 0.1, 1.2),
    as(0.004, 0.4, 0.5),
    as(0, 0, 0.9),
  ]
  const sorted = [...list].sort(betterRide)
  for (let shift = 0; shift < list.length; shift++)
    for (const order of [
      [...list.slice(shift), ...list.slice(0, shift)],
      [...list.slice(shift), ...list.slice(0, shift)].reverse(),
    ])
      expect(order.sort(betterRide)).toEqual(sorted)
  for (const a of list)
    for (const b of list) expect(Math.sign(betterRide(a, b))).toBe(-Math.sign(betterRide(b, a)) + 0)
  // Of equal shares the one that snags less; of equal risk the deeper; where neither gets there, the deeper.
  expect(betterRide(as(0.7, 0.1, 1), as(0.7, 0.3, 2))).toBeLessThan(0)
  expect(betterRide(as(0.7, 0.1, 2), as(0.7, 0.1, 1))).toBeLessThan(0)
  expect(betterRide(as(0, 0.9, 2), as(0, 0.1, 1))).toBeLessThan(0)
})
