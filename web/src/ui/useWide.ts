import { useSyncExternalStore } from 'react'

/** As wide as a table’s screen, where pages stand in two columns. */
const WIDE = '(min-width: 1024px)'

/** Whether the page is as wide as that: for what is not even worked out on a phone. */
export const useWide = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      const media = matchMedia(WIDE)
      media.addEventListener('change', listener)
      return () => media.removeEventListener('change', listener)
    },
    () => matchMedia(WIDE).matches,
  )
