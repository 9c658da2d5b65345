import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, go, idle, openDemo, test, winterRig } from '../open.ts'

const PLACES = [
  '/pocket',
  '/pocket?view=wallet',
  '/match',
  '/match/look?ask=13+ft+7',
  '/rig?part=tipId',
  '/rig?view=mass',
  '/rig?view=turnover',
  '/rig?view=leader',
  '/rig?view=running',
  '/rig?view=list',
  '/rig?view=weigh',
  '/reel',
  '/water',
  '/water?view=ladder',
  '/water?view=bed',
  '/cast',
  '/cast/cautions',
  '/trip',
  '/practise',
  '/trip/sheet',
  '/journal?view=season',
  '/journal?view=trials',
  '/journal?view=bend',
  '/rig/card',
  '/gear/labels',
  '/gear?kind=tip',
  '/gear/new/head',
  '/gear/item/510-gr-short-skagit',
  '/tables',
  '/settings',
]

/** Nothing is worked out that is not told below: of what passed, only that it did. */
const LEAN: Parameters<AxeBuilder['options']>[0] = {
  resultTypes: ['violations'],
  preload: false,
  elementRef: false,
}
const TAGS = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice']
/** Between them these pages show every colour there is. */
const COLOURFUL = ['/rig?part=tipId', '/reel', '/water?view=chart']

async function violationsAt(
  page: Page,
  place: string,
  look: (axe: AxeBuilder) => AxeBuilder,
): Promise<readonly string[]> {
  await go(page, place)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await idle(page)
  // In the page itself: for frames of other hosts, of which there are none, it would open another page each time.
  const { violations } = await look(new AxeBuilder({ page }).setLegacyMode(true).options(LEAN)).analyze()
  return violations.map((v) => `${place} ${v.id}: ${v.nodes.map((n) => n.html).join(' ')}`)
}

/** On a phone: what is wider than it, and targets too small for a thumb. */
async function crampedAt(page: Page): Promise<readonly string[]> {
  // The smallest phone there is.
  await page.setViewportSize({ width: 320, height: 568 })
  // Drawings follow the page a moment later.
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth), { intervals: [50] })
    .toBeLessThanOrEqual(320)
  await page.setViewportSize({ width: 390, height: 844 })
  return page.locator('button:visible, header a:visible, nav a:visible').evaluateAll((all) =>
    all
      .filter((e) => !e.closest('p') && !e.matches('.sr-only, [class*="sr-only"]'))
      .map((e) => {
        const { width, height } = e.getBoundingClientRect()
        // A small word reaches further than it is drawn.
        const reach = getComputedStyle(e, '::after')
        const [x, y] =
          reach.content === 'none' ? [0, 0] : [reach.left, reach.top].map((px) => -2 * Number.parseFloat(px))
        const text = e.getAttribute('aria-label') ?? e.textContent
        return { text, shown: width > 0, width: width + (x ?? 0), height: height + (y ?? 0) }
      })
      .filter(({ shown, width, height }) => shown && (height < 43.5 || width < 43.5))
      .map(({ text, width, height }) => `${text} ${width.toFixed(0)}×${height.toFixed(0)}`),
  )
}

// Shared between two workers.
for (const half of [0, 1])
  test(`axe finds no violation, and a phone no thumb too large, on any page (${half + 1} of 2)`, async ({
    page,
  }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' })
    await winterRig(page)
    // Head and foot are the same on all pages: once with them, then what is between.
    if (half === 0) {
      expect(await violationsAt(page, '/rig', (axe) => axe.withTags(TAGS))).toEqual([])
      expect((await page.locator('header').boundingBox())?.height).toBeLessThanOrEqual(112)
      await page.setViewportSize({ width: 390, height: 844 })
      const heights = await Promise.all(
        [page.locator('header'), page.locator('nav[aria-label="Pages"]').last()].map(
          async (part) => (await part.boundingBox())?.height ?? 0,
        ),
      )
      // Head and bar of a phone leave five sixths of it to the page.
      expect((heights[0] ?? 0) + (heights[1] ?? 0)).toBeLessThanOrEqual(844 / 6)
    }
    for (const place of PLACES.filter((_, i) => i % 2 === half)) {
      await page.setViewportSize({ width: 1280, height: 800 })
      expect(await violationsAt(page, place, (axe) => axe.include('main').withTags(TAGS))).toEqual([])
      expect(await crampedAt(page)).toEqual([])
    }
  })

test('axe finds no violation of colour in the dark face', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' })
  await winterRig(page)
  // The faces differ in nothing but colour.
  for (const place of COLOURFUL)
    expect(
      await violationsAt(page, place, (axe) => axe.withRules(['color-contrast', 'link-in-text-block'])),
    ).toEqual([])
  await expect(page.locator('html')).toHaveAttribute('data-face', 'dark')
})

test('the converter and the label reader', async ({ page }) => {
  await page.goto('/tables')
  await expect(page.locator('[data-unit="g"]')).toHaveText('34.019')
  await page.getByRole('button', { name: 'Length and diameter' }).click()
  await page.getByLabel('Figure, in any unit').fill('6 gō')
  await expect(page.locator('[data-unit="mm"]')).toHaveText('0.40466')
  await page.getByLabel('Figure, in any unit').fill('6 pints')
  await expect(page.getByText('Hoxen doesn’t know the unit “pints” here.')).toBeVisible()
  await page.getByRole('link', { name: 'Label against grains' }).click()
  await expect(page.locator('#label').getByText(/by weight it is 3\.9 sizes heavier/)).toBeVisible()
})

test('a worker that cannot start is said plainly, and trying again helps', async ({ page, context }) => {
  await openDemo(page)
  let broken = true
  await context.route('**/core.worker-*.js', (route) =>
    broken
      ? route.fulfill({ status: 200, contentType: 'text/javascript', body: 'throw new Error("lost")' })
      : route.continue(),
  )
  await page.route('**/*', (route) => route.fallback())
  await page.goto('/match')
  await expect(page.getByRole('heading', { name: 'The ranking stopped' })).toBeVisible()
  broken = false
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(
    page.getByRole('heading', { name: /First look|pairs? holds?|Nothing (holds|fits)/ }),
  ).toBeVisible()
})
