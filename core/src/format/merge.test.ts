import { describe, expect, test } from '@jest/globals'
import { type Item, itemSchema } from '../gear/index.ts'
import { diff } from './change.ts'
import {
  type Answers,
  type HoxenDocument,
  merged,
  nothingKept,
  onward,
  planMerge,
  planRestore,
  type Taken,
  unanswered,
  type WithPast,
} from './index.ts'
import { descent, joined } from './trail.ts'
import { trailsSchema } from './trailSchema.ts'

const rod = (id: string, lengthM = 4): Item =>
  itemSchema.parse({ kind: 'rod', id, name: id, lineNumber: 7, lengthM, hands: 'two-hander' })

/** A device in little: what it keeps, and the trail of every change. */
class Device {
  items = new Map<string, Item>()
  trails: Record<string, readonly string[]> = {}
  gone: Record<string, readonly string[]> = {}
  constructor(
    readonly tail: string,
    public clockMs = 1_000_000,
  ) {}
  private step(id: string, fields?: readonly string[]): readonly string[] {
    const place = `items/${id}`
    this.clockMs += 1000
    return onward(this.trails[place] ?? this.gone[place] ?? [], this.clockMs, this.tail, fields)
  }
  put(item: Item): void {
    const was = this.items.get(item.id)
    const fields = was && diff({ ...was }, { ...item }).map(({ path }) => path.join('.'))
    this.trails[`items/${item.id}`] = this.step(item.id, fields)
    delete this.gone[`items/${item.id}`]
    this.items.set(item.id, item)
  }
  remove(id: string): void {
    this.gone[`items/${id}`] = this.step(id)
    delete this.trails[`items/${id}`]
    this.items.delete(id)
  }
  get all(): WithPast {
    const document: HoxenDocument = { ...nothingKept(), items: [...this.items.values()] }
    return { document, past: { trails: { ...this.trails }, gone: { ...this.gone } } }
  }
  take({ document, removed, trails }: Taken): void {
    for (const { id } of removed) {
      this.items.delete(id)
      delete this.trails[`items/${id}`]
    }
    for (const item of document.items) this.items.set(item.id, item)
    for (const [place, trail] of Object.entries(trails))
      (this.items.has(place.slice(6)) ? this.trails : this.gone)[place] = trail
    for (const place of Object.keys(this.trails)) delete this.gone[place]
  }
  /** @param sides of what is asked; the rest as it was touched last */
  bring(other: Device, sides: Answers['sides'] = {}, takeAway = true) {
    const merge = planMerge(this.all, other.all)
    const latest = Object.fromEntries(merge.asked.map(({ place, later }) => [place, later]))
    const answers = { sides: { ...latest, ...sides }, takeAway }
    this.take(merged(other.all.document, merge, answers, this.clockMs, this.tail))
    return merge
  }
}

const both = (): [Device, Device] => {
  const [table, bank] = [new Device('table'), new Device('bank', 9_000_000)]
  for (const id of ['a', 'b', 'c', 'd']) table.put(rod(id))
  bank.bring(table)
  return [table, bank]
}

const known = (device: Device): Record<string, number> =>
  Object.fromEntries(
    [...device.items.values()].map((i) => [i.id, i.kind === 'rod' ? i.lengthM : 0]).sort(),
  ) as Record<string, number>

