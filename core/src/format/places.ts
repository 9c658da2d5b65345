import { XMLBuilder, XMLParser } from 'fast-xml-parser'
import type { Problem } from '../gear/index.ts'
import { type Run, runSchema } from '../water/index.ts'

/** A place of a file: where it is, what it is called, and, in a file of Hoxen's own, all that is known of the pool. */
export interface Waypoint {
  readonly name: string
  readonly latitudeDeg: number
  readonly longitudeDeg: number
  readonly run?: Run
}

export interface PlacesReading {
  readonly places: readonly Waypoint[]
  readonly problems: readonly Problem[]
}

/** More than anybody fishes. */
const MOST_PLACES = 500
const MOST_CHARACTERS = 5_000_000
const LONGEST_NAME = 80
/** Decimals of a degree: a tenth of a metre. */
const DECIMALS = 6

const round = (deg: number): number => Number(deg.toFixed(DECIMALS))
type Placed = Run & { readonly spot: NonNullable<Run['spot']> }
const isPlaced = (run: Run): run is Placed => run.spot !== undefined

/** Facts of a waypoint besides its name. */
const about = ({ bank, widthM, spot }: Placed): string =>
  `${bank} bank, ${Math.round(widthM)} m wide, facing ${Math.round(spot.facesDeg)}°`

/** Pools that know where they lie as GPX 1.1 waypoints. [standard: Topografix GPX 1.1 schema, from memory] */
export function placesGpx(runs: readonly Run[]): string {
  const builder = new XMLBuilder({ ignoreAttributes: false, format: true, suppressEmptyNode: true })
  const wpt = runs.filter(isPlaced).map((run) => ({
    '@_lat': round(run.spot.latitudeDeg),
    '@_lon': round(run.spot.longitudeDeg),
    name: run.name,
    desc: about(run),
  }))
  return builder.build({
    '?xml': { '@_version': '1.0', '@_encoding': 'UTF-8' },
    gpx: {
      '@_version': '1.1',
      '@_creator': 'Hoxen',
      '@_xmlns': 'http://www.topografix.com/GPX/1/1',
      wpt,
    },
  })
}

/** The same as GeoJSON (RFC 7946), each with all that is known of the pool. */
export function placesGeoJson(runs: readonly Run[]): string {
  const features = runs.filter(isPlaced).map((run) => ({
    type: 'Feature',
    geometry: {
      type: 'Point',
      coordinates: [round(run.spot.longitudeDeg), round(run.spot.latitudeDeg)],
    },
    properties: { name: run.name, description: about(run), hoxenPool: run },
  }))
  return `${JSON.stringify({ type: 'FeatureCollection', features }, null, 2)}\n`
}

const refused = (code: string, data: Record<string, unknown> = {}): PlacesReading => ({
  places: [],
  problems: [{ path: [], code, data }],
})

function placeOf(name: unknown, lat: unknown, lon: unknown, run: unknown): Waypoint | undefined {
  const [latitudeDeg, longitudeDeg] = [Number(lat), Number(lon)]
  if (lat === undefined || lon === undefined || lat === '' || lon === '') return undefined
  if (!(Math.abs(latitudeDeg) <= 90) || !(Math.abs(longitudeDeg) <= 180)) return undefined
  const called = String(name ?? '')
    .replace(/\p{Cc}+/gu, ' ')
    .trim()
    .slice(0, LONGEST_NAME)
  const parsed = run === undefined ? undefined : runSchema.safeParse(run)
  return {
    name: called === '' ? 'A pool without a name' : called,
    latitudeDeg,
    longitudeDeg,
    ...(parsed?.success ? { run: parsed.data } : {}),
  }
}

interface Candidate {
  readonly place: Waypoint | undefined
  readonly row: number
}

function gathered(found: readonly Candidate[]): PlacesReading {
  if (found.length === 0) return refused('no-places')
  if (found.length > MOST_PLACES)
    return refused('too-many-places', { rows: found.length, limit: MOST_PLACES })
  return {
    places: found.flatMap(({ place }) => (place === undefined ? [] : [place])),
    problems: found.flatMap(({ place, row }) =>
      place === undefined ? [{ path: [row], code: 'not-a-place', data: { row: row + 1 } }] : [],
    ),
  }
}

