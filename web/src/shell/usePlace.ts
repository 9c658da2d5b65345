import { useEffect } from 'react'
import { type NavigationType, useLocation, useNavigationType } from 'react-router'

/** Time a page that is gone back to may take until it is as long as it was [ms]. */
const GROWS_MS = 1500
/** What a hand does that wants the page elsewhere. */
const HANDS = ['wheel', 'touchstart', 'pointerdown', 'keydown'] as const
/** Scroll positions of the pages of this visit. */
const places = new Map<string, number>()

/** A page that is gone to starts at its top; one that is gone back to is found where it was left, as soon as it is as long again. */
export function usePlace(): void {
  const { key, pathname, search, hash } = useLocation()
  const kind = useNavigationType()
  // Addresses that are typed have one key.
  const page = `${key} ${pathname}${search}`
  useEffect(() => {
    const wanted = placeOf(kind, key, page, hash)
    const until = performance.now() + GROWS_MS
    let frame = 0
    const go = (): void => {
      if (wanted === undefined) return
      scrollTo(0, wanted)
      if (Math.abs(scrollY - wanted) > 2 && performance.now() < until) frame = requestAnimationFrame(go)
    }
    go()
    const stop = (): void => cancelAnimationFrame(frame)
    const keep = (): void => void places.set(page, scrollY)
    addEventListener('scrollend', keep)
    for (const hand of HANDS) addEventListener(hand, stop, { passive: true })
    return () => {
      stop()
      removeEventListener('scrollend', keep)
      for (const hand of HANDS) removeEventListener(hand, stop)
    }
  }, [page, key, kind, hash])
}

/** Key of every address that was typed, and of the first. */
const TYPED = 'default'

/** Where a page is to be found; undefined where an address names a place on it, or the browser itself knows. */
function placeOf(kind: NavigationType, key: string, page: string, hash: string): number | undefined {
  if (kind === 'POP' && places.has(page)) return places.get(page)
  const typed = key === TYPED && places.size > 0
  return hash === '' && (kind === 'PUSH' || (kind === 'POP' && typed)) ? 0 : undefined
}
