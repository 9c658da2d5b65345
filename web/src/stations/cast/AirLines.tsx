import type { Stand } from '@hoxen/core/day'
import { type Coordinates, lightAt, lowSun, moonAt, sunDay, WIND_STALE_MS, windTrend } from '@hoxen/core/sky'
import { sayAge, sayLight, sayMoon, sayUsualWind, sayWind } from '@hoxen/core/words'
import type { Air } from '../../pool/index.ts'
import { clock, useNow, useUnits } from '../../ui/index.ts'

interface Props {
  readonly stand: Stand
  readonly air: Air
  readonly surf: boolean
}

/** Wind and light in words: who says so, how old it is, what comes next. */
export function AirLines({ stand, air, surf }: Props) {
  const now = useNow()
  const { system } = useUnits()
  const { wind, weather, silent, spot } = air
  const ageMs = wind.atMs === undefined ? 0 : now - wind.atMs
  return (
    <div className="mt-2 space-y-1 text-[0.92rem] text-faint" data-wind={wind.by}>
      {wind.by === 'station' && weather !== undefined && (
        <p className={ageMs > WIND_STALE_MS ? 'font-medium text-watch' : ''}>
          {weather.station}: {sayWind(wind, system, sayAge(ageMs), windTrend(weather))}
        </p>
      )}
      {wind.by === 'usual' && spot?.prevailing !== undefined && (
        <p>{sayUsualWind(spot.prevailing.fromDeg)}</p>
      )}
      {silent !== undefined && stand.windBy === 'station' && (
        <p role="status" className="font-medium text-watch">
          {silent}{' '}
          {wind.by === 'station' ? 'This is its last reading.' : 'Hoxen uses the wind you set by hand.'}
        </p>
      )}
      {spot !== undefined && <Light place={spot} now={now} surf={surf} />}
    </div>
  )
}

interface LightProps {
  readonly place: Coordinates & { readonly facesDeg: number }
  readonly now: number
  readonly surf: boolean
}

function Light({ place, now, surf }: LightProps) {
  return (
    <p data-light>
      {sayLight(lightAt(place, now), lowSun(place, now), sunDay(place, now), clock)}
      {surf && ` ${sayMoon(moonAt(now))}`}
    </p>
  )
}
