import type { WaterModel } from '../sink/index.ts'
import type { Chain } from './chain.ts'
import { type Drive, type Drives, loadNodes } from './load.ts'
import type { Stream } from './stream.ts'
import type { Workspace } from './work.ts'

// Taken once: asked for millions of times a second. Every index below is in range: `as number` says so to the compiler.
const { max, sqrt } = Math

/** Times the set of slack links may be revised in a step; once or twice is usual. */
const MAX_REVISIONS = 8

/** A step that leaves a link longer than this is taken again in halves … */
const STRETCH_ALLOWED = 0.004
/** … down to this many halvings. */
const MAX_HALVINGS = 7

export interface StepInput {
  readonly chain: Chain
  readonly work: Workspace
  readonly stream: Stream
  readonly model: WaterModel
  readonly dtS: number
  /** Velocity of the rod tip over the step. */
  readonly rod: Drive
  readonly drives?: Drives | undefined
}

/** The rod tip is led: it goes at this velocity whatever pulls. */
function lead({ count }: Chain, w: Workspace, { vx, vy, vz }: Drive): void {
  const tip = count - 1
  w.farX[tip - 1] = w.farY[tip - 1] = w.farZ[tip - 1] = 0
  w.freeX[tip] = vx
  w.freeY[tip] = vy
  w.freeZ[tip] = vz
}

/** The rows of the system that keeps links at their lengths. It is symmetric: a link is coupled to the one before as that one to it. */
function couple({ count, ex, ey, ez }: Chain, w: Workspace): void {
  const { freeX, freeY, freeZ, nearX, nearY, nearZ, farX, farY, farZ, give, own, beside, apart } = w
  const links = count - 1
  for (let i = 0, j = 1; i < links; i++, j++) {
    const exi = ex[i] as number
    const eyi = ey[i] as number
    const ezi = ez[i] as number
    own[i] =
      exi * ((nearX[i] as number) + (farX[i] as number)) +
      eyi * ((nearY[i] as number) + (farY[i] as number)) +
      ezi * ((nearZ[i] as number) + (farZ[i] as number))
    apart[i] =
      ((freeX[j] as number) - (freeX[i] as number)) * exi +
      ((freeY[j] as number) - (freeY[i] as number)) * eyi +
      ((freeZ[j] as number) - (freeZ[i] as number)) * ezi -
      (give[i] as number)
    if (i > 0)
      beside[i] = -(
        exi * (farX[i - 1] as number) +
        eyi * (farY[i - 1] as number) +
        ezi * (farZ[i - 1] as number)
      )
  }
}

/** The pulls that keep every taut link at its length: a tridiagonal system, by elimination from fly to rod and back (Thomas). */
function solvePulls({ count, taut }: Chain, { own, beside, apart, on, right, pullN }: Workspace): void {
  const links = count - 1
  let tautBefore = false
  for (let i = 0; i < links; i++) {
    if (taut[i] === 0) {
      tautBefore = false
      continue
    }
    let onI = own[i] as number
    let rightI = apart[i] as number
    if (tautBefore) {
      const b = beside[i] as number
      const share = b / (on[i - 1] as number)
      onI -= share * b
      rightI -= share * (right[i - 1] as number)
    }
    on[i] = onI
    right[i] = rightI
    tautBefore = true
  }
  // Behind the last link, and behind a slack one, nothing pulls.
  let pull = 0
  let coupling = 0
  for (let i = links - 1; i >= 0; i--) {
    if (taut[i] === 1) {
      pull = ((right[i] as number) - coupling * pull) / (on[i] as number)
      coupling = beside[i] as number
    } else {
      pull = 0
      coupling = 0
    }
    pullN[i] = pull
  }
}

/** Lets go of links that would have to push, takes up slack ones that would lengthen. @returns whether any changed */
function revise({ count, taut }: Chain, { beside, apart, pullN }: Workspace): boolean {
  const links = count - 1
  let changed = false
  for (let i = 0; i < links; i++) {
    if (taut[i] === 1) {
      if ((pullN[i] as number) >= 0) continue
      taut[i] = 0
      changed = true
    } else {
      const fore = i > 0 ? (beside[i] as number) * max(0, pullN[i - 1] as number) : 0
      const aft = i + 1 < links ? (beside[i + 1] as number) * max(0, pullN[i + 1] as number) : 0
      if ((apart[i] as number) - fore - aft <= 1e-12) continue
      taut[i] = 1
      changed = true
    }
  }
  return changed
}

/**
 * Where the step would take each node, and how fast, by its own load and the pulls either side.
 * @returns worst share by which a link would be too long; infinite when the line has left all sense
 */
