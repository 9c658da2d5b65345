import { type Ride, rideOf } from '@hoxen/core/ladder'
import { type SwingInput, type SwingResult, swing } from '@hoxen/core/swing'
import { expose } from 'comlink'

const api = {
  /** A swing in full, with the line's shape at each sample. */
  swing: (input: SwingInput): SwingResult => swing({ ...input, options: { ...input.options, shapes: true } }),
  /** A swing summed up. */
  ride: (input: SwingInput): Ride => rideOf(swing(input)),
}

export type SwingApi = typeof api
expose(api)
