import type { Ride, SwingInput, SwingResult } from '@hoxen/core/swing'

type Service = typeof import('./service.ts')

let service: Service | undefined

/** The swing service, loaded with the first swing asked for. */
const loaded = async (): Promise<Service> => {
  service ??= await import('./service.ts')
  return service
}

/** The swing summed up, where it is known. */
export const knownRide = (input: SwingInput): Ride | undefined => service?.knownRide(input)

/** The swing in full, where it is known. */
export const knownSwing = (input: SwingInput): SwingResult | undefined => service?.knownSwing(input)

/** One swing in full, with the line's shape at each moment. */
export const askSwing: Service['askSwing'] = async (...asked) => (await loaded()).askSwing(...asked)

/** Many swings in their order, each handed over as it comes. Ends at the first that fails, or when it is cancelled. */
export const askRides: Service['askRides'] = async (...asked) => (await loaded()).askRides(...asked)
