import { expect, test } from '@jest/globals'
import { rigFromKey, rigKey } from '../index.ts'

test('a rig’s key reads back, and nonsense does not', () => {
  const rig = { rodId: 'a', headId: 'b', tipId: null, leaderId: 'c', runningLineId: null, reelId: 'd' }
  expect(rigFromKey(rigKey(rig))).toEqual(rig)
  for (const key of ['', 'a~b', '_~b~_~_~_~_', 'a b~c~_~_~_~_']) expect(rigFromKey(key)).toBeUndefined()
})
