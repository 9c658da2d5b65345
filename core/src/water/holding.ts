import { M_PER_INCH } from '../quantity/index.ts'
import type { Lie, Run } from './run.ts'
import { depthAt, surfaceCurrentAt } from './section.ts'

// Taken once: asked for in every step of a swing.
const { max, min } = Math

/** Band of water where fish hold. */
export const FISH_AT = ['surface', 'middle', 'bottom'] as const
export type FishAt = (typeof FISH_AT)[number]

/** Lowest 18 in of the water, where swung fish hold [m]. C17 [practice] */
export const HOLDING_BAND_M = 18 * M_PER_INCH
/** Surface fish are met this deep at most, and never below half the water [m], share. [practice] */
const SURFACE = { m: 0.45, share: 0.5 } as const
/** Mid-water, as shares of the depth. [practice] */
const MIDDLE = { low: 0.25, high: 0.75 } as const

/** The fish of the day, as far as where they hold depends on them. */
export interface Fish {
  readonly fishAt: FishAt
  /** Their weight [kg]; small by default. */
  readonly fishKg?: number | undefined
  /** Temperature of the water [°C]; not cold by default. */
  readonly waterC?: number | undefined
}

/**
 * Water that holds fish: walking pace at the surface, slower in the cold, and deep enough to hide in. C51 [practice]
 * The limits are those of the middle of their fading.
 */
const HOLDS = {
  paceMps: { warm: { low: 0.4, high: 1.1 }, cold: { low: 0.25, high: 0.8 } },
  depthM: { small: 0.4, large: 0.7 },
  largeKg: 1.5,
  coldC: 7,
} as const
/** Each limit fades over this share of itself, either way. C51 [practice] */
const FADES = 0.15
/** Of all that a cast covers: where less than this share holds fish, the deepest takes its place by degrees. C51, the share [estimate] */
const VANISHES = 0.2
/** Of the deepest that the cast covers: water about so deep stands for it. [estimate] */
const NEAR_DEEPEST = 0.7
/** From this share a place is said to hold fish. */
export const HOLDS_FROM = 0.5
/** Places the water that a cast covers is looked at. */
const PLACES = 60

/** From 0 well below a limit to 1 well above it. */
const above = (value: number, limit: number): number =>
  max(0, min(1, (value / limit - (1 - FADES)) / (2 * FADES)))
const between = (from: number, to: number, share: number): number => from + (to - from) * share

type Water = Pick<Run, 'soundings' | 'currents' | 'widthM' | 'wadeM' | 'lies'>

/** Where fish hold in the water that a cast covers. */
export class HoldingWater {
  private readonly lowMps: number
  private readonly highMps: number
  private readonly leastM: number
  /** Share in which the deepest stands for holding water. */
  private readonly byDepth: number
  private readonly deepestM: number
  private readonly lies: readonly Lie[]

  /** @param farM as far from the angler's bank as the cast reaches; at most the width counts */
  constructor(
    private readonly run: Water,
    { fishKg = 0, waterC = Number.POSITIVE_INFINITY }: Fish,
    private readonly farM: number,
  ) {
    const warm = above(waterC, HOLDS.coldC)
    const { cold, warm: usual } = HOLDS.paceMps
    this.lowMps = between(cold.low, usual.low, warm)
    this.highMps = between(cold.high, usual.high, warm)
    this.leastM = between(HOLDS.depthM.small, HOLDS.depthM.large, above(fishKg, HOLDS.largeKg))
    this.lies = run.lies ?? []
    const toM = min(farM, run.widthM)
    let [deepest, sum] = [0, 0]
    for (let i = 0; i <= PLACES; i++) {
      const yM = run.wadeM + ((toM - run.wadeM) * i) / PLACES
      const depthM = depthAt(run, yM)
      deepest = max(deepest, depthM)
      sum += this.byPace(depthM, surfaceCurrentAt(run, yM))
    }
    this.deepestM = deepest
    this.byDepth = max(0, 1 - sum / (PLACES + 1) / VANISHES)
  }

  private byPace(depthM: number, mps: number): number {
    return above(mps, this.lowMps) * (1 - above(mps, this.highMps)) * above(depthM, this.leastM)
  }

  /**
   * Share in which fish hold at a place, [0, 1].
   * @param yM from the angler's bank @param depthM of the water there @param mps of its surface
   */
  at(yM: number, depthM: number, mps: number): number {
    if (depthM <= 0) return 0
    if (this.lies.length > 0) return this.lies.some(({ fromM, toM }) => yM >= fromM && yM <= toM) ? 1 : 0
    return max(this.byPace(depthM, mps), this.byDepth * above(depthM, NEAR_DEEPEST * this.deepestM))
  }

  /** Whether a place of the water that the cast covers is said to hold fish. @param yM from the angler's bank */
  covers(yM: number): boolean {
    const { run, farM } = this
    if (yM < run.wadeM || yM > farM) return false
    return this.at(yM, depthAt(run, yM), surfaceCurrentAt(run, yM)) >= HOLDS_FROM
  }
}

/** Depths between which fish hold in water of this depth [m]; at the bottom clear of the bed only. [practice] */
export function holdingBand(fishAt: FishAt, depthM: number): { readonly low: number; readonly high: number } {
  if (fishAt === 'surface') return { low: 0, high: min(SURFACE.m, depthM * SURFACE.share) }
  if (fishAt === 'middle') return { low: depthM * MIDDLE.low, high: depthM * MIDDLE.high }
  return { low: max(0, depthM - HOLDING_BAND_M), high: depthM }
}
