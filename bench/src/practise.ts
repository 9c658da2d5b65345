/** Rounds of practice: each kind drawn and answered on one core, against one swing of the same run; in the page the next question, and the swing drawn over a guess. */
import { readFileSync } from 'node:fs'
import { FIRST_JOB } from '@hoxen/core/day'
import { readDocument } from '@hoxen/core/format'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { ROUND_KINDS, roundInSteps } from '@hoxen/core/practise'
import { swingInput, through } from '@hoxen/core/rig'
import { swing } from '@hoxen/core/swing'
import { served } from '@hoxen/e2e/served.ts'
import { median } from './timing.ts'

const SEEDS = 20
const LIMIT_MS = 300
const { document: demo } = readDocument(readFileSync('demo/skarn.json', 'utf8'))
const spare = { gear: { items: demo.items }, runs: demo.runs }
const about = { ...spare, caster: FIRST_JOB.caster, schools: DEFAULT_SCHOOLS }

const timed = (work: () => unknown): number => {
  const start = performance.now()
  work()
  return performance.now() - start
}

const deep = through(roundInSteps('deep', 1, about, { spare }))?.round
if (deep?.kind !== 'deep') throw new Error('no round')
const input = swingInput({ ...deep.day, parts: deep.parts })
const oneMs = median(Array.from({ length: 9 }, () => timed(() => swing(input))))
console.log(`one swing ${oneMs.toFixed(1)} ms`)
for (const kind of ROUND_KINDS) {
  const times = Array.from({ length: SEEDS }, (_, i) =>
    timed(() => through(roundInSteps(kind, 1000 + i, about, { spare, level: 2 }))),
  )
  console.log(
    `${kind}: ${median(times).toFixed(0)} ms, at most ${Math.max(...times).toFixed(0)} ms; ${(median(times) / oneMs).toFixed(1)} swings`,
  )
}

await served(4393, async (base, browser) => {
  const page = await (await browser.newContext()).newPage()
  await page.goto(`${base}/?demo`)
  await page.getByRole('article').first().waitFor()
  const [next, drawn]: [number[], number[]] = [[], []]
  await page.goto(`${base}/#/practise?ask=deep`)
  for (let i = 1; i < 9; i++) {
    await page.getByText(`${i} of 10`, { exact: true }).waitFor()
    // As long as anybody looks at a question.
    await page.waitForTimeout(1500)
    await page.keyboard.press('2')
    let start = performance.now()
    await page.keyboard.press('Enter')
    await page.locator('[data-way="right"]').waitFor()
    drawn.push(performance.now() - start)
    start = performance.now()
    await page.keyboard.press('Enter')
    await page.getByText(`${i + 1} of 10`, { exact: true }).waitFor()
    next.push(performance.now() - start)
  }
  for (const [what, times] of [
    ['next question', next],
    ['swing over the guess', drawn],
  ] as const) {
    const ms = median(times)
    console.log(
      `${what} ${ms.toFixed(0)} ms (asked ${LIMIT_MS}), ${(ms / oneMs).toFixed(1)} swings ${ms > LIMIT_MS ? 'TOO SLOW' : ''}`,
    )
    if (ms > LIMIT_MS) process.exitCode = 1
  }
})
