import { describe, expect, test } from '@jest/globals'
import { type Day, dayOf, type Job, USUAL_DAYS } from '../day/index.ts'
import { DEFAULT_SCHOOLS, type Gear, type Item, type Schools } from '../gear/index.ts'
import { EMPTY_WALLET, keepSwung, type RigChoice, resolveRig, rigKey, withPart } from '../rig/index.ts'
import { missingItem } from '../specify/index.ts'
import { swing } from '../swing/index.ts'
import { DEMO as DEMO_DOCUMENT, DEMO_GEAR, renamed } from '../testing/index.ts'
import { sayCombinations, sayWhyTip } from '../words/index.ts'
import {
  choiceOf,
  costOf,
  judgeSwung,
  matchRigs,
  type RankedRig,
  rankCost,
  secondLook,
  secondLookInSteps,
} from './index.ts'
import { optionsFor, remedyFor } from './remedy.ts'
import { MOST_TIPS_SWUNG, SECOND_LOOKS } from './secondLook.ts'

const DEMO: Gear = DEMO_GEAR
const OWNED = { gear: DEMO, wallet: EMPTY_WALLET }
const on = (name: string, more: Partial<Job> = {}, schools: Schools = DEFAULT_SCHOOLS): Day => {
  const found = USUAL_DAYS.find((d) => d.name === name)
  if (found === undefined || DEMO_DOCUMENT.job === undefined) throw new Error(name)
  return dayOf({ job: { ...DEMO_DOCUMENT.job, ...found.job, ...more }, schools })
}
const byId = (gear: Gear): Map<string, Item> => new Map(gear.items.map((i) => [i.id, i]))
const rigOf = (gear: Gear, choice: RigChoice, day: Day): RankedRig => {
  const resolved = resolveRig(choice, byId(gear))
  if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
  return judgeSwung(resolved.parts, day)
}
const settledOn = (gear: Gear, day: Day) => secondLook(gear, day, matchRigs(gear, day))
const total = (rig: RankedRig): number => rankCost(rig.score)

