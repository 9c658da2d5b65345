import { type ComponentType, lazy, useEffect, useState, useSyncExternalStore } from 'react'
import { working } from './working.ts'

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
  lazy(() =>
    untilItComes(load)
      .then((component) => ({ default: component }))
      .finally(working()),
  )

/**
 * A part that is wanted in a moment: asked for at once, and there when something else has come that takes longer. What it stands
 * in waits with it, so that nothing is shown and then moved. @returns a hook that gives it, undefined until it is there
 */
export function soon<T>(load: () => Promise<T>): () => T | undefined {
  let part: { readonly come: T } | { readonly failed: unknown } | undefined
  const coming = untilItComes(load)
    .then(
      (come) => {
        part = { come }
      },
      (failed: unknown) => {
        part = { failed }
      },
    )
    .finally(working())
  return () => {
    const [, setHere] = useState(part !== undefined)
    useEffect(() => void coming.then(() => setHere(true)), [])
    if (part !== undefined && 'failed' in part) throw part.failed
    return part?.come
  }
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Stands where a part is still to come. */
export function Opening() {
  const held = useSyncExternalStore(subscribe, () => waiting > 0)
  return (
    <p role="status" className="py-10 text-faint">
      {held ? 'No connection. This carries on by itself as soon as there is one.' : 'Opening…'}
    </p>
  )
}
