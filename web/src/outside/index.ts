export { type GaugeState, useGauge } from './useGauge.ts'
export { useWeather, type WeatherState } from './useWeather.ts'