describe('ranking', () => {
  test('breaks come after watches, watches after none, what has swung before what has not', () => {
    const day = on('Winter run')
    const { cards } = settledOn(DEMO, day)
    for (const part of [cards.filter((c) => c.rig.swung), cards.filter((c) => !c.rig.swung)]) {
      const costs = part.map((c) => total(c.rig))
      expect(costs).toEqual([...costs].sort((x, y) => x - y))
    }
    const swung = cards.map((c) => c.rig.swung !== undefined)
    expect(swung).toEqual([...swung].sort((x, y) => Number(y) - Number(x)))
    expect(swung.filter(Boolean)).toHaveLength(SECOND_LOOKS)
    expect(new Set(cards.map((c) => `${c.rig.choice.rodId} ${c.rig.choice.headId}`)).size).toBe(cards.length)
  })
  test('what has not been let swing never holds', () => {
    for (const { rig } of matchRigs(DEMO, on('Summer evening')).cards) expect(rig.verdict).not.toBe('holds')
  })
  test('of very many tips some of every depth are let swing, the best no worse than of few, and that is said', () => {
    const day = on('Winter run')
    const heavy = DEMO.items.filter((item) => item.kind === 'tip')
    const many = heavy.flatMap((tip) =>
      Array.from({ length: 4 }, (_, i) => ({
        ...tip,
        id: `${tip.id}-${i}`,
        lengthM: tip.lengthM * (1.01 + i / 4),
      })),
    )
    const gear = { items: [...DEMO.items, ...many] }
    const [few] = secondLook(DEMO, day, matchRigs(DEMO, day), 1).cards
    const [card] = secondLook(gear, day, matchRigs(gear, day), 1).cards
    expect([card?.tips.length, few?.someOf]).toEqual([MOST_TIPS_SWUNG, undefined])
    expect(card?.someOf).toBeGreaterThan(many.length)
    expect(card && total(card.rig)).toBeLessThanOrEqual(few ? total(few.rig) : 0)
    expect(card && sayWhyTip(card)).toContain(`Of ${card?.someOf} tips Hoxen swung some for every depth.`)
  })
  test('as many as nobody counts are said so', () => {
    expect([1, 1077, 1.04e22].map(sayCombinations)).toEqual([
      '1 rig',
      '1,077 rigs',
      'more than a billion rigs',
    ])
  })
  test('the order of the gear list decides nothing, nor what anything is called', () => {
    const day = on('Small stream after rain')
    const choices = (items: readonly Item[]) =>
      secondLook({ items }, day, matchRigs({ items }, day), 4).cards.map(({ rig, tips }) => [
        rig.choice,
        tips.map(({ choice }) => choice),
      ])
    expect(choices(renamed(DEMO.items))).toEqual(choices(DEMO.items))
  })
  test('swings worked out elsewhere settle it alike; leaders and running lines are tried on the best', () => {
    const day = on('Surf at dawn', { castM: 23.7 })
    const first = matchRigs(DEMO, day)
    const steps = secondLookInSteps(DEMO, day, first)
    const wanted: number[] = []
    let step = steps.next()
    for (; !step.done; step = steps.next()) {
      const needs = step.value ?? []
      for (const input of needs) keepSwung(input, swing(input))
      if (needs.length > 0) wanted.push(needs.length)
    }
    expect(wanted[0]).toBeGreaterThan(20)
    for (const again of secondLookInSteps(DEMO, day, first)) expect(again ?? []).toHaveLength(0)
    expect(step.value.cards.map(({ rig }) => rig.choice)).toEqual(
      secondLook(DEMO, day, first).cards.map(({ rig }) => rig.choice),
    )
    const [card] = step.value.cards
    if (card === undefined) throw new Error('nothing ranked')
    for (const options of [card.leaders, card.lines]) {
      expect(options.length).toBeGreaterThan(1)
      expect(options.map(({ choice }) => rigKey(choice))).toContain(rigKey(card.rig.choice))
    }
  })
  test('winter on the 13 ft seven: a Skagit with a sinking tip comes first and holds', () => {
    const first = settledOn(DEMO, on('Winter run', { rodId: 'long-seven-13-ft' })).cards[0]?.rig
    expect(first?.verdict).toBe('holds')
    expect(first?.parts.head.head.style).toBe('skagit')
    expect(first?.parts.tip?.sinkingLengthM).toBeGreaterThan(0)
  })
  test('schools settle ties: the one who likes mono gets mono', () => {
    const day = on('Summer evening', { style: 'scandi' }, { ...DEFAULT_SCHOOLS, runningLine: 'mono' })
    const mono = matchRigs(DEMO, day).cards.find((card) => !card.rig.parts.head.onePiece)
    expect(mono?.rig.parts.runningLine?.item.build).toBe('mono')
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
  const best = settledOn(DEMO, winter).cards[0]?.rig
  if (best === undefined) throw new Error('nothing ranked')
  const scandi = withPart(best.choice, 'headId', '450-gr-scandi', byId(DEMO), EMPTY_WALLET)

  test('a level tungsten tip on a Scandi breaks the joint, and the mend holds', () => {
    const rig = rigOf(DEMO, { ...scandi, tipId: 't-11-10-ft' }, winter)
    expect(rig.checks.find((c) => c.code === 'joint-step')?.state).toBe('breaks')
    const mend = remedyFor(OWNED, rig, 'joint-step', winter)
    if (mend === undefined) throw new Error('no mend')
    const mended = rigOf(DEMO, mend.choice, winter)
    expect(mended.checks.find((c) => c.code === 'joint-step')?.state ?? 'holds').toBe('holds')
    expect(mended.verdict).toBe(mend.verdict)
    expect(costOf(mended.checks)).toBeLessThan(costOf(rig.checks))
    for (const effect of mend.effects) expect(effect.from).not.toBe(effect.to)
  })
  test('a mend changes one part only and never what holds', () => {
    expect(remedyFor(OWNED, best, 'mass-in-window', winter)).toBeUndefined()
    const rig = rigOf(DEMO, { ...best.choice, leaderId: 'tapered-15-ft' }, winter)
    const mend = remedyFor(OWNED, rig, 'leader-length', winter)
    expect(mend?.slot).toBe('leaderId')
    expect({ ...mend?.choice, leaderId: null }).toEqual({ ...best.choice, leaderId: null })
  })
  test('a mend of one line breaks no other, with all tips there or none', () => {
    for (const items of [
      OWNED.gear.items,
      OWNED.gear.items.filter(({ kind }) => !/tip|sinking/.test(kind)),
    ]) {
      const owned = { ...OWNED, gear: { items } }
      for (const { rig } of matchRigs(owned.gear, winter).cards.slice(0, 4))
        for (const { code, state } of rig.checks) {
          const mend = state === 'holds' ? undefined : remedyFor(owned, rig, code, winter)
          for (const { code: other, from, to } of mend?.effects ?? [])
            if (other !== 'depth') expect([code, from !== 'breaks' && to === 'breaks']).toEqual([code, false])
        }
    }
  })
  test('options are best first and hold the present part', () => {
    const options = optionsFor(OWNED, best, 'tipId', winter)
    expect(options.some((o) => o.item?.id === best.choice.tipId)).toBe(true)
    const costs = options.map((o) => total(o.rig))
    expect(costs).toEqual([...costs].sort((a, b) => a - b))
  })
  test('a line in one piece takes its running line along', () => {
    const swapped = withPart(best.choice, 'headId', '465-gr-integrated-scandi', byId(DEMO), EMPTY_WALLET)
    expect(swapped.runningLineId).toBeNull()
    expect(choiceOf(rigOf(DEMO, swapped, winter).parts)).toEqual(swapped)
  })
})

describe('when nothing fits', () => {
  test('rigs come by how near they are: the fewer and nearer breaks first', () => {
    const deep = on('Winter run', { rodId: 'long-seven-13-ft', waterDepthM: 9, style: 'skagit' })
    const { outcome, cards } = settledOn(DEMO, deep)
    expect(outcome).toBe('nothing-fits')
    const costs = cards.filter((c) => c.rig.swung).map((c) => total(c.rig))
    expect(costs.length).toBeGreaterThan(3)
    expect(costs).toEqual([...costs].sort((x, y) => x - y))
    for (const { rig } of cards.slice(0, 3))
      expect(rig.checks.find((c) => c.code === 'depth')).toMatchObject({
        state: 'breaks',
        reason: 'too-high',
      })
  })
  test('it names the one item that would fix most, and with it something fits', () => {
    // A few of each kind: every item that could be got is tried.
    const count = new Map<string, number>()
    const items = DEMO.items.filter(({ kind, id }) => {
      if (kind === 'head') return id === 'old-no-7-weight-forward'
      count.set(kind, (count.get(kind) ?? 0) + 1)
      return kind === 'rod' || (count.get(kind) ?? 0) <= 3
    })
    const day = on('Winter run', { rodId: 'long-seven-13-ft' })
    expect(settledOn({ items }, day).outcome).toBe('nothing-fits')
    const missing = missingItem({ items }, day)
    expect(missing).toMatchObject({ mends: true, item: { kind: 'head' } })
    if (missing === undefined) return
    expect(settledOn({ items: [...items, missing.item] }, day).outcome).toBe('ranked')
    expect(missing.fitsAfter).toBeGreaterThan(missing.fitsBefore)
  })
})
