import QuickLRU from 'quick-lru'
import { type SwingInput, type Swung, swing } from '../../swing/index.ts'
import { type SwingDay, type SwingParts, type SwingSetup, swingInput } from './swung.ts'

/** Swings that a calculation needs next: whoever works it through may let them go elsewhere first (`keepSwung`). */
export type Wanted = readonly SwingInput[]

/** A calculation in steps; between two of them it can be left off, and may say which swings the next one needs. */
export type Steps<T> = Generator<Wanted | undefined, T>

/** Size of the LRU cache of swings: a calculation asks again and again for those of a few rigs. */
const known = new QuickLRU<string, Swung>({ maxSize: 1500 })

const keyOf = (input: SwingInput): string => JSON.stringify(input)

/** All that the same swing has in common. */
export const swingKey = (setup: SwingSetup): string => keyOf(swingInput(setup))

/** Puts a swing that was computed elsewhere into the cache. */
export function keepSwung(input: SwingInput, { outcome, summary }: Swung): void {
  known.set(keyOf(input), { outcome, summary })
}

const unknown = (inputs: readonly SwingInput[]): Wanted => [
  ...new Map(
    inputs.map((input) => [keyOf(input), input] as const).filter(([key]) => !known.has(key)),
  ).values(),
]

/** The swings of these setups that are not cached, without duplicates. */
export const unknownSwings = (setups: readonly SwingSetup[]): Wanted =>
  unknown(setups.map((setup) => swingInput(setup)))

/** Memoised: the same input gives the same swing. */
function swungBy(input: SwingInput): Swung {
  const before = known.get(keyOf(input))
  if (before !== undefined) return before
  const { outcome, summary } = swing(input)
  keepSwung(input, { outcome, summary })
  return { outcome, summary }
}

/** The swing of a rig in a day: the answer every page gives. */
export const swungIn = (parts: SwingParts, day: SwingDay): Swung => swungBy(swingInput({ ...day, parts }))

/** The same in steps: says first that it needs the swing. */
export function* swungInSteps(setup: SwingSetup): Steps<Swung> {
  yield unknownSwings([setup])
  return swungIn(setup.parts, setup)
}

/** Swings of any sort, in their order: says first which it needs, all at once. */
export function* swingsInSteps(inputs: readonly SwingInput[]): Steps<readonly Swung[]> {
  yield unknown(inputs)
  const out: Swung[] = []
  for (const input of inputs) {
    out.push(swungBy(input))
    yield
  }
  return out
}

/** Works a calculation in steps through to its end. */
export function through<T>(steps: Steps<T>): T {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}
