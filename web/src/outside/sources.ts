import type { Weather } from '@hoxen/core/sky'
import type { GaugeRecord } from '@hoxen/core/water'

/** A river gauge, whoever runs it: asked for all it has, it gives its readings, oldest first. */
export interface RiverGauge {
  readonly read: (gaugeId: string, signal: AbortSignal) => Promise<GaugeRecord>
}

/** A weather station, whoever runs it: asked for all it has, it gives its winds, oldest first. */
export interface WeatherSource {
  readonly read: (weatherId: string, signal: AbortSignal) => Promise<Weather>
}
