import { type PointerEvent, type RefObject, useEffect, useRef, useState } from 'react'

interface Holding<T> {
  /** What it becomes under the pointer, from the drawing's corner [px]. */
  readonly moved: (held: T, x: number, y: number) => T
  /** Let go somewhere else than it was taken. */
  readonly onDrop: (held: T) => void
  /** Shown elsewhere too while it is held; undefined when it no longer is. */
  readonly onHold?: ((held: T | undefined) => void) | undefined
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

/** A hand that trembles by no more than this has only touched [px]. */
const TOUCH_PX = 3

interface InHand<T> {
  readonly it: T
  readonly from: readonly [clientX: number, clientY: number]
  readonly wasMoved: boolean
}

/** Gives up what is held when Escape is pressed, and nothing else that Escape would close. */
function useEscape(holds: boolean, letGo: () => void): void {
  useEffect(() => {
    if (!holds) return
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== 'Escape') return
      event.preventDefault()
      event.stopPropagation()
      letGo()
    }
    addEventListener('keydown', onKey, true)
    return () => removeEventListener('keydown', onKey, true)
  })
}

/**
 * The one gesture: one thing of a drawing that is held and moved. A touch changes nothing; what is held is shown, and judged, at once;
 * Escape, and a pointer that is taken away, leave all as it was.
 */
export function useHold<T>({ moved, onDrop, onHold }: Holding<T>): Hold<T> {
  const ref = useRef<SVGSVGElement>(null)
  const [held, setHeld] = useState<InHand<T>>()
  const letGo = (): void => {
    setHeld(undefined)
    onHold?.(undefined)
  }
  useEscape(held !== undefined, letGo)
  return {
    held: held?.it,
    drawing: {
      ref,
      onPointerMove: ({ clientX, clientY }) => {
        const box = ref.current?.getBoundingClientRect()
        if (held === undefined || box === undefined) return
        const [x, y] = held.from
        if (!held.wasMoved && Math.hypot(clientX - x, clientY - y) <= TOUCH_PX) return
        const it = moved(held.it, clientX - box.left, clientY - box.top)
        setHeld({ ...held, it, wasMoved: true })
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
      setHeld({ it, from: [event.clientX, event.clientY], wasMoved: false })
    },
  }
}