describe('two devices brought together', () => {
  test('per thing the newer wins, what was taken away goes, nothing is asked; both ways they end alike', () => {
    const [table, bank] = both()
    table.put(rod('a', 4.2))
    bank.put(rod('b', 4.3))
    bank.remove('c')
    bank.put(rod('e', 5))
    const merge = table.bring(bank)
    expect(merge.asked).toEqual([])
    expect(merge.removed.map(({ row }) => row.id)).toEqual(['c'])
    expect(known(table)).toEqual({ a: 4.2, b: 4.3, d: 4, e: 5 })
    expect(bank.bring(table).asked).toEqual([])
    expect(known(bank)).toEqual(known(table))
  })

  test('a clock set back makes a later state no older', () => {
    const [table, bank] = both()
    bank.clockMs = 5
    bank.put(rod('a', 4.5))
    expect(table.bring(bank).asked).toEqual([])
    expect(known(table).a).toBe(4.5)
  })

  test('changed on both sides is asked; the answer is not asked again on the other side', () => {
    const [table, bank] = both()
    table.put(rod('a', 4.2))
    bank.put(rod('a', 4.4))
    table.put(rod('d', 4.6))
    bank.remove('d')
    const merge = table.bring(bank, { 'items/a': 'mine', 'items/d': 'theirs' })
    expect(merge.asked.map(({ place, later }) => [place, later])).toEqual([
      ['items/a', 'theirs'],
      ['items/d', 'theirs'],
    ])
    expect(known(table)).toEqual({ a: 4.2, b: 4, c: 4 })
    expect(bank.bring(table).asked).toEqual([])
    expect(known(bank)).toEqual(known(table))
  })

  test('what was taken away here stays away, unless it was changed there since', () => {
    const [table, bank] = both()
    table.remove('a')
    table.remove('b')
    bank.put(rod('b', 4.9))
    const merge = table.bring(bank)
    expect(merge.older.map(({ place }) => place)).toEqual(['items/a'])
    expect(merge.asked.map(({ place }) => place)).toEqual(['items/b'])
    expect(known(table)).toEqual({ b: 4.9, c: 4, d: 4 })
  })

  test('a file saved before is restored: what was taken away or changed since is as it was, what came since goes', () => {
    const [table] = both()
    const before = known(table)
    const saved = new Device('saved')
    saved.bring(table)
    table.remove('a')
    table.put(rod('b', 4.4))
    table.put(rod('new'))
    expect(planMerge(table.all, saved.all).older.map(({ place }) => place)).toEqual(['items/a', 'items/b'])
    const { plan, removed, taken } = planRestore(table.all.document, saved.all.document)
    expect(plan.lists.items.added.map(({ id }) => id)).toEqual(['a'])
    expect(plan.lists.items.changed.map(({ after }) => after.id)).toEqual(['b'])
    expect(removed.map(({ row }) => row.id)).toEqual(['new'])
    for (const { id } of taken.removed) table.remove(id)
    for (const item of taken.document.items) table.put(item)
    expect(known(table)).toEqual(before)
    // Where the file lies still, it is the older of the two now.
    expect(saved.bring(table).asked).toEqual([])
  })

  test('other fields changed here and there are both kept, and nothing is asked; the same field is asked, and only that', () => {
    const [table, bank] = both()
    const a = (more: object): Item => ({ ...rod('a'), ...more }) as Item
    table.put(a({ notes: 'dry guides' }))
    bank.put(a({ massKg: 0.21 }))
    const merge = table.bring(bank)
    expect(merge.asked).toEqual([])
    expect(merge.plan.lists.items.changed.map(({ after }) => after)).toEqual([
      a({ notes: 'dry guides', massKg: 0.21 }),
    ])
    expect(bank.bring(table).asked).toEqual([])
    expect(bank.items.get('a')).toEqual(table.items.get('a'))
    // Another round: one field each, and one that both change.
    table.put(a({ notes: 'waxed', massKg: 0.21, name: 'long' }))
    bank.put(a({ notes: 'oiled', massKg: 0.22 }))
    const [asked] = table.bring(bank, { 'items/a': 'theirs' }).asked
    expect(asked?.mine).toEqual(a({ notes: 'waxed', massKg: 0.22, name: 'long' }))
    expect(asked?.theirs).toEqual(a({ notes: 'oiled', massKg: 0.22, name: 'long' }))
    expect(table.items.get('a')).toEqual(asked?.theirs)
    expect(bank.bring(table).asked).toEqual([])
    expect(bank.items.get('a')).toEqual(table.items.get('a'))
  })

  test('what the fields together could not be is asked about whole; so is what an older trail does not tell', () => {
    const [table, bank] = both()
    const tip = (lengthM: number, sinkingLengthM: number): Item =>
      itemSchema.parse({ kind: 'tip', id: 't', name: 't', build: 'part-sinking', lengthM, sinkingLengthM })
    table.put(tip(3, 2))
    bank.bring(table)
    table.put(tip(2, 2))
    bank.put(tip(3, 3))
    const merge = planMerge(table.all, bank.all)
    expect(merge.asked).toMatchObject([{ mine: tip(2, 2), theirs: tip(3, 3) }])
    expect(unanswered(merge, { sides: {} })).toBe(1)
    expect(() => merged(bank.all.document, merge, { sides: {} }, 1, 'x')).toThrow('not every question')
    // A difference that no step tells of is never taken in silence.
    table.put({ ...rod('c'), notes: 'here' } as Item)
    bank.put({ ...rod('c'), massKg: 0.2 } as Item)
    bank.items.set('c', { ...rod('c', 4.1), massKg: 0.2 } as Item)
    const told = planMerge(table.all, bank.all).asked.find(({ place }) => place === 'items/c')
    expect(told?.mine).toEqual({ ...rod('c'), notes: 'here', massKg: 0.2 })
    expect(told?.theirs).toEqual({ ...rod('c', 4.1), notes: 'here', massKg: 0.2 })
    table.put({ ...rod('b'), notes: 'here' } as Item)
    bank.put({ ...rod('b'), massKg: 0.2 } as Item)
    table.trails['items/b'] = (table.trails['items/b'] ?? []).map((mark) => mark.split(':')[0] ?? '')
    expect(planMerge(table.all, bank.all).asked.map(({ place }) => place)).toContain('items/b')
  })

  test('an answer is a step of the fields that were asked about, and of no others', () => {
    const [table, bank] = both()
    table.put({ ...rod('c', 4.2), notes: 'table' } as Item)
    bank.put({ ...rod('c', 4.4), massKg: 0.2 } as Item)
    expect(table.bring(bank, { 'items/c': 'mine' }).asked).toHaveLength(1)
    expect(table.items.get('c')).toEqual({ ...rod('c', 4.2), notes: 'table', massKg: 0.2 })
    expect(table.trails['items/c']?.[0]?.split(':')[1]).toBe('lengthM')
    // What is changed there besides, meanwhile, is no question.
    bank.put({ ...rod('c', 4.4), massKg: 0.3 } as Item)
    expect(planMerge(table.all, bank.all).asked).toEqual([])
  })

  test('what was taken away there goes here only when that is said; kept, it is newer than its going', () => {
    const [table, bank] = both()
    bank.remove('c')
    const merge = planMerge(table.all, bank.all)
    expect(unanswered(merge, { sides: {} })).toBe(1)
    expect(unanswered(merge, { sides: {}, takeAway: false })).toBe(0)
    table.bring(bank, {}, false)
    expect(known(table).c).toBe(4)
    expect(planMerge(table.all, bank.all).removed).toEqual([])
    expect(bank.bring(table).asked).toEqual([])
    expect(known(bank).c).toBe(4)
  })

  test('the same change made on both sides is no question', () => {
    const [table, bank] = both()
    table.put(rod('a', 4.2))
    bank.put(rod('a', 4.2))
    expect(table.bring(bank).asked).toEqual([])
  })

  test('a plain file adds and changes, and takes nothing away', () => {
    const [table] = both()
    const file = { document: { ...nothingKept(), items: [rod('a', 4.7), rod('x')] } }
    const merge = planMerge(table.all, file)
    expect(merge.plan.lists.items.added.map(({ id }) => id)).toEqual(['x'])
    expect(merge.plan.lists.items.changed.map(({ after }) => after.id)).toEqual(['a'])
    expect([merge.removed, merge.asked]).toEqual([[], []])
    // The same file brought to another device is the same thing.
    const other = planMerge(new Device('other').all, file)
    expect(other.trails['items/x']).toEqual(merge.trails['items/x'])
  })
})

