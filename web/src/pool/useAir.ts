import { type Day, type Stand, type Wind, windOf } from '@hoxen/core/day'
import { weatherNow } from '@hoxen/core/sky'
import type { Run, Spot } from '@hoxen/core/water'
import { useMemo } from 'react'
import { useWeather, type WeatherState } from '../outside/index.ts'

/** The air where one stands: the wind that counts, and what the station says. */
export interface Air extends WeatherState {
  readonly wind: Wind
  readonly thunder: boolean
  readonly pool: Run | undefined
  readonly spot: Spot | undefined
}

export function useAir(day: Day, stand: Stand): Air {
  const pool = day.where.by === 'pool' ? day.where.pool : undefined
  const spot = pool?.spot
  const { weather, silent } = useWeather(spot?.weatherId)
  return useMemo(
    () => ({
      wind: windOf(stand, spot, weather),
      thunder: weatherNow(weather)?.thunder === true,
      weather,
      silent,
      pool,
      spot,
    }),
    [stand, spot, weather, silent, pool],
  )
}
