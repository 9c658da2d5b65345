/** @jest-environment jsdom */

import { readFileSync } from 'node:fs'
import { placesGeoJson, placesGpx, readDocument } from '@hoxen/core/format'
import { expect, test } from '@jest/globals'
import { check } from '@placemarkio/check-geojson'
import { gpx } from '@tmcw/togeojson'

const DEMO = readDocument(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8')).document
const placed = DEMO.runs.filter((run) => run.spot !== undefined)

test('an independent reader finds every pool of the GPX where it lies', () => {
  const dom = new DOMParser().parseFromString(placesGpx(DEMO.runs), 'text/xml')
  expect(dom.querySelector('parsererror')).toBeNull()
  const { features } = gpx(dom)
  expect(
    features.map((f: { properties?: { name?: string } | null; geometry: unknown }) => [
      f.properties?.name,
      f.geometry,
    ]),
  ).toEqual(
    placed.map(({ name, spot }) => [
      name,
      {
        type: 'Point',
        coordinates: [spot?.longitudeDeg, spot?.latitudeDeg].map((d) => Number(d?.toFixed(6))),
      },
    ]),
  )
})

test('an independent checker finds nothing wrong with the GeoJSON', () => {
  const found = check(placesGeoJson(DEMO.runs))
  expect(found.type).toBe('FeatureCollection')
})
