import { expect, test } from '@jest/globals'
import { DAYS, GEAR, matches, meetsItsSet, UNSEEN } from '../testing/days.ts'
import { sample } from '../testing/long.ts'

test.each(sample(DAYS).map((day) => [day.name, day] as const))('%s', (_name, out) => meetsItsSet(out))

test('there are thirty, of gear that is there', () => {
  expect(new Set(DAYS.map((d) => d.name)).size).toBe(30)
  const ids = GEAR.items.map((item) => item.id)
  for (const pair of [...DAYS, ...UNSEEN].flatMap((d) => [...d.accept, ...d.refuse])) {
    const [rodId = '', headId = ''] = pair.split(' ')
    expect([pair, ids.includes(rodId) && ids.some((id) => matches(pair, [rodId, id]))]).toEqual([pair, true])
    expect(headId).not.toBe('')
  }
})
