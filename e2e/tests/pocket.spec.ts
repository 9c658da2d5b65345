import { type BrowserContext, expect, type Page, test } from '@playwright/test'
import { type StaticHost, staticHost } from '../staticHost.ts'

// The build on any web host, under a path, without a server of ours; on a phone.
test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 }, hasTouch: true })

const RIG = 'long-seven-13-ft~510-gr-short-skagit~t-8-5-ft~level-4-ft~coated-30-lb~full-frame-eleven'

let host: StaticHost
test.beforeEach(async () => {
  host = await staticHost()
})
test.afterEach(() => host.stop())

/** The demo with a rig, at a pool whose gauge nobody answers for; the whole of Hoxen on the device. */
async function atThePool(page: Page): Promise<void> {
  await page.goto(`${host.base}?demo`)
  await expect(page.getByRole('button', { name: /^Undo: Open the demo/ })).toBeVisible()
  await page.goto(`${host.base}#/match/rig/${RIG}`)
  await page.getByRole('button', { name: 'Make this my rig' }).click()
  await expect(page.getByText('It’s your rig now')).toBeVisible()
  await page.goto(`${host.base}#/pocket`)
  await expect(page.getByRole('heading', { name: 'Kettle Run' })).toBeVisible()
  // Taken over by what keeps it whole.
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
}

const swings = (page: Page) => page.locator('[data-swings]')
const logged = async (page: Page, saw: string, times: number): Promise<void> => {
  for (let i = 0; i < times; i++) {
    const button = page.locator(`[data-log="${saw}"]`)
    const { y } = (await button.boundingBox()) ?? {}
    await button.tap()
    await expect(page.locator(`[data-latest="${saw}"]`)).toBeVisible()
    // Nothing came under the thumb that tapped.
    expect((await button.boundingBox())?.y).toBe(y)
    // A trembling thumb logs one: the next press is another swing.
    await page.waitForTimeout(900)
  }
}
const restarted = async (context: BrowserContext, page: Page): Promise<Page> => {
  await page.close()
  return context.newPage()
}

test('no server, no signal: a page never visited opens, swings are logged, a tip is swapped; started again all is there', async ({
  context,
  page,
}) => {
  await atThePool(page)
  await host.stop()
  await context.setOffline(true)
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Kettle Run' })).toBeVisible()
  await expect(page.locator('[data-tips="done"]')).toBeVisible()
  await logged(page, 'high', 2)
  await page.getByRole('button', { name: 'Put T-11, 10 ft on the line' }).tap()
  await expect(page.getByRole('button', { name: 'T-11, 10 ft is on the line' })).toBeVisible()
  await logged(page, 'band', 1)
  await page.getByRole('button', { name: 'Undo', exact: true }).tap()
  await expect(page.locator('[data-latest="high"]')).toBeVisible()
  await logged(page, 'band', 1)
  // The leader stayed on the tip that came off; this one came with its own.
  await page.goto(`${host.base}#/pocket?view=wallet`)
  await expect(page.locator('[data-tip="t-8-5-ft"]')).toContainText('Level 4 ft')
  await expect(page.locator('[data-tip="t-11-10-ft"]')).toContainText('on the line')
  // Pages not seen before, with their workers and charts.
  await page.goto(`${host.base}#/tables`)
  await expect(page.locator('[data-unit="g"]')).toHaveText('34.019')
  await page.goto(`${host.base}#/water`)
  await expect(page.getByText(/with the fish/).first()).toBeVisible()
  await page.getByRole('button', { name: 'holding water' }).tap()
  await expect(page.getByText('Where in the pool fish hold, and how deep.')).toBeVisible()
  await page.goto(`${host.base}#/trip`)
  await expect(page.locator('[data-days]')).toContainText('change')
  const again = await restarted(context, page)
  await again.goto(`${host.base}#/journal?view=season&pool=kettle-run`)
  await expect(swings(again)).toHaveText(/^13 of 43 swings/)
  await again.goto(`${host.base}#/pocket`)
  await expect(again.getByRole('button', { name: 'T-11, 10 ft is on the line' })).toBeVisible()
  await again.goto(`${host.base}#/rig?view=weigh`)
  await again.getByRole('button', { name: 'Start the demo scale' }).tap()
  await expect(again.getByText(/scale didn’t answer|is not there|no scale/i).first()).toBeVisible()
})

test('a newer Hoxen is told of while it is open, and loading it loses nothing that was typed', async ({
  page,
}) => {
  await atThePool(page)
  await page.goto(`${host.base}#/gear/new/head`)
  await page.getByLabel('Name', { exact: true }).fill('Half typed')
  await page.waitForTimeout(700)
  host.change('sw.js', (text) => `${text}\n// a newer one`)
  await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update())
  await expect(page.getByText('An update is ready. Your data stays as it is.')).toBeVisible()
  const loaded = page.waitForEvent('load')
  await page.getByRole('button', { name: 'Update' }).click()
  await loaded
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Half typed')
  await page.goto(`${host.base}#/pocket`)
  await expect(page.getByRole('heading', { name: 'Kettle Run' })).toBeVisible()
})