function move(c: Chain, w: Workspace, dtS: number): number {
  const { freeX, freeY, freeZ, nearX, nearY, nearZ, farX, farY, farZ, pullN } = w
  const { x: toX, y: toY, z: toZ, vx: toVx, vy: toVy, vz: toVz } = w
  const { x: atX, y: atY, z: atZ, lengthM } = c
  const links = c.count - 1
  let [worst, beforeX, beforeY, beforeZ, fore] = [0, 0, 0, 0, 0]
  for (let i = 0; i <= links; i++) {
    let vx = freeX[i] as number
    let vy = freeY[i] as number
    let vz = freeZ[i] as number
    if (fore > 0) {
      vx -= fore * (farX[i - 1] as number)
      vy -= fore * (farY[i - 1] as number)
      vz -= fore * (farZ[i - 1] as number)
    }
    fore = i < links ? (pullN[i] as number) : 0
    if (fore > 0) {
      vx += fore * (nearX[i] as number)
      vy += fore * (nearY[i] as number)
      vz += fore * (nearZ[i] as number)
    }
    const x = (atX[i] as number) + vx * dtS
    const y = (atY[i] as number) + vy * dtS
    const z = (atZ[i] as number) + vz * dtS
    toVx[i] = vx
    toVy[i] = vy
    toVz[i] = vz
    toX[i] = x
    toY[i] = y
    toZ[i] = z
    if (i > 0) {
      const dx = x - beforeX
      const dy = y - beforeY
      const dz = z - beforeZ
      const over = sqrt(dx * dx + dy * dy + dz * dz) / (lengthM[i - 1] as number) - 1
      if (!(over <= worst)) worst = Number.isNaN(over) ? Number.POSITIVE_INFINITY : over
    }
    beforeX = x
    beforeY = y
    beforeZ = z
  }
  return worst
}

/** Takes the step: the line is where it would be, and pulled so. */
function take(c: Chain, w: Workspace): void {
  const { x, y, z, vx, vy, vz, pullN, onBed } = c
  const { x: toX, y: toY, z: toZ, vx: toVx, vy: toVy, vz: toVz } = w
  const links = c.count - 1
  let [changed, fastest] = [0, 0]
  for (let i = 0; i <= links; i++) {
    const vxi = toVx[i] as number
    const vyi = toVy[i] as number
    const vzi = toVz[i] as number
    const dx = vxi - (vx[i] as number)
    const dy = vyi - (vy[i] as number)
    const dz = vzi - (vz[i] as number)
    changed = max(changed, dx * dx + dy * dy + dz * dz)
    fastest = max(fastest, vxi * vxi + vyi * vyi + vzi * vzi)
    vx[i] = vxi
    vy[i] = vyi
    vz[i] = vzi
    x[i] = toX[i] as number
    y[i] = toY[i] as number
    z[i] = toZ[i] as number
  }
  for (let i = 0; i < links; i++) {
    pullN[i] = max(0, w.pullN[i] as number)
    onBed[i] = w.onBed[i] as number
  }
  w.changedMps = sqrt(changed)
  w.fastestMps = sqrt(fastest)
}

/** Looks where one step of time would take the whole line: weight and drag of each node first, then the pulls that hold every link to its length. */
function attempt({ chain, work, stream, model, rod, drives }: StepInput, dtS: number): number {
  loadNodes(chain, work, stream, model, dtS, drives)
  lead(chain, work, rod)
  couple(chain, work)
  let revisions = 0
  do solvePulls(chain, work)
  while (revise(chain, work) && ++revisions < MAX_REVISIONS)
  return move(chain, work, dtS)
}

/** Worst share by which a link is too long; infinite when the line has left all sense. @internal asked for by tests alone */
export function stretchOf({ count, x, y, z, lengthM }: Chain): number {
  let worst = 0
  for (let i = 0, j = 1; j < count; i++, j++) {
    const dx = (x[j] as number) - (x[i] as number)
    const dy = (y[j] as number) - (y[i] as number)
    const dz = (z[j] as number) - (z[i] as number)
    const over = sqrt(dx * dx + dy * dy + dz * dz) / (lengthM[i] as number) - 1
    if (!(over <= worst)) worst = Number.isNaN(over) ? Number.POSITIVE_INFINITY : over
  }
  return worst
}

/**
 * Moves the line by one step of time. Where it turns so fast that a link would stretch, the step is taken in halves instead.
 * @param halvings how often it may still be halved
 * @returns how many steps were computed
 */
export function step(input: StepInput, dtS = input.dtS, halvings = MAX_HALVINGS): number {
  const stretch = attempt(input, dtS)
  if (halvings === 0 || stretch < STRETCH_ALLOWED) {
    take(input.chain, input.work)
    return 1
  }
  return 1 + step(input, dtS / 2, halvings - 1) + step(input, dtS / 2, halvings - 1)
}
