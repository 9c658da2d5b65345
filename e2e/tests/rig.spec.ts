import { readFile } from 'node:fs/promises'
import { expect, go, openDemo, test, winterRig } from '../open.ts'

test('a broken rig is mended by previews until the ledger holds', async ({ page }) => {
  await winterRig(page)
  const ledger = page.getByRole('list', { name: 'Ledger' })
  await page.getByRole('button', { name: /^Head / }).click()
  await page.getByRole('button', { name: /450 gr Scandi/ }).click()
  await page.getByRole('button', { name: /^Leader / }).click()
  await page.getByRole('button', { name: /Tapered 15 ft —/ }).click()
  await expect(ledger.locator('[data-state="breaks"]').first()).toBeVisible()
  // Pointing previews, and changes nothing.
  await page.getByRole('button', { name: /Stepped 5 ft —/ }).hover()
  await expect(ledger.locator('[data-check="leader-length"] [data-becomes="holds"]')).toBeVisible()
  await expect(page.getByRole('button', { name: /^Leader / })).toContainText('Tapered 15 ft')
  await page.getByRole('heading', { level: 1 }).hover()
  await expect(ledger.locator('[data-becomes]')).toHaveCount(0)
  await page.getByRole('button', { name: /Stepped 5 ft —/ }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: /^Head / }).click()
  await page.getByRole('button', { name: /510 gr short Skagit —/ }).hover()
  await expect(ledger.locator('[data-check="joint-step"] [data-becomes="holds"]')).toBeVisible()
  await page.getByRole('button', { name: /510 gr short Skagit —/ }).click()
  await expect(ledger.locator('[data-state="breaks"]')).toHaveCount(0)
})

test('a leader behind a sinking tip is built from the spools at hand, in both schools', async ({ page }) => {
  await winterRig(page)
  await page.getByRole('link', { name: 'Leader', exact: true }).click()
  const recipe = page.getByRole('list', { name: 'Recipe, butt to fly' })
  await expect(recipe.getByRole('listitem').nth(2)).toBeVisible()
  await expect(page.getByText('4.5 ft in all')).toBeVisible()
  await page.getByRole('radio', { name: /One level piece/ }).check()
  await expect(recipe.getByRole('listitem')).toHaveCount(1)
  await page.getByRole('button', { name: 'Save this leader to my gear' }).click()
  await expect(page.getByText(/is in your gear/)).toBeVisible()
  await go(page, '/gear?kind=leader')
  await expect(page.getByRole('link', { name: /^Built level, 4.5 ft/ })).toBeVisible()
})

test('turnover: a heavy tube falls on a Scandi and is straight on a Skagit with a heavy tip', async ({
  page,
}) => {
  await winterRig(page)
  await go(page, '/rig?view=turnover')
  const tube = page.getByRole('listitem').filter({ hasText: 'Weighted tube' }).locator('[data-turnover]')
  await expect(tube).toHaveAttribute('data-turnover', 'straight')
  await go(page, '/rig')
  for (const [part, name] of [
    ['Head', '450 gr Scandi'],
    ['Tip', 'No tip'],
    ['Leader', 'Tapered 15 ft'],
  ] as const) {
    await page.getByRole('button', { name: new RegExp(`^${part} `) }).click()
    await page.getByRole('button', { name: new RegExp(`(Holds|Watch|Breaks) ${name}`) }).click()
    await expect(page.getByRole('button', { name: new RegExp(`^${part} `) })).toContainText(
      name === 'No tip' ? 'none' : name,
    )
  }
  await page.getByRole('link', { name: 'Turnover', exact: true }).click()
  await expect(tube).toHaveAttribute('data-turnover', 'falls')
})

test('the rigging list is ticked, keeps a knot, prints on paper and goes out as text', async ({ page }) => {
  await winterRig(page)
  await page.getByRole('link', { name: 'Rigging list' }).click()
  await page.getByLabel('Knot, Backing to the line').selectOption('nail knot')
  await expect(page.getByText('Backing to the line: Coated 30 lb, nail knot.')).toBeVisible()
  await page.getByRole('checkbox', { name: /Wind on firmly/ }).click()
  await expect(page.getByRole('checkbox', { name: /Wind on firmly/ })).toBeChecked()
  await page.reload()
  await expect(page.getByRole('checkbox', { name: /Wind on firmly/ })).toBeChecked()
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as text' }).click()
  const text = await readFile(await (await saving).path(), 'utf8')
  expect(text).toContain('[x] Wind on firmly')
  expect(text).toContain('[ ] Backing to the line: Coated 30 lb, nail knot.')
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
  await expect(page.locator('header')).toBeHidden()
  await expect(page.getByText(/Look behind and above/)).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThan(1400)
})

