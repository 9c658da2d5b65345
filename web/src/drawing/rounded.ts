import { type UnitSystem, unitFor, unitOf } from '@hoxen/core/quantity'
import type { Aim } from '@hoxen/core/swing'

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
