import { useEffect, useState } from 'react'
import type { Scale, ScaleEnd, ScaleReading } from '../../scale/index.ts'

export interface ScaleState {
  readonly reading: ScaleReading | undefined
  /** The last readings, oldest first: how it settled. */
  readonly trace: readonly ScaleReading[]
  readonly ended: ScaleEnd | undefined
}

const TRACE = 60
const SILENT: ScaleState = { reading: undefined, trace: [], ended: undefined }

/** Readings of a scale while it is switched on; the last one stays when it falls silent. */
export function useScale(scale: Scale | undefined): ScaleState {
  const [state, setState] = useState<ScaleState>(SILENT)
  useEffect(() => {
    setState(SILENT)
    return scale?.start(
      (reading) =>
        setState(({ trace }) => ({
          reading,
          trace: [...trace.slice(1 - TRACE), reading],
          ended: undefined,
        })),
      (ended) => setState((old) => ({ ...old, ended })),
    )
  }, [scale])
  return state
}
