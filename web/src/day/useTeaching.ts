import { useEffect } from 'react'
import { noticeFailed, useGear, useJob, useList, useSettings } from '../store/index.ts'
import { askJudged } from '../swings/index.ts'
import { teachOwnWindows } from './ownWindows.ts'

/** Computes what trials and bends have taught of rods, whenever one of them changes. */
export function useTeaching(): void {
  const gear = useGear()
  const trials = useList('trials')
  const bends = useList('bends')
  const habits = useJob()?.caster
  const { castsAs: caster, schools } = useSettings()
  useEffect(() => {
    if (!gear || !trials || !bends || habits === undefined) return
    if (trials.length + bends.length === 0) return teachOwnWindows(undefined)
    const stop = new AbortController()
    askJudged(
      gear,
      (api, about, letSwing) =>
        api.ownWindows(about, { trials, bends, caster }, { schools, caster: habits }, letSwing),
      { signal: stop.signal },
    ).then(teachOwnWindows, (error: unknown) => {
      if (!stop.signal.aborted) noticeFailed(error)
    })
    return () => stop.abort()
  }, [gear, trials, bends, caster, schools, habits])
}
