import type { OwnWindows } from '@hoxen/core/rod'
import { useSyncExternalStore } from 'react'

let own: OwnWindows | undefined
const listeners = new Set<() => void>()
const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

/** Windows that trials and bends have taught, once computed: that comes after the first look. */
export const useOwnWindows = (): OwnWindows | undefined => useSyncExternalStore(subscribe, () => own)

/** Makes it known to every page. */
export function teachOwnWindows(next: OwnWindows | undefined): void {
  own = next
  for (const listener of listeners) listener()
}
