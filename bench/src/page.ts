/** The page with much gear: from click to first answer, and a long table taken in; against the bare work, in one run. */
import { USUAL_DAYS } from '@hoxen/core/day'
import { writeCsv } from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import { served } from '@hoxen/e2e/served.ts'
import type { Browser, Page } from '@playwright/test'
import { inventGear } from './gear.ts'
import { median, times } from './timing.ts'

/** A usual day is clicked; when does the ranking for it stand on the page, and what kept the page busy meanwhile [ms]? */
const clickToAnswer = (page: Page, name: string): Promise<{ answer: number; task: number; frame: number }> =>
  page.evaluate(async (day) => {
    const rigs = document.querySelector('#rigs')
    const button = [...document.querySelectorAll('button')].find((b) => b.textContent?.includes(day))
    if (rigs === null || button === undefined) throw new Error(`no ${day}`)
    let task = 0
    const seen = new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) task = Math.max(task, entry.duration)
    })
    seen.observe({ type: 'longtask' })
    let frame = 0
    let last = performance.now()
    let watching = true
    const watch = (now: number) => {
      frame = Math.max(frame, now - last)
      last = now
      if (watching) requestAnimationFrame(watch)
    }
    requestAnimationFrame(watch)
    const start = performance.now()
    let asked = false
    const answered = new Promise<number>((resolve) => {
      new MutationObserver((_, observer) => {
        const busy = rigs.getAttribute('aria-busy') === 'true'
        if (busy) asked = true
        else if (asked) {
          observer.disconnect()
          requestAnimationFrame(() => resolve(performance.now() - start))
        }
      }).observe(rigs, { attributes: true, attributeFilter: ['aria-busy'] })
    })
    button.click()
    const answer = await answered
    await new Promise((resolve) => setTimeout(resolve, 400))
    watching = false
    seen.disconnect()
    return { answer, task, frame }
  }, name)

async function takenIn(page: Page, base: string, items: readonly Item[]): Promise<number> {
  await page.goto(`${base}/gear?import`)
  const file = { name: 'gear.csv', mimeType: 'text/csv', buffer: Buffer.from(writeCsv(items, 'metric')) }
  await page.getByLabel(/A table/).setInputFiles(file)
  const take = page.getByRole('button', { name: /^Take these/ })
  await take.waitFor()
  const start = performance.now()
  await take.click()
  await page
    .getByRole('button', { name: /^All/ })
    .filter({ hasText: String(items.length) })
    .waitFor()
  return performance.now() - start
}

async function oneItem(page: Page, base: string): Promise<number> {
  await page.goto(`${base}/gear?add`)
  const line = page.getByRole('textbox').first()
  await line.fill('skagit 510 gr 23 ft')
  const all = page.getByRole('button', { name: /^All/ })
  const before = await all.textContent()
  const start = performance.now()
  await line.press('Enter')
  await page.waitForFunction(
    (was) =>
      [...document.querySelectorAll('button')].some(
        (b) => b.textContent?.startsWith('All') && b.textContent !== was,
      ),
    before,
  )
  return performance.now() - start
}

/** A browser in which nothing is kept yet. */
async function freshPage(browser: Browser): Promise<Page> {
  const page = await (await browser.newContext()).newPage()
  // Helper that the transpiler puts round named functions.
  await page.addInitScript('globalThis.__name = (named) => named')
  return page
}

async function measure(base: string, browser: Browser, count: number): Promise<void> {
  const one = await oneItem(await freshPage(browser), base)
  const page = await freshPage(browser)
  const many = await takenIn(page, base, inventGear(count, 7))
  await page.goto(`${base}/match`)
  await page.locator('#rigs[aria-busy="false"] li').first().waitFor({ timeout: 60_000 })
  const seen = []
  for (const { name } of USUAL_DAYS) seen.push({ name, ...(await clickToAnswer(page, name)) })
  console.log(
    `${count} items: taken in ${many.toFixed(0)} ms = ${times(many, one)} one item; ` +
      `click to answer, median ${median(seen.map((s) => s.answer)).toFixed(0)} ms: ` +
      seen
        .map(
          (s) =>
            `${s.name} ${s.answer.toFixed(0)} (longest task ${s.task.toFixed(0)}, frame ${s.frame.toFixed(0)})`,
        )
        .join(', '),
  )
  for (const context of browser.contexts()) await context.close()
}

await served(4394, async (base, browser) => {
  for (const count of [56, 500, 2000, 3000]) await measure(base, browser, count)
})
