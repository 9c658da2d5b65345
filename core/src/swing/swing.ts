import { steadyLineInShear, WATER_MODEL, type WaterModel } from '../sink/index.ts'
import { depthAt, HoldingWater, profileShare, surfaceCurrentAt } from '../water/index.ts'
import { castReachM } from './cast.ts'
import { buildChain, type Chain, lengthOfChain } from './chain.ts'
import { Hand } from './hand.ts'
import { SWING_OPTIONS, type SwingInput, type SwingOptions, stepOf, workOf } from './input.ts'
import { layLine, type RodTip } from './lay.ts'
import { Measures, type SwingSummary, type Touch } from './measures.ts'
import { nextStepS } from './pace.ts'
import { Samples, type SwingSample } from './samples.ts'
import { step } from './step.ts'
import { Stream } from './stream.ts'
import { type Workspace, workspace } from './work.ts'

// Taken once: asked for millions of times a second.
const { abs, atan2, hypot, max, min } = Math

export interface SwingResult {
  /**
   * `swung` round to the hang-down, or stripped in; `grounded` where it came to rest on the bed before that, or dragged along it until the
   * angler lifts; `did-not-finish` when
   * nothing carried it round, or it was still on its way at the longest time or had taken all the work it may.
   */
  readonly outcome: 'swung' | 'grounded' | 'did-not-finish'
  readonly samples: readonly SwingSample[]
  readonly summary: SwingSummary
  /** The summary's touches, one by one. */
  readonly touches: readonly Touch[]
}

/** A swing is over within this of straight below the angler [rad]; C40. Common practice, no source. */
const STRAIGHT_RAD = (10 * Math.PI) / 180
/** A cast begun within this of straight below is over when so much of the fly's own crossing is done; C40. [practice] */
const STEEP = { rad: (30 * Math.PI) / 180, crossed: 0.9 } as const
/** Less to cross than this is no crossing: such a line only comes to rest [m]. */
const NO_CROSSING_M = 0.5
/** A line rests when none of it has moved faster than this, as a share of the fastest current and at least so fast [m/s], … */
const AT_REST = { share: 0.04, leastMps: 0.02 } as const
/** … for this long [s]. */
const AT_REST_S = 2
/** A fly that has come to rest with less than this of its crossing done was not carried round. */
const CARRIED = 0.1
/** A line that has been dragged so far is lifted: it will not fish any more [m]. [practice] */
const LIFTED_M = 6
/** The last rod length is at most this share of the way across. */
const NEAR_AT_MOST = 0.5
/** Faster than this nothing moves in water: the cut was too coarse for such a line, and its swing is left unfinished [m/s]. */
const BEYOND_MPS = 50
/** Steps between two chances to leave off. */
const BREATH = 32
/** Pieces a part is cut into for the line at rest, which is right to a hundredth of its depth with them. */
const REST_PIECES = 12
/** Depth at which the fly hangs this far from the bank: the line at rest there, never under the bed [m]. */
export function hangDepthM(input: SwingInput, yM: number, model: WaterModel = WATER_MODEL): number {
  const { run, parts, fly } = input
  const bedM = depthAt(run, yM)
  const surface = surfaceCurrentAt(run, yM)
  const current = (depthM: number): number => surface * profileShare(max(bedM - depthM, 0.01), bedM)
  const rest = steadyLineInShear(parts, fly, current, bedM, model, REST_PIECES)
  return 'depthM' in rest ? min(bedM, max(0, rest.depthM)) : bedM
}

/** So much line on the bed drags in full, less of it in proportion [m]. [estimate] */
const DRAGS_IN_FULL_M = 0.5

