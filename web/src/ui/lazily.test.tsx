/** @jest-environment jsdom */

import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { act, cleanup, render, screen } from '@testing-library/react'
import { Suspense } from 'react'
import { lazily, Opening, untilItComes } from './lazily.tsx'

beforeEach(() => {
  jest.useFakeTimers()
})
afterEach(() => {
  jest.useRealTimers()
  cleanup()
})
const online = (is: boolean): Navigator =>
  Object.defineProperty(navigator, 'onLine', { configurable: true, value: is })

test('a page that does not come says why, and comes by itself when the connection is back', async () => {
  online(false)
  let there = false
  const Page = lazily(async () => {
    if (!there) throw new TypeError('Failed to fetch')
    return () => <p>The page</p>
  })
  render(
    <Suspense fallback={<Opening />}>
      <Page />
    </Suspense>,
  )
  await act(() => jest.advanceTimersByTimeAsync(600_000))
  expect(screen.getByRole('status').textContent).toMatch(/^No connection/)
  there = true
  online(true)
  await act(async () => {
    dispatchEvent(new Event('online'))
    await jest.advanceTimersByTimeAsync(0)
  })
  expect(screen.getByText('The page')).toBeTruthy()
})

test('what never comes with a connection fails in the end', async () => {
  online(true)
  const load = jest.fn(async () => {
    throw new Error('gone')
  })
  const failed = expect(untilItComes(load)).rejects.toThrow('gone')
  await jest.advanceTimersByTimeAsync(60_000)
  await failed
  expect(load.mock.calls.length).toBeGreaterThan(3)
})
