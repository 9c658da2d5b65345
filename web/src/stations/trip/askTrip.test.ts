import type { TripFound } from '@hoxen/core/trip'
import { beforeAll, beforeEach, expect, jest, test } from '@jest/globals'
import type { TripQuestion } from './askTrip.ts'

/** What the worker was asked, and whether it still has the search. */
const asked: string[] = []
let has = true
let keeps = true
const api = {
  first: async () => {
    asked.push('first')
    has = keeps
    return 'first kit'
  },
  further: async () => {
    asked.push('further')
    return has ? 'whole kit' : 'gone'
  },
  missing: async () => {
    asked.push('missing')
    return has ? [] : 'gone'
  },
}
const askAgain = (question: (api: object, id: number) => unknown): unknown => question(api, 1)
jest.mock('../../worker/tripClient.ts', () => ({ tripSearch: { askAgain }, tripSolver: { askAgain } }))
jest.mock('../../swings/index.ts', () => ({ letSwingFor: () => () => [], effort: (full: unknown) => full }))
jest.mock('../../ui/index.ts', () => ({ working: () => () => {} }))

const QUESTION = { key: 'three days', ownKey: 'three days' } as unknown as TripQuestion
let trips: typeof import('./askTrip.ts')
const more = (): Promise<TripFound> => trips.askMore(QUESTION, {}, {})

beforeAll(async () => {
  trips = await import('./askTrip.ts')
})
beforeEach(() => {
  asked.length = 0
  has = true
  keeps = true
})

test('a search that is still there goes on', async () => {
  expect(await more()).toBe('whole kit')
  expect(asked).toEqual(['further'])
})
test('one that was put away, or went with its worker, is begun again first', async () => {
  has = false
  expect(await more()).toBe('whole kit')
  expect(asked).toEqual(['further', 'first', 'further'])
})
test('so is one that is asked what is missing', async () => {
  has = false
  expect(await trips.askMissing(QUESTION, {})).toEqual([])
  expect(asked).toEqual(['missing', 'first', 'missing'])
})
test('one that is lost twice is an error, not a search for ever', async () => {
  has = false
  keeps = false
  await expect(more()).rejects.toThrow('lost twice')
  expect(asked).toEqual(['further', 'first', 'further'])
})
