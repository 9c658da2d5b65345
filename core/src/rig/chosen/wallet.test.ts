import { expect, test } from '@jest/globals'
import { FIRST_JOB } from '../../day/index.ts'
import type { Item } from '../../gear/index.ts'
import { USUAL_PLAN } from '../../swing/index.ts'
import {
  changeRigged,
  EMPTY_WALLET,
  putInto,
  type RigChoice,
  type RigSlot,
  renamePocket,
  type Wallet,
  withoutPocket,
} from '../index.ts'
import { triedTips } from '../swings/tried.ts'
import type { Fished, Rigged } from './rigChange.ts'
import { tipsCarried } from './wallet.ts'

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

const ITEMS = new Map<string, Item>(
  ['long', 'short'].map((id) => [id, { kind: 'leader', id, name: id, form: 'level', lengthM: 2 }]),
)
const NOW: Rigged = { rig: RIG, wallet: WALLET, job: FIRST_JOB, water: { plan: USUAL_PLAN } }
const swapTip = (now: Rigged, itemId: string | null): Rigged =>
  changeRigged(now, { part: { slot: 'tipId', itemId } }, ITEMS)

test('a swap puts the tip away with its leader on it, and the other comes with its own; back again all is as it was', () => {
  const there = swapTip(NOW, 't-11')
  expect(there.rig).toEqual({ ...RIG, tipId: 't-11', leaderId: 'short' })
  expect(there.wallet.tips['t-8']).toEqual({ pocket: 'left', leaderId: 'long' })
  expect(there.water).toEqual(NOW.water)
  expect(swapTip(there, 't-8').rig).toEqual(RIG)
})

test('a tip nobody said a leader of takes the one that is on the line; a bare one takes none; a leader that is gone is no leader', () => {
  expect(swapTip(NOW, 't-14').rig?.leaderId).toBe('long')
  const on = (leaderId: string | null): Rigged => ({
    ...NOW,
    wallet: { ...WALLET, tips: { ...WALLET.tips, 't-14': { leaderId } } },
  })
  expect(swapTip(on(null), 't-14').rig?.leaderId).toBeNull()
  expect(swapTip(on('sold'), 't-14').rig?.leaderId).toBe('long')
  expect(swapTip(NOW, null).rig).toEqual({ ...RIG, tipId: null })
  // What is on the line is on the line, whatever the wallet said of it last.
  const stale = { ...NOW, wallet: { ...WALLET, tips: { 't-8': { leaderId: 'short' } } } }
  expect(swapTip(stale, 't-8').rig).toEqual(RIG)
})

test('a line in one piece takes its running line along; a leader changed touches no tip; how it is fished goes along', () => {
  const one: Item = { kind: 'head', id: 'one', name: 'one', style: 'integrated', massKg: 0.03, lengthM: 9 }
  const lined: Rigged = { ...NOW, rig: { ...RIG, runningLineId: 'mono' } }
  const put = (slot: RigSlot, itemId: string, fished?: Fished): Rigged =>
    changeRigged(
      lined,
      { part: { slot, itemId }, ...(fished && { fished }) },
      new Map([...ITEMS, ['one', one]]),
    )
  expect(put('headId', 'one').rig).toEqual({ ...RIG, headId: 'one', runningLineId: null })
  const { rig, wallet, water } = put('leaderId', 'short', { angleDeg: 45, flowM3ps: 9 })
  expect([rig?.leaderId, rig?.runningLineId]).toEqual(['short', 'mono'])
  expect(wallet).toBe(WALLET)
  expect(water).toEqual({ flowM3ps: 9, plan: { ...USUAL_PLAN, angleDeg: 45 } })
  expect(
    changeRigged({ ...NOW, rig: undefined }, { part: { slot: 'tipId', itemId: 't-8' } }, ITEMS).rig,
  ).toBeUndefined()
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
  // A head that may go bare is tried bare too, a Skagit is not.
  const tried = (style: 'scandi' | 'skagit') => {
    const head: Item = { kind: 'head', id: 'head', name: 'h', style, massKg: 0.03, lengthM: 9 }
    return triedTips(RIG, WALLET, owned, new Map([...ITEMS, ['head', head]])).map(({ tipId }) => tipId)
  }
  expect(tried('scandi')).toEqual(['t-8', 't-11', null])
  expect(tried('skagit')).toEqual(['t-8', 't-11'])
  // A tip that was sold is in no pocket any more.
  expect(tipsCarried(WALLET, { tipId: null }, ['t-11'])).toEqual(['t-11'])
})
