/** @jest-environment jsdom */

import { USUAL_STAND } from '@hoxen/core/day'
import { USUAL_PLAN } from '@hoxen/core/swing'
import { WINTER_RIG } from '@hoxen/core/testing'
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { everything } from '../../store/everything.ts'
import { commit } from '../../store/index.ts'
import { keepDemo, show } from '../../testing/show.tsx'
import { waitFor } from '../../testing/waiting.ts'
import { PocketStation } from './PocketStation.tsx'

beforeEach(async () => {
  await keepDemo({ entries: [] })
  await commit('At the pool', (tx) => {
    tx.set('rig', WINTER_RIG)
    tx.set('water', { runId: 'kettle-run', plan: USUAL_PLAN, flowM3ps: 24 })
  })
})
afterEach(cleanup)

test('a double tap logs one swing and says so; what takes it back stands over the buttons, in a line that was there', async () => {
  show(<PocketStation />, '/pocket')
  const high = await screen.findByRole('button', { name: 'too high' })
  const dock = screen.getByRole('region', { name: 'What did the swing do?' })
  const line = dock.firstElementChild
  fireEvent.click(high)
  fireEvent.click(high)
  const back = await screen.findByRole('button', { name: 'Undo' })
  expect(dock.firstElementChild).toBe(line)
  expect(line?.className).toMatch(/\bh-12\b/)
  expect(back.compareDocumentPosition(high) & Node.DOCUMENT_POSITION_FOLLOWING).toBeTruthy()
  expect(await screen.findByText('Two taps at once: one swing logged.')).toBeTruthy()
  const { entries } = await everything()
  expect(entries).toHaveLength(1)
  expect(screen.getByRole('link', { name: 'Note' }).getAttribute('href')).toBe(
    `/journal?entry=${entries[0]?.id}`,
  )
  fireEvent.click(back)
  await waitFor(async () => expect((await everything()).entries).toHaveLength(0))
})

test('with the clock set back an hour the next swing is logged like any other', async () => {
  show(<PocketStation />, '/pocket')
  const high = await screen.findByRole('button', { name: 'too high' })
  const [wall, since] = [Date.now(), performance.now()]
  const later = jest.spyOn(performance, 'now').mockReturnValue(since + 10_000)
  fireEvent.click(high)
  await waitFor(async () => expect((await everything()).entries).toHaveLength(1))
  const back = jest.spyOn(Date, 'now').mockReturnValue(wall - 3_600_000)
  later.mockReturnValue(since + 20_000)
  fireEvent.click(high)
  await waitFor(async () => expect((await everything()).entries).toHaveLength(2))
  back.mockRestore()
  later.mockRestore()
})

test('a tip that is touched goes on the line where it stands: no row moves under the thumb', async () => {
  show(<PocketStation />, '/pocket')
  await waitFor(() =>
    expect(screen.getAllByRole('button', { name: /on the line$/ }).length).toBeGreaterThan(3),
  )
  const names = (): readonly (string | undefined)[] =>
    screen
      .getAllByRole('button', { name: /on the line$/ })
      .map((b) => b.querySelector('b')?.textContent ?? '')
  const before = names()
  const third = screen.getAllByRole('button', { name: /on the line$/ })[2]
  if (third === undefined) throw new Error('no third tip')
  fireEvent.click(third)
  await waitFor(() => expect(third.getAttribute('aria-pressed')).toBe('true'))
  expect(names()).toEqual(before)
})

test('where no cast is safe that stands in the place of one', async () => {
  const wind = { fromDeg: 180, mps: 16 }
  await commit('A gale', (tx) => tx.set('stand', { ...USUAL_STAND, windBy: 'hand', wind }))
  show(<PocketStation />, '/pocket')
  const line = await screen.findByRole('link', { name: /No cast is safe here right now/ })
  expect(line.dataset.cast).toBe('none')
})

test('a rig whose head is gone cannot be put together, and that is said; the tips are there still', async () => {
  await commit('Delete', (tx) => tx.remove('items', [WINTER_RIG.headId]))
  show(<PocketStation />, '/pocket')
  expect(await screen.findByRole('heading', { name: 'This rig can’t be put together' })).toBeTruthy()
  expect(screen.queryByText(/No tips in your gear/)).toBeNull()
})

test('a tip is packed into a pocket and taken out again; the wallet says which is on the line', async () => {
  show(<PocketStation />, '/pocket?view=wallet')
  const where = (): HTMLSelectElement => screen.getByLabelText('Where is T-14, 10 ft?')
  await screen.findByText(/is on the line\. A tip you take off/)
  const pocketOf = async () => (await everything()).wallet?.tips['t-14-10-ft']?.pocket
  const before = await pocketOf()
  const other = [...where().options]
    .slice(1, -1)
    .map(({ value }) => value)
    .find((v) => v !== before && v !== where().value)
  fireEvent.change(where(), { target: { value: other } })
  await waitFor(async () => expect(await pocketOf()).toBe(other))
  await waitFor(() => expect(where().value).toBe(other))
  fireEvent.change(where(), { target: { value: where().options[0]?.value } })
  await waitFor(async () => expect(await pocketOf()).toBeUndefined())
})
