import type { SwingSample } from '@hoxen/core/swing'
import { BOTTOMS, type Run } from '@hoxen/core/water'
import { expect, test } from '@jest/globals'
import type { Ink } from './ink.ts'
import { riverLayout } from './riverLayout.ts'
import { paintRiverMoment, paintRiverStill } from './riverView.ts'
import { type DrawnSwing, sceneOf, type WaterScene } from './waterScene.ts'

const INK: Ink = {
  paper: '#ffffff',
  sheet: '#fefefe',
  ink: '#111111',
  faint: '#555555',
  rule: '#cccccc',
  river: '#0b5560',
  shoal: '#d8e6e4',
  caster: '#9c3d10',
  breaks: '#a3211b',
  watch: '#7a4a00',
  font: 'sans-serif',
}
const RUN: Run = {
  id: 'r',
  name: 'R',
  bank: 'right',
  widthM: 30,
  soundings: [{ fromBankM: 15, depthM: 2 }],
  currents: [{ fromBankM: 5, mps: 0.6 }],
  bottom: 'gravel',
  wadeM: 4,
}
const sample = (tS: number): SwingSample => ({
  tS,
  flyM: [2 + tS, 20 - tS, -0.1 * tS],
  speedMps: 0.8 - 0.05 * tS,
  overBedM: 2 - 0.1 * tS,
  onBed: tS >= 10,
  lineM: Float32Array.from([2 + tS, 20 - tS, -0.1 * tS, 2, 7, 1]),
})
const samples = Array.from({ length: 13 }, (_, i) => sample(i))
const swing = (label: string, labelDx = 8): DrawnSwing => ({ label, labelDx, samples, touches: [], dash: [] })
const sceneWith = (swings: readonly DrawnSwing[], run = RUN): WaterScene =>
  sceneOf({ run, swings, fish: { fishAt: 'bottom' }, farM: 20, tipHeightM: 1, system: 'metric' })

/** A pen that writes down the words it draws, the dots it sets, and every coordinate it is given. */
class Notes {
  readonly words: { text: string; x: number; y: number }[] = []
  readonly dots: { x: number; y: number; ink: unknown }[] = []
  readonly numbers: number[] = []
  fillStyle: unknown
  fillText(text: string, x: number, y: number): void {
    this.words.push({ text, x, y })
    this.numbers.push(x, y)
  }
  arc(x: number, y: number): void {
    this.dots.push({ x, y, ink: this.fillStyle })
    this.numbers.push(x, y)
  }
  moveTo(x: number, y: number): void {
    this.numbers.push(x, y)
  }
  lineTo(x: number, y: number): void {
    this.numbers.push(x, y)
  }
  ellipse(x: number, y: number): void {
    this.numbers.push(x, y)
  }
}

/** Notes of the picture at one moment; strokes that say nothing of their own are let pass. */
function painted(scene: WaterScene, tS: number): Notes {
  const notes = new Notes()
  const pen = new Proxy(notes, {
    get: (target, name) => (name in target ? Reflect.get(target, name) : () => undefined),
    set: (target, name, value) => Reflect.set(target, name, value),
  }) as unknown as CanvasRenderingContext2D
  const layout = riverLayout(scene, 800, 440)
  paintRiverStill(pen, scene, layout, INK)
  paintRiverMoment(pen, scene, layout, INK, tS)
  return notes
}

test('nothing is drawn at a place that is none, over any bed, at any moment', () => {
  for (const bottom of BOTTOMS)
    for (const tS of [-1, 0, 4.3, 12, 99])
      for (const figure of painted(sceneWith([swing('')], { ...RUN, bottom }), tS).numbers)
        expect(Number.isFinite(figure)).toBe(true)
})
test('flies of several rigs are told apart by their letters, side by side, in both views', () => {
  const { words } = painted(sceneWith([swing('A', 8), swing('B', 22), swing('C', 36)]), 6)
  const letters = words.filter(({ text }) => /^[ABC]$/.test(text))
  expect(letters.map((l) => l.text)).toEqual(['A', 'B', 'C', 'A', 'B', 'C'])
  expect((letters[1]?.x ?? 0) - (letters[0]?.x ?? 0)).toBeCloseTo(14, 9)
})
test('a fly on the bed is inked as what is wrong', () => {
  const isMarked = (tS: number): boolean =>
    painted(sceneWith([swing('')]), tS).dots.some((dot) => dot.ink === INK.breaks)
  expect(isMarked(4)).toBe(false)
  expect(isMarked(11)).toBe(true)
})
test('before anything was worked out it draws the water alone', () => {
  const { dots, numbers } = painted(sceneWith([{ ...swing(''), samples: [] }]), 3)
  expect(dots.every((dot) => dot.ink !== INK.ink)).toBe(true)
  for (const figure of numbers) expect(Number.isFinite(figure)).toBe(true)
})
test('both views share the axis across, and the moment is told in words', () => {
  const { dots, words } = painted(sceneWith([swing('')]), 8)
  const [above, below] = dots.filter((d) => d.ink === INK.ink)
  expect(above?.x).toBeCloseTo(below?.x ?? 0, 9)
  expect(words.some(({ text }) => text === '0.8 m deep, 0.4 m/s')).toBe(true)
})

test('from the left bank the river runs the other way', () => {
  const flyAt = (bank: Run['bank'], tS: number): number =>
    painted(sceneWith([swing('')], { ...RUN, bank }), tS).dots.find((d) => d.ink === INK.ink)?.y ?? 0
  expect(flyAt('right', 8)).toBeGreaterThan(flyAt('right', 1))
  expect(flyAt('left', 8)).toBeLessThan(flyAt('left', 1))
})
