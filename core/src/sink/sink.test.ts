import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { KG_PER_GRAIN, M_PER_FOOT, M_PER_INCH } from '../quantity/index.ts'
import { criticalAngle } from './critical.ts'
import { densityKgPerM3, diameterForSinkRate, nameMaterial, sinkRateMps, tipFacts } from './index.ts'
import { levelSinkRateMps } from './tip.ts'

const degrees = (radians: number): number => (radians * 180) / Math.PI
const tenFeet = 10 * M_PER_FOOT
describe('critical angle', () => {
  test.each([
    [0.2, 11.4],
    [0.5, 28],
  ])('C18 [physics]: V/U = %p gives %p°', (ratio, angle) => {
    expect(degrees(criticalAngle(ratio, 1))).toBeCloseTo(angle, 1)
  })
  test('C18 [physics]: no weight lies along the stream, no stream hangs straight down', () => {
    expect(criticalAngle(0, 1)).toBe(0)
    expect(criticalAngle(1e-4, 1)).toBeLessThan(1e-3)
    expect(criticalAngle(0.1, 0)).toBe(Math.PI / 2)
    expect(degrees(criticalAngle(1e6, 1))).toBeCloseTo(90, 3)
  })
  test('C19 [practice]: an intermediate passes 1 m in very slow water; 6 in/s in a near-torrent barely makes 0.5 m', () => {
    expect(tenFeet * Math.sin(criticalAngle(1.5 * M_PER_INCH, 0.1))).toBeGreaterThan(1)
    expect(15 * M_PER_FOOT * Math.sin(criticalAngle(6 * M_PER_INCH, 1.5))).toBeLessThan(0.55)
  })
})

describe('cylinder in water', () => {
  test('diameter from sink rate and sink rate from diameter are inverse, and always denser than water', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2e-4, max: 8e-3, noNaN: true }),
        fc.double({ min: 0.01, max: 0.4, noNaN: true }),
        (kgPerM, rate) => {
          const d = diameterForSinkRate(kgPerM, rate)
          expect(sinkRateMps(kgPerM, d)).toBeCloseTo(rate, 9)
          expect(densityKgPerM3(kgPerM, d)).toBeGreaterThan(1000)
        },
      ),
      { seed: 20261125, numRuns: 200 },
    )
  })
  test('heavier level material sinks a little faster [practice]', () => {
    const rates = [8, 11, 14, 17].map((n) => levelSinkRateMps((n * KG_PER_GRAIN) / M_PER_FOOT) / M_PER_INCH)
    expect(rates).toEqual([...rates].sort((a, b) => a - b))
    expect(rates[1]).toBeCloseTo(7, 0)
  })
})

describe('naming a tip', () => {
  test.each([
    [110, 'T-11'],
    [110 * 1.03, 'T-11'],
    [110 * 0.97, 'T-11'],
    [80, 'T-8'],
    [140, 'T-14'],
    [125, null],
    [93, null],
  ])('C16 [practice]: 10 ft that weigh %p gr are %s', (grains, material) => {
    const reading = nameMaterial(grains * KG_PER_GRAIN, tenFeet)
    expect(reading.material).toBe(material)
    if (material === null) expect(reading.nearest).toHaveLength(2)
  })
  test('of a joined tip only the sum is told: a range that holds the truth', () => {
    // 5 ft of T-11 on 5 ft of 6 gr/ft floating material
    const reading = nameMaterial((5 * 11 + 5 * 6) * KG_PER_GRAIN, tenFeet, 5 * M_PER_FOOT)
    expect(reading).toMatchObject({ outcome: 'joined', material: null })
    expect(reading.sinkingGrainsPerFt?.low).toBeLessThan(11)
    expect(reading.sinkingGrainsPerFt?.high).toBeGreaterThan(11)
  })
})

describe('a tip’s facts', () => {
  test('a weighed mass outranks the name on the bag', () => {
    const facts = tipFacts({
      kind: 'tip',
      id: 't',
      name: 'T-8',
      build: 'level',
      lengthM: tenFeet,
      kgPerM: 0.0017,
      massKg: 110 * KG_PER_GRAIN,
    })
    expect(facts.massKg).toEqual({ value: 110 * KG_PER_GRAIN, tag: 'printed' })
  })
})

describe('how sure a name is', () => {
  test('the band is the scale’s tenth of a gram and the tape’s quarter inch, and shrinks as the piece grows', () => {
    const sureOf = (feet: number): number => {
      const { sure, grainsPerFt } = nameMaterial(11 * feet * KG_PER_GRAIN, feet * M_PER_FOOT)
      expect(sure.low).toBeLessThan(grainsPerFt)
      expect(sure.high - grainsPerFt).toBeCloseTo(grainsPerFt - sure.low, 9)
      return (sure.high - sure.low) / 2 / grainsPerFt
    }
    expect(sureOf(10)).toBeCloseTo(0.00005 / (110 * KG_PER_GRAIN) + 0.006 / tenFeet, 9)
    expect(sureOf(10)).toBeLessThan(sureOf(2.5))
  })
  test('C16 [practice]: at 10 ft neighbours three grains apart are told from one another', () => {
    const bands = [8, 11, 14, 17, 20].map((n) => nameMaterial(n * 10 * KG_PER_GRAIN, tenFeet).sure)
    for (const [i, band] of bands.slice(1).entries()) expect(band.low).toBeGreaterThan(bands[i]?.high ?? 0)
  })
})
