import { readFile } from 'node:fs/promises'
import { DEMO_ITEMS, DEMO_OTHERS, expect, go, idle, openDemo, test } from '../open.ts'

const table = (text: string, name = 'bag.csv') => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })

test('gear is added by typing, and what was understood is shown first', async ({ page }) => {
  await go(page, '/gear')
  const line = page.getByLabel('Add in one line')
  await line.fill('skagit 510 gr 23 ft')
  await expect(page.getByText('Reads as a head: Skagit, 510 gr, 23 ft')).toBeVisible()
  await line.press('Enter')
  await expect(page.getByRole('list', { name: 'Your gear' }).getByText('Skagit 510 gr 23 ft')).toBeVisible()
  await line.fill('skagit 900 gr 3 ft')
  await line.press('Enter')
  await expect(page.getByText(/mm thick/)).toBeVisible()
  await expect(line).toHaveValue('skagit 900 gr 3 ft')
  await page.getByRole('button', { name: 'Delete Skagit 510 gr 23 ft' }).click()
  await expect(page.getByText('Nothing here yet')).toBeVisible()
  await page.getByRole('button', { name: /^Undo: Delete/ }).click()
  await expect(page.getByRole('list', { name: 'Your gear' }).getByText('Skagit 510 gr 23 ft')).toBeVisible()
})

test('a new angler types a rod and a head, and is matched', async ({ page }) => {
  await go(page, '/')
  await page.getByRole('link', { name: 'Start with my own' }).click()
  const line = page.getByLabel('Add in one line')
  for (const text of ['13 ft no. 7 two-hander', 'skagit 500 gr 23 ft', 'T-11 10 ft']) {
    await line.fill(text)
    await line.press('Enter')
    await expect(line).toHaveValue('')
  }
  await page.getByRole('link', { name: 'Match', exact: true }).first().click()
  await expect(page.getByRole('article').first()).toContainText(
    '13 ft no. 7 two-hander with Skagit 500 gr 23 ft',
  )
  // What is missing comes in above when all has swung, and moves the list.
  await idle(page)
  await page.getByRole('article').first().getByRole('link', { name: 'Ledger' }).click()
  await expect(page.locator('[data-check="reel-room"]')).toContainText('No reel chosen')
})

test('the full form says what is wrong beside each field', async ({ page }) => {
  await go(page, '/gear/new/rod')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByText('Name is needed.')).toBeVisible()
  await page.getByLabel('Name').fill('Long eight')
  await page.getByLabel('Kind of rod').selectOption('two-hander')
  await page.getByLabel('Line number', { exact: true }).fill('8')
  await page.getByLabel('Length', { exact: true }).fill('13 stone')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByText('Hoxen doesn’t know the unit “stone” here.')).toBeVisible()
  await page.getByLabel('Length', { exact: true }).fill('13\'6"')
  await page.getByLabel('Skagit window, from').fill('36 g')
  await page.getByLabel('Skagit window, to').fill('600 gr')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByText('no. 8, 13 ft 6 in, two-hander')).toBeVisible()
  await page.getByRole('link', { name: /Long eight/ }).click()
  await expect(page.getByLabel('Length', { exact: true })).toHaveValue('13 ft 6 in')
})

test('a table with three bad rows: the good ones are taken, the bad ones explained', async ({ page }) => {
  await go(page, '/gear?import')
  await page
    .getByLabel(/A table/)
    .setInputFiles(
      table(
        'kind,name,style,mass_gr,length_ft,colour\nhead,<b>Bold</b> Skagit,skagit,510,23,green\nhead,Brick,skagit,900,3,\nhat,Straw,,,,\nhead,Vague,skagit,many,23,\nhead,Scandi,scandi,450,33,\n',
      ),
    )
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('status')).toHaveText('2 to add, 0 to change, 0 already the same, 3 refused')
  await expect(dialog.getByText(/Row 3, Brick/)).toContainText('Row 3, Brick.')
  await expect(dialog.getByText(/“hat” is not a kind of gear/)).toBeVisible()
  await expect(dialog.getByText(/“many” is not a number/)).toBeVisible()
  await expect(dialog.getByText(/Unknown columns, left out: colour/)).toBeVisible()
  await dialog.getByRole('button', { name: 'Import 2' }).click()
  await expect(page.getByText('<b>Bold</b> Skagit', { exact: true })).toBeVisible()
  await expect(page.getByRole('button', { name: /^All/ })).toContainText('2')
})