test('two hundred random days on two devices: brought together both ways they are alike, and nothing that was not asked about is lost', () => {
  let seed = 7
  const roll = (n: number): number => {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0
    return seed % n
  }
  for (let day = 0; day < 200; day++) {
    const [table, bank] = both()
    const touched = new Map<string, Set<Device>>()
    for (let deed = 0; deed < 5; deed++) {
      const device = roll(2) === 0 ? table : bank
      const id = ['a', 'b', 'c', 'd'][roll(4)] as string
      touched.set(id, (touched.get(id) ?? new Set()).add(device))
      if (roll(4) === 0 && device.items.has(id)) device.remove(id)
      else if (roll(2) === 0)
        device.put({ ...(device.items.get(id) ?? rod(id)), notes: `${day} ${deed}` } as Item)
      else device.put({ ...(device.items.get(id) ?? rod(id)), lengthM: 3 + roll(300) / 100 } as Item)
    }
    const before = known(bank)
    const asked = new Set(table.bring(bank).asked.map(({ place }) => place.slice(6)))
    bank.bring(table)
    expect(known(table)).toEqual(known(bank))
    for (const [id, by] of touched)
      if (by.size === 1 && by.has(bank)) expect([id, known(table)[id]]).toEqual([id, before[id]])
    for (const id of asked) expect(touched.get(id)?.size).toBe(2)
  }
})

test('a trail from the end of time goes on: its next mark is one that every reader takes', () => {
  for (const mark of ['zzzzzzzzzzz-a', '2a1x1x1x1x1-b', `${(8.64e15).toString(36)}-c`]) {
    const trail = onward(onward([mark], NOW_MS, 'one'), NOW_MS, 'two')
    expect(trailsSchema.safeParse({ 'items/a': trail }).success).toBe(true)
    expect(new Set(trail).size).toBe(3)
    expect(descent(trail, [mark])).toBe('mine-newer')
  }
  expect(onward([], NOW_MS, 'x')).toEqual([`${NOW_MS.toString(36)}-x`])
})
const NOW_MS = Date.UTC(2026, 10, 29)

test('of two trails that are brought together the newer leads, and neither forgets a mark of the other', () => {
  const [older, newer] = [
    ['1-a', '0-a'],
    ['5-b', '2-b', '0-a'],
  ]
  expect(joined(newer, older)).toEqual(['5-b', '2-b', '0-a', '1-a'])
  expect(descent(joined(newer, older), older)).toBe('mine-newer')
  expect(descent(joined(newer, older), newer)).toBe('same')
})
