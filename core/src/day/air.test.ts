import { describe, expect, test } from '@jest/globals'
import type { Weather } from '../sky/index.ts'
import { DEMO, dayWith, flatRun } from '../testing/index.ts'
import type { Spot } from '../water/index.ts'
import { castPlaceOf } from './castPlace.ts'
import type { CautionSetting } from './cautions.ts'
import {
  behindOf,
  blowing,
  CAUTION_NAMES,
  castLineDeg,
  cautionsIn,
  hushedOn,
  type Stand,
  seaShiftM,
  USUAL_STAND,
  windOf,
} from './index.ts'

const SPOT: Spot = { latitudeDeg: 62, longitudeDeg: 2, facesDeg: 320, prevailing: { fromDeg: 240, mps: 4 } }
const WEATHER: Weather = {
  station: 'x',
  readings: [{ atMs: 7, fromDeg: 50, mps: 3, gustMps: 5, veerDeg: 12, thunder: true }],
}
const stand = (more: Partial<Stand> = {}): Stand => ({
  ...USUAL_STAND,
  wind: { fromDeg: 90, mps: 2 },
  ...more,
})

describe('the wind of a day', () => {
  test('gusts below the wind itself are none', () => {
    expect(blowing({ fromDeg: 90, mps: 3, gustMps: 5 })).toEqual({ fromDeg: 90, mps: 3, gustMps: 5 })
    expect(blowing({ fromDeg: 90, mps: 5, gustMps: 5 })).toEqual({ fromDeg: 90, mps: 5 })
  })
  test('by hand, as it usually blows, or by the station: by the compass, turned to where one faces', () => {
    expect(windOf(stand(), SPOT, WEATHER)).toMatchObject({ fromDeg: 90, mps: 2, by: 'hand' })
    expect(windOf(stand({ windBy: 'usual' }), SPOT, WEATHER)).toEqual({ fromDeg: 280, mps: 4, by: 'usual' })
    expect(windOf(stand({ windBy: 'station' }), SPOT, WEATHER)).toMatchObject({
      fromDeg: 90,
      mps: 3,
      gustMps: 5,
      by: 'station',
    })
  })
  test('a silent station, a place that is not known: what was said by hand', () => {
    expect(windOf(stand({ windBy: 'station' }), SPOT, undefined).by).toBe('hand')
    expect(windOf(stand({ windBy: 'station' }), undefined, WEATHER).by).toBe('hand')
    const { prevailing: _none, ...plain } = SPOT
    expect(windOf(stand({ windBy: 'usual' }), plain, WEATHER).by).toBe('hand')
  })
  test('it reaches the day along the line of the cast, in steps', () => {
    const pool = { ...flatRun(1, 0.6), spot: SPOT }
    const water = { runId: pool.id, plan: { angleDeg: 90, tipHeightM: 1, mends: [] } }
    const ahead = (fromDeg: number): number =>
      dayWith({}, { runs: [pool], water, stand: stand({ wind: { fromDeg, mps: 4.1 } }) }).aheadMps
    expect(ahead(0)).toBe(4)
    expect(ahead(180)).toBe(-4)
    expect(ahead(90)).toBe(0)
    expect(castLineDeg(false, 'right', 60)).toBe(30)
    expect(castLineDeg(false, 'left', 60)).toBe(-30)
    expect(castLineDeg(true, 'left', 60)).toBe(0)
  })
  test('what stands behind is what was said today, or else what stands there always', () => {
    const pool = { ...flatRun(1, 0.6), spot: { ...SPOT, behind: 'brush', behindHighM: 3 } as const }
    expect(behindOf(pool, stand())).toEqual({ obstruction: 'brush', behindHighM: 3 })
    expect(behindOf(pool, stand({ obstruction: 'people' }))).toEqual({ obstruction: 'people' })
    expect(behindOf(undefined, stand())).toEqual({ obstruction: 'none' })
    const water = { runId: pool.id, plan: { angleDeg: 60, tipHeightM: 1, mends: [] } }
    const high = (more?: Partial<Stand>) =>
      dayWith({}, { runs: [pool], water, stand: stand(more) }).behindHighM
    expect([high(), high({ obstruction: 'people' }), high({ obstruction: 'cliff', behindHighM: 2 })]).toEqual(
      [3, undefined, 2],
    )
  })
})

