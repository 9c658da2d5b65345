import type { Page } from '@playwright/test'
import { asOnce, expect, go, openDemo, test, winterRig } from '../open.ts'
import { gaugeReply } from '../replies.ts'

/** The winter rig at the water, its swing worked out. */
async function atTheWater(page: Page, tip = 't-11-7-ft-6'): Promise<void> {
  await asOnce(page, `at Kettle Run with ${tip}`, async () => {
    await winterRig(page, tip)
    await page.getByRole('link', { name: 'Water', exact: true }).first().click()
    await expect(page.getByRole('heading', { name: 'The water as described' })).toBeVisible()
    await page.getByRole('button', { name: 'Kettle Run' }).click()
    await expect(page.getByRole('heading', { name: 'Kettle Run' })).toBeVisible()
  })
  await go(page, '/water')
  await expect(page.locator('[data-holding]')).toBeVisible()
}

const holding = async (page: Page): Promise<number> =>
  Number(await page.locator('[data-holding]').getAttribute('data-holding'))
const figure = (page: Page, id: string) => page.locator(`[data-figure="${id}"]`)
const swung = (page: Page) => expect(page.locator('section[aria-busy="false"]')).toBeVisible()

async function sayFlow(page: Page, flow: string): Promise<void> {
  const open = page.getByRole('button', { name: 'Set today’s flow' })
  if (await open.isVisible()) await open.click()
  const field = page.getByLabel('Today’s flow')
  await field.fill(flow)
  await field.press('Enter')
}

const topOfLadder = async (page: Page): Promise<string | null> => {
  await expect(page.locator('[data-ladder="done"]')).toBeVisible()
  return page.locator('[data-rung]').first().getAttribute('data-rung')
}

test('a pool, played; more water lifts the fly and reorders the ladder; the best tip is taken and holds', async ({
  page,
}) => {
  await atTheWater(page)
  await expect(page.locator('[data-flow]')).toHaveText('848 cfs')
  // Contact is told alike in figures and picture.
  await expect(figure(page, 'touches')).toHaveText(/touch/)
  const touches = (await figure(page, 'touches').textContent()) ?? ''
  await expect(page.getByRole('img', { name: `${touches}` }).first()).toBeVisible()
  await expect(figure(page, 'hang')).toHaveText(/ft/)

  await page.getByRole('button', { name: 'Play', exact: true }).click()
  const clock = page.getByLabel('Seconds since the line landed')
  await expect(clock).toHaveText(/^[1-9]\d*\.\d s$/)
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Pause' }).click()
  await page.getByRole('slider', { name: 'Time in the swing' }).fill('5')
  await expect(clock).toHaveText('5.0 s')
  await page.getByRole('heading', { name: 'Kettle Run' }).click()
  await page.keyboard.press('ArrowRight')
  await expect(clock).toHaveText('5.5 s')
  await page.keyboard.press('Home')
  await expect(clock).toHaveText('0.0 s')

  const before = await holding(page)
  await page.getByRole('link', { name: 'Tip ladder' }).click()
  await sayFlow(page, '12 m³/s')
  // The ladder is asked only once the page is at that flow: before, the last one still stands.
  await expect(page.locator('[data-flow]')).toHaveText('424 cfs')
  const low = await topOfLadder(page)
  await sayFlow(page, '34 m³/s')
  await expect(page.locator('[data-flow]')).toHaveText('1,201 cfs')
  await expect.poll(async () => topOfLadder(page)).not.toBe(low)
  await page.getByRole('link', { name: 'Swing', exact: true }).click()
  await swung(page)
  await expect.poll(() => holding(page)).toBeLessThan(before)
  const high = await holding(page)

  await page.getByRole('link', { name: 'Tip ladder' }).click()
  const best = await topOfLadder(page)
  await page.getByRole('button', { name: `Use ${best}` }).click()
  await expect(page.getByText(`Tip changed to ${best}`)).toBeVisible()
  await expect(page.locator(`[data-rung="${best}"]`)).toContainText('on the line')
  await page.getByRole('link', { name: 'Swing', exact: true }).click()
  await expect.poll(() => holding(page)).toBeGreaterThan(high)
  await page.keyboard.press('z')
  await expect.poll(() => holding(page)).toBeCloseTo(high, 0)
})

