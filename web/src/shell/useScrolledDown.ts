import { useEffect, useState } from 'react'

/** Moved further than this, the page is being scrolled [px]; and it must be further down than this. */
const MOVED_PX = 12
const FAR_PX = 160

/** Whether the page was last scrolled down, and far enough for its head to give way. */
export function useScrolledDown(): readonly [down: boolean, show: () => void] {
  const [down, setDown] = useState(false)
  useEffect(() => {
    let last = scrollY
    const look = (): void => {
      const by = scrollY - last
      if (scrollY < FAR_PX) setDown(false)
      else if (Math.abs(by) > MOVED_PX) setDown(by > 0)
      else return
      last = scrollY
    }
    addEventListener('scroll', look, { passive: true })
    return () => removeEventListener('scroll', look)
  }, [])
  return [down, () => setDown(false)]
}
