/** A stand-in for a bench scale: settling, drift, noise, tare, a plug that can be pulled and a knock that makes it babble. */

/** Invented things to put on the stand-in, with their true mass [g]. */
export const BENCH_OBJECTS = [
  { id: 'nothing', name: 'nothing', grams: 0 },
  { id: 'tip-a', name: 'a tip without a label', grams: 7.16 },
  { id: 'tip-b', name: 'a shorter, thicker tip', grams: 6.79 },
  { id: 'tip-c', name: 'a tip nobody can place', grams: 8.1 },
  { id: 'head', name: 'a head from the shoebox', grams: 31.42 },
] as const

export interface ScaleModel {
  /** Share of the way to the true load covered each tick. */
  readonly settle: number
  /** Noise either way [g]. */
  readonly noiseG: number
  /** Slow wander, per tick [g]. */
  readonly driftG: number
  /** Readings this close for five ticks count as stable [g]. */
  readonly stableG: number
}

export const SCALE_MODEL: ScaleModel = Object.freeze({
  settle: 0.35,
  noiseG: 0.008,
  driftG: 0.0004,
  stableG: 0.03,
})

const STEADY_TICKS = 5

export class BenchScale {
  private loadG = 0
  private shownG = 0
  private driftG = 0
  private zeroG = 0
  private babbling = 0
  private readonly last: number[] = []

  /** @param random numbers in [0, 1) @param model how it behaves */
  constructor(
    private readonly random: () => number,
    private readonly model: ScaleModel = SCALE_MODEL,
  ) {}

  put(grams: number): void {
    this.loadG = grams
  }

  tare(): void {
    this.zeroG = this.shownG + this.driftG
    this.last.length = 0
  }

  /** The next readings are nonsense, as after a knock on the cable. */
  knock(): void {
    this.babbling = 8
  }

  /** One line of the protocol: "7.16 g stable" or "7.02 g moving". */
  tick(): string {
    if (this.babbling > 0) {
      this.babbling--
      return `##${Math.floor(this.random() * 1e6).toString(36)}`
    }
    this.shownG += (this.loadG - this.shownG) * this.model.settle
    this.driftG += (this.random() - 0.5) * 2 * this.model.driftG
    const noise = (this.random() - 0.5) * 2 * this.model.noiseG
    const reading = this.shownG + this.driftG + noise - this.zeroG
    this.last.push(reading)
    if (this.last.length > STEADY_TICKS) this.last.shift()
    const stable =
      this.last.length === STEADY_TICKS &&
      Math.max(...this.last) - Math.min(...this.last) <= this.model.stableG
    return `${reading.toFixed(2)} g ${stable ? 'stable' : 'moving'}`
  }
}
