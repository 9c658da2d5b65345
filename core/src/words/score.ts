import type { RankedRig } from '../match/index.ts'
import { printMeasure, type UnitSystem } from '../quantity/index.ts'

/** How far a rig's weight is from its rod's sweet spot; empty where the rod has no window. */
function sayWeight({ window, massKg }: Pick<RankedRig, 'window' | 'massKg'>, system: UnitSystem): string {
  if (window === undefined) return ''
  if (massKg < window.lowKg || massKg > window.highKg) return 'outside the window'
  const off = printMeasure(Math.abs(massKg - window.aimKg), 'lineMass', system)
  return off.startsWith('0 ') ? 'on the sweet spot' : `${off} off the sweet spot`
}

/** Why a rig ranks where it does, in a few words: “2 to watch · 5 gr off the sweet spot”. */
export function sayScore(rig: Pick<RankedRig, 'score' | 'window' | 'massKg'>, system: UnitSystem): string {
  const { breaks, watches } = rig.score
  const checks = [
    ...(breaks === 0 ? [] : [breaks === 1 ? '1 check breaks' : `${breaks} checks break`]),
    ...(watches === 0 ? [] : [`${watches} to watch`]),
  ]
  return [...checks, sayWeight(rig, system)].filter((part) => part !== '').join(' · ') || 'everything holds'
}
