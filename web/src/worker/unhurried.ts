/** Said to whoever asked a question that was then cancelled. */
export const CALLED_OFF = 'called off'

/** Longest time a calculation holds its worker before it checks for cancellation [ms]. */
const BREATH_MS = 12

const breath = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = () => {
      port1.close()
      resolve()
    }
    port2.postMessage(null)
  })

/** Cancelled questions whose calculation has not stopped yet. */
const calledOff = new Set<number>()

/** Cancels a question, whether its calculation has begun or not: it stops at its next step. */
export const callOff = (id: number): void => void calledOff.add(id)

/** Between two steps of a calculation a worker answers, and says by that that it goes on. */
export const alive = (): void => {}

/**
 * Runs a calculation in steps, and aborts it when its question is cancelled.
 * @param between done after each step with what the step brought; the next step is resumed with what it gives
 */
export async function unhurried<Y, T, Next = unknown>(
  id: number,
  steps: Generator<Y, T, Next | undefined>,
  between?: (brought: Y) => Promise<Next | undefined> | undefined,
): Promise<T> {
  try {
    let since = performance.now()
    let next: Next | undefined
    for (;;) {
      if (calledOff.has(id)) throw new Error(CALLED_OFF)
      const step = steps.next(next)
      if (step.done) return step.value
      const waits = between?.(step.value)
      next = waits === undefined ? undefined : await waits
      if (performance.now() - since < BREATH_MS) continue
      await breath()
      since = performance.now()
    }
  } finally {
    calledOff.delete(id)
  }
}