function readGeoJson(text: string): PlacesReading {
  let raw: unknown
  try {
    raw = JSON.parse(text) as unknown
  } catch {
    return refused('cut-short')
  }
  type Feature = {
    readonly geometry?: { readonly type?: string; readonly coordinates?: unknown } | null
    readonly properties?: Readonly<Record<string, unknown>> | null
  }
  const root = raw as { readonly type?: string; readonly features?: readonly Feature[] } & Feature
  const features = root.type === 'FeatureCollection' ? root.features : root.type === 'Feature' ? [root] : []
  if (!Array.isArray(features)) return refused('no-places')
  const points = (features as readonly Feature[]).filter(({ geometry }) => geometry?.type === 'Point')
  return gathered(
    points.map(({ geometry, properties }, row) => {
      const at = geometry?.coordinates
      const [lon, lat] = Array.isArray(at) ? (at as readonly unknown[]) : []
      return { row, place: placeOf(properties?.name, lat, lon, properties?.hoxenPool) }
    }),
  )
}

function readGpx(text: string): PlacesReading {
  const parser = new XMLParser({
    ignoreAttributes: false,
    parseTagValue: false,
    isArray: (name) => name === 'wpt',
  })
  let raw: { readonly gpx?: { readonly wpt?: readonly Readonly<Record<string, unknown>>[] } | '' }
  try {
    raw = parser.parse(text, true) as typeof raw
  } catch {
    return refused('cut-short')
  }
  if (raw.gpx === undefined) return refused('not-places')
  const wpt = raw.gpx === '' ? [] : (raw.gpx.wpt ?? [])
  return gathered(
    wpt.map((one, row) => ({ row, place: placeOf(one.name, one['@_lat'], one['@_lon'], undefined) })),
  )
}

/** Reads waypoints of a GPX file, or the points of a GeoJSON file. What is no place on earth is told with its number. */
export function readPlaces(text: string): PlacesReading {
  const trimmed = text.replace(/^\uFEFF/, '').trim()
  if (trimmed === '') return refused('empty-file')
  if (trimmed.length > MOST_CHARACTERS) return refused('file-too-large', { limit: MOST_CHARACTERS })
  if (trimmed.startsWith('{')) return readGeoJson(trimmed)
  return trimmed.startsWith('<') ? readGpx(trimmed) : refused('not-places')
}

/** Plan of the places of a file for the pools. */
export interface PlacesPlan {
  readonly added: readonly Run[]
  readonly moved: readonly { readonly before: Run; readonly after: Run }[]
  readonly same: number
}

/** A place nearer than this to where a pool lies already is where it lies [°, about ten metres]. */
const SAME_DEG = 1e-4

/**
 * Puts places beside pools: one of a pool's own name says where that pool lies, any other is a pool to be measured.
 * @param fresh makes a pool of a place of which nothing else is known
 */
export function planPlaces(
  places: readonly Waypoint[],
  runs: readonly Run[],
  fresh: (name: string) => Run,
): PlacesPlan {
  const added: Run[] = []
  const moved: { before: Run; after: Run }[] = []
  let same = 0
  for (const { name, latitudeDeg, longitudeDeg, run } of places) {
    const before = runs.find((one) => one.name === name)
    const spot = before?.spot
    if (before === undefined) {
      const made = run ?? fresh(name)
      added.push({
        ...made,
        id: fresh(name).id,
        spot: { facesDeg: 0, ...made.spot, latitudeDeg, longitudeDeg },
      })
    } else if (
      spot !== undefined &&
      Math.abs(spot.latitudeDeg - latitudeDeg) < SAME_DEG &&
      Math.abs(spot.longitudeDeg - longitudeDeg) < SAME_DEG
    )
      same++
    else
      moved.push({ before, after: { ...before, spot: { facesDeg: 0, ...spot, latitudeDeg, longitudeDeg } } })
  }
  return { added, moved, same }
}
