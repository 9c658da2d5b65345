import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { type Day, dayOf, type Job, USUAL_DAYS } from '../day/index.ts'
import { readDocument } from '../format/index.ts'
import { DEFAULT_SCHOOLS, type Gear, type Item, type Schools } from '../gear/index.ts'
import type { RigChoice } from '../rig/index.ts'
import { resolveRig } from '../rig/index.ts'
import { candidatesOf } from './candidates.ts'
import {
  choiceOf,
  costOf,
  judge,
  matchRigs,
  missingItem,
  optionsFor,
  type RankedRig,
  rankCost,
  remedyFor,
  swapPart,
} from './index.ts'

const { document } = readDocument(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8'))
const DEMO: Gear = { items: document.items }
const on = (name: string, more: Partial<Job> = {}, schools: Schools = DEFAULT_SCHOOLS): Day => {
  const found = USUAL_DAYS.find((d) => d.name === name)
  if (found === undefined || document.job === undefined) throw new Error(name)
  return dayOf({ job: { ...document.job, ...found.job, ...more }, schools })
}
const byId = (gear: Gear): Map<string, Item> => new Map(gear.items.map((i) => [i.id, i]))
const rigOf = (gear: Gear, choice: RigChoice, day: Day): RankedRig => {
  const resolved = resolveRig(choice, byId(gear))
  if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
  return judge(resolved.parts, day)
}
const total = (rig: RankedRig): number => rankCost(rig.score)

/** The slow way: every combination, the best completion of each rod, head and tip, in the same order of ties. */
function everyRig(gear: Gear, day: Day): RankedRig[] {
  const c = candidatesOf(gear, day)
  const out: RankedRig[] = []
  for (const rod of c.rods)
    for (const head of c.heads)
      for (const tip of c.tips) {
        let best: RankedRig | undefined
        for (const leader of c.leaders)
          for (const runningLine of head.onePiece ? [null] : c.runningLines)
            for (const reel of c.reels) {
              const rig = judge({ rod, head, tip, leader, runningLine, reel }, day)
              if (best === undefined || costOf(rig.checks) < costOf(best.checks)) best = rig
            }
        if (best) out.push(best)
      }
  return out.sort((a, b) => total(a) - total(b))
}

describe('ranking', () => {
  test('the pruned search finds what trying everything finds', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...DEMO.items], { minLength: 8, maxLength: 16 }),
        fc.constantFrom(...USUAL_DAYS.map((d) => d.name)),
        fc.constantFrom(undefined, 3, 12),
        (items, name, stripToM) => {
          const day = on(name, stripToM === undefined ? {} : { stripToM })
          const slow = everyRig({ items }, day)
          const fast = matchRigs({ items }, day, 25).rigs
          expect(fast.map(total)).toEqual(slow.slice(0, 25).map(total))
          expect(fast.map((r) => r.choice)).toEqual(slow.slice(0, 25).map((r) => r.choice))
        },
      ),
      { seed: 20261125, numRuns: 40 },
    )
  })
  test('breaks come after watches, watches after none, and equals keep their order', () => {
    const rigs = matchRigs(DEMO, on('Winter run'), 400).rigs
    const keys = rigs.map(
      ({ score: s }) => [Math.round(10 * (s.breaks + s.off)), s.watchTenths, s.offCentre] as const,
    )
    const sorted = [...keys].sort((a, b) => a[0] - b[0] || a[1] - b[1] || a[2] - b[2])
    expect(keys).toEqual(sorted)
    expect(matchRigs(DEMO, on('Winter run'), 400).rigs.map((r) => r.choice)).toEqual(
      rigs.map((r) => r.choice),
    )
  })
  test('winter on the 13 ft seven: a Skagit with a sinking tip comes first and holds', () => {
    const [first] = matchRigs(DEMO, on('Winter run', { rodId: 'long-seven-13-ft' })).rigs
    expect(first?.verdict).toBe('holds')
    expect(first?.parts.head.head.style).toBe('skagit')
    expect(first?.parts.tip?.sinkingLengthM).toBeGreaterThan(0)
  })
  test('schools settle ties: the one who likes mono gets mono', () => {
    const day = on('Summer evening', { style: 'scandi' }, { ...DEFAULT_SCHOOLS, runningLine: 'mono' })
    const mono = matchRigs(DEMO, day).rigs
    expect(mono[0]?.parts.runningLine?.item.build).toBe('mono')
  })
  test.each([
    [{ items: [] }, 'no-rods'],
    [{ items: DEMO.items.filter((i) => i.kind === 'rod') }, 'no-heads'],
  ] as [Gear, string][])('without gear: %#', (gear, outcome) => {
    expect(matchRigs(gear, on('Winter run')).outcome).toBe(outcome)
  })
})

