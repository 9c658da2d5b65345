/** @jest-environment jsdom */

import { afterEach, beforeEach, expect, test } from '@jest/globals'
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { everything, undo } from '../../store/index.ts'
import { keepDemo, show } from '../../testing/show.tsx'
import { BendView } from './BendView.tsx'
import { TrialsView } from './TrialsView.tsx'

beforeEach(() => keepDemo({ trials: [], bends: [] }))
afterEach(cleanup)

const fill = (field: HTMLElement, value: string): void => {
  fireEvent.change(field, { target: { value } })
  fireEvent.blur(field)
}

test('a head is felt, kept, drawn and taken back; the next worth borrowing is named', async () => {
  show(<TrialsView />, '/journal?rod=long-seven-13-ft')
  expect((await screen.findByText(/^Nothing tried yet\. The next head worth borrowing/)).dataset.own).toBe(
    'open',
  )
  expect((screen.getByRole('button', { name: 'right' }) as HTMLButtonElement).disabled).toBe(true)
  fill(screen.getByLabelText('Its mass'), '450 gr')
  fireEvent.click(screen.getByRole('button', { name: 'a little light' }))
  const list = await screen.findByRole('list', { name: 'Trials, latest first' })
  expect(within(list).getByText(/450 gr/).parentElement?.textContent).toContain('a little light')
  expect(await screen.findByText(/^So far yours looks like/)).toBeTruthy()
  expect(screen.getByRole('img').getAttribute('aria-label')).toContain('yours window')
  expect((await everything()).trials).toMatchObject([
    { rodId: 'long-seven-13-ft', style: 'skagit', feel: -1 },
  ])
  await undo()
  await waitFor(() => expect(screen.queryByRole('list', { name: 'Trials, latest first' })).toBeNull())
})

test('a head that none weighs is refused; trials are told apart by who cast', async () => {
  show(<TrialsView />, '/journal?rod=long-seven-13-ft')
  fill(await screen.findByLabelText('Its mass'), '9 kg')
  expect(screen.getByRole('alert').textContent).toMatch(/gr, please/)
  fill(screen.getByLabelText('Its mass'), '500 gr')
  fireEvent.click(screen.getByRole('button', { name: 'right' }))
  await screen.findByRole('list', { name: 'Trials, latest first' })
  fill(screen.getByLabelText(/^Who casts/), 'Somebody else')
  await waitFor(() => expect(screen.queryByRole('list', { name: 'Trials, latest first' })).toBeNull())
  expect((await everything()).settings?.castsAs).toBe('Somebody else')
})

test('two rods are bent, drawn, compared and kept; a drop longer than the rod is refused', async () => {
  show(<BendView />, '/journal?view=bend')
  const [known, unknown] = await screen.findAllByLabelText('From the clamp to the tip-top')
  if (known === undefined || unknown === undefined) throw new Error('no fields')
  fill(known, '3.5 m')
  fill(unknown, '3.5 m')
  const [drop] = screen.getAllByLabelText(/^Drops Long seven/)
  const [other] = screen.getAllByLabelText(/^Drops (?!Long seven)/)
  if (drop === undefined || other === undefined) throw new Error('no fields')
  fill(screen.getByLabelText('Weight 1'), '100 g')
  fill(drop, '5 m')
  expect(screen.getByRole('alert').textContent).toMatch(/ft, please/)
  fill(drop, '1.2 m')
  fill(other, '1.2 m')
  const said = await screen.findByText(/carries 100 % of what Long seven, 13 ft carries/)
  expect(said.dataset.bend).toBe('compared')
  expect(screen.getAllByRole('img')[0]?.getAttribute('aria-label')).toMatch(/drops its tip 3\.9 ft/)
  fireEvent.click(screen.getByRole('button', { name: 'Keep this bend' }))
  expect(await screen.findByRole('list', { name: 'Bends that are kept' })).toBeTruthy()
  expect((await everything()).bends).toHaveLength(1)
  fill(other, '0.1 m')
  expect((await screen.findByText(/only stir its tip/)).dataset.bend).toBe('too-light')
})
