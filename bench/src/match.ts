/** Ranking 500 items against judging one rig: times and ratios from one run. */
import { DAYS, DEFAULT_SCHOOLS, FIRST_JOB } from '@hoxen/core/gear'
import { judge, matchRigs } from '@hoxen/core/match'
import { inventGear } from './gear.ts'
import { timed } from './timing.ts'

const items = inventGear(500, 7)
console.log(`${items.length} items`)
for (const day of DAYS) {
  const job = { ...FIRST_JOB, ...day.job }
  const first = timed(1, () => matchRigs({ items }, job, DEFAULT_SCHOOLS))
  const result = matchRigs({ items }, job, DEFAULT_SCHOOLS)
  const ranking = timed(15, () => matchRigs({ items }, job, DEFAULT_SCHOOLS))
  const [best] = result.rigs
  if (best === undefined) throw new Error('nothing ranked')
  const one = timed(2000, () => judge(best.parts, { job, schools: DEFAULT_SCHOOLS }))
  const rigsWorth = ranking / one
  console.log(
    `${day.name.padEnd(15)} ${result.combinations.toExponential(2)} combinations, ${result.rigs.length} rigs, best ${best.verdict}: ` +
      `first ${first.toFixed(0)} ms, median ${ranking.toFixed(0)} ms = ${rigsWorth.toFixed(0)} ledgers' worth; ` +
      `${(result.combinations / rigsWorth).toExponential(1)} × fewer than one ledger a combination`,
  )
}
