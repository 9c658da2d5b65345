/** A cast played slowly and a swing at the water: how evenly their pictures move, against the same pages at rest, in one run. */
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

const told = ({ perSecond, median: middle, late, worst }: Frames): string =>
  `${perSecond.toFixed(1)} frames a second, median ${middle.toFixed(1)} ms, ${(late * 100).toFixed(1)} % over 20 ms, worst ${worst.toFixed(0)} ms`

await served(4395, async (base, browser) => {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  await page.addInitScript('globalThis.__name = (named) => named')
  await page.goto(`${base}/?demo`)
  await page.getByRole('article').first().waitFor()
  await page.goto(`${base}/match/rig/${RIG}`)
  await page.getByRole('button', { name: 'Make this my rig' }).click()
  await page.waitForURL(/\/rig$/)
  await page.waitForTimeout(1500)
  for (const path of ['/cast', '/water']) {
    await page.goto(base + path)
    const play = page.getByRole('button', { name: /^Play\b/ })
    await play.waitFor()
    await page.waitForTimeout(path === '/water' ? 6000 : 1500)
    const rest = await framesOf(page, 3000)
    await play.click()
    const playing = await framesOf(page, PLAYED_MS)
    console.log(`${path} at rest: ${told(rest)}`)
    console.log(
      `${path} playing: ${told(playing)}; ${(playing.perSecond / rest.perSecond).toFixed(3)} of the rate at rest`,
    )
  }
})
