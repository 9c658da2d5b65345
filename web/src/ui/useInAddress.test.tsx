/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { HashRouter, useLocation, useNavigate } from 'react-router'
import { waitFor } from '../testing/waiting.ts'
import { useInAddress } from './index.ts'

afterEach(() => {
  cleanup()
  location.hash = ''
})

function Page() {
  const { open, show, close } = useInAddress('entry')
  const navigate = useNavigate()
  return (
    <>
      <output>{`${useLocation().pathname} ${open ?? 'nothing'}`}</output>
      <button type="button" onClick={() => show('one')}>
        Show
      </button>
      <button type="button" onClick={close}>
        Close
      </button>
      <button
        type="button"
        onClick={() => {
          location.hash = '#/elsewhere'
          close()
        }}
      >
        Leave and close
      </button>
      <button type="button" onClick={() => void navigate('/two?entry=typed')}>
        Go
      </button>
    </>
  )
}
const press = (name: string): boolean => fireEvent.click(screen.getByRole('button', { name }))
const says = (text: string) => waitFor(() => expect(screen.getByRole('status').textContent).toBe(text))

test('a sheet that was opened closes by going back; one that an address opened, by an address without it', async () => {
  render(
    <HashRouter>
      <Page />
    </HashRouter>,
  )
  const before = history.length
  press('Show')
  await says('/ one')
  expect(history.length).toBe(before + 1)
  press('Close')
  await says('/ nothing')
  press('Close')
  await says('/ nothing')
  press('Go')
  await says('/two typed')
  const there = history.length
  press('Close')
  await says('/two nothing')
  // Nothing was gone back to: the page before it is still one step away.
  expect(history.length).toBe(there)
})

test('a sheet that goes with its page takes nobody back from where they went', async () => {
  render(
    <HashRouter>
      <Page />
    </HashRouter>,
  )
  press('Show')
  await says('/ one')
  const back = jest.spyOn(history, 'go')
  press('Leave and close')
  await says('/elsewhere nothing')
  expect(back).not.toHaveBeenCalled()
  back.mockRestore()
})
