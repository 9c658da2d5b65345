import { dequal } from 'dequal'
import type { Day } from '../day/index.ts'

interface Trace<T> {
  readonly reads: ReadonlyMap<PropertyKey, unknown>
  readonly answer: T
}

/** A day that notes what is read of it. */
function noting(day: Day, reads: Map<PropertyKey, unknown>): Day {
  return new Proxy(day, {
    get(target, key) {
      const value: unknown = Reflect.get(target, key)
      reads.set(key, value)
      return value
    },
  })
}

/**
 * Answers about days, each kept with all that it read of its day: a day that is alike in every one of those has the same answer.
 * Demands of a trip differ in their water, and most of what holds without a swing never asks for it.
 */
export class Traced<T> {
  private readonly traces: Trace<T>[] = []

  /** @param work the answer; it must depend on nothing else that changes */
  of(day: Day, work: (day: Day) => T): T {
    const known = this.known(day)
    if (known !== undefined) return known.answer
    const reads = new Map<PropertyKey, unknown>()
    const answer = work(noting(day, reads))
    this.traces.push({ reads, answer })
    return answer
  }

  /** The same of an answer that comes in steps. */
  *inSteps<Y>(day: Day, work: (day: Day) => Generator<Y, T>): Generator<Y, T> {
    const known = this.known(day)
    if (known !== undefined) return known.answer
    const reads = new Map<PropertyKey, unknown>()
    const answer = yield* work(noting(day, reads))
    this.traces.push({ reads, answer })
    return answer
  }

  private known(day: Day): Trace<T> | undefined {
    return this.traces.find(({ reads }) =>
      [...reads].every(([key, value]) => dequal(Reflect.get(day, key), value)),
    )
  }
}
