import { type PointerEvent, type RefObject, useRef } from 'react'

interface Handles {
  /** Listeners of the drawing itself. */
  readonly drawing: {
    readonly ref: RefObject<SVGSVGElement | null>
    readonly onPointerMove: (event: PointerEvent) => void
    readonly onPointerUp: () => void
    readonly onPointerCancel: () => void
  }
  /** Takes hold of one of its handles; told which as it is moved. */
  readonly take: (which?: number) => (event: PointerEvent) => void
}

/** Handles that slide along a drawing. @param onMove told where the pointer is, from the drawing's left [px], and what it holds */
export function useHandles(onMove: (px: number, which: number) => void): Handles {
  const ref = useRef<SVGSVGElement>(null)
  const held = useRef<number>(undefined)
  const letGo = (): void => {
    held.current = undefined
  }
  return {
    drawing: {
      ref,
      onPointerMove: (event) => {
        if (held.current !== undefined && ref.current !== null)
          onMove(event.clientX - ref.current.getBoundingClientRect().left, held.current)
      },
      onPointerUp: letGo,
      onPointerCancel: letGo,
    },
    take:
      (which = 0) =>
      (event) => {
        held.current = which
        ref.current?.setPointerCapture(event.pointerId)
      },
  }
}
