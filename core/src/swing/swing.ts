import { WATER_MODEL } from '../sink/index.ts'
import { buildChain, type Chain } from './chain.ts'
import { Hand } from './hand.ts'
import { SWING_OPTIONS, type SwingInput, type SwingOptions, workOf } from './input.ts'
import { layLine, type RodTip } from './lay.ts'
import { Measures, type SwingSummary } from './measures.ts'
import { step } from './step.ts'
import { Stream } from './stream.ts'

// Taken once: asked for millions of times a second.
const { abs, hypot, max, round } = Math

export interface SwingSample {
  readonly tS: number
  /** Where the fly is: downstream, across, up [m]. */
  readonly flyM: readonly [xM: number, yM: number, zM: number]
  readonly speedMps: number
  readonly overBedM: number
  readonly onBed: boolean
  /** The line from fly to rod tip, x y z of each node, when shapes were asked for. */
  readonly lineM?: Float32Array
}

export interface SwingResult {
  /** `settled` at the hang-down; `did-not-settle` when it was still moving at the longest time, or had taken all the work it may. */
  readonly outcome: 'settled' | 'did-not-settle'
  readonly samples: readonly SwingSample[]
  readonly summary: SwingSummary
}

/** The fly hangs when it has been this slow, as a share of the surface current there and at least this fast [m/s], … */
const HANGING = { share: 0.06, leastMps: 0.01 } as const
/** … for this long [s]. */
const HANGING_S = 2
/** Steps between two chances to leave off. */
const BREATH = 32

function shapeOf({ nodes }: Chain): Float32Array {
  const shape = new Float32Array(nodes.length * 3)
  nodes.forEach((node, i) => {
    shape.set([node.x, node.y, node.z], 3 * i)
  })
  return shape
}

/** Speed of the fastest part of the line that lies on the bed [m/s]. */
function draggingMps({ nodes }: Chain): number {
  let fastest = 0
  for (const node of nodes) if (node.onBed) fastest = max(fastest, hypot(node.vx, node.vy))
  return fastest
}

/** One swing under way. */
class Swing {
  private readonly chain: Chain
  private readonly stream: Stream
  private readonly hand: Hand
  private readonly measures: Measures
  private readonly samples: SwingSample[] = []
  private steps = 0
  private work = 0
  private tS = 0
  private stillS = 0

  constructor(
    private readonly input: SwingInput,
    private readonly options: SwingOptions,
  ) {
    const { run, rodTip, parts, fly, castAngleDeg, mends = [], model = WATER_MODEL } = input
    const angle = (castAngleDeg * Math.PI) / 180
    const tip: RodTip = { heightM: rodTip.heightM, xM: rodTip.xM ?? 0, yM: rodTip.yM ?? run.wadeM }
    this.chain = buildChain(parts, fly, options.nodes, model)
    this.stream = new Stream(run)
    this.measures = new Measures(run.soundings.reduce((deepest, s) => max(deepest, s.depthM), 0))
    layLine(this.chain, tip, angle, options.slack)
    this.hand = new Hand(this.chain, options, mends, model, angle)
  }

  private sample(): void {
    const { fly } = this.chain
    this.stream.look(fly.y)
    this.samples.push({
      tS: this.tS,
      flyM: [fly.x, fly.y, fly.z],
      speedMps: hypot(fly.vx, fly.vy, fly.vz),
      overBedM: max(0, fly.z + this.stream.depthM),
      onBed: fly.onBed,
      ...(this.options.shapes ? { lineM: shapeOf(this.chain) } : {}),
    })
  }

  private advance(dtS: number): void {
    const { model = WATER_MODEL } = this.input
    this.hand.feed(this.tS, dtS)
    this.work +=
      this.chain.nodes.length *
      step({
        chain: this.chain,
        stream: this.stream,
        model,
        dtS,
        rod: this.hand.rod(dtS),
        drives: this.hand.drives(this.tS),
      })
    // Counted, not summed, so that a long swing keeps its clock.
    this.steps++
    this.tS = round(this.steps * dtS * 1e6) / 1e6
    this.watch(dtS)
  }

  private watch(dtS: number): void {
    const { fly } = this.chain
    this.stream.look(fly.y)
    const speed = hypot(fly.vx, fly.vy, fly.vz)
    const slow = speed < HANGING.leastMps + HANGING.share * this.stream.surfaceMps
    this.stillS = slow && !this.hand.busy(this.tS) ? this.stillS + dtS : 0
    this.measures.take({
      tS: this.tS,
      dtS,
      depthM: max(0, -fly.z),
      overBedM: fly.z + this.stream.depthM,
      onBed: fly.onBed,
      crossedM: abs(fly.vy) * dtS,
      draggedM: draggingMps(this.chain) * dtS,
    })
  }

  *run(): Generator<void, SwingResult> {
    const { stepS, maxS, sampleS, mostWork } = this.options
    const every = max(1, round(sampleS / stepS))
    this.sample()
    for (let i = 1; this.tS < maxS - 1e-9 && this.stillS < HANGING_S && this.work < mostWork; i++) {
      this.advance(stepS)
      if (i % every === 0) this.sample()
      if (i % BREATH === 0) yield
    }
    const settled = this.stillS >= HANGING_S
    const swingS = settled ? max(0, this.tS - this.stillS) : this.tS
    if (this.samples.at(-1)?.tS !== this.tS) this.sample()
    return {
      outcome: settled ? 'settled' : 'did-not-settle',
      samples: this.samples,
      summary: this.measures.summary(swingS, this.input.run.bottom),
    }
  }
}

/**
 * Lets a cast swing, from landing to hang-down: the whole line as an inextensible chain of lumps in three dimensions, each with
 * its weight, its buoyancy at a free surface, and normal and tangential drag on its velocity against the water, over a bed that
 * holds it up and grips it. The same input always gives the same swing. [estimate]
 */
export function swing(input: SwingInput): SwingResult {
  const steps = swingInSteps(input)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/**
 * A swing that can be left off between its steps. Its work is bounded, whatever the input.
 * @throws RangeError when it would take more work than `mostWork` from the outset; ask `workOf` before
 */
export function swingInSteps(input: SwingInput): Generator<void, SwingResult> {
  const options = { ...SWING_OPTIONS, ...input.options }
  if (!(workOf(input) <= options.mostWork)) throw new RangeError('a swing of more work than allowed')
  return new Swing(input, options).run()
}
