/** The application with as much in it as it keeps: 10,000 items, 10,000 swings, 500 pools; against the demo's few, in one run, slowed four times. */
import { readFileSync } from 'node:fs'
import { readDocument, writeDocument } from '@hoxen/core/format'
import { newRun } from '@hoxen/core/water'
import { served } from '@hoxen/e2e/served.ts'
import type { Browser, Page } from '@playwright/test'
import { inventGear } from './gear.ts'
import { median, times } from './timing.ts'

const SLOWED = 4
const MANY = { items: 10_000, entries: 10_000, runs: 490 } as const
const PAGES = [
  '/pocket',
  '/match',
  '/rig',
  '/reel',
  '/water',
  '/cast',
  '/journal?view=season',
  '/gear',
  '/tables',
  '/settings',
]

const demo = readDocument(readFileSync(new URL('../../demo/skarn.json', import.meta.url), 'utf8')).document

/** The demo with much more of everything, as a file. */
function muchOfAll(): string {
  const [pool] = demo.runs
  if (pool === undefined) throw new Error('no pool')
  const repeat = <T extends { readonly id: string }>(rows: readonly T[], count: number): T[] =>
    Array.from({ length: count }, (_, i) => ({ ...(rows[i % rows.length] as T), id: `many-${i}` }))
  const past = { trails: { 'items/nothing': ['1-a'] }, gone: {} }
  return writeDocument(
    {
      ...demo,
      items: [...demo.items, ...inventGear(MANY.items - demo.items.length, 7)],
      entries: repeat(demo.entries, MANY.entries).map((entry, i) => ({
        ...entry,
        atMs: entry.atMs - i * 3600_000,
      })),
      runs: [
        ...demo.runs,
        ...Array.from({ length: MANY.runs }, (_, i) => newRun(pool, `pool-${i}`, `Pool ${i}`)),
      ],
    },
    '2026-11-29T12:00:00Z',
    past,
  )
}

/** From the address to the page's heading, drawn [ms]. */
const opened = (page: Page, place: string): Promise<number> =>
  page.evaluate(async (to) => {
    const main = document.querySelector('#page')
    const start = performance.now()
    location.hash = to
    await new Promise<void>((resolve) => {
      const look = (): void =>
        main?.getAttribute('data-at') === to && main.querySelector('h1') !== null
          ? resolve()
          : void requestAnimationFrame(look)
      look()
    })
    await new Promise(requestAnimationFrame)
    return performance.now() - start
  }, place)

/** From a key in the search of Gear to the list that it leaves, drawn [ms]. */
async function searched(page: Page): Promise<number> {
  await opened(page, '/gear')
  return page.evaluate(async () => {
    const field = document.querySelector<HTMLInputElement>('input[type="search"]')
    if (field === null) throw new Error('no search')
    const start = performance.now()
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, 'skagit 5')
    field.dispatchEvent(new Event('input', { bubbles: true }))
    await new Promise(requestAnimationFrame)
    await new Promise(requestAnimationFrame)
    return performance.now() - start
  })
}

/** Share of frames over 34 ms while scrolling. */
const dropped = (page: Page): Promise<number> =>
  page.evaluate(async () => {
    const gaps: number[] = []
    let last = performance.now()
    for (let i = 0; i < 90; i++) {
      scrollBy(0, 160)
      const now = await new Promise<number>(requestAnimationFrame)
      gaps.push(now - last)
      last = now
    }
    return gaps.filter((gap) => gap > 34).length / gaps.length
  })

async function measured(
  browser: Browser,
  base: string,
  file: string,
  what: string,
): Promise<readonly number[]> {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  await page.addInitScript('globalThis.__name = (named) => named')
  await page.goto(`${base}/#/gear?import`)
  await page
    .getByLabel(/A table/)
    .setInputFiles({ name: 'all.json', mimeType: 'application/json', buffer: Buffer.from(file) })
  await page.getByLabel(/^Restore this backup/).check()
  const start = performance.now()
  await page.getByRole('button', { name: 'Restore this backup' }).click()
  await page.getByRole('dialog').waitFor({ state: 'detached' })
  const restored = performance.now() - start
  await page.waitForTimeout(3000)
  const client = await page.context().newCDPSession(page)
  await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWED })
  const ms: number[] = []
  for (const place of PAGES) {
    await opened(page, place)
    await opened(page, '/tables')
    ms.push(await opened(page, place))
  }
  const search = await searched(page)
  await opened(page, '/gear')
  const late = await dropped(page)
  console.log(
    `${what}: restored in ${restored.toFixed(0)} ms; pages slowed ${SLOWED} ×, opened again: ${PAGES.map((place, i) => `${place} ${(ms[i] ?? 0).toFixed(0)}`).join(', ')}, median ${median(ms).toFixed(0)} ms; search ${search.toFixed(0)} ms; ${(late * 100).toFixed(0)} % of frames late while scrolling`,
  )
  await page.context().close()
  return ms
}

await served(4396, async (base, browser) => {
  const few = await measured(
    browser,
    base,
    writeDocument(demo, '2026-11-29T12:00:00Z', { trails: { 'items/nothing': ['1-a'] }, gone: {} }),
    'the demo',
  )
  const many = await measured(
    browser,
    base,
    muchOfAll(),
    `${MANY.items} items, ${MANY.entries} swings, ${MANY.runs} pools`,
  )
  console.log(PAGES.map((place, i) => `${place} ${times(many[i] ?? 0, few[i] ?? 1)}`).join(', '))
})
