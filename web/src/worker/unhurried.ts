/** Said to whoever asked a question that was then called off. */
export const CALLED_OFF = 'called off'

/** How long a calculation holds its worker before it looks whether it is still wanted [ms]. */
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

const wanted = new Set<number>()

/** Calls a question off: its calculation stops at its next breath. */
export const callOff = (id: number): void => void wanted.delete(id)

/**
 * Works a calculation through in steps, and gives it up when its question is called off.
 * @param between done after each step with what the step brought
 */
export async function unhurried<Y, T>(
  id: number,
  steps: Generator<Y, T>,
  between?: (brought: Y) => Promise<void>,
): Promise<T> {
  wanted.add(id)
  try {
    let since = performance.now()
    for (let step = steps.next(); ; step = steps.next()) {
      if (step.done) return step.value
      if (between !== undefined) await between(step.value)
      if (performance.now() - since < BREATH_MS) continue
      await breath()
      if (!wanted.has(id)) throw new Error(CALLED_OFF)
      since = performance.now()
    }
  } finally {
    wanted.delete(id)
  }
}
