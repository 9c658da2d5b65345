/** @jest-environment jsdom */

import { afterEach, beforeEach, expect, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { Route, Routes } from 'react-router'
import { draftOf, dropDraft, keepDraft } from '../../store/drafts.ts'
import { everything } from '../../store/everything.ts'
import { listOf } from '../../store/reading.ts'
import { editRow } from '../../store/rows.ts'
import { keepDemo, show } from '../../testing/show.tsx'
import { waitFor } from '../../testing/waiting.ts'
import { changedFields } from './draftFields.ts'
import { ItemPage } from './ItemPage.tsx'

const FORM = 'item 510-gr-short-skagit'
beforeEach(async () => {
  await keepDemo()
  await dropDraft(FORM)
})
afterEach(cleanup)

const open = (at: string) =>
  show(
    <Routes>
      <Route path="/gear/item/:id" element={<ItemPage />} />
      <Route path="/gear/new/:kind" element={<ItemPage />} />
      <Route path="*" element={<p>The list</p>} />
    </Routes>,
    at,
  )
const field = (name: string): Promise<HTMLInputElement> => screen.findByLabelText(name)
const type = (into: HTMLInputElement, value: string): void => {
  fireEvent.input(into, { target: { value } })
}

test('what is typed is kept as a draft, and dropped when it is what is stored again', async () => {
  open(`/gear/item/510-gr-short-skagit`)
  const name = await field('Name')
  type(name, '510 gr short, the old one')
  await waitFor(async () => expect(await draftOf(FORM)).toEqual({ name: '510 gr short, the old one' }))
  type(name, '510 gr short Skagit')
  await waitFor(async () => expect(await draftOf(FORM)).toBeNull())
})

test('a draft is back when the form is opened again, said so, and forgotten when that is wanted', async () => {
  await keepDraft(FORM, { name: 'Half a na' })
  open('/gear/item/510-gr-short-skagit')
  expect(await screen.findByText(/Restored what you typed but didn’t save/)).toBeTruthy()
  expect((await field('Name')).value).toBe('Half a na')
  fireEvent.click(screen.getByRole('button', { name: 'Discard' }))
  await waitFor(async () => expect((await field('Name')).value).toBe('510 gr short Skagit'))
  expect(await draftOf(FORM)).toBeNull()
})

test('a thing is doubled on its page, by another name', async () => {
  open('/gear/item/510-gr-short-skagit')
  fireEvent.click(await screen.findByRole('button', { name: 'Duplicate' }))
  await waitFor(async () =>
    expect((await listOf('items')).map(({ name }) => name)).toContain('510 gr short Skagit (copy)'),
  )
})

test('saving keeps the item and drops the draft; a figure that cannot be is said beside its field', async () => {
  open('/gear/item/510-gr-short-skagit')
  const mass = await field('Weight')
  type(mass, '9000 gr')
  fireEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect((await screen.findByRole('alert')).textContent).toMatch(
    /^Weight must be between 31 gr and \d+ gr\.$/,
  )
  type(mass, '505 gr')
  fireEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findByText('The list')).toBeTruthy()
  const { items } = await everything()
  const saved = items.find((i) => i.id === '510-gr-short-skagit')
  expect(saved && 'massKg' in saved ? saved.massKg : 0).toBeCloseTo(505 * 64.79891e-6, 9)
  expect(await draftOf(FORM)).toBeNull()
})

test('what is gone says so', async () => {
  open('/gear/item/nothing-of-mine')
  expect(await screen.findByRole('heading', { name: 'This is not in your gear' })).toBeTruthy()
})

test('only fields that differ are a draft', () => {
  expect(changedFields({ a: 'x', b: 'y', c: '' }, { a: 'x', b: 'z' })).toEqual({ b: 'y' })
})

const byLine = async (text: string): Promise<void> => {
  const line = await field('Or in one line')
  type(line, text)
  fireEvent.blur(line)
}
const says = (): string => document.getElementById('by-one-line-says')?.textContent ?? ''

