import { expect, test } from '@jest/globals'
import {
  EMPTY_WALLET,
  putInto,
  type RigChoice,
  renamePocket,
  swapTip,
  tipsCarried,
  type Wallet,
  withoutPocket,
} from './index.ts'

const RIG: RigChoice = {
  rodId: 'rod',
  headId: 'head',
  tipId: 't-8',
  leaderId: 'long',
  runningLineId: null,
  reelId: null,
}
const WALLET: Wallet = {
  pockets: ['left', 'right'],
  tips: { 't-8': { pocket: 'left' }, 't-11': { pocket: 'right', leaderId: 'short' }, 't-14': {} },
}

test('a swap puts the tip away with its leader on it, and the other comes with its own; back again all is as it was', () => {
  const there = swapTip(RIG, WALLET, 't-11')
  expect(there.rig).toEqual({ ...RIG, tipId: 't-11', leaderId: 'short' })
  expect(there.wallet.tips['t-8']).toEqual({ pocket: 'left', leaderId: 'long' })
  const back = swapTip(there.rig, there.wallet, 't-8')
  expect(back.rig).toEqual(RIG)
})

test('a tip nobody said a leader of takes the one that is on the line; a bare one takes none', () => {
  expect(swapTip(RIG, WALLET, 't-14').rig.leaderId).toBe('long')
  const bare: Wallet = { ...WALLET, tips: { ...WALLET.tips, 't-14': { leaderId: null } } }
  expect(swapTip(RIG, bare, 't-14').rig.leaderId).toBeNull()
  expect(swapTip(RIG, WALLET, null).rig).toEqual({ ...RIG, tipId: null })
})

test('pockets are made, renamed, joined and taken away with what is in them', () => {
  const made = putInto(putInto(EMPTY_WALLET, 'a', 'chest'), 'b', 'chest')
  expect(made).toEqual({ pockets: ['chest'], tips: { a: { pocket: 'chest' }, b: { pocket: 'chest' } } })
  expect(renamePocket(made, 'chest', 'bag').tips.b).toEqual({ pocket: 'bag' })
  expect(renamePocket(WALLET, 'left', 'right').pockets).toEqual(['right'])
  expect(withoutPocket(WALLET, 'right')).toEqual({
    pockets: ['left'],
    tips: { 't-8': { pocket: 'left' }, 't-11': { leaderId: 'short' }, 't-14': {} },
  })
  expect(putInto(WALLET, 't-8', undefined).tips['t-8']).toEqual({})
})

test('on the bank one chooses among what is in pockets and on the line; with nothing pocketed, among all', () => {
  const owned = ['t-8', 't-11', 't-14']
  expect(tipsCarried(WALLET, RIG, owned)).toEqual(['t-8', 't-11'])
  expect(tipsCarried(WALLET, { tipId: 't-14' }, owned)).toEqual(['t-14', 't-8', 't-11'])
  expect(tipsCarried(EMPTY_WALLET, RIG, owned)).toEqual(owned)
  // A tip that was sold is in no pocket any more.
  expect(tipsCarried(WALLET, { tipId: null }, ['t-11'])).toEqual(['t-11'])
})
