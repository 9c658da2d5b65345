import { type Ride, rideOf, type SwingInput, type SwingResult, swingInSteps } from '@hoxen/core/swing'
import { alive, callOff, unhurried } from './unhurried.ts'

/** Questions of a worker that works swings out. */
export const swingApi = {
  callOff,
  alive,
  /** A swing in full, with the line's shape at each sample. */
  swing: (id: number, input: SwingInput): Promise<SwingResult> =>
    unhurried(id, swingInSteps({ ...input, options: { ...input.options, shapes: true } })),
  /** A swing summed up. */
  ride: async (id: number, input: SwingInput): Promise<Ride> =>
    rideOf(await unhurried(id, swingInSteps(input))),
}

export type SwingApi = typeof swingApi
