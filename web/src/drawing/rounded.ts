import { type UnitSystem, unitFor, unitOf } from '@hoxen/core/quantity'
import { type Aim, ANGLE_LIMITS } from '@hoxen/core/swing'
import type { KeyboardEvent } from 'react'

/** A length to the half of the unit in use, at least a half [m]: no hand is finer. */
export function roundLength(m: number, system: UnitSystem): number {
  const { toSi, fromSi } = unitOf(unitFor('length', system))
  return toSi(Math.max(0.5, Math.round(fromSi(m) * 2) / 2))
}

/** A cast as one would say it: whole degrees, whole and half feet or metres. */
export const roundAim = ({ angleDeg, castM }: Aim, system: UnitSystem): Aim => ({
  angleDeg: Math.round(angleDeg),
  castM: roundLength(castM, system),
})

/** Moved by one press of a key [m]. */
const KEY_M = 0.3
/** Steps of a press with the shift key. */
const SHIFT_STEPS = 5

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
  const steps = event.shiftKey ? SHIFT_STEPS : 1
  const { low, high } = ANGLE_LIMITS
  return {
    angleDeg: Math.max(low, Math.min(high, aim.angleDeg + (turn ?? 0) * steps)),
    castM:
      out === undefined ? aim.castM : roundLength(flyM, system) + roundLength(KEY_M, system) * out * steps,
  }
}