test('a new thing is filled from one line by the reader of the one-line field; a guess is told', async () => {
  open('/gear/new/head')
  await byLine('Skagit 525')
  await waitFor(async () => expect((await field('Weight')).value).toBe('525 gr'))
  expect((await field('Kind of head')).value).toBe('skagit')
  expect(says()).toMatch(/^Filled in below\. Assumed: .*525 gr/)
  await byLine('T-11 10 ft')
  expect(says()).toBe('That is a tip, not a head.')
  await byLine('skagit 17 wombles')
  expect(says()).toContain('For example “skagit 510 gr 23 ft”')
})

test('the thing is drawn as it is typed, and as it was while what is typed cannot be', async () => {
  open('/gear/item/510-gr-short-skagit')
  const length = await field('Length')
  const drawn = (): string => document.querySelector('figure svg text')?.textContent ?? ''
  expect(drawn()).toBe('20 ft')
  type(length, '24 ft')
  await waitFor(() => expect(drawn()).toBe('24 ft'))
  type(length, 'long')
  await waitFor(() => expect(drawn()).toBe('20 ft'))
})

test('beside it stand the rods it suits, and where it is used', async () => {
  open('/gear/item/510-gr-short-skagit')
  const list = await screen.findByRole('heading', { name: 'Rods it suits' })
  const first = list.parentElement?.querySelector('[data-suits]')
  expect(first?.getAttribute('data-suits')).toBe('holds')
  expect(first?.textContent).toContain('Long seven, 13 ft')
  expect(screen.getByText(/^Not on your rig/)).toBeTruthy()
})

test.each([
  ['long-seven-13-ft', 'Long seven, 13 ft, drawn'],
  ['t-11-10-ft', 'T-11, 10 ft, drawn'],
  ['coated-30-lb', 'Coated 30 lb, drawn'],
  ['full-frame-eleven', 'Full-frame eleven from the side and the front'],
])('%s has a picture', async (id, name) => {
  open(`/gear/item/${id}`)
  expect(await screen.findByRole('img', { name })).toBeTruthy()
})

test('a field saved elsewhere while it was typed in here is asked about, showing both; the other fields stand', async () => {
  open('/gear/item/510-gr-short-skagit')
  const notes = await field('Notes')
  type(notes, 'mine')
  const now = (await everything()).items.find(({ id }) => id === '510-gr-short-skagit')
  if (now === undefined) throw new Error('no head')
  await editRow('Elsewhere', 'items', now, { ...now, notes: 'theirs', name: '510, renamed' })
  expect(
    (await screen.findByText(/Saved in another tab meanwhile: “theirs”; typed here: “mine”/)).dataset.clash,
  ).toBeDefined()
  fireEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect((await screen.findByRole('alert')).textContent).toBe('Choose which of the two to keep.')
  const stored = async () => (await everything()).items.find(({ id }) => id === now.id)
  expect(await stored()).toMatchObject({ notes: 'theirs' })
  fireEvent.click(screen.getByRole('button', { name: 'Use mine' }))
  await waitFor(() => expect(screen.queryByText(/Saved in another tab meanwhile/)).toBeNull())
  fireEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findByText('The list')).toBeTruthy()
  expect(await stored()).toMatchObject({ notes: 'mine', name: '510, renamed' })
})

test('what was saved elsewhere can be taken instead', async () => {
  open('/gear/item/510-gr-short-skagit')
  type(await field('Notes'), 'mine')
  const now = (await everything()).items.find(({ id }) => id === '510-gr-short-skagit')
  if (now === undefined) throw new Error('no head')
  await editRow('Elsewhere', 'items', now, { ...now, notes: 'theirs' })
  fireEvent.click(await screen.findByRole('button', { name: 'Use theirs' }))
  await waitFor(async () => expect((await field('Notes')).value).toBe('theirs'))
  expect(screen.queryByText(/Saved in another tab meanwhile/)).toBeNull()
})

test('a bare figure is given its unit when it is left; a name is not', async () => {
  open('/gear/new/head')
  const weight = await field('Weight')
  fireEvent.change(weight, { target: { value: '525' } })
  fireEvent.blur(weight)
  await waitFor(async () => expect((await field('Weight')).value).toBe('525 gr'))
  const name = await field('Name')
  fireEvent.change(name, { target: { value: '525' } })
  fireEvent.blur(name)
  expect((await field('Name')).value).toBe('525')
})