test('one change is proposed, each let swing, and taken under one undo step', async ({ page }) => {
  // The heavier of the two scrapes along the inside.
  await atTheWater(page, 't-11-10-ft')
  await expect(page.getByText('Each swung on its own')).toBeVisible()
  const before = await holding(page)
  const best = page.getByRole('button', { name: /^Use: / }).first()
  const says = (await best.getAttribute('aria-label'))?.replace('Use: ', '') ?? ''
  await best.click()
  await expect(page.getByRole('button', { name: `Undo: ${says}` })).toBeVisible()
  await expect.poll(() => holding(page)).toBeGreaterThan(before)
  await page.keyboard.press('z')
  await expect.poll(() => holding(page)).toBeCloseTo(before, 1)
  const castField = page.getByLabel('Cast, from you to the fly')
  const drag = async (name: RegExp, byX: number, byY: number): Promise<void> => {
    const box = await page.getByRole('slider', { name }).boundingBox()
    if (box === null) throw new Error('nothing to take hold of')
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
    await page.mouse.move(x, y)
    await page.mouse.down()
    await page.mouse.move(x + byX, y + byY, { steps: 4 })
    await page.mouse.up()
  }
  const was = await castField.inputValue()
  await drag(/^Where the cast lands/, -80, 10)
  await expect(castField).not.toHaveValue(was)
  await expect(page.getByLabel('Angle of the cast')).not.toHaveValue('60')
  await page.getByRole('button', { name: 'Undo: Change the cast' }).click()
  await expect(castField).toHaveValue(was)
  await expect(page.getByLabel('Angle of the cast')).toHaveValue('60')
  await drag(/^Mend\. Up/, 0, -30)
  await expect(page.getByLabel('Mend', { exact: true })).toHaveValue('upstream')
  await page.keyboard.press('Delete')
  await expect(page.getByLabel('Mend', { exact: true })).toHaveValue('none')
  await castField.fill('900 ft')
  await castField.press('Enter')
  await expect(page.getByText('Enter 9.8 to 196.9 ft.')).toBeVisible()
})

test('a silent gauge shows the last it said and how old that is; a web page or nonsense is called so', async ({
  page,
}) => {
  await page.route('**/api/gauge/*', (route) => route.fulfill({ json: gaugeReply(30, 5) }))
  await atTheWater(page)
  await expect(page.locator('[data-age]')).toHaveText(/5 h ago, and the river may have changed/)
  await page.unroute('**/api/gauge/*')
  await page.route('**/api/gauge/*', (route) =>
    route.fulfill({ contentType: 'text/html', body: '<!doctype html><p>Sign in' }),
  )
  await page.getByRole('button', { name: 'Set today’s flow' }).click()
  await page.getByRole('button', { name: 'Ask the gauge now' }).click()
  await expect(page.getByText('The gauge answered with a web page')).toBeVisible()
  await expect(page.locator('[data-flow]')).toHaveText('1,059 cfs')
  await expect(page.locator('[data-age]')).toHaveText(/5 h ago/)
  await page.unroute('**/api/gauge/*')
  await page.route('**/api/gauge/*', (route) => route.fulfill({ json: { station: 'x', readings: [] } }))
  await page.getByRole('button', { name: 'Ask the gauge now' }).click()
  await expect(page.getByText('The gauge sent impossible readings')).toBeVisible()

  const file = page.getByLabel(/import a file from the gauge/)
  await file.setInputFiles({ name: 'page.csv', mimeType: 'text/csv', buffer: Buffer.from('<html>no</html>') })
  await expect(page.getByRole('alert')).toContainText('web page instead of readings')
  await expect(page.locator('[data-flow]')).toHaveText('1,059 cfs')
  const now = new Date().toISOString()
  await file.setInputFiles({
    name: 'skarn.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`time,level_m,flow_m3ps,water_c\n${now},1.4,40,3.9\n`),
  })
  await expect(page.locator('[data-flow]')).toHaveText('1,413 cfs')
  await expect(page.getByText('(from a file)')).toBeVisible()
})

