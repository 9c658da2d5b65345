import { weatherSchema } from '@hoxen/core/sky'
import { gaugeSchema } from '@hoxen/core/water'
import { askOutside } from './silent.ts'
import type { RiverGauge, WeatherSource } from './sources.ts'

/** The gauges of the server that serves this page: simulated, and silent now and then. */
export const standInGauge: RiverGauge = {
  read: (gaugeId, signal) =>
    askOutside(`./api/gauge/${encodeURIComponent(gaugeId)}`, gaugeSchema, 'gauge', signal),
}

/** Its weather stations, likewise. */
export const standInWeather: WeatherSource = {
  read: (weatherId, signal) =>
    askOutside(`./api/weather/${encodeURIComponent(weatherId)}`, weatherSchema, 'weather station', signal),
}
