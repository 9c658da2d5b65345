/** @jest-environment jsdom */

import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react'
import { useState } from 'react'
import { MemoryRouter, useLocation, useNavigate } from 'react-router'
import { db } from '../store/database.ts'
import { draftOf, dropField, keepDraft, useDraftState } from '../store/drafts.ts'
import { commit } from '../store/write.ts'
import { waitFor } from '../testing/waiting.ts'
import { FormName, QuantityField, Sheet, TextField, useInAddress } from './index.ts'

beforeEach(() => db.drafts.clear())
afterEach(() => {
  cleanup()
  jest.restoreAllMocks()
})

const type = (label: string, value: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value } })
}

test('what was typed and not left yet is taken when the form opens again; what is refused stays to be seen', async () => {
  const take = jest.fn((text: string) => (text.length > 9 ? 'Too long.' : undefined))
  const form = (
    <FormName value="entry a">
      <TextField label="Notes" value="" take={take} />
      <QuantityField label="Flow" measure="flow" value={undefined} onChange={() => {}} />
    </FormName>
  )
  render(form)
  type('Notes', 'grey fish')
  type('Flow', '12 apples')
  await waitFor(async () =>
    expect(await draftOf('entry a')).toEqual({ Notes: 'grey fish', Flow: '12 apples' }),
  )
  cleanup()
  expect(take).not.toHaveBeenCalled()
  render(form)
  await waitFor(() => expect(take).toHaveBeenCalledWith('grey fish'))
  expect((await screen.findByRole('alert')).textContent).toContain('doesn’t know the unit “apples”')
  await waitFor(async () => expect(await draftOf('entry a')).toEqual({ Flow: '12 apples' }))
})

test('a page that goes before the store has what was typed leaves it for the next', async () => {
  const put = jest.spyOn(db.drafts, 'put').mockRejectedValue(new DOMException('gone', 'AbortError') as never)
  render(
    <FormName value="entry a">
      <TextField label="Notes" value="" take={() => 'Not yet.'} />
    </FormName>,
  )
  type('Notes', 'took on the dangle')
  localStorage.setItem(
    'hoxen-typed',
    JSON.stringify([{ form: 'entry b', tab: 'gone', at: 1, fields: { Notes: 'of another' }, whole: true }]),
  )
  window.dispatchEvent(new Event('pagehide'))
  await waitFor(() => expect(put).toHaveBeenCalled())
  put.mockRestore()
  expect(await draftOf('entry a')).toEqual({ Notes: 'took on the dangle' })
  expect(await db.drafts.get(['entry b', 'gone'])).toMatchObject({ text: { Notes: 'of another' } })
  // It is taken up once.
  await db.drafts.clear()
  expect(await draftOf('entry a')).toBeNull()
})

test('what is taken is forgotten when it is saved and no sooner, and never what was typed since', async () => {
  await keepDraft('entry a', { Notes: 'grey', Flow: '12' })
  const order: string[] = []
  const saving = commit('Save', () => {}).then(() => order.push('saved'))
  await dropField('entry a', 'Notes', 'grey').then(() => order.push('forgotten'))
  await saving
  expect(order).toEqual(['saved', 'forgotten'])
  await dropField('entry a', 'Flow', '1')
  expect(await draftOf('entry a')).toEqual({ Flow: '12' })
})

test('what a closed tab had typed is found by the next; an open tab keeps its own', async () => {
  const held = [{ name: 'hoxen-tab-open' }]
  Object.defineProperty(navigator, 'locks', { configurable: true, value: { query: async () => ({ held }) } })
  await keepDraft('item rod', { name: 'mine' })
  const [own] = await db.drafts.toArray()
  await db.drafts.clear()
  // Of several that were closed the latest, in whatever order they are listed.
  for (const [tab, at] of [
    ['a', 3],
    ['closed', 9],
    ['d', 5],
    ['open', 20],
  ] as const)
    await db.drafts.put({ form: 'item rod', tab, at, text: { name: tab } })
  expect(await draftOf('item rod')).toEqual({ name: 'closed' })
  expect((await db.drafts.toArray()).map(({ tab }) => tab).sort()).toEqual(
    ['a', 'd', own?.tab, 'open'].sort(),
  )
  Object.defineProperty(navigator, 'locks', { configurable: true, value: undefined })
})

function Lengths() {
  const [lengths, setLengths] = useDraftState<readonly number[]>('bench', 'lengths', [])
  return (
    <button type="button" onClick={() => setLengths(lengths.length === 2 ? [] : [...lengths, 3])}>
      {lengths.join(' ') || 'none'}
    </button>
  )
}

test('figures of a bench are there again, and forgotten once it is as it began', async () => {
  render(<Lengths />)
  fireEvent.click(screen.getByRole('button'))
  fireEvent.click(screen.getByRole('button'))
  await waitFor(async () => expect(await draftOf('bench')).toEqual({ lengths: '[3,3]' }))
  cleanup()
  render(<Lengths />)
  fireEvent.click(await screen.findByRole('button', { name: '3 3' }))
  await waitFor(async () => expect(await draftOf('bench')).toBeNull())
})

function Addressed() {
  const { open, show, close } = useInAddress('entry')
  const { search } = useLocation()
  const navigate = useNavigate()
  return (
    <>
      <output>{search}</output>
      <button type="button" onClick={() => show('a')}>
        Open
      </button>
      <button type="button" onClick={() => void navigate(-1)}>
        Back
      </button>
      <button type="button" onClick={close}>
        Close
      </button>
      {open !== null && <p>sheet {open}</p>}
    </>
  )
}

test('a sheet with an address: Back closes it, and to close it is to go back; opened by a link it leaves the page', async () => {
  render(
    <MemoryRouter initialEntries={['/before', '/journal?view=log']} initialIndex={1}>
      <Addressed />
    </MemoryRouter>,
  )
  const press = (name: string): void => void fireEvent.click(screen.getByRole('button', { name }))
  press('Open')
  expect(screen.getByText('sheet a')).toBeTruthy()
  press('Back')
  expect(screen.queryByText('sheet a')).toBeNull()
  expect(screen.getByRole('status').textContent).toBe('?view=log')
  press('Open')
  press('Close')
  press('Back')
  expect(screen.getByRole('status').textContent).toBe('')
  cleanup()
  render(
    <MemoryRouter initialEntries={['/journal?entry=a']}>
      <Addressed />
    </MemoryRouter>,
  )
  press('Close')
  expect(screen.getByRole('status').textContent).toBe('')
})

function Asking() {
  const [open, setOpen] = useState(false)
  return (
    <>
      <button type="button" onClick={() => setOpen(true)}>
        Ask
      </button>
      <Sheet open={open} title="Delete all gear?" onClose={() => setOpen(false)}>
        <button type="button" onClick={() => setOpen(false)}>
          Keep them
        </button>
      </Sheet>
    </>
  )
}

test('a sheet without an address: Back closes it and the page stays; closed otherwise it leaves no step behind', async () => {
  history.replaceState({ idx: 0 }, '')
  render(<Asking />)
  for (const leave of ['back', 'button']) {
    fireEvent.click(screen.getByRole('button', { name: 'Ask' }))
    const keep = await screen.findByRole('button', { name: 'Keep them' })
    expect(history.state).toEqual({ idx: 0, sheet: true })
    if (leave === 'back') act(() => history.back())
    else fireEvent.click(keep)
    await waitFor(() => expect(screen.queryByText('Delete all gear?')).toBeNull())
    await waitFor(() => expect(history.state).toEqual({ idx: 0 }))
  }
})
