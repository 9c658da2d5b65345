export {
  type Coordinates,
  type Light,
  type LightSpan,
  lightAt,
  lightSpans,
  lowSun,
  moonAt,
  type SunDay,
  sunAt,
  sunDay,
} from './sun.ts'
export { type Weather, WIND_STALE_MS, weatherNow, windTrend } from './weather.ts'
export { weatherSchema } from './weatherSchema.ts'
