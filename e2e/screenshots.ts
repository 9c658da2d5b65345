/** Makes docs/screenshots from the demo data: one picture of each main view. Build first. */
import type { Browser, Page } from '@playwright/test'
import { gaugeReply, weatherReply } from './replies.ts'
import { ROOT, served } from './served.ts'

/** Waits until the ranking is settled by the swing. */
const settled = (page: Page): Promise<void> =>
  page.getByText('Each judged by its swing in your water.').waitFor({ timeout: 40_000 })

async function demoPage(
  base: string,
  browser: Browser,
  width: number,
  height: number,
  face: 'light' | 'dark' = 'light',
): Promise<Page> {
  const context = await browser.newContext({
    viewport: { width, height },
    colorScheme: face,
    reducedMotion: 'reduce',
  })
  const page = await context.newPage()
  // The stand-in gauge moves with the clock; a picture wants the same day each time.
  await page.route('**/api/gauge/*', (route) => route.fulfill({ json: gaugeReply(30, 1) }))
  await page.route('**/api/weather/*', (route) => route.fulfill({ json: weatherReply(270, 5, 6.5) }))
  await page.goto(`${base}/?demo`)
  await page.getByRole('article').first().waitFor()
  await page.getByRole('button', { name: 'Winter run' }).click()
  await settled(page)
  await page.getByRole('article').first().getByRole('button', { name: 'Make this my rig' }).click()
  await page.waitForURL(/\/rig$/)
  // Notices go by themselves; a picture should not catch one.
  await page.waitForTimeout(5500)
  return page
}

/** From the water in words to a pool at its level, with the rig that holds there. */
async function toKettleRun(page: Page): Promise<void> {
  await page.goto(
    new URL(
      '/match/rig/long-seven-13-ft~510-gr-short-skagit~t-8-10-ft~level-4-ft~coated-30-lb~full-frame-eleven',
      page.url(),
    ).href,
  )
  await page.getByRole('button', { name: 'Make this my rig', exact: true }).click()
  await page.waitForURL(/\/rig$/)
  await page.waitForTimeout(5500)
  await page.goto(new URL('/water', page.url()).href)
  await page.getByRole('button', { name: 'Kettle Run' }).click()
  await page.getByText('Skarn above the forks').waitFor()
}

/** A November afternoon on the strand, the flood beginning as the light goes. */
const DUSK = new Date('2026-11-28T14:00:00Z')

/** From the river to the beach, with the rig of the surf. */
async function toTheStrand(page: Page): Promise<void> {
  const at = (path: string): string => new URL(path, page.url()).href
  await page.goto(at('/match'))
  await page.getByRole('button', { name: 'Surf at dawn' }).click()
  await page.getByRole('button', { name: /^Undo: Day: surf at dawn/ }).waitFor()
  await page.goto(
    at('/match/rig/strand-eight-nine-11-ft~530-gr-surf-head~_~tapered-9-ft~mono-0-60~strand-reel'),
  )
  await page.getByRole('button', { name: 'Make this my rig' }).click()
  await page.waitForURL(/\/rig$/)
  await page.goto(at('/water'))
  await page.getByRole('button', { name: /Ossan Strand/ }).click()
  await page.waitForTimeout(5500)
  await page.clock.setFixedTime(DUSK)
}

interface Moment {
  /** Seconds into the swing. */
  readonly at?: string
  /** Words brought to the foot of the picture. */
  readonly scrollTo?: string
  /** Done before the picture is taken. */
  readonly first?: (page: Page) => Promise<void>
}

async function shoot(
  page: Page,
  path: string,
  name: string,
  { at, scrollTo, first }: Moment = {},
): Promise<void> {
  await page.goto(new URL(path, page.url()).href)
  await page.getByRole('heading').first().waitFor()
  if (path === '/match') await settled(page)
  if (path.startsWith('/match/look')) await page.locator('[data-figure="reelNumber"]').waitFor()
  await page.waitForTimeout(path.startsWith('/water') ? 5000 : 1200)
  if (first !== undefined) await first(page)
  if (at !== undefined) await page.getByRole('slider', { name: 'Time in the swing' }).fill(at)
  // No ring round what was touched last.
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
  if (scrollTo !== undefined)
    await page
      .getByText(scrollTo)
      .first()
      .evaluate((el) => el.scrollIntoView({ block: 'end' }))
  await page.waitForTimeout(300)
  await page.screenshot({ path: `${ROOT}docs/screenshots/${name}.png` })
}

/** Every cell computed, and how sure it is. */
async function charted(page: Page): Promise<void> {
  await page.locator('[data-chart="done"]').waitFor({ timeout: 60_000 })
  await page.waitForTimeout(6000)
}

/** Every tip of the wallet swung. */
const tipsTried = (page: Page): Promise<void> => page.locator('[data-tips="done"]').waitFor()

/** A round, and its answer drawn. */
const answeredRound = async (page: Page): Promise<void> => {
  await page.locator('[data-round]').waitFor()
  await page.keyboard.press('2')
  await page.keyboard.press('Enter')
  await page.locator('[data-shown="true"]').waitFor()
  await page.waitForTimeout(800)
}

/** A kit that is as good as it gets, or as far as a minute goes. */
const packed = async (page: Page): Promise<void> => {
  await page.locator('[data-verdict]').waitFor({ timeout: 60_000 })
  await page
    .locator('[data-proven="true"]')
    .waitFor({ timeout: 120_000 })
    .catch(() => undefined)
}

/** A fish has run. */
const aRun = (page: Page): Promise<void> => page.getByRole('slider', { name: /^A fish runs/ }).fill('60')

await served(4392, async (base, browser) => {
  const desk = await demoPage(base, browser, 1280, 800)
  await shoot(desk, '/match', 'match')
  await toKettleRun(desk)
  await shoot(desk, '/rig?part=tipId', 'rig-ledger')
  await shoot(desk, '/reel', 'reel', { first: aRun })
  await shoot(desk, '/water', 'water-swing', { at: '14' })
  await shoot(desk, '/water?view=ladder', 'water-ladder')
  await shoot(desk, '/water?view=chart', 'pool-chart', { first: charted })
  await shoot(desk, '/journal?view=season', 'journal')
  await shoot(desk, '/journal?view=trials&rod=switch-six-11-ft-3', 'trials')
  await shoot(desk, '/rig/card', 'rig-card')
  await shoot(desk, '/gear?kind=head', 'gear')
  await shoot(desk, '/cast', 'cast')
  await shoot(desk, '/match/look?ask=12½+ft+6', 'look')
  await shoot(desk, '/trip', 'trip', { first: packed })
  await shoot(desk, '/practise?ask=head', 'practise', { first: answeredRound })
  await shoot(await demoPage(base, browser, 1280, 800, 'dark'), '/gear/item/510-gr-short-skagit', 'item-dusk')
  const phone = await demoPage(base, browser, 390, 844)
  await toKettleRun(phone)
  await shoot(phone, '/trip', 'phone-trip', { first: packed })
  await shoot(phone, '/practise?ask=cast', 'phone-practise', { first: answeredRound })
  await shoot(phone, '/pocket', 'pocket', { first: tipsTried })
  const beach = await demoPage(base, browser, 1280, 800)
  await toTheStrand(beach)
  await shoot(beach, '/cast', 'cast-beach')
})
