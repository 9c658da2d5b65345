/** @jest-environment jsdom */
import { rigKey } from '@hoxen/core/rig'
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals'
import { act, cleanup, render, screen } from '@testing-library/react'
import { keepDemo } from '../testing/show.tsx'
import { waitFor } from '../testing/waiting.ts'
import { changeRig, commit, redo, undo, useSingle, useUnderway } from './index.ts'
import { queued, settled } from './queue.ts'
import { singleOf } from './reading.ts'

const rigNow = async () => (await singleOf('rig')) ?? null
const tipNow = async () => (await rigNow())?.tipId
const tip = (itemId: string) => ({ part: { slot: 'tipId', itemId } }) as const
const WINTER = {
  rodId: 'long-seven-13-ft',
  headId: '510-gr-short-skagit',
  tipId: 't-11-10-ft',
  leaderId: 'stepped-5-ft',
  runningLineId: 'coated-30-lb',
  reelId: 'full-frame-eleven',
}

beforeEach(async () => {
  await keepDemo()
  await changeRig('Begin', { rig: WINTER })
})
afterEach(cleanup)

describe('what is pressed', () => {
  test('is done in its order, however long one takes to come, and goes on after one that is refused', async () => {
    const order: number[] = []
    let come = (): void => {}
    const slow = queued(async () => {
      await new Promise<void>((resolve) => {
        come = resolve
      })
      order.push(1)
    })
    const refused = queued(async () => {
      order.push(2)
      throw new Error('refused')
    })
    const last = queued(async () => void order.push(3))
    const all = settled()
    await Promise.resolve()
    come()
    await expect(refused).rejects.toThrow('refused')
    await Promise.all([slow, last, all])
    expect(order).toEqual([1, 2, 3])
  })

  test('redo, then a fix judged for the rig before it: the fix is refused, and the rig is the one that was redone', async () => {
    await changeRig('Heavier', tip('t-14-10-ft'))
    await undo()
    const before = await rigNow()
    const [redone, fixed] = [redo(), changeRig('Fix', tip('t-8-10-ft'), before ?? undefined)]
    await redone
    await expect(fixed).rejects.toThrow(/changed meanwhile/)
    expect(await tipNow()).toBe('t-14-10-ft')
  })

  test('the fix first, then redo: the fix is made, and what was undone is no longer to be redone', async () => {
    await changeRig('Heavier', tip('t-14-10-ft'))
    await undo()
    const before = await rigNow()
    const [fixed, redone] = [changeRig('Fix', tip('t-8-10-ft'), before ?? undefined), redo()]
    expect(await fixed).toBe(true)
    await redone
    expect(await tipNow()).toBe('t-8-10-ft')
  })
})

function Page() {
  const rig = useSingle('rig')
  const busy = useUnderway()
  return <p>{`${busy ? 'on its way' : 'done'} ${rig ? rigKey(rig) : 'none'}`}</p>
}

test('a page knows of a change until it shows it: never an old rig that can be pressed', async () => {
  render(<Page />)
  await screen.findByText(/^done .*t-11-10-ft/)
  const seen: string[] = []
  const watch = new MutationObserver(() => seen.push(document.body.textContent ?? ''))
  watch.observe(document.body, { childList: true, subtree: true, characterData: true })
  await act(async () => void (await changeRig('Heavier', tip('t-14-10-ft'))))
  await waitFor(() => expect(document.body.textContent).toMatch(/^done .*t-14-10-ft/))
  await act(async () => void (await undo()))
  await waitFor(() => expect(document.body.textContent).toMatch(/^done .*t-11-10-ft/))
  // What the page does not read is waited for by nobody.
  await act(async () => void (await commit('Notes', (tx) => tx.remove('trips', ['none']))))
  await waitFor(() => expect(document.body.textContent).toMatch(/^done/))
  watch.disconnect()
  expect(seen[0]).toMatch(/^on its way .*t-11-10-ft/)
})