/** Speed of fly or line dragged along the bed [m/s]: the fly's speed, else the mean of what lies there; −1 when none does. */
function draggingMps({ count, onBed, vx, vy, lengthM }: Chain): number {
  if (onBed[0] === 1) return hypot(vx[0] as number, vy[0] as number)
  let onBedM = 0
  let sum = 0
  for (let i = 1; i < count; i++) {
    if (onBed[i] !== 1) continue
    const ownM = ((lengthM[i - 1] as number) + (i < count - 1 ? (lengthM[i] as number) : 0)) / 2
    onBedM += ownM
    sum += ownM * hypot(vx[i] as number, vy[i] as number)
  }
  return onBedM === 0 ? -1 : (sum / onBedM) * min(1, onBedM / DRAGS_IN_FULL_M)
}

/** Place of the first that is on the bed, from the fly up [m]. */
function onBedAt({ count, onBed, x, y, z }: Chain): Touch['atM'] | undefined {
  for (let i = 0; i < count; i++) if (onBed[i] === 1) return [x[i] as number, y[i] as number, z[i] as number]
  return undefined
}

const SMALL_FISH = { fishAt: 'bottom' } as const

/** One swing under way. */
class Swing {
  private readonly chain: Chain
  private readonly space: Workspace
  private readonly stream: Stream
  private readonly hand: Hand
  private readonly holding: HoldingWater
  private readonly measures: Measures
  private readonly samples: Samples
  /** Position across the river where the line hangs in the end [m]. */
  private readonly restY: number
  private readonly startY: number
  /** Length of the last rod length before it, across [m]. */
  private readonly nearM: number
  private readonly byCrossing: boolean
  private readonly restMps: number
  private work = 0
  private tS = 0
  private stillS = 0
  private over = false
  private broken = false

  constructor(
    private readonly input: SwingInput,
    private readonly options: SwingOptions,
  ) {
    const { run, rodTip, parts, fly, castAngleDeg, mends = [], model = WATER_MODEL } = input
    const angle = (castAngleDeg * Math.PI) / 180
    const tip: RodTip = { heightM: rodTip.heightM, xM: rodTip.xM ?? 0, yM: rodTip.yM ?? run.wadeM }
    this.chain = buildChain(parts, fly, options.nodes, model)
    this.space = workspace(this.chain)
    this.stream = new Stream(run)
    const fish = input.fish ?? SMALL_FISH
    this.holding = new HoldingWater(input.run, fish, castReachM(input))
    this.measures = new Measures(fish.fishAt, fly.floats)
    layLine(this.chain, tip, angle, options.slack)
    this.hand = new Hand(this.chain, options, mends, model, angle)
    this.samples = new Samples(this.chain, this.stream, options)
    this.startY = this.chain.y[0] as number
    this.restY = this.hand.follows ? this.hand.pivotY : tip.yM
    this.nearM = min(options.reachM, NEAR_AT_MOST * abs(this.startY - this.restY))
    const restRad = atan2(abs(this.restY - this.hand.pivotY), lengthOfChain(this.chain))
    const fastest = run.currents.reduce((most, { mps }) => max(most, mps), 0)
    this.restMps = max(AT_REST.leastMps, AT_REST.share * fastest)
    this.byCrossing = abs(angle) <= STEEP.rad || restRad > STRAIGHT_RAD
  }

  /** Share of the way across that the fly has done; 1 where there is nothing to cross. */
  private crossedShare(): number {
    const wholeM = this.startY - this.restY
    return abs(wholeM) < NO_CROSSING_M ? 1 : (this.startY - (this.chain.y[0] as number)) / wholeM
  }

  /** Whether the swing is over as C40 says, while it is still on its way. */
  private cameRound(): boolean {
    const { x, y } = this.chain
    if (abs(this.startY - this.restY) < NO_CROSSING_M) return false
    if (this.byCrossing) return this.crossedShare() >= STEEP.crossed
    return (
      abs(atan2((y[0] as number) - this.hand.pivotY, (x[0] as number) - this.hand.pivotX)) <= STRAIGHT_RAD
    )
  }

