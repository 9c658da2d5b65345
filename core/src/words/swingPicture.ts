import { printMeasure, printShare, type UnitSystem } from '../quantity/index.ts'
import type { SwingReason, SwingSummary, Touch } from '../swing/index.ts'
import type { FishAt } from '../water/index.ts'
import { type Contact, sayContact, saySwing } from './swing.ts'

type WithFish = Pick<SwingSummary, 'holdingS' | 'overHoldingS'>

/** Time a fly is with the fish, and how long it could be. */
export const sayWithFish = ({ holdingS, overHoldingS }: WithFish): string =>
  `${Math.round(holdingS)} of ${Math.round(overHoldingS)} s with the fish`

/** Touches named one by one, at most. */
const NAMED_TOUCHES = 3
/** When and where the bed was touched: “at 21 s, 24 ft out”; undefined where it was not. */
export function sayTouchPlaces(touches: readonly Touch[], system: UnitSystem): string | undefined {
  if (touches.length === 0) return undefined
  const places = touches
    .slice(0, NAMED_TOUCHES)
    .map(({ tS, atM }) => `at ${Math.round(tS)} s, ${printMeasure(atM[1], 'length', system)} out`)
  return `${places.join('; ')}${touches.length > NAMED_TOUCHES ? ' …' : ''}`
}

/** A swing seen along the river. */
export const sayAlongRiver = (
  pool: string,
  summary: WithFish & Pick<SwingSummary, 'maxDepthM'>,
  system: UnitSystem,
): string =>
  `${pool}, seen along the river: down to ${printMeasure(summary.maxDepthM, 'length', system)}, ${sayWithFish(summary)}.`

/** Two swings seen along the river, half way round. */
export const sayBothSwings = (pinned: WithFish, other: WithFish): string =>
  `Seen along the river, half way round: the pinned rig solid (${sayWithFish(pinned)}), this rig dashed (${sayWithFish(other)}).`

/** A pool and a swing in it, as its picture shows them. */
export function sayRiver(
  pool: string,
  summary: (WithFish & Contact & Pick<SwingSummary, 'ridesM'>) | undefined,
  system: UnitSystem,
): string {
  const swing =
    summary === undefined
      ? ''
      : ` ${sayWithFish(summary)}, riding at ${printMeasure(summary.ridesM, 'length', system)}, ${sayContact(summary)}`
  return `${pool} from above and in section.${swing}`
}

interface Cell {
  readonly tip: string
  readonly flowM3ps: number
  /** Share of the way with the fish, and what it likely is. */
  readonly share: number
  readonly likely: { readonly low: number; readonly high: number } | undefined
  readonly angleDeg: number
  readonly reason: SwingReason
}

/** A cell of the flow chart. */
export function sayCell(
  { tip, flowM3ps, share, likely, angleDeg, reason }: Cell,
  fishAt: FishAt,
  system: UnitSystem,
): string {
  const sure =
    likely === undefined ? '' : ` Likely ${Math.round(likely.low * 100)} to ${printShare(likely.high)}.`
  return `${tip} at ${printMeasure(flowM3ps, 'flow', system)}: ${printShare(share)} of the way with the fish at ${angleDeg}°. ${saySwing(reason, fishAt)}${sure}`
}

/** A swing that would hold. */
export const sayWouldHold = (summary: WithFish): string => `It would hold: ${sayWithFish(summary)}.`

/** A cast that lands on the far bank. @param reachM across @param widthM of the river today [m] */
export const sayFarBank = (reachM: number, widthM: number, system: UnitSystem): string =>
  `This cast lands on the far bank: it reaches ${printMeasure(reachM, 'length', system)} across and the water is ${printMeasure(widthM, 'length', system)} wide today. Cast shorter or steeper.`
