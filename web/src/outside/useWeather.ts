import type { Weather } from '@hoxen/core/sky'
import { useQuery } from '@tanstack/react-query'

/** What is known of a weather station now, and why there is nothing newer. */
export interface WeatherState {
  readonly weather: Weather | undefined
  /** Why it cannot be read now; undefined when it was. */
  readonly silent: string | undefined
}

/** Winds are read this often [ms]. */
const EVERY_MS = 5 * 60_000
/** The last that was heard, for when it is silent. */
const heard = new Map<string, Weather>()

async function hear(weatherId: string, signal: AbortSignal): Promise<WeatherState> {
  try {
    const { standInWeather } = await import('./standIn.ts')
    const weather = await standInWeather.read(weatherId, signal)
    heard.set(weatherId, weather)
    return { weather, silent: undefined }
  } catch (error) {
    if (signal.aborted) throw error
    const silent = error instanceof Error ? error.message : 'The weather station does not answer.'
    return { weather: heard.get(weatherId), silent }
  }
}

const NOTHING: WeatherState = { weather: undefined, silent: undefined }

/** Reads a weather station; undefined asks for none. */
export function useWeather(weatherId: string | undefined): WeatherState {
  const { data } = useQuery({
    queryKey: ['weather', weatherId],
    queryFn: ({ signal }) => hear(weatherId as string, signal),
    enabled: weatherId !== undefined,
    refetchInterval: EVERY_MS,
    staleTime: EVERY_MS / 2,
    retry: false,
  })
  return data ?? NOTHING
}
