import { useEffect } from 'react'
import { type Ink, inkOf, useWidth, type WaterScene } from '../../drawing/index.ts'
import type { SwingClock } from './clock.ts'

interface Props {
  readonly scene: WaterScene
  readonly clock: SwingClock
  readonly height: number
  readonly label: string
  readonly paint: (
    pen: CanvasRenderingContext2D,
    scene: WaterScene,
    ink: Ink,
    width: number,
    height: number,
    tS: number,
  ) => void
}

/** A drawing of the water that follows the clock, sharp on any screen. */
export function WaterCanvas({ scene, clock, height, label, paint }: Props) {
  const [box, width] = useWidth<HTMLDivElement>(600)
  useEffect(() => {
    const canvas = box.current?.querySelector('canvas')
    const pen = canvas?.getContext('2d')
    if (canvas == null || pen == null) return
    const dots = Math.min(2, devicePixelRatio || 1)
    canvas.width = Math.round(width * dots)
    canvas.height = Math.round(height * dots)
    pen.setTransform(dots, 0, 0, dots, 0, 0)
    const draw = (): void => paint(pen, scene, inkOf(canvas), width, height, clock.tS)
    draw()
    const face = new MutationObserver(draw)
    face.observe(document.documentElement, { attributeFilter: ['data-face'] })
    const stop = clock.subscribe(draw)
    return () => {
      stop()
      face.disconnect()
    }
  }, [box, scene, clock, width, height, paint])
  return (
    <div ref={box} style={{ height }}>
      <canvas role="img" aria-label={label} className="block h-full w-full" />
    </div>
  )
}
