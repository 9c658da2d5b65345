import { type Ride, rideOf } from '@hoxen/core/ladder'
import { type SwingInput, type SwingResult, swingInSteps } from '@hoxen/core/swing'
import { expose } from 'comlink'
import { callOff, unhurried } from './unhurried.ts'

const api = {
  callOff,
  /** A swing in full, with the line's shape at each sample. */
  swing: (id: number, input: SwingInput): Promise<SwingResult> =>
    unhurried(id, swingInSteps({ ...input, options: { ...input.options, shapes: true } })),
  /** A swing summed up. */
  ride: async (id: number, input: SwingInput): Promise<Ride> =>
    rideOf(await unhurried(id, swingInSteps(input))),
}

export type SwingApi = typeof api
expose(api)
