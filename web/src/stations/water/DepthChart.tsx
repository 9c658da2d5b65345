import type { Fan } from '@hoxen/core/ladder'
import { feetOf, type UnitSystem } from '@hoxen/core/quantity'
import type { SwingSample } from '@hoxen/core/swing'
import { holdingBand } from '@hoxen/core/water'
import { Chart, Filler, LinearScale, LineElement, PointElement } from 'chart.js'
import { useEffect, useRef } from 'react'
import { Line } from 'react-chartjs-2'
import { inkOf, type WaterScene } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'
import type { SwingClock } from './clock.ts'

Chart.register(LinearScale, LineElement, PointElement, Filler)

interface Props {
  readonly samples: readonly SwingSample[]
  readonly scene: WaterScene
  readonly clock: SwingClock
  readonly height: number
  /** Central 80 % of the fan. */
  readonly fan?: Fan | undefined
}

/** A cursor over a chart that follows the clock. */
function useCursor(clock: SwingClock) {
  const chart = useRef<Chart<'line', { x: number; y: number }[]>>(null)
  const cursor = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const move = (): void => {
      const at = chart.current
      if (at == null || cursor.current === null) return
      const x = at.scales.x?.getPixelForValue(clock.tS)
      if (x !== undefined) cursor.current.style.transform = `translateX(${x}px)`
    }
    const frame = requestAnimationFrame(move)
    const stop = clock.subscribe(move)
    return () => {
      cancelAnimationFrame(frame)
      stop()
    }
  })
  return { chart, cursor }
}

const LINE = { pointRadius: 0, borderWidth: 1.5 }

/** Fly, its likely range, the depth of the fish and the bed, each against time. */
function seriesOf({ samples, scene, fan }: Pick<Props, 'samples' | 'scene' | 'fan'>, system: UnitSystem) {
  const ink = inkOf(document.body)
  const of = (m: number): number => (system === 'trade' ? feetOf(m) : m)
  const series = (depth: (s: SwingSample) => number) => samples.map((s) => ({ x: s.tS, y: of(depth(s)) }))
  const bed = (s: SwingSample): number => s.overBedM - s.flyM[2]
  /** An end of the band of the fish; none where no fish hold. */
  const band = (s: SwingSample, end: 'low' | 'high'): number =>
    scene.holdsAt(s.flyM[1]) ? holdingBand(scene.fish.fishAt, bed(s))[end] : Number.NaN
  const edge = ({ points }: Fan, which: 'low' | 'high') =>
    points.map((point) => ({ x: point.tS, y: of(point[which]) }))
  /** From one line to the next, tinted between. */
  const between = (
    label: string,
    tint: string,
    low: { x: number; y: number }[],
    high: { x: number; y: number }[],
  ) => [
    { ...LINE, label: `${label}, from`, data: low, borderWidth: 0 },
    {
      ...LINE,
      label: `${label}, to`,
      data: high,
      borderWidth: 0,
      backgroundColor: `color-mix(in srgb, ${tint}, transparent)`,
      fill: '-1',
    },
  ]
  return [
    { ...LINE, label: 'fly', data: series((s) => -s.flyM[2]), borderColor: ink.ink, borderWidth: 2.5 },
    ...(fan === undefined
      ? []
      : between('likely range', `${ink.caster} 22%`, edge(fan, 'low'), edge(fan, 'high'))),
    ...between(
      'fish depth',
      `${ink.river} 24%`,
      series((s) => band(s, 'low')),
      series((s) => band(s, 'high')),
    ),
    {
      ...LINE,
      label: 'bed',
      data: series(bed),
      borderColor: ink.faint,
      backgroundColor: ink.rule,
      fill: 'start',
    },
  ]
}

/** Depth of the fly against time, with the bed under it and where the fish hold; a cursor follows the clock. */
export function DepthChart({ samples, scene, clock, height, fan }: Props) {
  const { system } = useUnits()
  const { chart, cursor } = useCursor(clock)
  const ink = inkOf(document.body)
  const text = { color: ink.faint, font: { family: ink.font, size: 12 } }
  return (
    <figure className="relative" style={{ height }}>
      <figcaption className="sr-only">Depth of the fly against time</figcaption>
      <div
        ref={cursor}
        aria-hidden="true"
        className="pointer-events-none absolute inset-y-0 left-0 z-10 w-0.5 bg-ink"
      />
      <Line
        ref={chart}
        role="img"
        aria-label="Depth of the fly against time, with the bed below it"
        data={{ datasets: seriesOf({ samples, scene, fan }, system) }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          parsing: false,
          events: [],
          layout: { padding: { top: 8, right: 14, left: 4 } },
          onResize: () => requestAnimationFrame(() => clock.seek(clock.tS)),
          scales: {
            x: {
              type: 'linear',
              min: 0,
              max: samples.at(-1)?.tS ?? 1,
              ticks: { ...text, callback: (v) => `${v} s`, maxTicksLimit: 7, includeBounds: false },
              grid: { display: false },
            },
            y: {
              type: 'linear',
              reverse: true,
              min: 0,
              ticks: {
                ...text,
                callback: (v) => `${v} ${system === 'trade' ? 'ft' : 'm'}`,
                maxTicksLimit: 5,
              },
              grid: { color: ink.rule },
            },
          },
        }}
      />
    </figure>
  )
}
