import { RAD_PER_DEG } from '../quantity/index.ts'
import { CASTS, type CastDefinition } from './casts.ts'
import { backCastIn, type CastChoice, type CastSetting } from './choose.ts'
import { dLoopOf, rollBehindM, type Stroke, tipHeightOf } from './room.ts'
import {
  ANCHOR_PLACE,
  type CastFault,
  type CastStep,
  type CastStepCode,
  FAULT_SHIFTS,
  type FaultShift,
  hangsOn,
  stepsOf,
} from './steps.ts'

/** A place in space: to the angler's right, ahead over the water, and above its surface [m]. */
export type Place3 = readonly [right: number, ahead: number, up: number]

/** A moment of a cast. */
export interface CastPose {
  readonly hands: Place3
  readonly tip: Place3
  /** From the rod tip to the fly. */
  readonly line: readonly Place3[]
}

/** A cast to be played: which, with what, how far, and with which fault. */
export interface PlayedCast {
  readonly choice: Pick<CastChoice, 'cast' | 'side' | 'reasons'>
  readonly setting: CastSetting
  /** From the angler to the fly [m]. */
  readonly castM: number
  readonly fault?: CastFault | undefined
}

/** Height of the hands over the bed, and the least over the water, however deep one stands [m]. [estimate] */
const HANDS_M = { overBed: 1.2, least: 0.4 } as const
/** Points of a line. */
const POINTS = 33

const mixed = (a: Place3, b: Place3, share: number): Place3 => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
  a[2] + (b[2] - a[2]) * share,
]
const unit = (rod: Place3): Place3 => {
  const length = Math.hypot(...rod)
  return [rod[0] / length, rod[1] / length, rod[2] / length]
}
/** Starts and ends gently, as a hand does. */
const eased = (share: number): number => share * share * (3 - 2 * share)
const along = (at: (share: number) => Place3): readonly Place3[] =>
  Array.from({ length: POINTS }, (_, i) => at(i / (POINTS - 1)))

/** Rod and line at one moment of a movement, which runs from one of these to the next. */
interface Key {
  /** Where it points. */
  readonly rod: Place3
  readonly line: readonly Place3[]
}

/** Movements that go by the line of the cast; what comes before goes by the bank. */
const BY_LINE: ReadonlySet<CastStepCode> = new Set([
  'form-loop',
  'forward',
  'back-cast',
  'wait',
  'forward-overhead',
])
/** Movements in which a rod may dip that should not. */
const SWEPT: ReadonlySet<CastStepCode> = new Set(['sweep', 'circle-up', 'form-loop'])

/** All that the figures of one cast share. */
class Figures {
  readonly hands: Place3
  readonly reachM: number
  readonly stroke: Stroke
  readonly shift: FaultShift
  readonly way: 1 | -1
  private readonly target: readonly [number, number]

  constructor(readonly played: PlayedCast) {
    const { choice, setting, fault } = played
    const { targetDeg = 0, wadingM = 0 } = setting
    const handM = Math.max(HANDS_M.least, HANDS_M.overBed - wadingM)
    this.hands = [0, 0, handM]
    this.reachM = tipHeightOf(setting.rig.rodLengthM, wadingM) - handM
    this.stroke = choice.reasons.includes('compact-stroke') ? 'compact' : 'full'
    this.shift = fault === undefined ? {} : FAULT_SHIFTS[fault]
    this.way = choice.side === 'right' ? 1 : -1
    this.target = [Math.sin(targetDeg * RAD_PER_DEG), Math.cos(targetDeg * RAD_PER_DEG)]
  }

  /** A place along the line of the cast [m]: so far out, less is behind; to the side it is made off; and up. */
  inLine(out: number, aside: number, up: number): Place3 {
    const [x, y] = this.target
    return [x * out + y * aside * this.way, y * out - x * aside * this.way, up]
  }

  /** How far out along the line of the cast a place lies [m]. */
  outOf([right, ahead]: Place3): number {
    return right * this.target[0] + ahead * this.target[1]
  }

