/** Ranking many items against judging one rig: times and ratios from one run. */
import { dayOf, FIRST_JOB, USUAL_DAYS } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { judge, matchRigs } from '@hoxen/core/match'
import { inventGear } from './gear.ts'
import { timed } from './timing.ts'

for (const [count, times] of [
  [500, 15],
  [2000, 5],
  [10_000, 0],
] as const) {
  const items = inventGear(count, 7)
  console.log(`${items.length} items`)
  for (const { name, job } of USUAL_DAYS) {
    const day = dayOf({ job: { ...FIRST_JOB, ...job }, schools: DEFAULT_SCHOOLS })
    const start = performance.now()
    const result = matchRigs({ items }, day)
    const first = performance.now() - start
    const ranking = times === 0 ? first : timed(times, () => matchRigs({ items }, day))
    const [best] = result.cards.map((card) => card.rig)
    if (best === undefined) throw new Error('nothing ranked')
    const one = timed(2000, () => judge(best.parts, day))
    const rigsWorth = ranking / one
    console.log(
      `${name.padEnd(15)} ${result.combinations.toExponential(2)} combinations, ${result.cards.length} rods and heads, best ${best.verdict}: ` +
        `first ${first.toFixed(0)} ms, median ${ranking.toFixed(0)} ms = ${rigsWorth.toFixed(0)} ledgers' worth; ` +
        `${(result.combinations / rigsWorth).toExponential(1)} × fewer than one ledger a combination`,
    )
  }
}
