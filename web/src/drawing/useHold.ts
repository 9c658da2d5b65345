import { type PointerEvent, type RefObject, useRef, useState } from 'react'

interface Hold<T> {
  /** What is held, and as what it was moved to; undefined while nothing is. */
  readonly held: T | undefined
  /** Listeners of the drawing itself. */
  readonly drawing: {
    readonly ref: RefObject<SVGSVGElement | null>
    readonly onPointerMove: (event: PointerEvent) => void
    readonly onPointerUp: () => void
    readonly onPointerCancel: () => void
  }
  readonly take: (it: T) => (event: PointerEvent) => void
}

/** One thing of a drawing that is held and moved in the plane. @param moved what it becomes under the pointer, from the drawing's corner [px] */
export function useHold<T>(moved: (held: T, x: number, y: number) => T, onDrop: (held: T) => void): Hold<T> {
  const ref = useRef<SVGSVGElement>(null)
  const [held, setHeld] = useState<T>()
  return {
    held,
    drawing: {
      ref,
      onPointerMove: (event) => {
        const box = ref.current?.getBoundingClientRect()
        if (held !== undefined && box !== undefined)
          setHeld(moved(held, event.clientX - box.left, event.clientY - box.top))
      },
      onPointerUp: () => {
        if (held !== undefined) onDrop(held)
        setHeld(undefined)
      },
      onPointerCancel: () => setHeld(undefined),
    },
    take: (it) => (event) => {
      ref.current?.setPointerCapture(event.pointerId)
      setHeld(it)
    },
  }
}