  /** Where the rod points at the end of a movement. */
  rodOf({ code, rod: [aside, ahead, up] }: CastStep): Place3 {
    const high = up * (SWEPT.has(code) ? 1 - (this.shift.dips ?? 0) : 1)
    return BY_LINE.has(code) ? this.inLine(ahead, aside, high) : [aside * this.way, ahead, high]
  }

  tipOf(rod: Place3): Place3 {
    const [x, y, z] = unit(rod)
    return [x * this.reachM, y * this.reachM, this.hands[2] + z * this.reachM]
  }

  get rodM(): number {
    return this.played.setting.rig.rodLengthM
  }

  /** Where the line's end hangs: a rod beyond what is carried, on its side or straight out. @param up over the water [m] */
  hangs(up = 0): Place3 {
    const { setting, choice, castM } = this.played
    const { lineM } = backCastIn(setting)
    const outM = Math.min(castM, lineM + this.rodM)
    const side = hangsOn(choice.cast)
    return side === 0 ? this.inLine(outM, 0, up) : [side * this.way * outM, 0.15 * outM, up]
  }

  /** Where the front of the line lies anchored; with a fault somewhere else, or nowhere. */
  get anchor(): Place3 {
    const { anchorOut = 0, anchorAside = 0, aloft = 0 } = this.shift
    const [aside, ahead] = ANCHOR_PLACE
    return this.inLine((ahead + anchorOut) * this.rodM, (aside + anchorAside) * this.rodM, aloft * this.rodM)
  }

  /** How far behind the angler it reaches at its fullest [m]: loop, hanging line or back cast. */
  get behindM(): number {
    const { choice, setting } = this.played
    const { rig, wadingM } = setting
    const { anchor, rolled }: CastDefinition = CASTS[choice.cast]
    if (anchor === 'none') return backCastIn(setting).lineM
    if (rolled) return rollBehindM(rig.rodLengthM)
    return dLoopOf(
      { rodM: rig.rodLengthM, style: rig.style, carriedM: rig.headLengthM, wadingM },
      this.stroke,
    ).behindM
  }

  get fly(): Place3 {
    return this.inLine(this.played.castM, 0, 0)
  }
}

/** Line that falls from the tip to the water and lies along it; one whose end is aloft hangs free. */
const lying = (tip: Place3, end: Place3): readonly Place3[] => {
  const low = Math.min(tip[2], end[2])
  const bend: Place3 = [tip[0] * 0.65 + end[0] * 0.35, tip[1] * 0.65 + end[1] * 0.35, low * 0.4]
  return along((s) => mixed(mixed(tip, bend, s), mixed(bend, end, s), s))
}

/** The D loop: from the tip back over its upper leg to its rear end, and down its lower leg to the anchor. @param left share of its depth */
function looped(figures: Figures, tip: Place3, left: number): readonly Place3[] {
  const { anchor } = figures
  const tipM = -figures.outOf(tip)
  const backM = -(tipM + (figures.behindM - tipM) * left * (figures.shift.loopLeft ?? 1))
  const middleM = tip[2] / 2
  const rear = figures.inLine(backM, 0.3 * figures.rodM, middleM)
  return along((s) => {
    // Two quarters of an ellipse, each from where it stands upright to where it lies level.
    const turn = (s < 0.5 ? s : 1 - s) * Math.PI
    const [from, share] = s < 0.5 ? [tip, Math.sin(turn)] : [anchor, Math.sin(turn)]
    const up = rear[2] + (from[2] - rear[2]) * Math.cos(turn)
    return [from[0] + (rear[0] - from[0]) * share, from[1] + (rear[1] - from[1]) * share, up]
  })
}

/** A loop on its way along the line of the cast: rod leg to its nose, fly leg back from there. [m out from the angler, less is behind] */
function unrolling(
  figures: Figures,
  tip: Place3,
  noseM: number,
  flyM: number,
  lowM: number,
): readonly Place3[] {
  const nose = figures.inLine(noseM, 0, (tip[2] + lowM) / 2 + 0.4)
  const legM = 0.6
  const fly = figures.inLine(flyM, 0.15 * figures.rodM, lowM)
  return along((s) =>
    s < 0.5
      ? mixed(tip, [nose[0], nose[1], nose[2] - legM / 2], s * 2)
      : mixed([nose[0], nose[1], nose[2] + legM / 2], fly, s * 2 - 1),
  )
}

