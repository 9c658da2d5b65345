import { useEffect, useState } from 'react'
import type { Reading, Scale, ScaleEnd } from '../../scale/index.ts'

export interface ScaleState {
  readonly reading: Reading | undefined
  readonly ended: ScaleEnd | undefined
}

/** Readings of a scale while it is switched on; the last one stays when it falls silent. */
export function useScale(scale: Scale | undefined): ScaleState {
  const [state, setState] = useState<ScaleState>({ reading: undefined, ended: undefined })
  useEffect(() => {
    setState({ reading: undefined, ended: undefined })
    return scale?.start(
      (reading) => setState({ reading, ended: undefined }),
      (ended) => setState((old) => ({ ...old, ended })),
    )
  }, [scale])
  return state
}
