import type { Chain } from './chain.ts'
import type { SwingOptions } from './input.ts'
import type { Stream } from './stream.ts'

// Taken once: asked for in every step.
const { abs, hypot, max, min } = Math

export interface SwingSample {
  readonly tS: number
  /** Position of the fly: downstream, across, up [m]. */
  readonly flyM: readonly [xM: number, yM: number, zM: number]
  readonly speedMps: number
  readonly overBedM: number
  readonly onBed: boolean
  /** The line from fly to rod tip, x y z of each node, when shapes were asked for. */
  readonly lineM?: Float32Array
}

/** Places of the fly, or of every node, at a moment: x y z each. */
class Shape {
  tS = Number.NEGATIVE_INFINITY
  /** Figures in use. */
  length = 0
  readonly at: Float64Array

  constructor(nodes: number) {
    this.at = new Float64Array(3 * nodes)
  }

  /** Takes the line as it is. @param nodes from the fly */
  take({ x, y, z }: Chain, nodes: number, tS: number): void {
    const { at } = this
    this.tS = tS
    this.length = 3 * nodes
    for (let i = 0, k = 0; i < nodes; i++) {
      at[k++] = x[i] as number
      at[k++] = y[i] as number
      at[k++] = z[i] as number
    }
  }
}

/** Samples at even times of a swing whose steps are not even: straight lines between them. */
export class Samples {
  readonly list: SwingSample[] = []
  private before: Shape
  private now: Shape
  /** The sample, between the two. */
  private readonly between: Shape

  constructor(
    private readonly chain: Chain,
    private readonly stream: Stream,
    private readonly options: Pick<SwingOptions, 'sampleS' | 'shapes'>,
  ) {
    const room = options.shapes ? chain.x.length : 1
    this.before = new Shape(room)
    this.now = new Shape(room)
    this.between = new Shape(room)
  }

  /** Takes the samples that fall due up to now. */
  take(tS: number): void {
    const { sampleS } = this.options
    const { before, now } = this
    now.take(this.chain, this.nodes, tS)
    for (let dueS = this.list.length * sampleS; dueS <= tS + 1e-9; dueS = this.list.length * sampleS) {
      const atS = min(dueS, tS)
      this.mix(before, now, tS <= before.tS ? 1 : (atS - before.tS) / (tS - before.tS))
      this.add(dueS)
    }
    this.before = now
    this.now = before
  }

  /** The end of the swing, where no sample fell due there. */
  last(tS: number): void {
    if (abs((this.list.at(-1)?.tS ?? -1) - tS) <= 1e-6) return
    this.between.take(this.chain, this.nodes, tS)
    this.add(tS)
  }

  /** The whole line where it is wanted, else the fly alone. */
  private get nodes(): number {
    return this.options.shapes ? this.chain.count : 1
  }

  /** Between two shapes of as many nodes; where line was let out between them, the later one. */
  private mix(before: Shape, now: Shape, share: number): void {
    const { at } = this.between
    this.between.length = now.length
    const whole = before.length !== now.length
    for (let i = 0; i < now.length; i++)
      at[i] = whole
        ? (now.at[i] as number)
        : (before.at[i] as number) * (1 - share) + (now.at[i] as number) * share
  }

  private add(tS: number): void {
    const { vx, vy, vz, onBed } = this.chain
    const { at, length } = this.between
    const [x = 0, y = 0, z = 0] = [at[0], at[1], at[2]]
    this.stream.look(y)
    const sample: SwingSample = {
      tS,
      flyM: [x, y, z],
      speedMps: hypot(vx[0] as number, vy[0] as number, vz[0] as number),
      overBedM: max(0, z + this.stream.depthM),
      onBed: onBed[0] === 1,
    }
    this.list.push(
      this.options.shapes ? { ...sample, lineM: Float32Array.from(at.subarray(0, length)) } : sample,
    )
  }
}
