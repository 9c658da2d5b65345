import { describe, expect, test } from '@jest/globals'
import { BenchScale } from './scale.ts'

/** A small seeded generator (linear congruential), so that every run sees the same noise. */
function seeded(seed: number): () => number {
  let state = seed
  return () => {
    state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296
    return state / 4_294_967_296
  }
}
const settled = (scale: BenchScale): { grams: number; stable: boolean } => {
  let line = ''
  for (let i = 0; i < 40; i++) line = scale.tick()
  const [grams, , state] = line.split(' ')
  return { grams: Number(grams), stable: state === 'stable' }
}

describe('the stand-in scale', () => {
  test('settles to the load within its noise, and says so', () => {
    const scale = new BenchScale(seeded(1))
    scale.put(7.16)
    expect(scale.tick()).toMatch(/moving$/)
    const { grams, stable } = settled(scale)
    expect(stable).toBe(true)
    expect(Math.abs(grams - 7.16)).toBeLessThan(0.03)
  })
  test('a tare takes the dish away', () => {
    const scale = new BenchScale(seeded(2))
    scale.put(5)
    settled(scale)
    scale.tare()
    scale.put(12)
    expect(Math.abs(settled(scale).grams - 7)).toBeLessThan(0.04)
  })
  test('a knock makes it babble for a while, then it reads again', () => {
    const scale = new BenchScale(seeded(3))
    scale.knock()
    expect(scale.tick()).toMatch(/^##/)
    expect(settled(scale).stable).toBe(true)
  })
})
