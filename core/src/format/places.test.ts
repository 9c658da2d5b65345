import { describe, expect, test } from '@jest/globals'
import { DEMO, flatRun } from '../testing/index.ts'
import { placesGeoJson, placesGpx, planPlaces, readPlaces } from './index.ts'

const placed = DEMO.runs.filter((run) => run.spot !== undefined)
const fresh = (name: string) =>
  flatRun(1, 0.5, { id: `new-${name.toLowerCase().replaceAll(' ', '-')}`, name })

test('out and in again: GeoJSON brings pools whole, GPX where they lie; what is there stays the same', () => {
  const { places, problems } = readPlaces(placesGeoJson(DEMO.runs))
  expect(problems).toEqual([])
  expect(planPlaces(places, DEMO.runs, fresh)).toEqual({ added: [], moved: [], same: placed.length })
  const { added } = planPlaces(places, [], fresh)
  expect(added.map(({ soundings }) => soundings)).toEqual(placed.map(({ soundings }) => soundings))
  // What reads XML strictly wants to be told what it is, and in which letters.
  expect(placesGpx(DEMO.runs)).toMatch(/^<\?xml version="1\.0" encoding="UTF-8"\?>\s*<gpx version="1\.1"/)
  const bare = planPlaces(readPlaces(placesGpx(DEMO.runs)).places, [], fresh).added
  expect(bare.map(({ name }) => name)).toEqual(placed.map(({ name }) => name))
})

describe('files of others', () => {
  test('a waypoint of a pool’s name moves it and keeps all else', () => {
    const run = flatRun(2, 1, {
      name: 'Bell Tail',
      spot: { latitudeDeg: 60, longitudeDeg: 5, facesDeg: 120 },
    })
    const { places } = readPlaces(
      '<gpx version="1.1"><wpt lat="60.01" lon="5.02"><name>Bell Tail</name></wpt></gpx>',
    )
    const { moved } = planPlaces(places, [run], fresh)
    expect(moved[0]?.after).toEqual({
      ...run,
      spot: { latitudeDeg: 60.01, longitudeDeg: 5.02, facesDeg: 120 },
    })
  })
  test.each([
    ['', 'empty-file'],
    ['name,lat,lon', 'not-places'],
    ['<gpx><wpt lat="60"', 'cut-short'],
    ['{"type":"FeatureCollection","features":[', 'cut-short'],
    ['{"type":"FeatureCollection","features":[]}', 'no-places'],
    ['<kml/>', 'not-places'],
    ['<gpx/>', 'no-places'],
    ['<gpx><wpt lat="91" lon="0"/></gpx>', 'not-a-place'],
    ['<gpx><wpt lon="0"/></gpx>', 'not-a-place'],
    [
      '{"type":"FeatureCollection","features":[{"geometry":{"type":"Point","coordinates":["x",1]}}]}',
      'not-a-place',
    ],
  ])('%p is refused as %p', (text, code) => {
    const { places, problems } = readPlaces(text)
    expect([places, problems.map((p) => p.code)]).toEqual([[], [code]])
  })
  test('markup in a name stays a name', () => {
    const run = flatRun(1, 1, {
      name: 'A <b>&"pool',
      spot: { latitudeDeg: 1, longitudeDeg: 2, facesDeg: 0 },
    })
    expect(readPlaces(placesGpx([run])).places[0]?.name).toBe('A <b>&"pool')
  })
})
