import { type CastName, type CastWind, type Side, windOn } from '../cast/index.ts'
import { printIn, printMeasure, printShare, type UnitSystem } from '../quantity/index.ts'
import { CAST_TITLES } from './castNames.ts'
import { figure, type Said, said } from './said.ts'

interface FromAbove {
  readonly chosen: { readonly cast: CastName; readonly side: Side } | undefined
  readonly castM: number
  readonly wind: CastWind
  readonly targetDeg: number
  readonly roomM: number
}

/** The plan of a cast, as its picture shows it. */
export function sayFromAbove(
  { chosen, castM, wind, targetDeg, roomM }: FromAbove,
  system: UnitSystem,
): string {
  const show = printIn(system)
  const { acrossMps } = windOn(wind, targetDeg)
  const cast = chosen === undefined ? '' : `${CAST_TITLES[chosen.cast]} off the ${chosen.side} side, `
  return `From above: ${cast}the fly ${show(castM, 'length')} out; wind ${show(wind.mps, 'windSpeed')}, ${show(Math.abs(acrossMps), 'windSpeed')} of it across from the ${acrossMps >= 0 ? 'right' : 'left'}; ${show(roomM, 'length')} behind.`
}

/** A D loop from the side. @param behindM, roomM how far it reaches, how much room there is [m] */
export const sayLoopPicture = (behindM: number, roomM: number, system: UnitSystem): string =>
  `From the side: the loop reaches ${printMeasure(behindM, 'length', system)} behind you; you have ${printMeasure(roomM, 'length', system)}`

/** What of a D loop loads the rod. @param upper share of its mass in the upper leg @param longestM head for this room [m], 0 for none */
export const sayUpperLeg = (upper: number, longestM: number, system: UnitSystem): string =>
  `${printShare(upper)} of its weight hangs in the upper leg, which loads the rod. Longest head for this room: ${longestM > 0 ? printMeasure(longestM, 'length', system) : 'none'}.`

/** A back cast from the side. @param backM, lowM how far it reaches and how low it comes [m] */
export const sayBackCastPicture = (backM: number, lowM: number, system: UnitSystem): string =>
  `From the side: the line reaches ${printMeasure(backM, 'length', system)} behind you and drops to ${printMeasure(lowM, 'length', system)}`

/** Where a back cast reaches. @param wadingM depth stood in [m] */
export function sayBackCast(backM: number, lowM: number, wadingM: number, system: UnitSystem): Said {
  const show = printIn(system)
  const wading = wadingM > WADING_SAID_M ? `, wading ${show(wadingM, 'length')} deep` : ''
  return said`It reaches ${figure(show(backM, 'length'))} behind you and drops to ${figure(show(lowM, 'length'))} above the water when it is straight${wading}.`
}
/** Shallower than this is not worth a word [m]. */
const WADING_SAID_M = 0.1

/** Line to strip off for a cast. @param castM wanted @param reachM what the rig reaches @param stripM to strip [m] */
export function sayStripOff(castM: number, reachM: number, stripM: number, system: UnitSystem): string {
  const m = (si: number): string => printMeasure(si, 'length', system)
  return reachM >= castM
    ? `For ${m(castM)}, strip off ${m(stripM)} (this rig reaches ${m(reachM)}).`
    : `It reaches about ${m(reachM)}, short of your ${m(castM)}: strip off ${m(stripM)}.`
}
