/** @jest-environment jsdom */

import { afterEach, expect, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { show } from '../../testing/show.tsx'
import { waitFor } from '../../testing/waiting.ts'
import { FirstLook } from './FirstLook.tsx'

afterEach(cleanup)

const type = (label: string, value: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value } })
}

// 160 gr: a line no. 6 weighs that over its first 30 ft. AFTM line standard.
test('a trout line is weighed as the window beside it counts, not whole', async () => {
  show(<FirstLook />)
  type('A rod', '9ft 6wt')
  type('A head for it', 'wf6')
  const says = await waitFor(() => {
    const line = document.querySelector<HTMLElement>('[data-fit]')
    if (line === null) throw new Error('nothing said yet')
    return line
  })
  expect(says.dataset.fit).toBe('holds')
  expect(document.body.innerHTML).toMatch(/\b160 gr\b/)
  type('A head for it', 'wf9')
  await waitFor(() => expect(document.querySelector<HTMLElement>('[data-fit]')?.dataset.fit).toBe('breaks'))
})

test('what is no head says so beside its field', () => {
  show(<FirstLook />)
  type('A head for it', 'T-11 10 ft')
  expect(screen.getByText('That is not a head.')).toBeTruthy()
  type('A head for it', 'skagit 510 gr 23 ft')
  expect(screen.queryByText('That is not a head.')).toBeNull()
})
