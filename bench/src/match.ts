/** Ranking many items against judging one rig: times, ratios and growth from one run. */
import { dayOf, FIRST_JOB, USUAL_DAYS } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { judge, matchRigs } from '@hoxen/core/match'
import { inventGear } from './gear.ts'
import { median, timed } from './timing.ts'

const SIZES = [
  [500, 9],
  [2000, 5],
  [10_000, 3],
] as const

/** Median time of each day, by how many items there are [ms]. */
const times = new Map<number, number[]>()

for (const [count, rounds] of SIZES) {
  const items = inventGear(count, 7)
  console.log(`${items.length} items`)
  for (const { name, job } of USUAL_DAYS) {
    const day = dayOf({ job: { ...FIRST_JOB, ...job }, schools: DEFAULT_SCHOOLS })
    const start = performance.now()
    const result = matchRigs({ items }, day)
    const first = performance.now() - start
    const ranking = timed(rounds, () => matchRigs({ items }, day))
    times.set(count, [...(times.get(count) ?? []), ranking])
    const [best] = result.cards.map((card) => card.rig)
    if (best === undefined) throw new Error('nothing ranked')
    const one = timed(2000, () => judge(best.parts, day))
    const rigsWorth = ranking / one
    console.log(
      `${name.padEnd(15)} ${result.combinations.toExponential(2)} combinations, ${result.cards.length} rods and heads, best ${best.verdict}: ` +
        `first ${first.toFixed(0)} ms, median ${ranking.toFixed(0)} ms = ${rigsWorth.toFixed(0)} ledgers' worth; ` +
        `${(result.combinations / rigsWorth).toExponential(1)} × fewer than one ledger a combination; ` +
        `heap ${(process.memoryUsage().heapUsed / 1e6).toFixed(0)} MB`,
    )
  }
}

/** Growth exponent of the time in the number of items, from one size to another: 1 is linear. */
function exponent(from: number, to: number): number {
  const [a = [], b = []] = [times.get(from), times.get(to)]
  return median(b.map((ms, i) => Math.log(ms / (a[i] ?? ms)) / Math.log(to / from)))
}
console.log(
  `time grows with the number of items to the power of ${exponent(500, 10_000).toFixed(2)} from 500 to 10,000 ` +
    `(${exponent(500, 2000).toFixed(2)} to 2,000, ${exponent(2000, 10_000).toFixed(2)} from there)`,
)
