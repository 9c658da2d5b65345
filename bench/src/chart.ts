/**
 * A pool's chart in the page: ten tips, eight levels, three angles, at the cut that is shown. How long the first column and the whole take, in
 * milliseconds and as a share of what one core needs for the same swings in this run.
 */
import { readFileSync } from 'node:fs'
import { dayOf } from '@hoxen/core/day'
import { readDocument, writeDocument } from '@hoxen/core/format'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { chartColumns, chartLevels, frontsToTry } from '@hoxen/core/ladder'
import { EMPTY_WALLET, resolveRig } from '@hoxen/core/rig'
import type { TipItem } from '@hoxen/core/sink'
import { swing } from '@hoxen/core/swing'
import { served } from '@hoxen/e2e/served.ts'
import { median, timed } from './timing.ts'

const TIPS = 10
const LEVELS = 8
const ROUNDS = 5
/** Between two of the chart's own levels, so that it has a column of its own [m³/s]. */
const TODAY_M3PS = 28.3
const RIG = {
  rodId: 'long-seven-13-ft',
  headId: '510-gr-short-skagit',
  tipId: 't-11-10-ft',
  leaderId: 'level-4-ft',
  runningLineId: 'coated-30-lb',
  reelId: 'full-frame-eleven',
}

const demo = readDocument(readFileSync('demo/skarn.json', 'utf8')).document
const isTip = ({ kind }: { readonly kind: string }): boolean => kind === 'tip' || kind === 'sinking-leader'
const tips = demo.items.filter(isTip).slice(0, TIPS) as readonly TipItem[]
const items = [...demo.items.filter((item) => !isTip(item)), ...tips]
const water = { runId: 'kettle-run', plan: { angleDeg: 60, tipHeightM: 1, mends: [] }, flowM3ps: TODAY_M3PS }
const gear = writeDocument({ ...demo, items, water, rig: RIG }, '2026-11-27T09:00:00Z')

const resolved = resolveRig(RIG, new Map(items.map((item) => [item.id, item])))
const pool = demo.runs.find(({ id }) => id === water.runId)
if (resolved.outcome !== 'resolved' || pool?.measuredFlowM3ps === undefined || demo.job === undefined)
  throw new Error('the demo has no such rig or pool')
const { fly, fishAt, fishKg, plan, run } = dayOf({
  job: demo.job,
  schools: DEFAULT_SCHOOLS,
  runs: demo.runs,
  water,
})
const { parts } = resolved
const columns = chartColumns(
  { parts, fly, fishAt, fishKg, plan, run },
  pool,
  frontsToTry(parts, { tips, items: new Map(), wallet: EMPTY_WALLET }),
  chartLevels(pool.measuredFlowM3ps, TODAY_M3PS, (flow) => flow),
)
const swings = columns.reduce((sum, { rungs }) => sum + rungs.length, 0)
const oneCore = timed(3, () => {
  for (const { rungs } of columns) for (const { input } of rungs) swing(input)
})

await served(4396, async (base, browser) => {
  const context = await browser.newContext({
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
  })
  const page = await context.newPage()
  await page.addInitScript('globalThis.__name = (named) => named')
  await page.goto(`${base}/#/gear?import`)
  await page
    .getByLabel(/A table/)
    .setInputFiles({ name: 'ten.json', mimeType: 'application/json', buffer: Buffer.from(gear) })
  await page.getByRole('button', { name: /^Take these/ }).click()
  await page.getByText('taken from ten.json').waitFor()
  const first: number[] = []
  const whole: number[] = []
  let cells = 0
  for (let round = 0; round < ROUNDS; round++) {
    await page.goto(`${base}/#/water`)
    await page.getByRole('link', { name: 'Chart of levels' }).waitFor()
    await page.waitForTimeout(6000)
    const found = await page.evaluate(
      (tipsThere) =>
        new Promise<{ first: number; whole: number; cells: number }>((resolve) => {
          const start = performance.now()
          let firstMs = 0
          const look = (): void => {
            const rows = [...document.querySelectorAll('tbody tr')]
            const inFirst = rows.filter((row) => row.querySelector('td:first-of-type [data-cell]')).length
            if (firstMs === 0 && inFirst === tipsThere) firstMs = performance.now() - start
            if (document.querySelector('[data-chart="done"]') === null)
              return void requestAnimationFrame(look)
            const all = document.querySelectorAll('[data-cell]').length
            resolve({ first: firstMs, whole: performance.now() - start, cells: all })
          }
          location.hash = '#/water?view=chart'
          requestAnimationFrame(look)
        }),
      TIPS,
    )
    first.push(found.first)
    whole.push(found.whole)
    cells = found.cells
  }
  const share = (ms: number): string => `${ms.toFixed(0)} ms, ${(ms / oneCore).toFixed(2)} of one core`
  console.log(
    `${swings} swings (${TIPS} tips, ${columns.length} of ${LEVELS} levels, three angles), ${cells} cells`,
  )
  console.log(`one Node core, no page: ${oneCore.toFixed(0)} ms`)
  console.log(`first column whole: ${share(median(first))}`)
  console.log(`all of it: ${share(median(whole))}`)
})
