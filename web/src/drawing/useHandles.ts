import { type KeyboardEvent, type PointerEvent, type RefObject, useRef } from 'react'

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

/** Larger steps are taken with Shift. */
const LARGE = 5
const ARROWS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }

/** Steps along by arrow keys; other keys are let pass. */
export const byArrows =
  (onStep: (steps: number) => void) =>
  (event: KeyboardEvent): void => {
    const by = ARROWS[event.key]
    if (by === undefined) return
    event.preventDefault()
    onStep(event.shiftKey ? by * LARGE : by)
  }