test('the bed is drawn, typed and said in words; what cannot be is refused beside its field', async ({
  page,
}) => {
  await atTheWater(page)
  await page.getByRole('link', { name: 'The pool' }).click()
  const third = page.getByRole('slider', { name: /^Sounding 3/ })
  await expect(third).toHaveAttribute('aria-valuetext', '4.1 ft deep')
  const box = await third.locator('circle').first().boundingBox()
  if (box === null) throw new Error('no sounding')
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 30, { steps: 4 })
  await page.mouse.up()
  await expect(third).not.toHaveAttribute('aria-valuetext', '4.1 ft deep')
  await page.keyboard.press('z')
  await expect(third).toHaveAttribute('aria-valuetext', '4.1 ft deep')
  await third.focus()
  await page.keyboard.press('ArrowDown')
  await expect(third).toHaveAttribute('aria-valuetext', '4.3 ft deep')

  const soundings = page.getByRole('group', { name: 'Soundings', exact: true })
  await soundings.getByLabel('Depth 1 in plain words').selectOption({ index: 1 })
  await expect(soundings.getByLabel('Depth', { exact: true }).first()).toHaveValue(/^1\.64/)
  const from = soundings.getByLabel('From your bank').nth(1)
  await from.fill('300 ft')
  await from.press('Enter')
  await expect(soundings.getByRole('alert')).toContainText('beyond the far bank')
  await from.fill('2 ft')
  await from.press('Enter')
  await expect(soundings.getByRole('alert')).toContainText('in order')
  await from.fill('-3')
  await from.press('Enter')
  await expect(soundings.getByRole('alert')).toContainText('can’t be negative')
  const current = page.getByLabel('Current', { exact: true }).first()
  await current.fill('90 ft/s')
  await current.press('Enter')
  await expect(page.getByText('No river that can be fished runs faster')).toBeVisible()
  await page.reload()
  await expect(page.getByRole('slider', { name: /^Sounding 2, 19.7 ft/ })).toBeVisible()
})

test('a new pool from nothing; a cast over a narrow river is explained; no rig is no dead end', async ({
  page,
}) => {
  await go(page, '/water')
  await expect(page.getByRole('heading', { name: 'The water as described' })).toBeVisible()
  await page.getByRole('link', { name: 'The pool' }).click()
  await expect(page.getByRole('heading', { name: 'No pool yet' })).toBeVisible()
  await page.getByRole('button', { name: 'Save as a pool' }).dblclick()
  await expect(page.getByRole('heading', { name: 'New pool 1' })).toBeVisible()
  await expect(page.getByRole('button', { name: /^New pool \d/ })).toHaveCount(1)
  await page.keyboard.press('z')
  await expect(page.getByRole('heading', { name: 'No pool yet' })).toBeVisible()
  await page.keyboard.press('y')
  await expect(page.getByRole('heading', { name: 'New pool 1' })).toBeVisible()
  const width = page.getByLabel('Width of the water')
  await width.fill('10 m')
  await width.press('Enter')
  await expect(page.getByRole('alert')).toContainText('beyond the far bank')
  await page.getByRole('link', { name: 'Swing', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'No rig yet' })).toBeVisible()
  await atTheWater(page)
  await page.getByRole('button', { name: 'Bell Tail' }).click()
  await expect(page.getByText('This cast lands on the far bank')).toBeVisible()
})