  private advance(dtS: number): boolean {
    const { model = WATER_MODEL } = this.input
    this.hand.feed(this.tS, dtS)
    const attempts = step({
      chain: this.chain,
      work: this.space,
      stream: this.stream,
      model,
      dtS,
      rod: this.hand.rod(dtS),
      drives: this.hand.drives(this.tS),
    })
    this.work += this.chain.count * attempts
    this.tS += dtS
    const fastest = this.space.fastestMps
    this.broken = !(fastest < BEYOND_MPS)
    if (this.broken) return true
    this.watch(dtS, fastest)
    this.samples.take(this.tS)
    return attempts > 1
  }

  private watch(dtS: number, fastest: number): void {
    const { chain, stream, tS } = this
    const [y = 0] = chain.y
    const [z = 0] = chain.z
    const [vx = 0] = chain.vx
    const [vy = 0] = chain.vy
    const [vz = 0] = chain.vz
    stream.look(y)
    const { depthM, surfaceMps } = stream
    const busy = this.hand.busy(tS)
    this.stillS = fastest < this.restMps && !busy ? this.stillS + dtS : 0
    this.over = !busy && (this.hand.strippedIn || this.cameRound())
    const dragging = draggingMps(chain)
    this.measures.take({
      tS,
      dtS,
      depthM: max(0, -z),
      overBedM: z + depthM,
      flyOnBed: chain.onBed[0] === 1,
      onBedM: dragging < 0 ? undefined : onBedAt(chain),
      crossedM: abs(vy) * dtS,
      slipMps: hypot(vx - stream.currentAt(z), vy, vz),
      draggedM: max(0, dragging) * dtS,
      holds: this.holding.at(y, depthM, surfaceMps),
      nearHangDown: abs(y - this.restY) < this.nearM,
    })
  }

  private get lifted(): boolean {
    return this.measures.draggedOutM > LIFTED_M
  }

  private get going(): boolean {
    const { maxS, mostWork } = this.options
    const timely = this.tS < maxS - 1e-9 && this.work < mostWork
    return timely && !this.broken && !this.over && !this.lifted && this.stillS < AT_REST_S
  }

  private outcome(): SwingResult['outcome'] {
    if (this.broken) return 'did-not-finish'
    if (this.over) return 'swung'
    if (this.lifted) return 'grounded'
    if (this.stillS < AT_REST_S) return 'did-not-finish'
    if (this.chain.onBed[0] === 1) return 'grounded'
    return this.crossedShare() < CARRIED ? 'did-not-finish' : 'swung'
  }

  *run(): Generator<void, SwingResult> {
    const { stepS, maxS } = this.options
    this.samples.take(0)
    let dtS = stepS
    for (let i = 1; this.going; i++) {
      const takenS = min(this.hand.busy(this.tS) ? min(dtS, stepS) : dtS, maxS - this.tS)
      const halved = this.advance(takenS)
      dtS = nextStepS(this.space, takenS, stepS, halved)
      if (i % BREATH === 0) yield
    }
    if (!this.broken) this.samples.last(this.tS)
    const outcome = this.outcome()
    const { model } = this.input
    return {
      outcome,
      samples: this.samples.list,
      touches: this.measures.touches,
      summary: this.measures.summary({
        swingS: this.tS,
        bottom: this.input.run.bottom,
        hangDepthM:
          this.hand.strips && !this.broken
            ? max(0, -(this.chain.z[0] as number))
            : hangDepthM(this.input, this.restY, model),
        grounded: outcome === 'grounded',
      }),
    }
  }
}

/**
 * Simulates a swing, from landing to the end that C40 gives it: the whole line as an inextensible chain of lumps in three dimensions,
 * each with its weight, its buoyancy at a free surface, and normal and tangential drag on its velocity against the water, over a bed
 * that holds it up and grips it. The same input always gives the same swing. [estimate]
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
  const asked = { ...SWING_OPTIONS, ...input.options }
  const lineM = input.parts.reduce((sum, { lengthM }) => sum + lengthM, 0)
  const options = { ...asked, stepS: stepOf(asked, lineM) }
  if (!(workOf(input) <= options.mostWork)) throw new RangeError('too much work')
  return new Swing(input, options).run()
}
