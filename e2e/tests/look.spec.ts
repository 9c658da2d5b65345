import { readFileSync } from 'node:fs'
import { expect, openDemo, test } from '../open.ts'

const part = (page: import('@playwright/test').Page, slot: string) => page.locator(`[data-look="${slot}"]`)

test('nothing owned: a rod is typed, a whole rig comes; what one has takes its place, and the ledger follows', async ({
  page,
}) => {
  await page.goto('/match')
  await page.getByRole('link', { name: 'I have one rod, or none' }).click()
  const field = page.getByLabel('A rod you have or want')
  await field.fill('a stick')
  await field.press('Enter')
  await expect(page.getByText('No rod is read in “a stick”.')).toBeVisible()
  await field.fill('13 ft 7')
  await field.press('Enter')
  await expect(page.getByText('A two-hander no. 7')).toBeVisible()
  await page.getByRole('button', { name: 'Skagit' }).click()
  const card = page.getByRole('article')
  await expect(card).toContainText('13 ft 7 with a Skagit')
  await expect(card.getByText('Holds').first()).toBeVisible()
  await expect(part(page, 'headId').locator('[data-figure="headKg"]')).toContainText(
    /44\d – 52\d gr, best 48\d gr/,
  )
  await expect(card.locator('path[stroke-dasharray]').first()).toBeVisible()

  await page.getByRole('button', { name: 'I have this head' }).click()
  const line = page.getByLabel('As it is, in one line')
  await line.fill('T-11 10 ft')
  await expect(page.getByText('That is a tip, not a head.')).toBeVisible()
  await line.fill('skagit 560 gr 23 ft')
  await line.press('Enter')
  await expect(part(page, 'headId')).toContainText('Skagit 560 gr 23 ft')
  await expect(card.getByText(/560 gr lies above the band/)).toBeVisible()
  await page.reload()
  await expect(part(page, 'headId')).toContainText('Skagit 560 gr 23 ft')

  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as text' }).click()
  const text = readFileSync(await (await saved).path(), 'utf8')
  expect(text).toContain('Leader: ')
  expect(text).toMatch(/weakest piece: .*lb/)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
  await expect(card).toBeVisible()
})

test('no rod, only fish and river: rods to look for; the palette is asked as one would ask over a counter', async ({
  page,
}) => {
  await page.goto('/match/look')
  await expect(part(page, 'rodId')).toContainText(/number \d/)
  await openDemo(page)
  await page.keyboard.press('Control+k')
  await page.getByLabel('Command or gear').fill('what for a 12½ ft 6?')
  await page.getByRole('option', { name: /^What to look for round a no. 6/ }).click()
  await expect(page.getByText('A two-hander no. 6')).toBeVisible()
  await expect(part(page, 'headId').locator('[data-figure="headKg"]')).toContainText(/best \d+ gr/)
})
