/**
 * The demo's trip: in the page from opening it to its first kit, and from a limit changed to its answer, against the bare swings of
 * the first kit on one core in this run; on one core the same trip with five hundred things of gear, and the memory it takes.
 */
import { readFileSync } from 'node:fs'
import { FIRST_JOB, USUAL_STAND } from '@hoxen/core/day'
import { readDocument } from '@hoxen/core/format'
import { DEFAULT_SCHOOLS, type Item } from '@hoxen/core/gear'
import { keepSwung } from '@hoxen/core/rig'
import { swing } from '@hoxen/core/swing'
import { isToSolve, solverBy, type TripAbout, TripSearch } from '@hoxen/core/trip'
import { served } from '@hoxen/e2e/served.ts'
import type { Page } from '@playwright/test'
import highsLoader from 'highs'
import { median } from './timing.ts'

const ROUNDS = 3
const SIZES = [59, 200, 1000]
const LIMITS = { firstMs: 6000, changedMs: 150, manyMs: 20_000, memoryMb: 300 } as const
const { document: demo } = readDocument(readFileSync('demo/skarn.json', 'utf8'))
const [trip] = demo.trips
if (trip === undefined) throw new Error('the demo has no trip')
const solve = solverBy(await highsLoader())

/** The demo's gear over and over, each copy a little heavier, up to so many things. */
function many(count: number): readonly Item[] {
  const out: Item[] = [...demo.items]
  for (let round = 1; out.length < count; round++)
    for (const item of demo.items.slice(0, count - out.length)) {
      const heavier =
        'massKg' in item && item.massKg !== undefined ? { massKg: item.massKg * (1 + round / 300) } : {}
      out.push({ ...item, ...heavier, id: `${item.id}-${round}`.slice(-64) } as Item)
    }
  return out
}

/** First kit on one core [ms], its swings alone [ms], how many, and its longest step besides them [ms]. */
function firstKit(items: readonly Item[]) {
  const about: TripAbout = {
    gear: { items },
    runs: demo.runs,
    job: demo.job ?? FIRST_JOB,
    schools: DEFAULT_SCHOOLS,
    stand: demo.stand ?? USUAL_STAND,
  }
  if (trip === undefined) throw new Error('the demo has no trip')
  const search = new TripSearch(trip, about)
  const start = performance.now()
  let [bareMs, swings, longestMs, since] = [0, 0, 0, start]
  let solution: ReturnType<typeof solve> | undefined
  const steps = search.first()
  for (;;) {
    const step = steps.next(solution)
    const before = performance.now()
    longestMs = Math.max(longestMs, before - since)
    if (step.done) return { ms: before - start, bareMs, swings, longestMs, found: step.value }
    solution = undefined
    if (isToSolve(step.value)) solution = solve(step.value.programme, step.value.limitS)
    else {
      for (const input of step.value ?? []) {
        keepSwung(input, swing(input))
        swings++
      }
      bareMs += performance.now() - before
    }
    since = performance.now()
  }
}

/** Other sizes of gear: what a first kit takes besides its swings may be as much as they take. */
function besides(count: number): boolean {
  const { ms, bareMs, swings, longestMs, found } = firstKit(many(count))
  const ratio = (ms - bareMs) / bareMs
  console.log(
    `${count} things, on one core: ${swings} swings ${(bareMs / 1000).toFixed(2)} s, besides them ${((ms - bareMs) / 1000).toFixed(2)} s, ${ratio.toFixed(2)} of that (asked 1); longest step ${longestMs.toFixed(0)} ms (asked 50); covers ${found.kit.weight}`,
  )
  return ratio <= 1
}

const bare = firstKit(demo.items)
console.log(
  `demo, ${demo.items.length} things, on one core: ${bare.swings} swings alone ${(bare.bareMs / 1000).toFixed(2)} s, first kit ${(bare.ms / 1000).toFixed(2)} s, covers ${bare.found.kit.weight}`,
)
const big = firstKit(many(500))
const { heapUsed, external } = process.memoryUsage()
const memoryMb = (heapUsed + external) / 2 ** 20
console.log(
  `500 things, on one core: first kit ${(big.ms / 1000).toFixed(2)} s, ${(big.ms / bare.bareMs).toFixed(1)} times the demo's swings alone; of ${big.found.of} rigs, covers ${big.found.kit.weight}; heap ${memoryMb.toFixed(0)} MB`,
)

/** From the tap on a thing of the kit until the kit without it is drawn [ms]. */
const leftAtHome = (page: Page, id: string): Promise<number> =>
  page.evaluate(
    (item) =>
      new Promise((resolve) => {
        const place = `[data-kit] button[data-item="${item}"]`
        const start = performance.now()
        new MutationObserver((_changes, observer) => {
          if (document.querySelector(place) !== null) return
          observer.disconnect()
          requestAnimationFrame(() => resolve(performance.now() - start))
        }).observe(document.body, { childList: true, subtree: true })
        document.querySelector<HTMLElement>(place)?.click()
      }),
    id,
  )

const first: number[] = []
const changed: number[] = []
const told: number[] = []
for (let round = 0; round < ROUNDS; round++)
  await served(4394, async (base, browser) => {
    const page = await (await browser.newContext()).newPage()
    await page.goto(`${base}/?demo`)
    await page.getByRole('article').first().waitFor()
    const start = performance.now()
    await page.goto(`${base}/#/trip`)
    await page.locator('progress').waitFor()
    told.push(performance.now() - start)
    await page.locator('[data-verdict]').waitFor()
    first.push(performance.now() - start)
    await page.locator('[data-stairs] [aria-busy="false"]').waitFor()
    changed.push(await leftAtHome(page, 'long-seven-13-ft'))
  })
const line = (what: string, ms: number, limit: number): boolean => {
  console.log(
    `${what}: ${ms.toFixed(0)} ms (asked ${limit}), ${(ms / bare.bareMs).toFixed(2)} of the bare swings ${ms > limit ? 'TOO SLOW' : ''}`,
  )
  return ms <= limit
}
const held = [
  ...SIZES.map(besides),
  line('page, first told of its progress', median(told), 1000),
  line('page, first kit', median(first), LIMITS.firstMs),
  line('page, a rod left at home: kit anew', median(changed), LIMITS.changedMs),
  line('500 things, first kit on one core', big.ms, LIMITS.manyMs),
  memoryMb <= LIMITS.memoryMb,
]
if (held.includes(false)) process.exitCode = 1
