import { ownWindowsOf } from '@hoxen/core/journal'
import { useEffect } from 'react'
import { useJob, useList, useSettings } from '../store/index.ts'
import { teachOwnWindows } from './ownWindows.ts'

/** Works out what trials and bends have taught of rods, whenever one of them changes. */
export function useTeaching(): void {
  const items = useList('items')
  const trials = useList('trials')
  const bends = useList('bends')
  const habits = useJob()?.caster
  const { castsAs: caster, schools } = useSettings()
  useEffect(() => {
    if (!items || !trials || !bends || habits === undefined) return
    teachOwnWindows(
      trials.length + bends.length === 0
        ? undefined
        : ownWindowsOf({ items }, { trials, bends, caster }, { schools, caster: habits }),
    )
  }, [items, trials, bends, caster, schools, habits])
}