test('rigs are compared in one swing, and a calculation that breaks down is started again', async ({
  page,
}) => {
  await atTheWater(page)
  await page.getByText('Compare with up to two other rigs').click()
  await page.getByRole('button', { name: 'T-8, 10 ft', exact: true }).click()
  await page.getByRole('button', { name: 'T-14, 10 ft', exact: true }).click()
  await expect(page.getByRole('row', { name: /^C T-14/ })).toContainText(/\d s/)
  for (const worker of page.workers().filter((w) => w.url().includes('swing.worker')))
    await worker.evaluate(() => {
      setTimeout(() => {
        throw new Error('broken on purpose')
      }, 0)
    })
  await expect(page.getByText('failed and was started again').first()).toBeVisible()
  const before = await holding(page)
  await sayFlow(page, '40 m³/s')
  await expect.poll(() => holding(page)).not.toBe(before)
})

test('a pool chosen is the day of every page; the gauge moves and every verdict with it, and says so', async ({
  page,
}) => {
  await atTheWater(page)
  const day = page.getByRole('region', { name: 'The day' })
  await expect(day).toContainText('Kettle Run')
  await expect(day).toContainText('848 cfs')
  await page.getByRole('link', { name: 'Match', exact: true }).first().click()
  await expect(page.getByRole('button', { name: /^What time of year.*the water at 40 °F/ })).toBeVisible()
  const deepBefore = await page.getByText(/today about [\d.]+ ft deep/).textContent()

  await page.unroute('**/api/gauge/*')
  await page.route('**/api/gauge/*', (route) => route.fulfill({ json: gaugeReply(60) }))
  await day.getByRole('link', { name: /848/ }).click()
  await page.getByRole('button', { name: 'Ask the gauge now' }).click()
  await expect(day.locator('[data-news]')).toContainText('Kettle Run, 848 to 2,119 cfs')
  await expect(day.locator('[data-news]')).toContainText(/Your rig is (now|still)/)
  await day.getByRole('button', { name: 'Got it' }).click()
  await expect(day.locator('[data-news]')).toHaveCount(0)
  await page.getByRole('link', { name: 'Match', exact: true }).first().click()
  await expect(page.getByText(/today about [\d.]+ ft deep/)).not.toHaveText(deepBefore ?? '')

  await day.getByRole('link', { name: '40 °F' }).click()
  await page.getByRole('button', { name: 'summer', exact: true }).click()
  await expect(day.getByRole('link', { name: 'summer' })).toBeVisible()
  await expect(page.getByText('the water at 40 °F')).toBeHidden()
})

const inStrip = (page: Page) => page.getByRole('banner').getByRole('link', { name: /^Long seven, 13 ft/ })
const shortSkagit = (page: Page) =>
  page.getByRole('article').filter({ hasText: '510 gr short Skagit' }).first()
const settled = (page: Page) =>
  expect(page.getByText('Each judged by its swing in your water.')).toBeVisible()

test('the gauge rises: strip, Match and Water come to the same new verdict', async ({ page }) => {
  await atTheWater(page)
  const water = page.locator('[data-verdict]')
  await expect(water).toHaveAttribute('data-verdict', 'holds')
  await expect(inStrip(page)).toContainText('Holds')
  await go(page, '/match')
  await settled(page)
  const tips = shortSkagit(page).getByRole('list', { name: /^Tips on Long seven/ })
  await expect(tips.getByRole('listitem').filter({ hasText: 'T-11, 7 ft 6' })).toContainText('Holds')

  await page.unroute('**/api/gauge/*')
  await page.route('**/api/gauge/*', (route) => route.fulfill({ json: gaugeReply(60) }))
  await page.goto('/water')
  await expect(water).toHaveAttribute('data-verdict', 'breaks')
  await expect(page.getByText(/It rides above the fish/).first()).toBeVisible()
  await expect(inStrip(page)).toContainText('Breaks')
  await go(page, '/match')
  await settled(page)
  await expect(shortSkagit(page).getByText('Breaks').first()).toBeVisible()
})

