import { printMeasure, type UnitSystem } from '../quantity/index.ts'
import type { TimedSink } from '../sink/index.ts'

/** Sink rate by a tip timed in a bucket, or why there is none. */
export function sayTimed(timed: TimedSink, system: UnitSystem): string {
  switch (timed.outcome) {
    case 'timed': {
      const { rateMps, errorMps } = timed
      const sure =
        errorMps === undefined
          ? '; time it again to see how sure that is'
          : `, ±${printMeasure(errorMps, 'sinkRate', system)}`
      return `It sinks ${printMeasure(rateMps, 'sinkRate', system)}${sure}.`
    }
    case 'too-short':
      return 'Each try is a number of seconds, at least 0.4: no thumb is quicker.'
    case 'not-a-rate':
      return 'No tip sinks at that rate. Check the depth and the time.'
  }
}

/** What a tip's sink rate counts in. @param swings logged with it */
export function sayRateUsed(set: boolean, onRig: boolean, swings: number): string {
  const learnt =
    swings === 0
      ? ''
      : `, and so does what Hoxen learns from ${swings} logged ${swings === 1 ? 'swing' : 'swings'}`
  return `${set ? 'You set its sink rate' : 'Its sink rate is assumed'}: every swing, ladder and chart uses it${onRig ? ', your rig included' : ''}${learnt}.`
}
