import type { Settings } from '@hoxen/core/format'
import { useEffect, useSyncExternalStore } from 'react'

const dusk = matchMedia('(prefers-color-scheme: dark)')
const subscribe = (changed: () => void): (() => void) => {
  dusk.addEventListener('change', changed)
  return () => dusk.removeEventListener('change', changed)
}

/** Puts the chosen face on the page. @returns whether it is the dark one */
export function useFace(face: Settings['face']): boolean {
  const systemDark = useSyncExternalStore(subscribe, () => dusk.matches)
  const dark = face === 'dark' || (face === 'system' && systemDark)
  useEffect(() => {
    document.documentElement.dataset.face = dark ? 'dark' : 'light'
  }, [dark])
  return dark
}
