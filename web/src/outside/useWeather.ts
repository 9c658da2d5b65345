import type { Weather } from '@hoxen/core/sky'
import { useQuery } from '@tanstack/react-query'

/** State of a weather station's record, and why there is nothing newer. */
export interface WeatherState {
  readonly weather: Weather | undefined
  /** Why it cannot be read now; undefined when it was. */
  readonly silent: string | undefined
}

/** Winds are read this often [ms]. */
const EVERY_MS = 5 * 60_000

/** Reads a weather station; undefined asks for none. When it is silent, the last that was heard stands. */
export function useWeather(weatherId: string | undefined): WeatherState {
  const { data, error } = useQuery({
    queryKey: ['weather', weatherId],
    queryFn: async ({ signal }) => {
      const { standInWeather } = await import('./standIn.ts')
      return standInWeather.read(weatherId as string, signal)
    },
    enabled: weatherId !== undefined,
    refetchInterval: EVERY_MS,
    staleTime: EVERY_MS / 2,
    retry: false,
  })
  return { weather: data, silent: error?.message }
}
