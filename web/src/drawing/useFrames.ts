import { useEffect, useRef } from 'react'

/** Whether a device asks for less motion. */
export const wantsStillness = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches

/**
 * Draws at each frame of the screen, until told that it is over. @param run starts anew when it changes; undefined rests
 * @param draw told the time since the start [ms]; false when that was the last
 */
export function useFrames(run: unknown, draw: (ms: number) => boolean): void {
  const latest = useRef(draw)
  latest.current = draw
  useEffect(() => {
    if (run === undefined) return
    const start = performance.now()
    let frame = requestAnimationFrame(function next(now: number) {
      if (latest.current(Math.max(0, now - start))) frame = requestAnimationFrame(next)
    })
    return () => cancelAnimationFrame(frame)
  }, [run])
}
