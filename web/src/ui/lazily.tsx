import { type ComponentType, lazy, useSyncExternalStore } from 'react'

/** Wait before a part that did not come is asked for again, at first and at most [ms]. */
const AGAIN_MS = { first: 500, most: 8000 } as const

let waiting = 0
const listeners = new Set<() => void>()
function wait(by: 1 | -1): void {
  waiting += by
  for (const listener of listeners) listener()
}

/** Passes when the connection is back, or after a while. */
const later = (ms: number): Promise<void> =>
  new Promise((resolve) => {
    const done = (): void => {
      clearTimeout(timer)
      removeEventListener('online', done)
      resolve()
    }
    const timer = setTimeout(done, ms)
    addEventListener('online', done)
  })

/** A part of the application, asked for until it comes: a connection that is gone for a while fails no page. */
export async function untilItComes<T>(load: () => Promise<T>): Promise<T> {
  try {
    return await load()
  } catch {
    wait(1)
    try {
      for (let ms: number = AGAIN_MS.first; ; ms = Math.min(2 * ms, AGAIN_MS.most)) {
        await later(ms)
        try {
          return await load()
        } catch (error) {
          // With a connection, what does not come time and again never will.
          if (ms === AGAIN_MS.most && navigator.onLine) throw error
        }
      }
    } finally {
      wait(-1)
    }
  }
}

/** A component that comes when it is first wanted. */
export const lazily = <P,>(load: () => Promise<ComponentType<P>>) =>
  lazy(() => untilItComes(load).then((component) => ({ default: component })))

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Stands where a part is still to come. */
export function Opening() {
  const held = useSyncExternalStore(subscribe, () => waiting > 0)
  return (
    <p role="status" className="py-10 text-faint">
      {held ? 'There is no connection. This goes on by itself as soon as there is one.' : 'Opening…'}
    </p>
  )
}
