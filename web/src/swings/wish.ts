import type { Ride, SwingInput, SwingResult } from '@hoxen/core/swing'

/** Priorities of a swing: the one looked at, then what the page lists, then what nobody looks at yet. */
export const PRIORITIES = ['ahead', 'listed', 'looked-at'] as const
export type Priority = (typeof PRIORITIES)[number]

export interface Wish {
  readonly priority: Priority
  /** Cancels it for whoever asked; it is aborted when nobody wants it any more. */
  readonly signal?: AbortSignal | undefined
}

/** One of many swings wanted, by a name of the asker's own. */
export interface RideTask {
  readonly id: string
  readonly input: SwingInput
}

/** Way to run and cancel a swing. */
export interface Runner {
  readonly run: (
    what: 'ride' | 'swing',
    input: SwingInput,
    wish: Required<Wish>,
  ) => { readonly result: Promise<Ride | SwingResult>; readonly raise: (priority: Priority) => void }
}
