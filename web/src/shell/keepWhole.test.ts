/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'

type Heard = 'waiting' | 'controlling'
const heard = new Map<Heard, () => void>()
const skipped = jest.fn()
const registered = jest.fn(async () => undefined)
jest.mock('workbox-window', () => ({
  Workbox: class {
    addEventListener = (kind: Heard, on: () => void) => void heard.set(kind, on)
    messageSkipWaiting = skipped
    register = registered
    update = async () => undefined
  },
}))

/** A page that is built or not, in a browser that a service worker already serves or not. */
function page(built: boolean, served: boolean | undefined): void {
  document.head.innerHTML = built ? '<link rel="manifest" href="x">' : ''
  Object.defineProperty(navigator, 'serviceWorker', {
    value: served === undefined ? undefined : { controller: served ? {} : null },
    configurable: true,
  })
  if (served === undefined) Reflect.deleteProperty(navigator, 'serviceWorker')
}

beforeEach(() => void jest.useFakeTimers())
afterEach(() => {
  jest.useRealTimers()
  jest.clearAllMocks()
  heard.clear()
})

describe('the application kept whole', () => {
  test.each([
    [false, false],
    [true, undefined],
  ])(
    'nothing is registered where it is not built, or the browser has no service worker (%p, %p)',
    async (built, served) => {
      page(built, served)
      const { keepWhole } = await import('./onDevice.ts')
      await keepWhole(jest.fn(), jest.fn())
      expect(registered).not.toHaveBeenCalled()
    },
  )
  test('a newer one waits until it is wanted', async () => {
    page(true, true)
    const { keepWhole } = await import('./onDevice.ts')
    let load = (): void => {}
    await keepWhole((now) => {
      load = now
    }, jest.fn())
    expect(registered).toHaveBeenCalledTimes(1)
    heard.get('waiting')?.()
    expect(skipped).not.toHaveBeenCalled()
    load()
    expect(skipped).toHaveBeenCalledTimes(1)
  })
  test.each([
    [true, 1],
    [false, 0],
  ])(
    'loaded by another tab it is told of, but not by the very first page (served before: %p)',
    async (served, told) => {
      page(true, served)
      const { keepWhole } = await import('./onDevice.ts')
      const onOther = jest.fn()
      await keepWhole(jest.fn(), onOther)
      heard.get('controlling')?.()
      expect(onOther).toHaveBeenCalledTimes(told)
    },
  )
})
