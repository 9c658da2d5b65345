import type { Spool } from '../gear/index.ts'
import { USUAL_BACKING_M } from './backing.ts'
import { HEXAGONAL_PACKING, PACKING, spoolVolumeM3, woundVolumeM3 } from './spool.ts'

/** Line as wound on, from the arbor outward: a round line by length and diameter, or anything by its own volume. */
export type WoundLine =
  | { readonly lengthM: number; readonly diameterM: number }
  | { readonly volumeM3: number }

const ownVolumeM3 = (line: WoundLine): number =>
  'volumeM3' in line ? line.volumeM3 : (Math.PI * line.diameterM ** 2 * line.lengthM) / 4

export interface Fill {
  readonly capacityM3: number
  readonly usedM3: number
  readonly fillFraction: number
  readonly fits: boolean
  /** Backing that still goes on under the lines [m]. */
  readonly backingM?: number
}

/**
 * Fill of a spool. Each line takes its own volume divided by the packing.
 * @param packing share of the wound space that is line, (0, 0.907]
 * @param backingDiameterM when given, how much backing of this diameter still fits [m]
 */
export function fillSpool(
  spool: Spool,
  packing: number,
  lines: readonly WoundLine[],
  backingDiameterM?: number,
): Fill {
  const capacityM3 = spoolVolumeM3(spool)
  const usedM3 = lines.reduce((sum, line) => sum + ownVolumeM3(line) / packing, 0)
  const base = { capacityM3, usedM3, fillFraction: usedM3 / capacityM3, fits: usedM3 <= capacityM3 }
  if (backingDiameterM === undefined) return base
  const perM = woundVolumeM3(1, backingDiameterM, packing)
  return { ...base, backingM: Math.max(0, (capacityM3 - usedM3) / perM) }
}

/** Shares of a spool that lines fill when wound tightly, and loosely. [practice] */
export function fillBand(
  spool: Spool,
  lines: readonly WoundLine[],
): { readonly tight: number; readonly loose: number } {
  const at = (packing: number): number => fillSpool(spool, packing, lines).fillFraction
  return { tight: at(PACKING.tight), loose: at(PACKING.loose) }
}

export type Calibration =
  | { readonly outcome: 'calibrated'; readonly packing: number }
  | { readonly outcome: 'beyond-packing' }

/** Packing of these hands on this spool, from one fill known to be full. `beyond-packing` above what round lines allow. */
export function calibratePacking(spool: Spool, fullWith: readonly WoundLine[]): Calibration {
  const packing = fullWith.reduce((sum, line) => sum + ownVolumeM3(line), 0) / spoolVolumeM3(spool)
  return packing > 0 && packing <= HEXAGONAL_PACKING
    ? { outcome: 'calibrated', packing }
    : { outcome: 'beyond-packing' }
}

/** Volume of a weight-forward trout line of a number [m³]: 90 ft whose mean diameter grows with the number. [estimate] */
export function troutLineVolumeM3(number: number): number {
  const meanDiameterM = 0.00079 + 0.000045 * number
  return (Math.PI / 4) * meanDiameterM ** 2 * 27.4
}

/** Arbor of a spool whose rim and width are measured and whose box says what it holds; undefined when it cannot be. */
export function arborFromBox(
  spool: Omit<Spool, 'arborDiameterM'>,
  number: number,
  backing: { readonly lengthM: number; readonly diameterM: number },
  packing: number = PACKING.usual,
): number | undefined {
  const holdsM3 =
    troutLineVolumeM3(number) / packing + woundVolumeM3(backing.lengthM, backing.diameterM, packing)
  const outerM = Math.sqrt((4 * spoolVolumeM3({ ...spool, arborDiameterM: 0 })) / (Math.PI * spool.widthM))
  const squared = outerM ** 2 - (4 * holdsM3) / (Math.PI * spool.widthM)
  return squared > 0 ? Math.sqrt(squared) : undefined
}

/** Backing a single-hand reel is sold with, for each of its numbers, and its diameter [m]. [practice] */
const SOLD_WITH = { perNumberM: 16, diameterM: USUAL_BACKING_M } as const

/** The single-hand number a capacity corresponds to, by volume: the largest trout line it holds with its usual backing. C30 */
export function numberByVolume(capacityM3: number): number {
  const holds = (n: number): boolean =>
    troutLineVolumeM3(n) / PACKING.usual + woundVolumeM3(SOLD_WITH.perNumberM * n, SOLD_WITH.diameterM) <=
    capacityM3
  let number = 0
  while (number < 15 && holds(number + 1)) number++
  return number
}