/** Line straight from the tip to a place. */
const straight = (tip: Place3, end: Place3): readonly Place3[] => along((s) => mixed(tip, end, s))

/** Moments of a step, each reached after an equal share of it; the first is where the step before has ended. */
function keysOf(figures: Figures, step: CastStep): readonly Key[] {
  const rod = figures.rodOf(step)
  const tip = figures.tipOf(rod)
  const { castM, setting } = figures.played
  const key = (line: readonly Place3[], at: Place3 = rod): Key => ({ rod: at, line })
  switch (step.code) {
    case 'circle-up':
      return [key(looped(figures, tip, 0.5))]
    case 'form-loop':
      return [key(looped(figures, tip, 1))]
    case 'back-cast':
    case 'wait': {
      const { lineM, lowM } = backCastIn(setting)
      const endM = lowM * (figures.shift.backLeft ?? 1)
      const back = straight(tip, figures.inLine(-lineM, 0.2 * figures.rodM, Math.max(0, endM)))
      return step.code === 'wait'
        ? [key(back)]
        : [key(unrolling(figures, tip, -lineM * 0.55, 0, tip[2] + 0.5)), key(back)]
    }
    case 'forward':
    case 'forward-overhead': {
      const behindM = step.code === 'forward' ? 0 : -backCastIn(setting).lineM * 0.3
      const lowered = figures.inLine(0.95, 0.05, 0.2)
      const flat = figures.inLine(castM, 0, 0.9)
      return [
        key(unrolling(figures, tip, castM * 0.5, behindM, tip[2] + 0.5)),
        key(straight(tip, flat)),
        key(lying(figures.tipOf(lowered), figures.fly), lowered),
      ]
    }
    default: {
      const liftedM = (figures.shift.lifted ?? 0) * figures.rodM
      return [key(lying(tip, step.lies === 'anchor' ? figures.anchor : figures.hangs(liftedM)))]
    }
  }
}

/** Before the cast: the rod low towards where the line hangs. */
function begun(figures: Figures): Key {
  const hangs = figures.hangs()
  const [x, y] = unit(hangs)
  const rod: Place3 = [x, y, 0.15]
  return { rod, line: lying(figures.tipOf(rod), hangs) }
}

/**
 * Rod and line at a moment of a cast, for a picture of it from above and from the side: the rod keeps its length, the D loop
 * reaches as far back as `dLoopOf` says, a back cast comes as low as `backCastIn` says, and the fly lands at its target.
 * Between these the line is drawn, not computed: it shows where it goes, not how fast. [practice, estimate]
 * @param step index of the movement, [0, steps) @param share of it that is done, [0, 1]
 */
export function poseAt(played: PlayedCast, step: number, share: number): CastPose {
  const figures = new Figures(played)
  const steps = stepsOf(played.choice.cast)
  const before = steps[step - 1]
  const now = steps[step]
  if (now === undefined) throw new RangeError(`step ${step} of ${steps.length}`)
  const from = before === undefined ? begun(figures) : (keysOf(figures, before).at(-1) as Key)
  const keys = [from, ...keysOf(figures, now)]
  const place = Math.max(0, Math.min(1, share)) * (keys.length - 1)
  const at = Math.min(keys.length - 2, Math.floor(place))
  const [a, b] = [keys[at] as Key, keys[at + 1] as Key]
  const mix = keys.length === 2 ? eased(place - at) : place - at
  const tip = figures.tipOf(mixed(unit(a.rod), unit(b.rod), mix))
  const line = a.line.map((point, i) => mixed(point, b.line[i] as Place3, mix))
  return { hands: figures.hands, tip, line: [tip, ...line.slice(1)] }
}

/** A cast at its fullest: the D loop, or the back cast straight, and how far behind the angler that reaches [m]. */
export function fullestOf(played: PlayedCast): { readonly pose: CastPose; readonly behindM: number } {
  const at = stepsOf(played.choice.cast).findIndex(({ code }) => code === 'form-loop' || code === 'wait')
  return { pose: poseAt(played, at, 1), behindM: new Figures(played).behindM }
}
