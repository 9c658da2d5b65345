import { readFile } from 'node:fs/promises'
import type { Browser, Page } from '@playwright/test'
import { expect, firstWinterRig, openDemo, test, winterRig } from '../open.ts'

/** A page of another device: nothing of the first is there. */
async function otherDevice(browser: Browser, baseURL: string | undefined): Promise<Page> {
  const context = await browser.newContext({
    ...(baseURL === undefined ? {} : { baseURL }),
    serviceWorkers: 'block',
    reducedMotion: 'reduce',
  })
  return context.newPage()
}

const add = async (page: Page, text: string, named: string): Promise<void> => {
  await page.goto('/#/gear?add')
  const line = page.getByRole('textbox').first()
  await line.fill(text)
  await line.press('Enter')
  await expect(page.getByRole('button', { name: new RegExp(`^Undo: Add ${named}`, 'i') })).toBeVisible()
}

/** Notes make no question of units. */
async function note(page: Page, item: string, text: string): Promise<void> {
  await page.goto('/#/gear')
  await page
    .getByRole('link', { name: new RegExp(item) })
    .first()
    .click()
  await page.getByLabel('Notes').fill(text)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page).toHaveURL(/#\/gear\?/)
}

async function carried(from: Page, to: Page): Promise<void> {
  await from.goto('/#/settings')
  const saving = from.waitForEvent('download')
  await from.getByRole('button', { name: 'Send to another device' }).click()
  const buffer = await readFile(await (await saving).path())
  await expect(from.locator('[data-since-saved="0"]')).toBeVisible()
  await to.goto('/#/gear?import')
  await to.getByLabel(/A table/).setInputFiles({ name: 'carried.json', mimeType: 'application/json', buffer })
}
const said = (page: Page) => page.getByRole('dialog').getByRole('status')

test('table and bank: one file merges both ways; what was changed on both is asked, what was taken away goes', async ({
  page: table,
  browser,
  baseURL,
}) => {
  const bank = await otherDevice(browser, baseURL)
  for (const [text, name] of [
    ['T-11 10 ft', 'T-11'],
    ['T-14 10 ft', 'T-14'],
    ['T-8 10 ft', 'T-8'],
  ] as const)
    await add(table, text, name)
  await carried(table, bank)
  await expect(said(bank)).toContainText('3 to add, 0 to change')
  await bank.getByRole('button', { name: 'Import 3' }).click()
  await expect(bank.getByText('3 imported from carried.json')).toBeVisible()
  // Apart: one thing on each side, one on both, one taken away.
  await note(table, 'T-11', 'from the table')
  await note(bank, 'T-11', 'from the bank')
  await note(bank, 'T-14', 'loop mended')
  await bank.goto('/#/gear')
  await bank.getByRole('link', { name: /T-8/ }).first().click()
  await bank.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect(bank.getByRole('button', { name: /^Undo: Delete/ })).toBeVisible()
  await add(bank, 'T-17 10 ft', 'T-17')
  await carried(bank, table)
  await expect(said(table)).toContainText('1 to add, 1 to change, 0 already the same, 1 to delete')
  const asked = table.getByRole('region', { name: 'Changed on both devices' })
  await expect(asked).toContainText('from the table')
  // Nothing is answered beforehand.
  const take = table.getByRole('button', { name: 'Import 4' })
  await expect(take).toBeDisabled()
  await asked.getByLabel(/The file/).check()
  await expect(table.getByText('One question is still open above.')).toBeVisible()
  await table.getByLabel('Delete here too').check()
  await take.click()
  await expect(table.getByText('4 imported from carried.json')).toBeVisible()
  await expect(table.getByRole('button', { name: /^All/ })).toContainText('3')
  // The answer goes back with the file, and is not asked again.
  await carried(table, bank)
  await expect(said(bank)).toContainText('0 to add, 0 to change')
  await expect(bank.getByRole('region', { name: 'Changed on both devices' })).toHaveCount(0)
  await bank.context().close()
})

test('a rig goes as a link: opened on another device it has the same verdict, and touches nothing there', async ({
  page,
  browser,
  baseURL,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await openDemo(page)
  await firstWinterRig(page)
  const verdict = (await page.locator('[data-check="depth"] p').first().textContent()) ?? ''
  await page.getByRole('button', { name: 'Send as a link' }).click()
  await expect(page.getByText('Link copied.', { exact: false })).toBeVisible()
  const link = await page.evaluate(() => navigator.clipboard.readText())
  expect(new URL(link).pathname + new URL(link).search).toBe('/')
  const other = await otherDevice(browser, baseURL)
  await other.goto(link)
  await expect(other.getByRole('heading', { level: 1 })).toHaveText(/^Long seven, 13 ft with/)
  await expect(other.locator('[data-check="depth"] p').first()).toHaveText(verdict)
  await other.goto('/#/gear')
  await expect(other.getByText(/^Nothing here yet\./)).toBeVisible()
  await other.goto(`${link.slice(0, -40)}`)
  await expect(other.getByRole('heading', { name: 'This link can’t be opened' })).toBeVisible()
  await other.context().close()
})

test('pools come in from a GPX file, shown before they are taken; the pool learns of the log and says so', async ({
  page,
}) => {
  await winterRig(page)
  await page.goto('/#/water?view=bed')
  const gpx = `<gpx version="1.1"><wpt lat="61.2" lon="7.1"><name>Bell Tail</name></wpt><wpt lat="61.21" lon="7.12"><name>Otter Flat</name></wpt><wpt lat="161" lon="7"><name>Nowhere</name></wpt></gpx>`
  await page
    .getByLabel('Import pools')
    .setInputFiles({ name: 'walk.gpx', mimeType: 'application/gpx+xml', buffer: Buffer.from(gpx) })
  await expect(page.getByText('Place 3 is nowhere on earth', { exact: false })).toBeVisible()
  await page.getByRole('button', { name: 'Import 2' }).click()
  await expect(page.getByRole('button', { name: 'Otter Flat' })).toBeVisible()
  await page.getByRole('button', { name: 'Kettle Run' }).click()
  await page.goto('/#/journal')
  await expect(page.locator('[data-memory]')).toContainText(/right depth|too high|touched/)
  await page.getByRole('button', { name: 'Work it out' }).click()
  await page.getByRole('button', { name: 'Correct the pool' }).click()
  await expect(page.locator('[data-by-log="on"]')).toContainText('Corrected by your log')
  await page.goto('/#/water')
  await expect(page.locator('[data-by-log]')).toContainText('Corrected by your log')
  await expect(page.locator('[data-fan="done"]')).toContainText('narrowed by your log')
})
