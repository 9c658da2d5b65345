import { type Day, type Stand, WADING_LIMITS } from '@hoxen/core/day'
import { useEffect, useState } from 'react'
import { useNow } from './clock.ts'
import { seaShiftM } from './sea.ts'

/** The day with the depth one stands in by the tide of this minute, where it is a beach that knows it. */
export function useStanding(day: Day, stand: Stand): Day {
  const now = useNow()
  const shore = day.water === 'surf' ? day.run.shore : undefined
  const shiftM = seaShiftM(stand, now)
  const [wadingM, setWading] = useState<number>()
  useEffect(() => {
    let gone = false
    if (shore === undefined) setWading(undefined)
    // The tide comes with the beach, not with the station.
    else
      void import('@hoxen/core/tide').then(({ standingM, tideAt }) => {
        const levelM = tideAt(shore.station, now)
        const deepM = levelM === undefined ? undefined : standingM(shore, levelM + shiftM)
        if (!gone) setWading(deepM === undefined ? undefined : Math.min(deepM, WADING_LIMITS.high))
      })
    return () => {
      gone = true
    }
  }, [shore, now, shiftM])
  return wadingM === undefined ? day : { ...day, wadingM }
}
