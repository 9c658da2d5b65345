/** A hand counts as on the page for so long after what it did last [ms]. */
const LINGERS_MS = 1000
const BY_HAND = ['pointerdown', 'pointermove', 'keydown', 'wheel', 'scroll', 'input'] as const

/** Tells whenever a hand comes to the page, and when it has left. */
export function watchHand(tell: (on: boolean) => void): void {
  let left: ReturnType<typeof setTimeout> | undefined
  const here = (): void => {
    if (left === undefined) tell(true)
    clearTimeout(left)
    left = setTimeout(() => {
      left = undefined
      tell(false)
    }, LINGERS_MS)
  }
  for (const kind of BY_HAND) addEventListener(kind, here, { passive: true, capture: true })
}
