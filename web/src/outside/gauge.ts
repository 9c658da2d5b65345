import type { GaugeRecord } from '@hoxen/core/water'

/** A river gauge, whoever runs it: asked for all it has, it gives its readings, oldest first. */
export interface RiverGauge {
  readonly read: (gaugeId: string, signal: AbortSignal) => Promise<GaugeRecord>
}
