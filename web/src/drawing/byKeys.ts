import type { UnitSystem } from '@hoxen/core/quantity'
import { type Aim, ANGLE_LIMITS } from '@hoxen/core/swing'
import type { KeyboardEvent } from 'react'
import { roundLength } from './rounded.ts'

/** Larger steps are taken with Shift. */
const LARGE = 5
const ARROWS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }

/** Steps along by arrow keys; other keys are let pass. */
export const byArrows =
  (onStep: (steps: number) => void) =>
  (event: KeyboardEvent): void => {
    const by = ARROWS[event.key]
    if (by === undefined) return
    event.preventDefault()
    onStep(event.shiftKey ? by * LARGE : by)
  }

/** Moved by one press of a key [m]. */
const KEY_M = 0.3

/** Which way keys turn a cast, and which make it longer. */
export interface AimKeys {
  readonly turn: Readonly<Record<string, 1 | -1>>
  readonly out: Readonly<Record<string, 1 | -1>>
}

/** The cast that a press of a key makes of it; undefined where the key does nothing to it. @param flyM where the fly lands now [m] */
export function aimByKey(
  event: KeyboardEvent,
  keys: AimKeys,
  aim: Aim,
  flyM: number,
  system: UnitSystem,
): Aim | undefined {
  const [turn, out] = [keys.turn[event.key], keys.out[event.key]]
  if (turn === undefined && out === undefined) return undefined
  event.preventDefault()
  event.stopPropagation()
  const steps = event.shiftKey ? LARGE : 1
  const { low, high } = ANGLE_LIMITS
  return {
    angleDeg: Math.max(low, Math.min(high, aim.angleDeg + (turn ?? 0) * steps)),
    castM:
      out === undefined ? aim.castM : roundLength(flyM, system) + roundLength(KEY_M, system) * out * steps,
  }
}
