import type { Chain } from './chain.ts'
import type { SwingOptions } from './input.ts'
import type { Stream } from './stream.ts'

// Taken once: asked for in every step.
const { abs, hypot, max, min } = Math
const List = Float64Array

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

function shapeOf({ count, x, y, z }: Chain): Float64Array {
  const shape = new List(count * 3)
  for (let i = 0; i < count; i++) {
    shape[3 * i] = x[i] as number
    shape[3 * i + 1] = y[i] as number
    shape[3 * i + 2] = z[i] as number
  }
  return shape
}

/** Between two shapes of as many nodes; where line was let out between them, the later one. */
const between = (before: Float64Array, after: Float64Array, share: number): Float64Array =>
  before.length === after.length ? after.map((v, i) => (before[i] ?? v) * (1 - share) + v * share) : after

/** Samples at even times of a swing whose steps are not even: straight lines between them. */
export class Samples {
  readonly list: SwingSample[] = []
  private before: { readonly tS: number; readonly lineM: Float64Array } | undefined

  constructor(
    private readonly chain: Chain,
    private readonly stream: Stream,
    private readonly options: Pick<SwingOptions, 'sampleS' | 'shapes'>,
  ) {}

  /** Takes the samples that fall due up to now. */
  take(tS: number): void {
    const { sampleS, shapes } = this.options
    const { before } = this
    const dueS = (): number => this.list.length * sampleS
    const due = dueS() <= tS + 1e-9
    // The step before a sample is kept too: the sample is interpolated between the two.
    const now = { tS, lineM: due || shapes || dueS() - tS < sampleS ? this.shape() : NONE }
    for (; dueS() <= tS + 1e-9; ) {
      const atS = min(dueS(), tS)
      const share = before === undefined || tS <= before.tS ? 1 : (atS - before.tS) / (tS - before.tS)
      this.add(dueS(), before === undefined ? now.lineM : between(before.lineM, now.lineM, share))
    }
    this.before = now
  }

  /** The end of the swing, where no sample fell due there. */
  last(tS: number): void {
    if (abs((this.list.at(-1)?.tS ?? -1) - tS) > 1e-6) this.add(tS, this.shape())
  }

  /** The whole line where it is wanted, else the fly alone. */
  private shape(): Float64Array {
    const { x, y, z } = this.chain
    return this.options.shapes ? shapeOf(this.chain) : List.of(x[0] as number, y[0] as number, z[0] as number)
  }

  private add(tS: number, lineM: Float64Array): void {
    const { vx, vy, vz, onBed } = this.chain
    const [x = 0, y = 0, z = 0] = lineM
    this.stream.look(y)
    this.list.push({
      tS,
      flyM: [x, y, z],
      speedMps: hypot(vx[0] as number, vy[0] as number, vz[0] as number),
      overBedM: max(0, z + this.stream.depthM),
      onBed: onBed[0] === 1,
      ...(this.options.shapes ? { lineM: Float32Array.from(lineM) } : {}),
    })
  }
}
const NONE = new List()
