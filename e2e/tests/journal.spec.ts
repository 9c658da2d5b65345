import { readFileSync } from 'node:fs'
import { expect, openDemo, test } from '../open.ts'

test('five heads are tried to a verdict, the next one named each time; two rods are bent and the one without a window has one', async ({
  page,
}) => {
  await openDemo(page, '/journal?view=trials&rod=one-hand-six-9-ft-6&style=skagit')
  const said = page.locator('[data-own]')
  await expect(said).toContainText(
    /No heads tried yet\. The next head worth borrowing is one of about \d+ gr/,
  )
  for (const [grains, feel] of [
    ['240 gr', 'a little light'],
    ['270 gr', 'a little heavy'],
    ['255 gr', 'right'],
    ['230 gr', 'too light'],
    ['280 gr', 'too heavy'],
  ] as const) {
    await page.getByLabel('Its weight').fill(grains)
    await page.getByLabel('Its weight').press('Enter')
    await page.getByRole('button', { name: feel, exact: true }).click()
    await expect(page.getByRole('list', { name: 'Trials, latest first' }).getByText(grains)).toBeVisible()
  }
  await expect(said).toContainText(/(Your window is|So far your window looks like) 2[34]\d to 2[67]\d gr/)
  await page.goto('/#/journal?view=bend')
  await page.getByText('The figures', { exact: true }).click()
  for (const [which, free, drops] of [
    [0, '11 ft', ['1.2 m', '1.45 m']],
    [1, '9 ft 6', ['1.1 m', '1.3 m']],
  ] as const) {
    await page.getByLabel('From the clamp to the tip-top').nth(which).fill(free)
    for (const [i, drop] of drops.entries()) {
      await page.getByRole('textbox', { name: `Weight ${i + 1}` }).fill(['120 g', '180 g'][i] ?? '')
      await page
        .getByLabel(/^Drops/)
        .nth(2 * i + which)
        .fill(drop)
      await page
        .getByLabel(/^Drops/)
        .nth(2 * i + which)
        .press('Tab')
    }
  }
  await expect(page.locator('[data-bend="compared"]')).toContainText(/carries \d+% of what/)
  await page.getByRole('button', { name: 'Save this bend test' }).click()
  await expect(page.getByRole('list', { name: 'Saved bend tests' }).getByRole('listitem')).toHaveCount(2)
})

test('a swing is filled in at leisure: a large photo is made small, a time to come is refused; the season is narrowed down', async ({
  page,
}) => {
  await openDemo(page, '/journal?view=season&saw=band')
  const swings = page.locator('[data-swings]')
  await expect(swings).toHaveText('20 of 40 swings')
  await page.locator('[data-saw="band"] button').first().click()
  const sheet = page.getByRole('dialog')
  await sheet.getByLabel('Fish').fill('two')
  await sheet.getByLabel('Fish').press('Enter')
  await expect(sheet.getByText('Enter 0 to 999 fish.')).toBeVisible()
  await sheet.getByLabel('Fish').fill('2')
  await sheet.getByLabel('Fish').press('Enter')
  await sheet.getByLabel('When').fill('2099-01-01T10:00')
  await sheet.getByLabel('When').blur()
  await expect(sheet.getByText('That’s in the future.', { exact: false })).toBeVisible()
  // Twelve megapixels, as a phone takes them.
  const photo = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(4000, 3000)
    const ink = canvas.getContext('2d')
    for (let i = 0; i < 400; i++) {
      if (ink) ink.fillStyle = `hsl(${i * 37} 60% ${20 + (i % 60)}%)`
      ink?.fillRect((i * 997) % 4000, (i * 613) % 3000, 300, 220)
    }
    const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer())
    return btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(''))
  })
  const take = (name: string, buffer: Buffer) =>
    sheet.locator('input[type="file"]').setInputFiles({ name, mimeType: 'image/png', buffer })
  await take('bank.png', Buffer.from(photo, 'base64'))
  await expect(sheet.getByRole('img', { name: 'Seen on this swing' })).toBeVisible()
  const kept = await sheet.getByRole('img', { name: 'Seen on this swing' }).getAttribute('src')
  expect(kept?.length).toBeLessThanOrEqual(200_000)
  await take('notes.png', readFileSync(new URL(import.meta.url)))
  await expect(sheet.getByText('cannot open “notes.png” as a photo', { exact: false })).toBeVisible()
  await sheet.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByLabel('photo').first()).toBeVisible()
  await page.getByLabel('Pool', { exact: true }).selectOption({ label: 'Kettle Run' })
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Kettle Run')
  await expect(swings).not.toHaveText('20 of 40 swings')
  await page.getByRole('button', { name: 'Show all of it' }).click()
  await expect(swings).toHaveText('40 of 40 swings')
})
