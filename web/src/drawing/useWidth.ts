import { type RefObject, useLayoutEffect, useRef, useState } from 'react'

/** Width of an element in pixels, kept up to date. */
export function useWidth<T extends HTMLElement>(first: number): [RefObject<T | null>, number] {
  const ref = useRef<T>(null)
  const [width, setWidth] = useState(first)
  useLayoutEffect(() => {
    const element = ref.current
    if (element === null) return
    const measure = (): void => setWidth(Math.max(120, element.clientWidth))
    measure()
    const observer = new ResizeObserver(measure)
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [ref, width]
}
