import type { Weather } from '@hoxen/core/sky'

/** A weather station, whoever runs it: asked for all it has, it gives its winds, oldest first. */
export interface WeatherSource {
  readonly read: (weatherId: string, signal: AbortSignal) => Promise<Weather>
}