describe('mending', () => {
  const winter = on('Winter run', { rodId: 'long-seven-13-ft' })
  const best = matchRigs(DEMO, winter).rigs[0]
  if (best === undefined) throw new Error('nothing ranked')
  const scandi = swapPart(best.choice, 'headId', byId(DEMO).get('450-gr-scandi') ?? null)

  test('a level tungsten tip on a Scandi breaks the joint, and the mend holds', () => {
    const rig = rigOf(DEMO, { ...scandi, tipId: 't-11-10-ft' }, winter)
    expect(rig.checks.find((c) => c.code === 'joint-step')?.state).toBe('breaks')
    const mend = remedyFor(DEMO, rig, 'joint-step', winter)
    if (mend === undefined) throw new Error('no mend')
    const mended = rigOf(DEMO, mend.choice, winter)
    expect(mended.checks.find((c) => c.code === 'joint-step')?.state ?? 'holds').toBe('holds')
    expect(mended.verdict).toBe(mend.verdict)
    expect(costOf(mended.checks)).toBeLessThan(costOf(rig.checks))
    for (const effect of mend.effects) expect(effect.from).not.toBe(effect.to)
  })
  test('a mend changes one part only and never what holds', () => {
    expect(remedyFor(DEMO, best, 'mass-in-window', winter)).toBeUndefined()
    const rig = rigOf(DEMO, { ...best.choice, leaderId: 'tapered-15-ft' }, winter)
    const mend = remedyFor(DEMO, rig, 'leader-length', winter)
    expect(mend?.slot).toBe('leaderId')
    expect({ ...mend?.choice, leaderId: null }).toEqual({ ...best.choice, leaderId: null })
  })
  test('options are best first and hold the present part', () => {
    const options = optionsFor(DEMO, best, 'tipId', winter)
    expect(options.some((o) => o.item?.id === best.choice.tipId)).toBe(true)
    const costs = options.map((o) => total(o.rig))
    expect(costs).toEqual([...costs].sort((a, b) => a - b))
  })
  test('a line in one piece takes its running line along', () => {
    const swapped = swapPart(best.choice, 'headId', byId(DEMO).get('465-gr-integrated-scandi') ?? null)
    expect(swapped.runningLineId).toBeNull()
    expect(choiceOf(rigOf(DEMO, swapped, winter).parts)).toEqual(swapped)
  })
})

describe('when nothing fits', () => {
  test('rigs come by how near they are: of tips that are all far too shallow the deepest first', () => {
    const tips = DEMO.items.filter((i) => i.kind === 'tip' && (i.build === 'floating' || i.build === 'level'))
    const items = [...DEMO.items.filter((i) => i.kind !== 'tip' && i.kind !== 'sinking-leader'), ...tips]
    const deep = on('Winter run', { rodId: 'long-seven-13-ft', waterDepthM: 9, style: 'skagit' })
    const { outcome, rigs } = matchRigs({ items }, deep)
    expect(outcome).toBe('nothing-fits')
    const depths = rigs
      .filter((r) => r.score.breaks === 1)
      .map((r) => r.checks.find((c) => c.code === 'depth' && c.state === 'breaks')?.value ?? 0)
    expect(depths.length).toBeGreaterThan(5)
    // Grades are tenths of a doubling: 7 % apart counts as the same.
    depths.forEach((depth, i) => {
      expect(depth).toBeLessThan((depths[i - 1] ?? Number.POSITIVE_INFINITY) * 1.08)
    })
    expect(depths.at(-1)).toBeLessThan((depths[0] ?? 0) * 0.7)
  })
  test('it names the one item that would fix most, and with it something fits', () => {
    const items = DEMO.items.filter((i) => i.kind !== 'head' || i.id === 'old-no-7-weight-forward')
    const day = on('Winter run', { rodId: 'long-seven-13-ft' })
    expect(matchRigs({ items }, day).outcome).toBe('nothing-fits')
    const missing = missingItem({ items }, day)
    expect(missing).toMatchObject({ mends: true, item: { kind: 'head' } })
    if (missing === undefined) return
    expect(matchRigs({ items: [...items, missing.item] }, day).outcome).toBe('ranked')
    expect(missing.fitsAfter).toBeGreaterThan(missing.fitsBefore)
  })
})
