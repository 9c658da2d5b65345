/** The second look over the demo's gear: the twelve best rods and heads with all their tips, each let swing. Times of one run. */
import { readFileSync } from 'node:fs'
import { dayOf, FIRST_JOB, USUAL_DAYS } from '@hoxen/core/day'
import { readDocument } from '@hoxen/core/format'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { matchRigs, SECOND_LOOKS, wantedSwings } from '@hoxen/core/match'
import { swing } from '@hoxen/core/swing'
import { timed } from './timing.ts'

const { items } = readDocument(readFileSync('demo/skarn.json', 'utf8')).document
const through = <T>(steps: Generator<unknown, T>): T => {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

for (const { name, job } of USUAL_DAYS) {
  const day = dayOf({ job: { ...FIRST_JOB, ...job }, schools: DEFAULT_SCHOOLS })
  const first = matchRigs({ items }, day)
  const firstMs = timed(9, () => matchRigs({ items }, day))
  const inputs = through(wantedSwings({ items }, day, first))
  const all = timed(3, () => {
    for (const input of inputs) swing(input)
  })
  console.log(
    `${name.padEnd(15)} first answer ${firstMs.toFixed(0)} ms; second look, ${SECOND_LOOKS} rods and heads: ${inputs.length} swings in ` +
      `${(all / 1000).toFixed(2)} s on one core, ${(all / 2000).toFixed(2)} s on two (${(all / inputs.length).toFixed(1)} ms each)`,
  )
}
