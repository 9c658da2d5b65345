import { useSyncExternalStore } from 'react'

let open = 0
const listeners = new Set<() => void>()
const tell = (by: 1 | -1): void => {
  open += by
  for (const listener of listeners) listener()
}

/** Begins something that a page should wait for. @returns ends it; a second time does nothing */
export function begin(): () => void {
  let over = false
  tell(1)
  return () => {
    if (!over) tell(-1)
    over = true
  }
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Whether a change that was asked for is still to be made, or is made and not yet on the page. */
export const useUnderway = (): boolean => useSyncExternalStore(subscribe, () => open > 0)

let moments = 0
/** The order in which readings and changes of the store begin: of two, the later has the higher. */
export const nextMoment = (): number => ++moments
