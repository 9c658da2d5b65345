/** @jest-environment jsdom */

import { afterEach, beforeEach, expect, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { everything } from '../../store/everything.ts'
import { demo, keepDemo, show } from '../../testing/show.tsx'
import { waitFor } from '../../testing/waiting.ts'
import { QuickAdd } from './QuickAdd.tsx'

beforeEach(() => keepDemo())
afterEach(cleanup)

const line = (): HTMLInputElement => screen.getByLabelText('Add in one line')
const type = (value: string): void => void fireEvent.change(line(), { target: { value } })

test('what is typed is told as it is read; what is wrong only when it is to be added, until it is changed', async () => {
  show(<QuickAdd focus={false} />)
  const says = (): HTMLElement => screen.getByRole('status')
  type('skagit 17 wombles')
  expect(line().getAttribute('aria-invalid')).toBe('false')
  fireEvent.submit(line())
  expect(line().getAttribute('aria-invalid')).toBe('true')
  expect(says().textContent).toContain('skagit 510 gr 23 ft')
  type('skagit 510 gr 23 ft')
  expect(line().getAttribute('aria-invalid')).toBe('false')
  expect(says().textContent).toMatch(/^Reads as a head: .*510 gr/)
  fireEvent.submit(line())
  await waitFor(() => expect(line().value).toBe(''))
  expect((await everything()).items).toHaveLength(demo.items.length + 1)
  // The notice of it comes by itself.
  await import('sonner')
})
