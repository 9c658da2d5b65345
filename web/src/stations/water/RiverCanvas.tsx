import { useEffect, useRef } from 'react'
import {
  inkOf,
  paintRiverMoment,
  paintRiverStill,
  type RiverLayout,
  type WaterScene,
} from '../../drawing/index.ts'
import type { SwingClock } from './clock.ts'

interface Props {
  readonly scene: WaterScene
  readonly layout: RiverLayout
  readonly clock: SwingClock
  /** Label of the picture: its result. */
  readonly label: string
}

/** A canvas made sharp on any screen; its pen, in pixels of the page. */
function penOf(canvas: HTMLCanvasElement | null, { width, height }: RiverLayout) {
  const pen = canvas?.getContext('2d')
  if (canvas == null || pen == null) return undefined
  const dots = Math.min(2, devicePixelRatio || 1)
  canvas.width = Math.round(width * dots)
  canvas.height = Math.round(height * dots)
  pen.setTransform(dots, 0, 0, dots, 0, 0)
  return pen
}

/** The river from above and in section: what stands still is painted once, what moves follows the clock over it. */
export function RiverCanvas({ scene, layout, clock, label }: Props) {
  const still = useRef<HTMLCanvasElement>(null)
  const moving = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    const under = penOf(still.current, layout)
    const over = penOf(moving.current, layout)
    const element = moving.current
    if (under === undefined || over === undefined || element === null) return
    const draw = (): void => {
      over.clearRect(0, 0, layout.width, layout.height)
      paintRiverMoment(over, scene, layout, inkOf(element), clock.tS)
    }
    const drawAll = (): void => {
      paintRiverStill(under, scene, layout, inkOf(element))
      draw()
    }
    drawAll()
    const face = new MutationObserver(drawAll)
    face.observe(document.documentElement, { attributeFilter: ['data-face'] })
    const stop = clock.subscribe(draw)
    return () => {
      stop()
      face.disconnect()
    }
  }, [scene, layout, clock])
  return (
    <>
      <canvas ref={still} className="absolute inset-0 h-full w-full" />
      <canvas ref={moving} role="img" aria-label={label} className="absolute inset-0 h-full w-full" />
    </>
  )
}
