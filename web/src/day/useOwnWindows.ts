import type { Job } from '@hoxen/core/day'
import type { Schools } from '@hoxen/core/gear'
import type { OwnWindows } from '@hoxen/core/rod'
import { useEffect, useState } from 'react'
import { useList, useSettings } from '../store/index.ts'

/** What trials and bends have taught of rods; what works it out comes only where there are any. */
export function useOwnWindows(job: Job | undefined, schools: Schools): OwnWindows | undefined {
  const items = useList('items')
  const trials = useList('trials')
  const bends = useList('bends')
  const { castsAs: caster } = useSettings()
  const [own, setOwn] = useState<OwnWindows>()
  const habits = job?.caster
  useEffect(() => {
    if (!items || !trials || !bends || habits === undefined) return
    if (trials.length + bends.length === 0) return setOwn(undefined)
    let wanted = true
    void import('@hoxen/core/journal').then(({ ownWindowsOf }) => {
      if (wanted) setOwn(ownWindowsOf({ items }, { trials, bends, caster }, { schools, caster: habits }))
    })
    return () => {
      wanted = false
    }
  }, [items, trials, bends, caster, schools, habits])
  return own
}
