import type { Page } from '@playwright/test'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { expect, go, test, winterRig } from '../open.ts'

/** Pages as printed, and the text in them that a reader finds who knows nothing of us. */
async function printed(page: Page): Promise<{ readonly pages: number; readonly text: string }> {
  const data = new Uint8Array(await page.pdf({ format: 'A4' }))
  const pdf = await getDocument({ data, verbosity: 0 }).promise
  const texts = await Promise.all(
    Array.from(
      { length: pdf.numPages },
      async (_, i) => (await (await pdf.getPage(i + 1)).getTextContent()).items,
    ),
  )
  const text = texts
    .flat()
    .map((item) => ('str' in item ? item.str : ''))
    .join(' ')
    .replace(/\s+/g, ' ')
  return { pages: pdf.numPages, text }
}

// Which tip for which depth and flow is printed whole.
test.use({ effort: 'full' })

test('rig card, pool card, bag labels and trial sheet: one page each, with what they are for', async ({
  page,
}) => {
  await winterRig(page)
  await go(page, '/water')
  await page.getByRole('button', { name: 'Kettle Run' }).click()
  await expect(page.getByRole('heading', { name: 'Kettle Run' })).toBeVisible()
  await go(page, '/rig/card')
  await expect(page.getByRole('img', { name: 'Opens this rig in this day' })).toBeVisible()
  const card = await printed(page)
  expect(card.pages).toBe(1)
  for (const word of [
    'Long seven, 13 ft with 510 gr short Skagit',
    'Kettle Run',
    'Rigging',
    'Depth of the fly',
  ])
    expect(card.text).toContain(word)
  // Nothing of the screen comes along.
  expect(card.text).not.toMatch(/Print this page|Settings/)
  await go(page, '/water/card')
  await expect(page.locator('[data-chart="done"]')).toBeVisible()
  const pool = await printed(page)
  expect(pool.pages).toBe(1)
  for (const word of ['Kettle Run', 'T-11, 10 ft', 'today', 'What it remembers'])
    expect(pool.text).toContain(word)
  await go(page, '/gear/labels')
  await page.getByRole('checkbox', { name: 'Heads' }).check()
  await expect(page.getByRole('img', { name: /^Opens / })).toHaveCount(21)
  const labels = await printed(page)
  expect(labels.pages).toBe(1)
  expect(labels.text).toContain('right chest pocket · Stepped 5 ft')
  await go(page, '/journal/trial-sheet?rod=switch-six-11-ft-3&style=skagit')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Head trials on/)
  const sheet = await printed(page)
  expect(sheet.pages).toBe(1)
  expect(sheet.text).toMatch(/trials on .*: Skagit/)
  expect(sheet.text).toContain('too light')
})