test('a weak leader breaks; the mend is offered, taken, and holds everywhere', async ({ page }) => {
  await winterRig(page)
  await go(page, '/gear')
  await page.getByLabel('Add in one line').fill('leader 4 ft level 4 lb')
  await page.getByLabel('Add in one line').press('Enter')
  await expect(page.getByLabel('Add in one line')).toHaveValue('')
  await go(page, '/rig')
  await page.getByRole('button', { name: /^Leader / }).click()
  await page.getByRole('button', { name: /Breaks Leader 4 ft level 4 lb/ }).click()
  const line = page.locator('[data-check="leader-fish"]')
  await expect(line).toHaveAttribute('data-state', 'breaks')
  await expect(inStrip(page)).toContainText('Breaks')
  await line.getByRole('button', { name: 'Fix it' }).click()
  await expect(line).toHaveAttribute('data-state', 'holds')
  await expect(inStrip(page)).toContainText('Holds')
})

test('a fly for the surface that swings at the surface is praised', async ({ page }) => {
  await openDemo(page)
  await page.getByRole('button', { name: 'Summer evening' }).click()
  await expect(page.getByRole('button', { name: /^Undo: Day: summer evening/ })).toBeVisible()
  await go(page, '/match/rig/long-seven-13-ft~450-gr-scandi~_~tapered-15-ft~coated-30-lb~full-frame-eleven')
  const depth = page.locator('[data-check="depth"]')
  await expect(depth).toHaveAttribute('data-state', 'holds')
  await expect(depth).toContainText('It rides near the surface, where the fish are.')
  await page.getByRole('button', { name: 'Make this my rig' }).click()
  await expect(page.getByText('It’s your rig now')).toBeVisible()
  await go(page, '/water')
  await expect(page.locator('[data-verdict]')).toHaveAttribute('data-verdict', 'holds')
})

test('a level the pool’s measure says nothing about is refused by hand, and said when a gauge tells it', async ({
  page,
}) => {
  await atTheWater(page)
  await sayFlow(page, '5000 m³/s')
  await expect(page.getByRole('alert')).toContainText('too far from the one it was measured at')
  await page.unroute('**/api/gauge/*')
  await page.route('**/api/gauge/*', (route) => route.fulfill({ json: gaugeReply(100_000) }))
  await page.getByRole('button', { name: 'Ask the gauge now' }).click()
  await expect(page.getByText('it’s shown as measured').first()).toBeVisible()
  await swung(page)
})

test('a pool is removed and brought back; the file that holds everything holds the pools', async ({
  page,
}) => {
  await atTheWater(page)
  await page.getByRole('link', { name: 'The pool' }).click()
  await page.getByRole('button', { name: 'Delete this pool' }).click()
  await expect(page.getByRole('heading', { name: 'The water as described' })).toBeVisible()
  await page.keyboard.press('z')
  await expect(page.getByRole('heading', { name: 'Kettle Run' })).toBeVisible()
  await go(page, '/settings')
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save everything to a file' }).click()
  const text = await (await saved).createReadStream().then(async (stream) => {
    let all = ''
    for await (const chunk of stream) all += String(chunk)
    return all
  })
  const file = JSON.parse(text) as { runs: { id: string }[]; water: { runId: string } }
  expect(file.runs.map((r) => r.id)).toContain('kettle-run')
  expect(file.water.runId).toBe('kettle-run')
})

test('on a phone the swing, its figures and the change come in that order, within the screen', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await atTheWater(page)
  await expect(page.getByText('Each swung on its own')).toBeVisible()
  const top = async (name: string): Promise<number> =>
    (await page.getByRole('heading', { name }).boundingBox())?.y ?? 0
  expect(await top('This swing')).toBeLessThan(await top('One thing to change'))
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
})
