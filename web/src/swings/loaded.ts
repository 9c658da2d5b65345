import type { Ride, SwingInput, SwingResult } from '@hoxen/core/swing'

/** How soon a swing is wanted: the one looked at, then what the page lists, then what nobody looks at yet. */
export const PRIORITIES = ['ahead', 'listed', 'looked-at'] as const
export type Priority = (typeof PRIORITIES)[number]

export interface Wish {
  readonly priority: Priority
  /** Calls it off for whoever asked; it is given up when nobody wants it any more. */
  readonly signal?: AbortSignal | undefined
}

/** One of many swings wanted, by a name of the asker's own. */
export interface RideTask {
  readonly id: string
  readonly input: SwingInput
}

type Service = typeof import('./service.ts')

let service: Service | undefined

/** The one home of all swings, loaded with the first that is wanted. */
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

/** Many swings in their order, each handed over as it comes. Ends at the first that fails, or when it is called off. */
export const askRides: Service['askRides'] = async (...asked) => (await loaded()).askRides(...asked)
