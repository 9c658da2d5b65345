/**
 * The second look in the page, over the demo's gear: a usual day is clicked; from the first answer on the page to the settled
 * order (the wait for a quiet moment, the choice of tips, every swing on the pool's workers, other leaders and running lines),
 * against the bare swings of the same day on one core in this run.
 */
import { readFileSync } from 'node:fs'
import { dayOf, FIRST_JOB, USUAL_DAYS } from '@hoxen/core/day'
import { readDocument } from '@hoxen/core/format'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { matchRigs, secondLookInSteps } from '@hoxen/core/match'
import { keepSwung } from '@hoxen/core/rig'
import { swing } from '@hoxen/core/swing'
import { served } from '@hoxen/e2e/served.ts'
import type { Page } from '@playwright/test'
import { median } from './timing.ts'

const ROUNDS = 3
const { document: demo } = readDocument(readFileSync('demo/skarn.json', 'utf8'))

/** The swings of a day's second look, one after another on one core, and the time they take [ms]. */
function bareSwings(name: string): { many: number; ms: number } {
  const job = { ...(demo.job ?? FIRST_JOB), ...USUAL_DAYS.find((day) => day.name === name)?.job }
  const day = dayOf({ job, schools: DEFAULT_SCHOOLS })
  let [many, ms] = [0, 0]
  for (const wanted of secondLookInSteps(demo, day, matchRigs(demo, day))) {
    if (wanted === undefined) continue
    const start = performance.now()
    const swings = wanted.map((input) => [input, swing(input)] as const)
    ms += performance.now() - start
    many += swings.length
    for (const [input, swung] of swings) keepSwung(input, swung)
  }
  return { many, ms }
}

/** From the first answer on the page to the settled order [ms], after a click on a day. */
const clickToSettled = (page: Page, name: string): Promise<{ first: number; settled: number }> =>
  page.evaluate(
    (day) =>
      new Promise((resolve) => {
        const rigs = document.querySelector('#rigs')
        const button = [...document.querySelectorAll('button')].find((b) => b.textContent?.includes(day))
        if (rigs === null || button === undefined) throw new Error(`no ${day}`)
        let [asked, first] = [false, 0]
        const start = performance.now()
        const observer = new MutationObserver(() => {
          const busy = rigs.getAttribute('aria-busy') === 'true'
          if (busy) asked = true
          else if (asked && first === 0) first = performance.now()
          if (first === 0 || !rigs.textContent?.includes('Each judged by its swing')) return
          observer.disconnect()
          requestAnimationFrame(() => resolve({ first: first - start, settled: performance.now() - first }))
        })
        observer.observe(rigs, { attributes: true, childList: true, subtree: true, characterData: true })
        button.click()
      }),
    name,
  )

await served(4395, async (base, browser) => {
  const seen = new Map<string, number[]>()
  for (let round = 0; round < ROUNDS; round++) {
    const page = await (await browser.newContext()).newPage()
    await page.addInitScript('globalThis.__name = (named) => named')
    await page.goto(`${base}/?demo`)
    await page.getByText('Each judged by its swing').waitFor({ timeout: 60_000 })
    for (const { name } of USUAL_DAYS) {
      const { settled } = await clickToSettled(page, name)
      seen.set(name, [...(seen.get(name) ?? []), settled])
    }
    await page.context().close()
  }
  for (const [name, settled] of seen) {
    const { many, ms } = bareSwings(name)
    console.log(
      `${name.padEnd(15)} first answer to settled order: median ${(median(settled) / 1000).toFixed(2)} s of ${settled.map((s) => (s / 1000).toFixed(2)).join(', ')}; ` +
        `${many} swings take ${(ms / 1000).toFixed(2)} s on one core of Node: ${(median(settled) / ms).toFixed(2)} of that`,
    )
  }
})
