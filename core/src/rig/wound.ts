import { type Backing, cylinderDiameterM } from '../gear/index.ts'
import { COATED_RUNNING, FLOATING_KG_PER_M3, strandKgPerM } from '../line/index.ts'
import { type Hung, USUAL_BACKING_M } from '../reel/index.ts'
import type { RigParts } from './parts.ts'

/** A line as it is wound, from the arbor outward. */
export interface Wound {
  readonly part: 'backing' | 'running' | 'head'
  readonly name: string
  readonly lengthM: number
  readonly diameterM: number
}

/** Running line on a spool where its own length is not known, and the most that is wound on [m]. [practice] */
const RUNNING_M = { usual: 30, most: 36 } as const
/** Backing where none is named. */
const NO_BACKING = { name: 'backing', diameterM: USUAL_BACKING_M } as const

/** The layers on the reel for a rig, with this much backing under it. */
export function woundLines(
  { head, runningLine }: Pick<RigParts, 'head' | 'runningLine'>,
  backing: Backing | undefined,
  backingM: number,
): readonly [backing: Wound, ...rest: Wound[]] {
  const { name, diameterM = USUAL_BACKING_M } = backing ?? NO_BACKING
  const rest: Wound[] = []
  if (runningLine) {
    const lengthM = Math.min(runningLine.item.lengthM ?? RUNNING_M.usual, RUNNING_M.most)
    rest.push({
      part: 'running',
      name: runningLine.item.name,
      lengthM,
      diameterM: runningLine.diameterM.value,
    })
  } else if (head.lengthM < RUNNING_M.usual) {
    const lengthM = RUNNING_M.usual - head.lengthM
    rest.push({ part: 'running', name: 'its running line', lengthM, diameterM: COATED_RUNNING.diameterM })
  }
  const meanM = cylinderDiameterM(head.massKg.value / head.lengthM, FLOATING_KG_PER_M3)
  rest.push({ part: 'head', name: head.head.name, lengthM: head.lengthM, diameterM: meanM })
  return [{ part: 'backing', name, lengthM: backingM, diameterM }, ...rest]
}

/** Mass of all that is on the reel for a rig, backing of braided polyester under it [kg]. [physics] */
export function lineOnReelKg(
  parts: Pick<RigParts, 'head' | 'runningLine'>,
  backing: Backing | undefined,
  backingM: number,
): number {
  const [under, ...rest] = woundLines(parts, backing, backingM)
  const running = rest.find((l) => l.part === 'running')
  const perM = parts.runningLine?.kgPerM.value ?? COATED_RUNNING.kgPerM
  return (
    parts.head.massKg.value +
    perM * (running?.lengthM ?? 0) +
    strandKgPerM(under.diameterM, 'polyester') * under.lengthM
  )
}

/** Running line in the rings hangs, on average, half way between reel and tip. [physics] */
export function lineInRings(
  { rod, runningLine }: Pick<RigParts, 'rod' | 'runningLine'>,
  seatM: number,
): readonly Hung[] {
  if (runningLine === null) return []
  return [{ massKg: runningLine.kgPerM.value * (rod.lengthM - seatM), atM: (rod.lengthM + seatM) / 2 }]
}
