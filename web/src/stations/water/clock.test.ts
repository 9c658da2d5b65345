import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import { SwingClock } from './clock.ts'

let nowMs = 0
let waiting: ((now: number) => void) | undefined

/** Lets the screen draw a frame after some time. */
function frame(afterMs: number): void {
  nowMs += afterMs
  const tick = waiting
  waiting = undefined
  tick?.(nowMs)
}

beforeEach(() => {
  nowMs = 0
  waiting = undefined
  jest.spyOn(performance, 'now').mockImplementation(() => nowMs)
  Object.assign(globalThis, {
    requestAnimationFrame: (tick: (now: number) => void) => {
      waiting = tick
      return 1
    },
    cancelAnimationFrame: () => {
      waiting = undefined
    },
  })
})
afterEach(() => {
  jest.restoreAllMocks()
})

const clockOf = (seconds: number, still = false): SwingClock => {
  const clock = new SwingClock(() => still)
  clock.load(seconds)
  return clock
}

describe('the clock of a swing', () => {
  test('shows a new swing whole, and plays it from its beginning', () => {
    const clock = clockOf(40)
    expect(clock.tS).toBe(40)
    clock.play()
    expect(clock.tS).toBe(0)
    frame(500)
    expect(clock.tS).toBeCloseTo(2, 9)
  })
  test('stops by itself at the end', () => {
    const clock = clockOf(3)
    clock.play()
    frame(5000)
    expect(clock.tS).toBe(3)
    expect(clock.playing).toBe(false)
    expect(waiting).toBeUndefined()
  })
  test('goes on where it was paused, and never outside the swing', () => {
    const clock = clockOf(40)
    clock.seek(10)
    clock.play()
    frame(250)
    clock.pause()
    const at = clock.tS
    frame(1000)
    expect(clock.tS).toBe(at)
    clock.seek(-5)
    expect(clock.tS).toBe(0)
    clock.seek(99)
    expect(clock.tS).toBe(40)
  })
  test('plays as the river runs, faster and fastest, in turn', () => {
    const clock = clockOf(40)
    const rates = [0, 1, 2].map(() => {
      clock.changeRate()
      return clock.rate
    })
    expect(new Set(rates)).toEqual(new Set([1, 4, 10]))
    expect(rates.at(-1)).toBe(4)
  })
  test('moves in whole steps for those who want less motion', () => {
    const clock = clockOf(40, true)
    clock.play()
    frame(16)
    expect(clock.tS).toBe(0)
    frame(300)
    expect(clock.tS).toBeGreaterThanOrEqual(1)
  })
  test('tells all who listen, and none who stopped', () => {
    const clock = clockOf(40)
    let told = 0
    const stop = clock.subscribe(() => {
      told++
    })
    clock.seek(3)
    stop()
    clock.seek(4)
    expect(told).toBe(1)
  })
  test('a swing that changes while it plays goes on playing, within its length', () => {
    const clock = clockOf(40)
    clock.play()
    frame(5000)
    clock.load(12)
    expect(clock.tS).toBe(12)
    expect(clock.playing).toBe(true)
  })
  test('there is nothing to play of no swing', () => {
    const clock = new SwingClock(() => false)
    clock.play()
    expect(clock.playing).toBe(false)
  })
})
