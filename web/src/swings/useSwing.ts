import { type SwingSetup, swingInput } from '@hoxen/core/rig'
import type { SwingInput, SwingResult } from '@hoxen/core/swing'
import { useEffect, useMemo, useReducer, useRef, useState } from 'react'
import { askSwing, knownSwing } from './loaded.ts'

export interface ShownSwing {
  /** The last one stays while the next is on its way. */
  readonly data: SwingResult | undefined
  readonly isFetching: boolean
  readonly error: Error | null
}

/** Swings in full, each as soon as it is there. */
export function useFullSwings(inputs: readonly SwingInput[]): {
  readonly results: readonly (SwingResult | undefined)[]
  readonly error: Error | null
} {
  const [arrived, arrive] = useReducer((count: number) => count + 1, 0)
  const [error, setError] = useState<Error | null>(null)
  // Held here too: more may be shown at once than are kept.
  const held = useMemo(() => inputs.map(knownSwing), [inputs])
  useEffect(() => {
    const stop = new AbortController()
    setError(null)
    inputs.forEach((input, i) => {
      if (held[i] !== undefined) return
      askSwing(input, { priority: 'looked-at', signal: stop.signal }).then(
        (found) => {
          held[i] = found
          arrive()
        },
        (reason: unknown) => {
          if (!stop.signal.aborted) setError(reason instanceof Error ? reason : new Error(String(reason)))
        },
      )
    })
    return () => stop.abort()
  }, [inputs, held])
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is held grows as swings arrive
  const results = useMemo(() => [...held], [held, arrived])
  return { results, error }
}

/** The swing of a setup in full. */
export function useSwing(setup: SwingSetup | undefined): ShownSwing {
  const inputs = useMemo(() => (setup === undefined ? [] : [swingInput(setup)]), [setup])
  const {
    results: [found],
    error,
  } = useFullSwings(inputs)
  const last = useRef<SwingResult>(undefined)
  if (found !== undefined) last.current = found
  return { data: last.current, isFetching: inputs.length > 0 && found === undefined && error === null, error }
}
