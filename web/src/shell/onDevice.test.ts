/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals'
import { shareText } from './onDevice.ts'

const sheet = (takes: (type: string) => boolean, share: () => Promise<void>) => {
  const shared = jest.fn(async ({ files }: { files: File[] }) => {
    expect(files).toHaveLength(1)
    await share()
  })
  Object.assign(navigator, {
    canShare: ({ files }: { files: File[] }) => takes(files[0]?.type ?? ''),
    share: shared,
  })
  return shared
}
const done = async (): Promise<void> => {}
afterEach(() => Object.assign(navigator, { canShare: undefined, share: undefined }))

describe('everything goes to another device', () => {
  const save = jest.fn()
  afterEach(() => void save.mockClear())
  test('as JSON where that is shared, as plain text where only that is, as a saved file where nothing is', async () => {
    const json = sheet(() => true, done)
    expect(await shareText('all.json', '{}', save)).toBe(true)
    expect(json.mock.calls[0]?.[0].files[0]?.name).toBe('all.json')
    const text = sheet((type) => type === 'text/plain', done)
    expect(await shareText('all.json', '{}', save)).toBe(true)
    expect(text.mock.calls[0]?.[0].files[0]?.name).toBe('all.txt')
    expect(save).not.toHaveBeenCalled()
    sheet(() => false, done)
    expect(await shareText('all.json', '{}', save)).toBe(true)
    expect(save).toHaveBeenCalledTimes(1)
  })
  test('a sheet that is closed shared nothing, and nothing is counted as saved; one that breaks down leaves a file', async () => {
    sheet(
      () => true,
      async () => {
        throw new DOMException('closed', 'AbortError')
      },
    )
    expect(await shareText('all.json', '{}', save)).toBe(false)
    expect(save).not.toHaveBeenCalled()
    sheet(
      () => true,
      async () => {
        throw new Error('broken')
      },
    )
    expect(await shareText('all.json', '{}', save)).toBe(true)
    expect(save).toHaveBeenCalledTimes(1)
  })
})
