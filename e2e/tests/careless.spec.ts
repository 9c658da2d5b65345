import { readFileSync } from 'node:fs'
import { expect, go, openDemo, test, winterRig } from '../open.ts'

test('the first ten seconds: a rod and a head are typed, and answered; kept, they are there', async ({
  page,
}) => {
  await go(page, '/')
  await page.getByLabel('A rod', { exact: true }).fill("9' 5wt")
  await expect(page.getByText(/no\. 5, 9 ft.*its windows/)).toBeVisible()
  await page.getByLabel('A rod', { exact: true }).fill('13 ft no. 7 two-hander')
  await expect(page.getByRole('img', { name: /Skagit window \d+ gr to \d+ gr/ })).toBeVisible()
  const head = page.getByLabel('A head for it')
  await head.fill('skagit scandi 450 gr')
  await expect(page.getByText(/“scandi” contradicts/)).toBeVisible()
  await head.fill('skagit 700')
  await expect(page.locator('[data-fit="breaks"]')).toContainText('700 gr is over the estimated window')
  await head.fill('skagit 480')
  await expect(page.locator('[data-fit="holds"]')).toBeVisible()
  await expect(page.getByText('Assumed: weight 480 gr, length 22 ft.')).toBeVisible()
  await expect(page.getByRole('img', { name: 'The fly’s path in the pool' })).toBeVisible()
  await expect(page.getByText(/seen along the river: down to .* with the fish/)).toBeVisible()
  await page.getByRole('button', { name: 'Save both and continue' }).click()
  await expect(page.getByRole('heading', { name: 'The day' })).toBeVisible()
  await expect(page.getByRole('article').first()).toContainText('Skagit')
})

test('the demo asks over one’s own, puts it aside and gives it back; clearing asks too', async ({ page }) => {
  await go(page, '/')
  await page.getByLabel('A rod', { exact: true }).fill('13 ft no. 7 two-hander')
  await page.getByRole('button', { name: 'Save it and continue' }).click()
  await expect(page.getByRole('button', { name: 'Undo: Save what was typed' })).toBeVisible()
  await go(page, '/settings')
  await page.getByRole('button', { name: 'Open the demo gear' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click()
  await expect(page).toHaveURL(/\/settings$/)
  await page.getByRole('button', { name: 'Open the demo gear' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Open the demo' }).click()
  await page.getByRole('button', { name: 'Leave the demo' }).click()
  await expect(page.getByRole('button', { name: 'Undo: Leave the demo' })).toBeVisible()
  await page.getByRole('button', { name: 'Delete all gear' }).click()
  await expect(page.getByRole('dialog')).toContainText('1 item will be deleted')
  await page.getByRole('button', { name: 'Cancel' }).click()
  await page.getByRole('navigation', { name: 'Pages' }).getByRole('link', { name: 'Gear' }).click()
  await expect(page.getByRole('button', { name: /^All/ })).toContainText('1')
})

const LONG = 'x'.repeat(80)

test('names of eighty letters widen no page, from 320 to 2560 pixels and at twice the size', async ({
  page,
}) => {
  await winterRig(page)
  for (const id of ['510-gr-short-skagit', 'long-seven-13-ft']) {
    await go(page, `/gear/item/${id}`)
    await page.getByLabel('Name', { exact: true }).fill(LONG)
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page).toHaveURL(/\/gear\?/)
  }
  for (const place of ['/match', '/water', '/gear?kind=head']) {
    await go(page, place)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    // 640 by 400 is what a window of 1280 by 800 shows at twice the size.
    for (const [width, height] of [
      [320, 640],
      [640, 400],
      ...(place === '/match' ? ([[2560, 1300]] as const) : []),
    ] as const) {
      await page.setViewportSize({ width, height })
      // Drawings follow the page a moment later.
      await expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth), { intervals: [100] })
        .toBe(width)
    }
  }
})

test('a page is called by its heading, read on from there, and found where it was left; another face makes no other figure', async ({
  page,
}) => {
  await openDemo(page, '/gear')
  await expect(page).toHaveTitle('Gear – Hoxen')
  await page.mouse.wheel(0, 900)
  await expect.poll(() => page.evaluate(() => scrollY)).toBeGreaterThan(500)
  // The head gives way to what is read, but for my rig, and comes back on the way up.
  const menu = page.getByRole('navigation', { name: 'Pages' }).first()
  await expect(menu).not.toBeInViewport()
  await page.mouse.wheel(0, -200)
  await expect(menu).toBeInViewport()
  const left = await page.evaluate(() => scrollY)
  await page.waitForTimeout(300)
  await page.getByRole('link', { name: 'Tables' }).first().click()
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused()
  await page.goBack()
  await expect.poll(() => page.evaluate(() => scrollY)).toBe(left)
  // A line of the ledger leads to what it asks; the palette finds it too.
  await page.keyboard.press('/')
  await page.getByLabel('Command, gear or word').fill('means: room behind')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/tables#line-room-behind$/)
  await expect(page.getByText(/The D loop is drawn as half an ellipse/)).toBeInViewport()
  await go(page, '/gear/new/head')
  await page.getByLabel('Name', { exact: true }).fill('Bare')
  await page.getByLabel('Kind of head', { exact: true }).selectOption('skagit')
  await page.getByLabel('Weight', { exact: true }).fill('510')
  await page.getByLabel('Length', { exact: true }).fill('20')
  // An address that is typed is a page of its own: it starts at its top, and stays where a hand has it.
  await expect(page.locator('header[data-down="false"]')).toBeVisible()
  await page.getByRole('button', { name: /^Units: grains/ }).click()
  await expect(page.getByRole('button', { name: /^Units: grams/ })).toBeVisible()
  await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('510 gr')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await page.getByRole('searchbox', { name: 'Search' }).fill('Bare')
  await expect(page.getByRole('link', { name: /^Bare head — Skagit, 33 g, 6\.1 m/ })).toBeVisible()
})

test('a hundred and fifty lines as anglers type them, pasted: each is understood, or explained', async ({
  page,
}) => {
  const lines = readFileSync(new URL('../../core/src/format/typed/lines.txt', import.meta.url), 'utf8')
    .split('\n')
    .filter((line) => line.includes(' => ') && !line.startsWith('# '))
    .map((line) => line.split(' => ') as [string, string])
    // An empty line is no line.
    .filter(([typed]) => typed.trim() !== '')
  const explained = lines.filter(([, expected]) => expected.startsWith('!')).length
  await go(page, '/gear?import=file')
  await page.getByText('Or paste a list').click()
  await page.getByRole('textbox', { name: 'One item a line' }).fill(lines.map(([typed]) => typed).join('\n'))
  await page.getByRole('button', { name: 'Read the list' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'to add' })).toContainText(
    `${lines.length - explained} to add`,
  )
  await expect(page.getByText(/^Line \d+, two-hander tip action\./)).toBeVisible()
  await expect(page.getByText(/Assumed: .*525 gr/).first()).toBeAttached()
  await page.getByRole('button', { name: `Import ${lines.length - explained}` }).click()
  await expect(page.getByRole('button', { name: /^All/ })).toContainText(String(lines.length - explained))
})
