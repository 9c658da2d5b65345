import type { GaugeRecord } from '@hoxen/core/water'

/** Why a gauge told nothing, in words for the angler. */
export class GaugeSilent extends Error {}

/** A river gauge, whoever runs it: asked for all it has, it gives its readings, oldest first. */
export interface RiverGauge {
  readonly read: (gaugeId: string, signal: AbortSignal) => Promise<GaugeRecord>
}
