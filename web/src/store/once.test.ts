import { expect, test } from '@jest/globals'
import { Once } from './once.ts'

test('a double click and a held key do a thing once; later, or another thing, is done', async () => {
  let now = 0
  let done = 0
  const once = new Once(() => now)
  const ask = (what: string, at: number): Promise<boolean> => {
    now = at
    return once.run(what, async () => {
      done++
      return true
    })
  }
  expect(await ask('a', 0)).toBe(true)
  expect(await ask('a', 120)).toBe(false)
  expect(await ask('b', 130)).toBe(true)
  for (let at = 200; at < 3000; at += 30) expect(await ask('a', at)).toBe(false)
  expect(await ask('a', 3700)).toBe(true)
  expect(done).toBe(3)
})
