import { expect, test } from '@jest/globals'
import type { Candidates } from './candidates.ts'
import type { Card } from './match.ts'
import { simplestFirst } from './simplestFirst.ts'

const RODS = ['a', 'b'].map((id) => ({ id }))
const HEADS = ['h', 'i'].map((id) => ({ head: { id } }))
const OWNED = { rods: RODS, heads: HEADS } as unknown as Candidates
/** A card of a rod and head that lies so far off, with a tip or without; its swing makes up so much of that. */
const card = (rod: number, head: number, off: number, tip: boolean, swings = 0, watchTenths = 0): Card =>
  ({
    rig: {
      parts: { rod: RODS[rod], head: HEADS[head], tip: tip ? {} : null },
      score: { breaks: 0, off: 0, watches: 0, watchTenths, offCentre: off, offRules: 0 },
      checks: [{ code: 'depth', from: swings }],
    },
  }) as unknown as Card
const order = (cards: readonly Card[]) => simplestFirst(cards, OWNED).map((one) => cards.indexOf(one))

test('of rigs as good as the best the fewest parts come first (C48), then the nearest apart from the swing, then the gear’s order', () => {
  expect(order([card(0, 0, 0.1, true), card(1, 0, 0.11, false)])).toEqual([1, 0])
  expect(order([card(0, 0, 0.1, false), card(1, 0, 0.11, false, 0.1)])).toEqual([1, 0])
  expect(order([card(1, 1, 0.1, false), card(0, 1, 0.1, false), card(0, 0, 0.1, false)])).toEqual([2, 1, 0])
})

test('what is further off, or stands worse, stays where it is', () => {
  expect(order([card(0, 0, 0.1, true), card(1, 0, 0.13, false)])).toEqual([0, 1])
  expect(order([card(1, 0, 0.1, true), card(0, 0, 0.1, false, 0, 4)])).toEqual([0, 1])
  expect(simplestFirst([], OWNED)).toEqual([])
})
