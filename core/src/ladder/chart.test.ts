import { expect, test } from '@jest/globals'
import { type Ride, rideOf, type SwingInput, swing } from '../swing/index.ts'
import { dayWith, flatRun, partsOf } from '../testing/index.ts'
import type { Run } from '../water/index.ts'
import type { ChartCell } from './index.ts'
import { chartBand, chartBandTasks, chartCells, chartColumns, chartLevels } from './index.ts'
import type { Rung } from './rungs.ts'

const ride = (holdingShare: number, draggedM = 0): Ride =>
  ({
    outcome: 'swung',
    track: [],
    summary: {
      holdingShare,
      holdingS: 20 * holdingShare,
      overHoldingS: 20,
      inBandS: 20 * holdingShare,
      aboveS: 20 * (1 - holdingShare),
      belowS: 0,
      draggedM,
      touches: 0,
      crossMps: 0.3,
      snagRisk: 0,
      ridesM: 1,
    },
  }) as unknown as Ride
const rung = (id: string, tipId: string | null, angleDeg: number): Rung =>
  ({ id, tipId, angleDeg, input: {} }) as unknown as Rung

test('each tip stands at each level with its best angle, as far as the swings are there', () => {
  const columns = [
    { flowM3ps: 10, rungs: [rung('a60', 'a', 60), rung('a45', 'a', 45), rung('b60', 'b', 60)] },
    { flowM3ps: 20, rungs: [rung('a60+', 'a', 60)] },
  ]
  const rides = new Map([
    ['a60', ride(0.2)],
    ['a45', ride(0.6)],
    ['a60+', ride(0.1)],
  ])
  expect(
    chartCells(columns, rides).map(({ tipId, flowM3ps, angleDeg }) => [tipId, flowM3ps, angleDeg]),
  ).toEqual([
    ['a', 10, 45],
    ['a', 20, 60],
  ])
})

test('levels go from low summer to a flood, in order and round, with today’s in the place of a near one', () => {
  const round = (m3ps: number): number => Math.round(m3ps)
  expect(chartLevels(20, undefined, round)).toEqual([7, 10, 14, 20, 28, 40, 56])
  expect(chartLevels(20, 21.3, round)).toEqual([7, 10, 14, 21.3, 28, 40, 56])
  expect(chartLevels(20, 33, round)).toEqual([7, 10, 14, 20, 28, 33, 40, 56])
})

test('the band of a cell holds the cell, and narrows where the log has taught', () => {
  const pool = flatRun(1.4, 0.7, { measuredFlowM3ps: 20 })
  const { fly, fishAt, fishKg, plan } = dayWith()
  const setup = { parts: partsOf(), run: pool, fly, fishAt, fishKg, plan }
  const fronts = [setup.parts]
  const columns = chartColumns(setup, pool, fronts, [14, 20, 28])
  const letGo = (tasks: readonly { readonly id: string; readonly input: SwingInput }[]) =>
    new Map(tasks.map(({ id, input }) => [id, rideOf(swing(input))]))
  const cells = chartCells(columns, letGo(columns.flatMap(({ rungs }) => rungs)))
  expect(cells).toHaveLength(3)
  const widthsIn = (run: Run): number[] => {
    const rides = letGo(chartBandTasks(setup, run, fronts, cells))
    return cells.map((cell) => {
      const band = chartBand(cell, rides)
      if (band === undefined) throw new Error('no band')
      expect(band.low).toBeLessThanOrEqual(cell.ride.summary.holdingShare)
      expect(band.high).toBeGreaterThanOrEqual(cell.ride.summary.holdingShare)
      return band.high - band.low
    })
  }
  const sure = { factor: 1, low: 0.97, high: 1.03 }
  const [wide, narrow] = [
    widthsIn(pool),
    widthsIn({ ...pool, byLog: { depth: sure, current: sure, swings: 20 } }),
  ]
  const sum = (list: readonly number[]): number => list.reduce((total, each) => total + each, 0)
  expect(sum(wide)).toBeGreaterThan(0.1)
  expect(sum(narrow)).toBeLessThan(0.7 * sum(wide))
  expect(chartBand(cells[0] as ChartCell, new Map())).toBeUndefined()
})
