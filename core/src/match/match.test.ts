import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  DAYS,
  DEFAULT_SCHOOLS,
  type Gear,
  type Item,
  type Job,
  type RigChoice,
  readDocument,
} from '../gear/index.ts'
import { resolveRig } from '../rig/index.ts'
import { candidatesOf } from './candidates.ts'
import {
  choiceOf,
  costOf,
  judge,
  matchRigs,
  mendFor,
  missingItem,
  optionsFor,
  type RankedRig,
  rankCost,
  swapPart,
} from './index.ts'

const { document } = readDocument(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8'))
const DEMO = document.gear
const jobOf = (day: string, more: Partial<Job> = {}): Job => {
  const found = DAYS.find((d) => d.name === day)
  if (found === undefined || document.job === undefined) throw new Error(day)
  return { ...document.job, ...found.job, ...more }
}
const byId = (gear: Gear): Map<string, Item> => new Map(gear.items.map((i) => [i.id, i]))
const rigOf = (gear: Gear, choice: RigChoice, job: Job): RankedRig => {
  const resolved = resolveRig(choice, byId(gear))
  if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
  return judge(resolved.parts, { job, schools: DEFAULT_SCHOOLS })
}
const total = (rig: RankedRig): number => rankCost(rig.score)

/** The slow way: every combination, the best completion of each rod, head and tip, in the same order of ties. */
function everyRig(gear: Gear, job: Job): RankedRig[] {
  const context = { job, schools: DEFAULT_SCHOOLS }
  const c = candidatesOf(gear, job, DEFAULT_SCHOOLS)
  const out: RankedRig[] = []
  for (const rod of c.rods)
    for (const head of c.heads)
      for (const tip of c.tips) {
        let best: RankedRig | undefined
        for (const leader of c.leaders)
          for (const runningLine of head.onePiece ? [null] : c.runningLines)
            for (const reel of c.reels) {
              const rig = judge({ rod, head, tip, leader, runningLine, reel }, context)
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
        fc.constantFrom(...DAYS.map((d) => d.name)),
        fc.constantFrom(undefined, 3, 12),
        (items, day, stripToM) => {
          const job = jobOf(day, stripToM === undefined ? {} : { stripToM })
          const slow = everyRig({ items }, job)
          const fast = matchRigs({ items }, job, DEFAULT_SCHOOLS, 25).rigs
          expect(fast.map(total)).toEqual(slow.slice(0, 25).map(total))
          expect(fast.map((r) => r.choice)).toEqual(slow.slice(0, 25).map((r) => r.choice))
        },
      ),
      { seed: 20261125, numRuns: 40 },
    )
  })
  test('breaks come after watches, watches after none, and equals keep their order', () => {
    const rigs = matchRigs(DEMO, jobOf('Winter run'), DEFAULT_SCHOOLS, 400).rigs
    const keys = rigs.map((r) => [r.score.breaks, r.score.watchTenths, r.score.offCentre] as const)
    const sorted = [...keys].sort((a, b) => a[0] - b[0] || a[1] - b[1] || a[2] - b[2])
    expect(keys).toEqual(sorted)
    expect(matchRigs(DEMO, jobOf('Winter run'), DEFAULT_SCHOOLS, 400).rigs.map((r) => r.choice)).toEqual(
      rigs.map((r) => r.choice),
    )
  })
  test('winter on the 13 ft seven: a Skagit with a sinking tip comes first and holds', () => {
    const [first] = matchRigs(DEMO, jobOf('Winter run', { rodId: 'long-seven-13-ft' }), DEFAULT_SCHOOLS).rigs
    expect(first?.verdict).toBe('holds')
    expect(first?.parts.head.head.style).toBe('skagit')
    expect(first?.parts.tip?.sinkingLengthM).toBeGreaterThan(0)
  })
  test('schools settle ties: the one who likes mono gets mono', () => {
    const job = jobOf('Summer evening', { style: 'scandi' })
    const mono = matchRigs(DEMO, job, { ...DEFAULT_SCHOOLS, runningLine: 'mono' }).rigs
    expect(mono[0]?.parts.runningLine?.item.build).toBe('mono')
  })
  test.each([
    [{ items: [] }, 'no-rods'],
    [{ items: DEMO.items.filter((i) => i.kind === 'rod') }, 'no-heads'],
  ] as [Gear, string][])('without gear: %#', (gear, outcome) => {
    expect(matchRigs(gear, jobOf('Winter run'), DEFAULT_SCHOOLS).outcome).toBe(outcome)
  })
})

describe('mending', () => {
  const winter = jobOf('Winter run', { rodId: 'long-seven-13-ft' })
  const context = { job: winter, schools: DEFAULT_SCHOOLS }
  const best = matchRigs(DEMO, winter, DEFAULT_SCHOOLS).rigs[0]
  if (best === undefined) throw new Error('nothing ranked')
  const scandi = swapPart(best.choice, 'headId', byId(DEMO).get('450-gr-scandi') ?? null)

  test('a level tungsten tip on a Scandi breaks the joint, and the mend holds', () => {
    const rig = rigOf(DEMO, { ...scandi, tipId: 't-11-10-ft' }, winter)
    expect(rig.checks.find((c) => c.code === 'joint-step')?.state).toBe('breaks')
    const mend = mendFor(DEMO, rig, 'joint-step', context)
    if (mend === undefined) throw new Error('no mend')
    const mended = rigOf(DEMO, mend.choice, winter)
    expect(mended.checks.find((c) => c.code === 'joint-step')?.state ?? 'holds').toBe('holds')
    expect(mended.verdict).toBe(mend.verdict)
    expect(costOf(mended.checks)).toBeLessThan(costOf(rig.checks))
    for (const effect of mend.effects) expect(effect.from).not.toBe(effect.to)
  })
  test('a mend changes one part only and never what holds', () => {
    expect(mendFor(DEMO, best, 'mass-in-window', context)).toBeUndefined()
    const rig = rigOf(DEMO, { ...best.choice, leaderId: 'tapered-15-ft' }, winter)
    const mend = mendFor(DEMO, rig, 'leader-length', context)
    expect(mend?.slot).toBe('leaderId')
    expect({ ...mend?.choice, leaderId: null }).toEqual({ ...best.choice, leaderId: null })
  })
  test('options are best first and hold the present part', () => {
    const options = optionsFor(DEMO, best, 'tipId', context)
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
  test('it names the one item that would fix most, and with it something fits', () => {
    const items = DEMO.items.filter((i) => i.kind !== 'head' || i.id === 'old-no-7-weight-forward')
    const job = jobOf('Winter run', { rodId: 'long-seven-13-ft' })
    const context = { job, schools: DEFAULT_SCHOOLS }
    expect(matchRigs({ items }, job, DEFAULT_SCHOOLS).outcome).toBe('nothing-fits')
    const missing = missingItem({ items }, context)
    expect(missing).toMatchObject({ mends: true, item: { kind: 'head' } })
    if (missing === undefined) return
    expect(matchRigs({ items: [...items, missing.item] }, job, DEFAULT_SCHOOLS).outcome).toBe('ranked')
    expect(missing.fitsAfter).toBeGreaterThan(missing.fitsBefore)
  })
})
