import { readFileSync } from 'node:fs'
import { expect, go, openDemo, test } from '../open.ts'

const part = (page: import('@playwright/test').Page, slot: string) => page.locator(`[data-look="${slot}"]`)

test('nothing owned: a rod is typed, a whole rig comes; what one has takes its place, and the ledger follows', async ({
  page,
}) => {
  await go(page, '/match')
  await page.getByRole('link', { name: 'I have one rod, or none' }).click()
  const field = page.getByLabel('A rod you have or want')
  await field.fill('a stick')
  await field.press('Enter')
  await expect(page.getByText('No rod found in “a stick”.')).toBeVisible()
  await field.fill('13 ft 7')
  await field.press('Enter')
  await expect(page.getByText('A two-hander, no. 7')).toBeVisible()
  await page.getByRole('button', { name: 'Skagit' }).click()
  const card = page.getByRole('article')
  await expect(card).toContainText('13 ft 7 with a Skagit')
  await expect(card.getByText('Holds').first()).toBeVisible()
  await expect(part(page, 'headId').locator('[data-figure="headKg"]')).toContainText(
    /44\d–52\d gr, best 48\d gr/,
  )
  await expect(card.locator('path[stroke-dasharray]').first()).toBeVisible()

  await page.getByRole('button', { name: 'I have this head' }).click()
  const line = page.getByLabel('Yours, in one line')
  await line.fill('T-11 10 ft')
  await expect(page.getByText('That is a tip, not a head.')).toBeVisible()
  // Typed, it lies on the axis: out of what holds.
  await line.fill('skagit 560 gr 23 ft')
  await expect(part(page, 'headId').locator('[data-figure="headKg"] [data-mine="false"]')).toBeVisible()
  await line.press('Enter')
  await expect(part(page, 'headId')).toContainText('Skagit 560 gr 23 ft')
  await expect(card.getByText(/560 gr is over the estimated window/)).toBeVisible()
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
  await go(page, '/match/look')
  await expect(part(page, 'rodId')).toContainText(/number \d/)
  await part(page, 'rodId').getByText('Rods one step away').click()
  await expect(page.locator('[data-aside="rods"]')).toContainText('One line size')
  await expect(part(page, 'reelId')).toContainText(/room for \d+ cm³ of line and backing/)
  await openDemo(page)
  await page.keyboard.press('Control+k')
  await page.getByLabel('Command, gear or word').fill('what for a 12½ ft 6?')
  await page.getByRole('option', { name: /^What to look for around: no. 6/ }).click()
  await expect(page.getByText('A two-hander, no. 6')).toBeVisible()
  await expect(part(page, 'headId').locator('[data-figure="headKg"]')).toContainText(/best \d+ gr/)
})

test('gear missing: Match puts whole rigs together all the same, and two tips are named for most days', async ({
  page,
}) => {
  const add = async (text: string): Promise<void> => {
    await go(page, '/gear?add')
    const line = page.getByRole('textbox').first()
    await line.fill(text)
    await line.press('Enter')
    // Each by its name: the step of the one before is still there to be undone.
    const name = text.split(' ').slice(0, 2).join(' ')
    await expect(page.getByRole('button', { name: new RegExp(`^Undo: Add ${name}`, 'i') })).toBeVisible()
  }
  await add('12½ ft no. 6 two-hander')
  await go(page, '/match')
  await expect(page.locator('[data-look-strip="skagit"]')).toContainText(/Head Skagit, 4\d\d gr/)
  await add('skagit 425 gr 20 ft')
  await go(page, '/match')
  const strip = page.getByRole('region', { name: 'With the missing part' }).getByRole('listitem')
  await expect(strip).toContainText('Leader')
  await strip.getByRole('link', { name: /See the range for each figure/ }).click()
  await expect(part(page, 'headId')).toContainText('Skagit 425 gr 20 ft')
  await page.getByRole('button', { name: 'Two tips for most of my days' }).click()
  await expect(page.locator('[data-cover="tips"]')).toContainText(/works? on Winter run/)
  // On the rod's own page: each style's best on one axis.
  await go(page, '/gear?kind=rod')
  await page.getByRole('link', { name: /12½ ft no\. 6/ }).click()
  await expect(page.locator('[data-belongs="skagit"]')).toContainText(/4\d\d gr/)
  await expect(page.getByRole('img', { name: /Skagit window .*, 4\d\d gr on it/ })).toBeVisible()
})
