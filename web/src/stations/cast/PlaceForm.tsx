import { WIND_LIMITS } from '@hoxen/core/day'
import { OBSTRUCTIONS, type Obstruction, type Run, type Spot } from '@hoxen/core/water'
import { OBSTRUCTION_NAMES, sayBearing } from '@hoxen/core/words'
import { editRow, noticeFailed, useDraftState } from '../../store/index.ts'
import { FormName, QuantityField, Select, TextField, useWithin } from '../../ui/index.ts'

/** Weather stations a pool can go by: the stand-ins that ship with the server. */
const WEATHER: readonly (readonly [id: string, name: string])[] = [
  ['none', 'none'],
  ['skarn-bridge', 'Skarn bridge (demo)'],
  ['ossan-head', 'Ossan head (demo)'],
]
const BEHIND = OBSTRUCTIONS.map((one): readonly [Obstruction, string] => [one, OBSTRUCTION_NAMES[one]])
type Angle = 'latitudeDeg' | 'longitudeDeg' | 'facesDeg'

/** A figure in degrees as it is typed; the sentence where it is none or lies outside. */
function degrees(text: string, low: number, high: number): number | string {
  const value = Number(text.trim().replace(',', '.').replace(/°$/, ''))
  if (text.trim() === '' || !Number.isFinite(value)) return `“${text.trim()}” is not a number of degrees.`
  return value >= low && value <= high ? value : `Enter ${low} to ${high} degrees.`
}

/** Place and facing of a pool, its weather station, what stands behind and how the wind usually blows there. */
export function PlaceForm({ run }: { readonly run: Run }) {
  const { spot } = run
  /** The three figures without which nothing is known of the place, until all are there. */
  const [begun, setBegun] = useDraftState<Partial<Record<Angle, number>>>(`place ${run.id}`, 'begun', {})
  const save = (label: string, change: Partial<Spot>): void => {
    const { latitudeDeg, longitudeDeg, facesDeg } = { ...begun, ...spot, ...change }
    if (latitudeDeg === undefined || longitudeDeg === undefined || facesDeg === undefined) return
    const next: Spot = { ...spot, ...change, latitudeDeg, longitudeDeg, facesDeg }
    editRow(`${run.name}: ${label}`, 'runs', run, { ...run, spot: next }).catch(noticeFailed)
  }
  const angle = (label: string, key: Angle, low: number, high: number) => (
    <TextField
      label={label}
      value={String(spot?.[key] ?? begun[key] ?? '')}
      take={(text) => {
        const read = degrees(text, low, high)
        if (typeof read === 'string') return read
        setBegun({ ...begun, [key]: read })
        save(label.toLowerCase(), { [key]: read })
        return undefined
      }}
    />
  )
  return (
    <FormName value={`place ${run.id}`}>
      <details className="no-print mt-3">
        <summary className="min-h-11 cursor-pointer content-center text-[0.95rem]">
          About this place{spot === undefined ? ': no location yet' : ''}
        </summary>
        <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
          {angle('Latitude, north positive (°)', 'latitudeDeg', -90, 90)}
          {angle('Longitude, east positive (°)', 'longitudeDeg', -180, 180)}
          {angle('Facing the water I look towards (°)', 'facesDeg', 0, 360)}
          <p className="self-end pb-2 text-[0.9rem] text-faint">
            {spot === undefined
              ? 'With these three Hoxen knows the sun, and you can add a weather station and the usual wind.'
              : `That is ${sayBearing(spot.facesDeg)}.`}
          </p>
          {spot !== undefined && <Rest spot={spot} save={save} />}
        </div>
      </details>
    </FormName>
  )
}

interface RestProps {
  readonly spot: Spot
  readonly save: (label: string, change: Partial<Spot>) => void
}

function Rest({ spot, save }: RestProps) {
  const within = useWithin()
  return (
    <>
      <Select
        label="Weather station"
        value={spot.weatherId ?? 'none'}
        options={WEATHER}
        onChange={(id) => save('weather station', { weatherId: id === 'none' ? undefined : id })}
      />
      <Select
        label="What is behind you"
        value={spot.behind ?? 'none'}
        options={BEHIND}
        onChange={(behind) => save('what stands behind', { behind: behind === 'none' ? undefined : behind })}
      />
      <TextField
        label="The wind usually comes from (°)"
        value={String(spot.prevailing?.fromDeg ?? '')}
        take={(text) => {
          const read = degrees(text, 0, 360)
          if (typeof read === 'string') return read
          save('usual wind', { prevailing: { mps: spot.prevailing?.mps ?? 3, fromDeg: read } })
          return undefined
        }}
      />
      <QuantityField
        label="at about"
        measure="windSpeed"
        value={spot.prevailing?.mps}
        onChange={(mps) =>
          save('usual wind', { prevailing: { fromDeg: spot.prevailing?.fromDeg ?? spot.facesDeg, mps } })
        }
        refuse={within(WIND_LIMITS, 'windSpeed')}
      />
    </>
  )
}
