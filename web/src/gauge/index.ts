export { type GaugeState, useGauge } from './useGauge.ts'
