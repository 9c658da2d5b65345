import { readFileSync } from 'node:fs'
import { expect, go, idle, openDemo, test } from '../open.ts'

test('the demo’s trip: kit, a tip left at home, what falls, undo; four tips at most; calendar and print', async ({
  page,
}) => {
  await openDemo(page, '/trip')
  await expect(page.getByRole('heading', { level: 1, name: 'Four days in autumn' })).toBeVisible()
  const verdict = page.locator('[data-verdict]')
  await expect(verdict).toContainText(/cover \d+ of 50 cases\./)
  await idle(page)
  const before = await verdict.textContent()
  const covered = page.locator('[data-covered="true"]')
  const marks = await covered.count()
  expect(marks).toBeGreaterThan(10)

  // What needs a thing lights up, and what falls without it is said; taken, it stays at home.
  const tip = page.locator('[data-kit] button[data-item="t-8-5-ft"]')
  await tip.focus()
  await expect(page.locator('#falls')).toContainText(/Without it/)
  await tip.press('Enter')
  await expect(page.getByRole('button', { name: 'Bring T-8, 5 ft' })).toBeVisible()
  await expect(tip).toBeHidden()
  await idle(page)
  expect(await covered.count()).toBeLessThanOrEqual(marks)
  await page.getByRole('button', { name: 'Undo: Leave T-8, 5 ft at home' }).click()
  await expect(tip).toBeVisible()
  await expect(verdict).toHaveText(before ?? '')

  // A demand in words; a step of the staircase shows its kit.
  await page.locator('[data-demand]').first().click()
  await expect(page.locator('[data-chosen]')).toContainText('Kettle Run at 494 cfs, Winter marabou')
  const stair = page.getByRole('button', { name: /^7 things cover/ })
  await stair.click()
  await expect(stair).toHaveAttribute('aria-pressed', 'true')
  await expect(page.locator('[data-kit] button[data-item]:enabled')).toHaveCount(7)

  await page.getByText('Limits and minutes').click()
  const most = page.getByLabel('Most tips')
  await most.fill('a few')
  await most.press('Enter')
  await expect(page.getByText('Enter a whole number from 0 to 500, or nothing for no limit.')).toBeVisible()
  await most.fill('1')
  await most.press('Enter')
  await expect(verdict).toContainText(/\b1 tip\b/)
  await page.getByLabel('Must come', { exact: true }).selectOption('t-8-5-ft')
  await page.getByLabel('Must come', { exact: true }).selectOption('t-11-10-ft')
  await expect(page.getByRole('alert')).toHaveText('T-8, 5 ft and T-11, 10 ft must come, but only 1 tip may.')
  await page.getByRole('button', { name: 'T-11, 10 ft: need not come' }).click()
  await expect(page.getByRole('alert')).toHaveCount(0)

  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save the days as a calendar' }).click()
  expect(readFileSync(await (await saved).path(), 'utf8')).toContain('SUMMARY:Leave the beach by')
  await page.getByRole('button', { name: 'Pack it' }).click()
  await expect(page.getByRole('button', { name: 'Undo: Pack for Four days in autumn' })).toBeVisible()

  await page.getByRole('link', { name: 'Print' }).click()
  await expect(page.locator('[data-printed]')).toContainText('Leave by')
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1)
})

test('a trip of one’s own: a day, a pool and its levels, on a phone; pools that say nothing are named', async ({
  page,
}) => {
  await openDemo(page, '/trip')
  await page.setViewportSize({ width: 390, height: 844 })
  await page.getByRole('button', { name: 'New trip' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'A new trip' })).toBeVisible()
  await page.getByLabel('Add a pool').selectOption('bell-tail')
  await expect(page.locator('[data-verdict]')).toBeVisible()
  await page.getByText('Bell Tail as it is').click()
  await page.getByRole('radio', { name: 'from low to high' }).click()
  await page.getByLabel('Highest').fill('1 cfs')
  await page.getByLabel('Highest').fill('90000 cfs')
  await page.getByLabel('Highest').press('Enter')
  await expect(page.getByRole('alert')).toContainText('cfs')
  await page.getByLabel('Highest').fill('200 cfs')
  await page.getByLabel('Highest').press('Enter')
  await expect(page.locator('[data-demand]')).toHaveCount(3)
  await idle(page)
  await expect(page.locator('[data-days] [data-visit="bell-tail"]')).toBeVisible()
  // Beside the demo's: what only one of them takes.
  await page.getByLabel('Beside it').selectOption('four-days-in-autumn')
  await expect(page.locator('[data-beside]')).toContainText('Only here: ')
  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Four days in autumn' })).toBeVisible()
  await go(page, '/trip?trip=nonsense')
  await expect(page.getByRole('heading', { level: 1, name: 'Four days in autumn' })).toBeVisible()
})
