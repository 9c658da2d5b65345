/** Search for a rod's rig and for a rig without a rod, over the usual days: first whole rig, then the spans of its figures; against one swing and one ledger of the same rig in this run. */
import { dayOf, FIRST_JOB, USUAL_DAYS } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS, type Rod } from '@hoxen/core/gear'
import { judge } from '@hoxen/core/match'
import { swingInput } from '@hoxen/core/rig'
import { type FixedParts, specifyInSteps, stylesFor, withSpansInSteps } from '@hoxen/core/specify'
import { swing } from '@hoxen/core/swing'
import { median, timed } from './timing.ts'

const ROD: Rod = { kind: 'rod', id: 'rod', name: 'rod', lineNumber: 7, lengthM: 3.9624, hands: 'two-hander' }
const ROUNDS = 5
const through = <T>(steps: Generator<unknown, T>): { value: T; ms: number } => {
  const start = performance.now()
  for (;;) {
    const step = steps.next()
    if (step.done) return { value: step.value, ms: performance.now() - start }
  }
}

for (const [what, fixed] of [
  ['13 ft no. 7', { rod: ROD }],
  ['no rod', {}],
] as readonly (readonly [string, FixedParts])[])
  for (const { name, job } of USUAL_DAYS) {
    const times = { first: [] as number[], all: [] as number[], spans: [] as number[] }
    let against = ''
    for (let round = 0; round < ROUNDS; round++) {
      // Another day each time, so that cached swings do not count.
      const day = dayOf({ job: { ...FIRST_JOB, ...job, castM: 20 + round / 50 }, schools: DEFAULT_SCHOOLS })
      let [sum, first] = [0, 0]
      for (const style of stylesFor(fixed, day)) {
        const { value, ms } = through(specifyInSteps(day, fixed, style))
        sum += ms
        if (value.outcome !== 'specified' || first > 0) continue
        first = sum
        const [rig] = value.rigs
        if (rig === undefined) continue
        times.first.push(first)
        times.spans.push(through(withSpansInSteps(day, rig)).ms)
        if (round > 0) continue
        const input = swingInput({ ...day, parts: rig.rig.parts })
        const one = timed(5, () => swing(input))
        const ledgers = timed(50, () => judge(rig.rig.parts, day, rig.rig.swung))
        against = `a swing ${one.toFixed(0)} ms, a ledger ${ledgers.toFixed(2)} ms`
      }
      times.all.push(sum)
    }
    const ms = (list: readonly number[]): string =>
      list.length === 0 ? 'none' : `${median(list).toFixed(0)} ms (at most ${Math.max(...list).toFixed(0)})`
    console.log(
      `${what.padEnd(12)} ${name.padEnd(15)} first whole rig ${ms(times.first)}, all kinds of head ${ms(times.all)}, spans ${ms(times.spans)}; ${against}`,
    )
  }