test('an unnamed tip is weighed on the stand-in, named and saved as T-11', async ({ page }) => {
  await openDemo(page, '/rig?view=weigh')
  await page.getByRole('button', { name: 'Start the demo scale' }).click()
  await page.getByText('Demo scale', { exact: true }).click()
  await page.getByLabel('On the demo scale').selectOption('tip-a')
  const scale = page.getByLabel('Scale', { exact: true })
  await expect(scale).toHaveText(/7\.1\d g/)
  await page.getByRole('button', { name: 'Use this reading' }).click()
  await page.getByLabel('Length, by tape').fill('10 ft')
  await page.getByLabel('Length, by tape').press('Enter')
  await expect(page.getByRole('paragraph').filter({ hasText: /^T-11$/ })).toBeVisible()
  await page.getByRole('button', { name: 'Save as a tip' }).click()
  await expect(page.getByText('T-11, 10 ft is in your gear')).toBeVisible()
  await page.getByLabel('Length, by tape').fill('9 ft')
  await page.getByLabel('Length, by tape').press('Enter')
  await expect(page.getByText(/Nearest are T-/)).toBeVisible()
  // A knock and a pulled plug are said, and what was taken stays.
  await page.getByRole('button', { name: 'Knock the cable' }).click()
  await expect(page.getByRole('alert')).toContainText('can’t be understood')
  await page.getByRole('button', { name: 'Start the demo scale' }).click()
  await expect(scale).toBeVisible()
  await page.getByRole('button', { name: 'Pull the plug' }).click()
  await expect(page.getByRole('alert')).toContainText('unplugged')
  await expect(page.getByText(/^Reading: 1\d\d gr/)).toBeVisible()
})

test('a head is cut to a mass: what comes off, what that does, and what is left is kept', async ({
  page,
}) => {
  await winterRig(page)
  await go(page, '/rig?view=mass')
  const mass = page.getByLabel('Target weight')
  await mass.fill('900 gr')
  await mass.press('Enter')
  await expect(page.getByText(/cutting adds nothing/)).toBeVisible()
  await mass.fill('440 gr')
  await mass.press('Enter')
  await expect(page.getByText(/off the rear\. That leaves 440 gr/)).toBeVisible()
  await expect(page.locator('[data-cut="mass-in-window"]')).toContainText('440 gr')
  await page.getByLabel('Off the front').check()
  await expect(page.getByText(/off the front\. That leaves 440 gr/)).toBeVisible()
  await page.getByRole('button', { name: 'Save the cut head to my gear' }).click()
  await expect(page.getByText('510 gr short Skagit, cut to 440 gr added')).toBeVisible()
  await go(page, '/gear?kind=head')
  await page.getByRole('searchbox', { name: 'Search' }).fill('cut to 440')
  await expect(page.getByRole('link', { name: /^510 gr short Skagit, cut to 440 gr/ })).toBeVisible()
})

test('a head is lengthened by a cheater, and a piece of level material becomes tips', async ({ page }) => {
  await winterRig(page)
  await go(page, '/rig?view=mass')
  await page.getByRole('button', { name: 'Lengthen it' }).click()
  await page.getByRole('button', { name: 'Cheater, 2 ft 6' }).click()
  await expect(page.getByText('It adds 60 gr: 570 gr in 22.5 ft')).toBeVisible()
  await expect(page.locator('[data-cut="mass-in-window"]')).toContainText('570 gr is over the rod’s')
  await expect(page.getByText(/Now: two-hander no\. \d/)).toBeVisible()
  const material = page.getByLabel('Weight per foot or metre')
  await material.fill('9 gr/ft')
  await material.press('Enter')
  await expect(page.locator('[data-cut="cheater-joint"]')).toContainText('it will hinge')
  await page.getByRole('button', { name: 'Save head and cheater to my gear' }).click()
  await expect(page.getByText(/510 gr short Skagit \+ 2\.5 ft cheater added/)).toBeVisible()
  await page.getByRole('button', { name: 'Tips by the piece' }).click()
  const weighs = page.getByLabel('It weighs')
  await weighs.fill('110 gr')
  await weighs.press('Enter')
  await expect(page.getByRole('textbox', { name: 'Piece' })).toHaveValue('10 ft')
  await page.locator('[data-set="2"]').first().getByRole('button', { name: 'Save these tips' }).click()
  await expect(page.getByText('2 tips of T-11 added')).toBeVisible()
  await go(page, '/gear?kind=tip')
  await expect(page.getByRole('link', { name: 'T-11, 7.5 ft tip' })).toBeVisible()
})

test('a word explains itself where it stands, by keyboard; all of them are on a page with their pictures', async ({
  page,
}) => {
  await winterRig(page)
  const row = page.locator('[data-check="mass-in-window"]')
  await row.getByRole('button', { name: 'Holds' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText('Nothing to worry about.')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByText('Nothing to worry about.')).toHaveCount(0)
  await expect(row.getByRole('button', { name: 'Holds' })).toBeFocused()
  await page.getByRole('button', { name: 'window', exact: true }).first().press('Enter')
  await expect(page.getByText('1 grain is 0.065 g.')).toBeVisible()
  await page.getByRole('link', { name: 'All words' }).click()
  await expect(page.locator('#word-window')).toBeInViewport()
  await expect(page.locator('[id^="word-"] svg')).toHaveCount(await page.locator('[id^="word-"]').count())
})