test('files that are not gear change nothing', async ({ page }) => {
  await openDemo(page, '/gear?import')
  const input = page.getByLabel(/A table/)
  const says = page.getByRole('dialog').getByRole('alert')
  for (const [text, sentence] of [
    ['<!doctype html><h1>hello</h1>', 'web page'],
    ['{"format":"hoxen","version":1,"gear":{"items":[', 'cut short'],
    ['{"format":"hoxen","version":7,"gear":{"items":[]}}', 'format version 7'],
    ['a,b\n1,2\n', 'not a table of gear'],
    [`kind,name\n${'leader,x\n'.repeat(100_000)}`, '100,000 items'],
  ] as const) {
    await input.setInputFiles(table(text))
    await expect(says).toContainText(sentence)
    await expect(says).toContainText('Nothing was changed.')
  }
  await page.getByRole('button', { name: 'Close' }).click()
  await expect(page.getByRole('button', { name: /^All/ })).toContainText(String(DEMO_ITEMS))
})

test('export, clear, import: all back', async ({ page }) => {
  await openDemo(page, '/settings')
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save everything to a file' }).click()
  const saved = await readFile(await (await saving).path(), 'utf8')
  await page.getByRole('button', { name: 'Delete all gear' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Delete them' }).click()
  await expect(page.getByText('All gear deleted')).toBeVisible()
  await go(page, '/match')
  await expect(page.getByRole('heading', { name: /Which of your lines/ })).toBeVisible()
  await go(page, '/gear?import')
  await page
    .getByLabel(/A table/)
    .setInputFiles({ name: 'all.json', mimeType: 'application/json', buffer: Buffer.from(saved) })
  await expect(page.getByRole('dialog').getByRole('status')).toHaveText(
    `0 to add, 0 to change, ${DEMO_OTHERS} already the same, 0 to delete, ${DEMO_ITEMS} newer here, 0 refused`,
  )
  // Carried between devices a thing that was taken away stays away; as a backup the file brings it back.
  await page.getByLabel('Restore this backup: everything goes back to how it was saved').check()
  await expect(page.getByRole('dialog').getByRole('status')).toHaveText(
    `${DEMO_ITEMS} to bring back, 0 to change back, 0 added since to delete`,
  )
  await page.getByRole('button', { name: 'Restore this backup' }).click()
  await expect(page.getByRole('button', { name: /^All/ })).toContainText(String(DEMO_ITEMS))
  await go(page, '/settings')
  const again = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save everything to a file' }).click()
  const resaved = await readFile(await (await again).path(), 'utf8')
  const parts = (text: string): unknown => ({
    ...(JSON.parse(text) as object),
    savedAt: '',
    trails: {},
    gone: {},
  })
  expect(parts(resaved)).toEqual(parts(saved))
})

test('a table goes out and comes back the same', async ({ page }) => {
  await openDemo(page, '/gear')
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export table' }).click()
  const path = await (await saving).path()
  await page.getByRole('button', { name: 'Import' }).click()
  await page
    .getByLabel(/A table/)
    .setInputFiles({ name: 'gear.csv', mimeType: 'text/csv', buffer: await readFile(path) })
  await expect(page.getByRole('dialog').getByRole('status')).toHaveText(
    `0 to add, 0 to change, ${DEMO_ITEMS} already the same, 0 refused`,
  )
})

test('hundreds of items: search and sort, only what is in view is drawn', async ({ page }) => {
  const rows = Array.from(
    { length: 900 },
    (_, i) => `head,Head ${i},skagit,${300 + (i % 300)},${18 + (i % 8)}`,
  )
  await go(page, '/gear?import')
  await page
    .getByLabel(/A table/)
    .setInputFiles(table(`kind,name,style,mass_gr,length_ft\n${rows.join('\n')}\n`))
  await page.getByRole('button', { name: 'Import 900' }).click()
  await expect(page.getByRole('button', { name: /^All/ })).toContainText('900')
  const list = page.getByRole('list', { name: 'Your gear' })
  expect(await list.getByRole('listitem').count()).toBeLessThan(80)
  await page.getByLabel('Sort by').selectOption('mass')
  await expect(list.getByRole('listitem').first()).toContainText('300 gr')
  await page.getByLabel('Search').fill('head 777')
  await expect(list.getByRole('listitem')).toHaveCount(1)
  await page.getByRole('button', { name: /^Undo: Import/ }).click()
  await expect(page.getByText('Nothing here yet')).toBeVisible()
})
