import { readFileSync } from 'node:fs'
import { type BrowserContext, test as base, expect, type Page } from '@playwright/test'

interface Wants {
  /** Whether all is computed that the application computes, or as little as shows what it is. */
  effort: 'full' | 'least'
}

type Fixtures = { page: Page } & Wants

/** A page that fails its test when it asks another host for anything, or when the console shows an error. */
async function watched(
  { page, baseURL, effort }: Fixtures & { baseURL: string | undefined },
  use: (page: Page) => Promise<void>,
): Promise<void> {
  await page.addInitScript((wanted) => Object.assign(globalThis, { hoxenEffort: wanted }), effort)
  const strangers: string[] = []
  const errors: string[] = []
  page.on('request', (request) => {
    const url = request.url()
    const own = url.startsWith(baseURL ?? '') || url.startsWith('blob:') || url.startsWith('data:')
    if (!own) strangers.push(url)
  })
  page.on('pageerror', (error) => errors.push(error.message))
  page.on('console', (message) => {
    if (message.type() === 'error') errors.push(message.text())
  })
  await use(page)
  expect(strangers).toEqual([])
  expect(errors).toEqual([])
}

/** A test with a browser of its own: for its clock, its service worker, its screen. */
export const ownTest = base.extend<Fixtures>({
  effort: ['least', { option: true }],
  page: ({ page, baseURL, effort }, use) => watched({ page, baseURL, effort }, use),
})

/** A test in a browser that the next one takes over emptied: it has compiled the application already. */
export const test = ownTest.extend<object, { shared: BrowserContext }>({
  shared: [
    async ({ browser }, use, { project }) => {
      const { baseURL, viewport, serviceWorkers, contextOptions } = project.use
      const context = await browser.newContext(
        Object.assign({ baseURL, viewport, serviceWorkers }, contextOptions),
      )
      await use(context)
      await context.close()
    },
    { scope: 'worker' },
  ],
  context: async ({ shared }, use) => {
    await shared.setStorageState({ cookies: [], origins: [] })
    await use(shared)
    await Promise.all(shared.pages().map((page) => page.close()))
    await shared.unrouteAll({ behavior: 'ignoreErrors' })
    await shared.clearPermissions()
  },
})

export { expect }

const demo = JSON.parse(readFileSync(new URL('../demo/skarn.json', import.meta.url), 'utf8'))

/** Things in the demo gear. */
export const DEMO_ITEMS: number = demo.gear.items.length

/** Number of other things the demo keeps: pools, the log, heads tried. */
export const DEMO_OTHERS: number =
  demo.runs.length + demo.entries.length + demo.trials.length + demo.bends.length + demo.trips.length

/** Goes to a page as a link does, without loading the application anew: the page before it is gone when this is done. */
export async function go(page: Page, place: string): Promise<void> {
  const main = page.locator('#page')
  const before = (await main.count()) === 0 ? null : await main.getAttribute('data-at')
  if (before === null) return void (await page.goto(place))
  if (before === place) return
  await page.evaluate((to) => {
    location.hash = to
  }, place)
  await expect(main).not.toHaveAttribute('data-at', before)
}

/** Waits until nothing is being computed any more: a bound on the machine, not on the work. */
export const idle = (page: Page): Promise<void> =>
  expect(page.locator('html')).toHaveAttribute('data-idle', 'true')

/** The demo angler's gear, and a page with it: Match, which ranks and lets swing, where nothing else is wanted. */
export async function openDemo(page: Page, place = '/match'): Promise<void> {
  await asOnce(page, 'demo', async () => {
    // The first page comes late: meanwhile the address is not set back to none.
    await page.route('**/assets/MatchStation-*', async (route) => {
      await page.waitForTimeout(1000)
      await route.continue()
    })
    await page.goto('/?demo')
    await expect(page.getByRole('heading', { name: /First look|pairs? holds?/ })).toBeVisible()
    await expect(page.getByRole('button', { name: /^Undo: Open the demo/ })).toBeVisible()
  })
  await go(page, place)
  await expect(
    place === '/match'
      ? page.getByRole('heading', { name: /First look|pairs? holds?|Nothing (holds|fits)/ })
      : page.getByRole('heading').first(),
  ).toBeVisible()
}

/** A winter day with the 13 ft seven: what Match puts first, once it was swung, in the strip. */
export async function firstWinterRig(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Which rod/ }).click()
  await page.getByRole('button', { name: 'Long seven, 13 ft', exact: true }).click()
  await page.getByRole('button', { name: 'Winter run' }).click()
  // Until the page has taken the day up it shows, rightly, the settled answer of the day before.
  await expect(page.getByRole('button', { name: /^What time of year/ })).toContainText('winter')
  await idle(page)
  await expect(page.getByText('Each judged by its swing in your water.')).toBeVisible()
  const first = page.getByRole('article').first()
  await expect(first).toContainText('Skagit')
  await expect(first.getByText('Holds').first()).toBeVisible()
  await first.getByRole('button', { name: 'Make this my rig' }).click()
  await inTheStrip(page)
}

/** Said once the write is done: leaving the page before that could leave the rig behind. */
export async function inTheStrip(page: Page): Promise<void> {
  await expect(page).toHaveURL(/\/rig$/)
  await expect(page.getByText('It’s your rig now')).toBeVisible()
}

type Kept = Awaited<ReturnType<ReturnType<Page['context']>['storageState']>>
const kept = new Map<string, Kept>()

/** Brings a browser to where it was once brought by hand: what it keeps is put back, which takes no time. */
export async function asOnce(page: Page, name: string, byHand: () => Promise<void>): Promise<void> {
  const before = kept.get(name)
  if (before !== undefined) {
    // What a page that is open has in mind is of before.
    await page.goto('about:blank')
    return page.context().setStorageState(before)
  }
  await byHand()
  kept.set(name, await page.context().storageState({ indexedDB: true }))
}

/** The demo on a winter day, and the short Skagit on the 13 ft seven in the strip, with a tip. */
export async function winterRig(page: Page, tip = 't-8-5-ft'): Promise<void> {
  await asOnce(page, tip, async () => {
    await openDemo(page)
    await page.getByRole('button', { name: 'Winter run' }).click()
    await expect(page.getByRole('button', { name: /^Undo: Day: winter run/ })).toBeVisible()
    await go(
      page,
      `/match/rig/long-seven-13-ft~510-gr-short-skagit~${tip}~level-4-ft~coated-30-lb~full-frame-eleven`,
    )
    await page.getByRole('button', { name: 'Make this my rig' }).click()
    await inTheStrip(page)
  })
  await go(page, '/rig')
  await expect(page.getByRole('heading', { level: 1, name: /^Long seven, 13 ft with/ })).toBeVisible()
}
