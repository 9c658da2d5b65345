import { type SwingSetup, swingInput } from '@hoxen/core/rig'
import { castReachM, landsBeyond } from '@hoxen/core/swing'

/** How far across a cast reaches that lands on the far bank; undefined when it lands in the water. */
export function landsOnBank(setup: SwingSetup): { readonly reachM: number } | undefined {
  const input = swingInput(setup)
  return landsBeyond(input) ? { reachM: castReachM(input) } : undefined
}
