import { type PointerEvent, type RefObject, useRef, useState } from 'react'

interface Holding<T> {
  /** What it becomes under the pointer, from the drawing's corner [px]. */
  readonly moved: (held: T, x: number, y: number) => T
  /** Let go somewhere else than it was taken. */
  readonly onDrop: (held: T) => void
  /** Shown elsewhere too while it is held; undefined when it no longer is. */
  readonly onHold?: (held: T | undefined) => void
}

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

/** One thing of a drawing that is held and moved in the plane. One that is only touched, or taken from the hand, stays as it is. */
export function useHold<T>({ moved, onDrop, onHold }: Holding<T>): Hold<T> {
  const ref = useRef<SVGSVGElement>(null)
  const [held, setHeld] = useState<{ readonly it: T; readonly wasMoved: boolean }>()
  const letGo = (): void => {
    setHeld(undefined)
    onHold?.(undefined)
  }
  return {
    held: held?.it,
    drawing: {
      ref,
      onPointerMove: (event) => {
        const box = ref.current?.getBoundingClientRect()
        if (held === undefined || box === undefined) return
        const it = moved(held.it, event.clientX - box.left, event.clientY - box.top)
        setHeld({ it, wasMoved: true })
        onHold?.(it)
      },
      onPointerUp: () => {
        if (held === undefined) return
        letGo()
        if (held.wasMoved) onDrop(held.it)
      },
      onPointerCancel: letGo,
    },
    take: (it) => (event) => {
      ref.current?.setPointerCapture(event.pointerId)
      setHeld({ it, wasMoved: false })
    },
  }
}
