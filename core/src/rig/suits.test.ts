import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { dayOf, FIRST_JOB } from '../day/index.ts'
import { DEFAULT_SCHOOLS, type Head, type Item, type Rod, type Tip } from '../gear/index.ts'
import { KG_PER_GRAIN, KG_PER_M_PER_GRAIN_PER_FOOT, M_PER_FOOT } from '../quantity/index.ts'
import { collectionOf, ledger, type RigParts, resolveRig, suitedTo } from './index.ts'

const DAY = dayOf({ job: FIRST_JOB, schools: DEFAULT_SCHOOLS })
const rod = (id: string, lineNumber: number, feet: number, hands: Rod['hands']): Rod => ({
  kind: 'rod',
  id,
  name: id,
  lineNumber,
  hands,
  lengthM: feet * M_PER_FOOT,
})
const head = (id: string, style: Head['style'], grains: number, feet: number): Head => ({
  kind: 'head',
  id,
  name: id,
  style,
  massKg: grains * KG_PER_GRAIN,
  lengthM: feet * M_PER_FOOT,
})
const tip = (grainsPerFt: number): Tip => ({
  kind: 'tip',
  id: `t-${grainsPerFt}`,
  name: `T-${grainsPerFt}`,
  build: 'level',
  lengthM: 10 * M_PER_FOOT,
  kgPerM: grainsPerFt * KG_PER_M_PER_GRAIN_PER_FOOT,
})
const SEVEN = rod('seven', 7, 12.5, 'two-hander')
const TROUT = rod('trout', 3, 10.75, 'trout-two-hander')
const states = (item: Item, others: readonly Item[]): Record<string, string> =>
  Object.fromEntries(suitedTo(item, others, DAY).map((s) => [s.item.id, s.state]))

describe('what goes with a thing', () => {
  test('a head is asked of each rod by its window: C35, a no. 7 wants about 479 gr of Skagit', () => {
    const found = states(head('h', 'skagit', 479, 22), [SEVEN, TROUT, tip(11)])
    expect(found).toEqual({ seven: 'holds', trout: 'breaks' })
  })
  test('also where the window counts the tip: a Scandi far outside holds nowhere', () => {
    expect(states(head('h', 'scandi', 480, 33), [SEVEN, TROUT])).toEqual({ seven: 'holds', trout: 'breaks' })
  })
  test('what suits comes first', () => {
    const order = suitedTo(head('h', 'skagit', 479, 22), [TROUT, SEVEN], DAY).map((s) => s.item.id)
    expect(order).toEqual(['seven', 'trout'])
  })
  test('C13, C14 [practice]: a tip is asked of each head by its joint and its material', () => {
    const heads = [head('skagit', 'skagit', 540, 23), head('scandi', 'scandi', 480, 33)]
    expect(states(tip(11), heads)).toEqual({ skagit: 'holds', scandi: 'breaks' })
    expect(states(tip(17), [head('light', 'skagit', 430, 20)]).light).not.toBe('holds')
  })
  test('a surf head suits a surf rod whatever water the day is on', () => {
    const surf = { ...rod('strand', 8, 11, 'surf'), lineNumberHigh: 9 }
    expect(DAY.water).not.toBe('surf')
    expect(states(head('h', 'overhead', 520, 32), [surf])).toEqual({ strand: 'holds' })
  })
  test('a rod is asked of nothing, and what is alone has no answer', () => {
    expect(suitedTo(SEVEN, [head('h', 'skagit', 479, 22)], DAY)).toEqual([])
    expect(suitedTo(head('h', 'skagit', 479, 22), [], DAY)).toEqual([])
  })
  test('the line that decides is the ledger’s own, for every pair of the demo’s heads and rods', () => {
    const { items } = JSON.parse(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8')).gear as {
      items: Item[]
    }
    const byId = new Map(items.map((item) => [item.id, item]))
    for (const each of items.filter((i) => i.kind === 'head'))
      for (const { item, line } of suitedTo(each, items, DAY)) {
        const resolved = resolveRig(
          { rodId: item.id, headId: each.id, tipId: null, leaderId: null, runningLineId: null, reelId: null },
          byId,
        )
        if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
        const parts: RigParts = resolved.parts
        expect(ledger(parts, DAY).find((c) => c.code === line.code)).toEqual(line)
      }
  })
})

describe('a collection of heads over rods', () => {
  const own = [
    SEVEN,
    TROUT,
    head('winter', 'skagit', 479, 22),
    head('twin', 'skagit', 484, 22.5),
    head('longer', 'skagit', 479, 24.5),
    head('summer', 'scandi', 474, 33),
  ]
  const { windows, doubles } = collectionOf({ items: own }, DAY)
  const inIt = (id: string, style: string): readonly string[] | undefined =>
    windows.find((w) => w.rod.id === id && w.style === style)?.heads.map((h) => h.id)

  test('says which heads stand in each window', () => {
    expect(inIt('seven', 'skagit')).toEqual(['winter', 'twin', 'longer'])
    expect(inIt('seven', 'scandi')).toEqual(['summer'])
  })
  test('a head counts only where its mass stands between the ends', () => {
    for (const { window, heads } of windows)
      for (const { massKg = 0 } of heads) {
        expect(massKg).toBeGreaterThanOrEqual(window.lowKg)
        expect(massKg).toBeLessThanOrEqual(window.highKg)
      }
  })
  test('an empty window that such a rod is mostly fished with is a gap; another is not shown', () => {
    expect(inIt('trout', 'skagit')).toEqual([])
    expect(inIt('seven', 'overhead')).toBeUndefined()
  })
  test('heads alike in mass and length are doubles; another length is another head', () => {
    expect(doubles.map((pair) => pair.map((h) => h.id))).toEqual([['winter', 'twin']])
  })
  test('nothing owned is nothing drawn', () => {
    expect(collectionOf({ items: [] }, DAY)).toEqual({ windows: [], doubles: [] })
    expect(collectionOf({ items: [SEVEN] }, DAY).windows).toEqual([])
  })
})
