/** @jest-environment jsdom */

import { afterEach, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, renderHook, screen } from '@testing-library/react'
import { useNavigate } from 'react-router'
import { db } from '../store/database.ts'
import { listOf } from '../store/reading.ts'
import { addItem } from '../store/rows.ts'
import { show } from '../testing/show.tsx'
import { waitFor } from '../testing/waiting.ts'
import { Later } from './Later.tsx'
import { PageGuard } from './PageGuard.tsx'
import { SettingsPage } from './SettingsPage.tsx'
import { usePlace } from './usePlace.ts'
import { useScrolledDown } from './useScrolledDown.ts'

afterEach(() => {
  cleanup()
  jest.restoreAllMocks()
})

test('without a store Settings says that nothing is kept; with one, where it lives', async () => {
  show(<SettingsPage />, '/settings')
  expect(await screen.findByText(/^Your data stays in this browser/)).toBeTruthy()
  cleanup()
  jest.spyOn(db, 'open').mockRejectedValue(new DOMException('raw', 'SecurityError') as never)
  show(<SettingsPage />, '/settings')
  expect((await screen.findByText(/^This browser doesn’t save anything here/)).dataset.kept).toBe('nothing')
})

test('the demo asked for by an address is asked about over one’s own, and nothing of it is touched', async () => {
  const noOne = () => {}
  jest.spyOn(window, 'scrollTo').mockImplementation(noOne)
  const loads = () => screen.queryByText('Try the demo gear?')
  await addItem({ kind: 'leader', id: 'own', name: 'Mine', form: 'level', lengthM: 2 })
  show(
    <>
      <Later pathname="/settings" quiet onOpen={noOne} />
      <SettingsPage />
    </>,
    '/settings?demo',
  )
  await waitFor(() => expect(loads()).not.toBeNull())
  expect(await listOf('items')).toHaveLength(1)
  fireEvent.click(screen.getByRole('button', { name: 'Cancel' }))
  await waitFor(() => expect(loads()).toBeNull())
})

function Broken({ error }: { readonly error: Error }): never {
  throw error
}

test('a page that fails for want of a store says so in words; another shows what failed, and that nothing is lost', () => {
  jest.spyOn(console, 'error').mockImplementation(() => {})
  const failing = (error: Error): string | null => {
    cleanup()
    show(
      <PageGuard address="/rig">
        <Broken error={error} />
      </PageGuard>,
    )
    return screen.getByRole('alert').textContent
  }
  const raw = failing(Object.assign(new Error('IDBFactory.open: raw'), { name: 'OpenFailedError' }))
  expect(raw).toMatch(/doesn’t save anything here/)
  expect(raw).not.toMatch(/IDBFactory|are safe/)
  expect(failing(new Error('x is undefined'))).toMatch(/are safe in this browser.*x is undefined/)
})

test('what is read takes the room of the head, which comes back on the way up and at the top', () => {
  const { result } = renderHook(() => useScrolledDown())
  const scrolled = (y: number): boolean => {
    Object.defineProperty(window, 'scrollY', { value: y, configurable: true })
    fireEvent.scroll(window)
    return result.current[0]
  }
  expect([100, 400, 405, 700, 690, 600, 900, 0].map(scrolled)).toEqual([
    false,
    true,
    true,
    true,
    true,
    false,
    true,
    false,
  ])
})

function Places() {
  usePlace()
  const navigate = useNavigate()
  return (
    <>
      <button type="button" onClick={() => void navigate('/other')}>
        on
      </button>
      <button type="button" onClick={() => void navigate(-1)}>
        back
      </button>
    </>
  )
}

test('a page that is gone to starts at its top, one gone back to where it was left; a hand that scrolls meanwhile is not fought', async () => {
  let long = 2000
  const went = jest.spyOn(window, 'scrollTo').mockImplementation(((_x: number, y: number) => {
    Object.defineProperty(window, 'scrollY', { value: Math.min(y, long), configurable: true })
  }) as typeof window.scrollTo)
  show(<Places />, '/first')
  expect(went).not.toHaveBeenCalled()
  scrollTo(0, 700)
  fireEvent(window, new Event('scrollend'))
  fireEvent.click(screen.getByText('on'))
  expect(scrollY).toBe(0)
  // It is short yet: Hoxen waits for it to grow, unless a hand wants it elsewhere.
  long = 200
  fireEvent.click(screen.getByText('back'))
  await waitFor(() => expect(went.mock.calls.filter(([, y]) => Number(y) === 700).length).toBeGreaterThan(3))
  fireEvent.wheel(window)
  const calls = went.mock.calls.length
  await new Promise((done) => setTimeout(done, 100))
  expect(went.mock.calls.length).toBe(calls)
})
