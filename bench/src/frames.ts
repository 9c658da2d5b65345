/** A cast played slowly and a swing at the water, and handles dragged in their pictures: how evenly these move, against the same pages at rest, in one run. */
import { served } from '@hoxen/e2e/served.ts'
import type { Page } from '@playwright/test'
import { median } from './timing.ts'

const RIG = 'long-seven-13-ft~510-gr-short-skagit~t-8-5-ft~level-4-ft~coated-30-lb~full-frame-eleven'
/** All six steps of a double spey are over by then [ms]. */
const PLAYED_MS = 9000

interface Frames {
  readonly perSecond: number
  readonly median: number
  /** Frames that took longer than 20 ms, which is 50 a second: their share. */
  readonly late: number
  readonly worst: number
}

async function framesOf(page: Page, ms: number): Promise<Frames> {
  const gaps = await page.evaluate(
    (during) =>
      new Promise<number[]>((resolve) => {
        const found: number[] = []
        const start = performance.now()
        let last = start
        requestAnimationFrame(function watch(now) {
          found.push(now - last)
          last = now
          if (now - start < during) requestAnimationFrame(watch)
          else resolve(found.slice(1))
        })
      }),
    ms,
  )
  return {
    perSecond: (gaps.length / gaps.reduce((sum, gap) => sum + gap, 0)) * 1000,
    median: median(gaps),
    late: gaps.filter((gap) => gap > 20).length / gaps.length,
    worst: Math.max(...gaps),
  }
}

/** Dragged round in its picture for so long. */
async function dragged(page: Page, handle: RegExp, ms: number): Promise<Frames> {
  const box = await page.getByRole('slider', { name: handle }).locator('circle').first().boundingBox()
  if (box === null) throw new Error(`no handle ${handle}`)
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  const watched = framesOf(page, ms)
  for (const end = performance.now() + ms; performance.now() < end; ) {
    const turn = performance.now() / 250
    await page.mouse.move(x + 60 * Math.sin(turn), y + 40 * Math.cos(turn))
  }
  await page.mouse.up()
  return watched
}

/** From the page's data to its picture, both as they were painted first [ms]. */
const painted = (page: Page, place: string): Promise<number> =>
  page.evaluate(async (to) => {
    location.hash = to
    const shown = (what: string): Promise<number> =>
      new Promise((resolve) => {
        requestAnimationFrame(function look(now) {
          if (document.querySelector(what) === null) requestAnimationFrame(look)
          else resolve(now)
        })
      })
    const data = await shown(`#page[data-at="${to}"] h1`)
    return (await shown('#page svg[role="img"]')) - data
  }, place)

const told = ({ perSecond, median: middle, late, worst }: Frames): string =>
  `${perSecond.toFixed(1)} frames a second, median ${middle.toFixed(1)} ms, ${(late * 100).toFixed(1)} % over 20 ms, worst ${worst.toFixed(0)} ms`

await served(4395, async (base, browser) => {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  await page.addInitScript('globalThis.__name = (named) => named')
  await page.goto(`${base}/?demo`)
  await page.getByRole('article').first().waitFor()
  await page.goto(`${base}/#/match/rig/${RIG}`)
  await page.getByRole('button', { name: 'Make this my rig', exact: true }).click()
  await page.waitForURL(/\/rig$/)
  await page.waitForTimeout(1500)
  for (const [path, handle] of [
    ['/cast', /^Where the fly lands/],
    ['/water', /^Where the cast lands/],
  ] as const) {
    await page.goto(`${base}/#${path}`)
    const play = page.getByRole('button', { name: /^Play\b/ })
    await play.waitFor()
    await page.waitForTimeout(path === '/water' ? 6000 : 1500)
    const rest = await framesOf(page, 3000)
    const drag = await dragged(page, handle, 3000)
    await play.click()
    const playing = await framesOf(page, PLAYED_MS)
    console.log(`${path} at rest: ${told(rest)}`)
    console.log(
      `${path} dragged: ${told(drag)}; ${(drag.perSecond / rest.perSecond).toFixed(3)} of the rate at rest`,
    )
    console.log(
      `${path} playing: ${told(playing)}; ${(playing.perSecond / rest.perSecond).toFixed(3)} of the rate at rest`,
    )
  }
  for (const place of ['/cast', '/journal?view=bend', '/reel', '/rig?view=turnover', '/gear?kind=rod']) {
    await page.goto(`${base}/#/tables`)
    const first = await painted(page, place)
    await page.goto(`${base}/#/tables`)
    console.log(
      `${place}: picture ${first.toFixed(0)} ms after its data, ${(await painted(page, place)).toFixed(0)} ms opened again`,
    )
  }
})