test('how deep one stands is the tide’s where it is known; a mark counts for a day', () => {
  const pool = { ...flatRun(1, 0.6), spot: SPOT }
  const water = { runId: pool.id, plan: { angleDeg: 60, tipHeightM: 1, mends: [] } }
  expect(dayWith({}, { runs: [pool], water, standingM: 0.4 }).wadingM).toBe(0.4)
  expect(dayWith({}, { runs: [pool], water }).wadingM).not.toBe(0.4)
  const marked = { mark: { shiftM: 0.3, atMs: 1_000_000 } }
  expect([seaShiftM(marked, 2_000_000), seaShiftM(marked, 90_000_000), seaShiftM({}, 5)]).toEqual([0.3, 0, 0])
})

describe('cautions (common practice, no source)', () => {
  const calm: CautionSetting = {
    day: dayWith(),
    wind: { fromDeg: 0, mps: 0, by: 'hand' },
    obstruction: 'none',
  }
  const shown = (more: Partial<CautionSetting>) => cautionsIn({ ...calm, ...more })
  test('each where it applies, the rules always, the most urgent first', () => {
    expect(shown({})).toEqual(['law'])
    expect(shown({ thunder: true, obstruction: 'power-line' })).toEqual(['lightning', 'power-line', 'law'])
    expect(shown({ wind: { fromDeg: 90, mps: 2, by: 'hand' } })).toContain('hooks')
    expect(shown({ day: dayWith({ water: 'surf' }) })).toContain('surf')
    expect(shown({ day: dayWith({ waterC: 4 }), shoulder: 'sore' })).toEqual(['cold', 'pain', 'law'])
    const deep = DEMO.runs
      .map((run) => ({ ...run, wadeM: run.widthM / 2 }))
      .find(({ id }) => id === 'ferry-stones')
    if (deep === undefined) throw new Error('no pool')
    const water = { runId: deep.id, plan: { angleDeg: 60, tipHeightM: 1, mends: [] } }
    expect(shown({ day: dayWith({}, { runs: [deep], water }) })).toContain('wading')
    expect(new Set(CAUTION_NAMES).size).toBe(8)
  })
  test('put aside they are gone, for that day alone', () => {
    expect(cautionsIn({ ...calm, shoulder: 'sore' }, ['law'])).toEqual(['pain'])
    const hushed = { on: '2026-11-27', cautions: ['law'] } as const
    expect(hushedOn(hushed, '2026-11-27')).toEqual(['law'])
    expect(hushedOn(hushed, '2026-11-28')).toEqual([])
    expect(hushedOn(null, '2026-11-28')).toEqual([])
  })
})

test('casts are judged in a station’s wind by steps, so that lists do not flicker with it; in one said by hand as it was said', () => {
  const wind = { fromDeg: 93, mps: 4.3, gustMps: 6.8, veerDeg: 12, atMs: 1 }
  const at = (by: 'station' | 'hand') => castPlaceOf(false, undefined, USUAL_STAND, { ...wind, by }, 60)
  expect(at('station').wind).toMatchObject({
    fromDeg: 95,
    mps: 4.5,
    gustMps: 7,
    veerDeg: 10,
    atMs: undefined,
  })
  expect(at('hand').wind).toEqual({ ...wind, by: 'hand' })
  // On the right bank, across and down to the right; on a beach straight out, and no bank.
  expect(at('hand')).toMatchObject({ bank: 'right', targetDeg: 30 })
  expect(castPlaceOf(true, undefined, USUAL_STAND, { ...wind, by: 'hand' }, 60)).toMatchObject({
    bank: null,
    targetDeg: 0,
  })
})
