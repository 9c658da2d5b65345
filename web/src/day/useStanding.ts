import { type Stand, seaShiftM } from '@hoxen/core/day'
import type { Shore } from '@hoxen/core/tide'
import { useEffect, useState } from 'react'

const MINUTE_MS = 60_000
/** The tide is judged in steps of this [m], so that lists do not flicker with it. */
const STEP_M = 0.1

/** Wading depth on a beach by the tide of this minute [m]; undefined where it is not known. */
export function useStanding(shore: Shore | undefined, stand: Stand | undefined): number | undefined {
  const [deepM, setDeep] = useState<number>()
  useEffect(() => {
    if (shore === undefined || stand === undefined) return setDeep(undefined)
    let gone = false
    const look = async (): Promise<void> => {
      // The tide comes with the beach, not with the page.
      const { standingM, tideAt } = await import('@hoxen/core/tide')
      const now = Date.now()
      const levelM = tideAt(shore.station, now)
      if (gone) return
      const depthM = levelM === undefined ? undefined : standingM(shore, levelM + seaShiftM(stand, now))
      setDeep(depthM && Math.round(depthM / STEP_M) * STEP_M)
    }
    void look()
    const timer = setInterval(look, MINUTE_MS)
    return () => {
      gone = true
      clearInterval(timer)
    }
  }, [shore, stand])
  return deepM
}
