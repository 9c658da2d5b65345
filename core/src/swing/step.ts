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

/**
 * Direction of each link as the step begins, and how fast its ends may part: what is still slack, less what turning
 * lengthens it by.
 */
function aim(c: Chain, w: Workspace, dtS: number): void {
  for (let i = 0, j = 1; j < c.count; i++, j++) {
    const dx = (c.x[j] as number) - (c.x[i] as number)
    const dy = (c.y[j] as number) - (c.y[i] as number)
    const dz = (c.z[j] as number) - (c.z[i] as number)
    const length = sqrt(dx * dx + dy * dy + dz * dz)
    if (length > 1e-9) {
      c.ex[i] = dx / length
      c.ey[i] = dy / length
      c.ez[i] = dz / length
    }
    const wx = (c.vx[j] as number) - (c.vx[i] as number)
    const wy = (c.vy[j] as number) - (c.vy[i] as number)
    const wz = (c.vz[j] as number) - (c.vz[i] as number)
    const along = wx * (c.ex[i] as number) + wy * (c.ey[i] as number) + wz * (c.ez[i] as number)
    const turning = max(0, wx * wx + wy * wy + wz * wz - along * along)
    const lengthM = c.lengthM[i] as number
    w.give[i] = (lengthM - length) / dtS - (0.5 * turning * dtS) / lengthM
  }
}

/** Motion of each link's ends by a unit of its pull. */
function yields(c: Chain, w: Workspace): void {
  for (let i = 0, j = 1; j < c.count; i++, j++) {
    const ex = c.ex[i] as number
    const ey = c.ey[i] as number
    const ez = c.ez[i] as number
    w.nearX[i] = (w.xx[i] as number) * ex + (w.xy[i] as number) * ey + (w.xz[i] as number) * ez
    w.nearY[i] = (w.xy[i] as number) * ex + (w.yy[i] as number) * ey + (w.yz[i] as number) * ez
    w.nearZ[i] = (w.xz[i] as number) * ex + (w.yz[i] as number) * ey + (w.zz[i] as number) * ez
    w.farX[i] = (w.xx[j] as number) * ex + (w.xy[j] as number) * ey + (w.xz[j] as number) * ez
    w.farY[i] = (w.xy[j] as number) * ex + (w.yy[j] as number) * ey + (w.yz[j] as number) * ez
    w.farZ[i] = (w.xz[j] as number) * ex + (w.yz[j] as number) * ey + (w.zz[j] as number) * ez
  }
}

/** Speed at which a link's ends would part without any pull, over what it may. */
function excess(c: Chain, w: Workspace, i: number): number {
  const j = i + 1
  return (
    ((w.freeX[j] as number) - (w.freeX[i] as number)) * (c.ex[i] as number) +
    ((w.freeY[j] as number) - (w.freeY[i] as number)) * (c.ey[i] as number) +
    ((w.freeZ[j] as number) - (w.freeZ[i] as number)) * (c.ez[i] as number) -
    (w.give[i] as number)
  )
}

/** Coupling of a link's parting to the pull of the link before, and the other way round: the system is symmetric. */
const coupling = (c: Chain, w: Workspace, i: number, fore: number): number =>
  -(
    (c.ex[i] as number) * (w.farX[fore] as number) +
    (c.ey[i] as number) * (w.farY[fore] as number) +
    (c.ez[i] as number) * (w.farZ[fore] as number)
  )

/** The pulls that keep every taut link at its length: a tridiagonal system, by elimination from fly to rod and back (Thomas). */
function solvePulls(c: Chain, w: Workspace): void {
  const links = c.count - 1
  for (let i = 0; i < links; i++) {
    w.above[i] = 0
    if (c.taut[i] === 0) continue
    const ex = c.ex[i] as number
    const ey = c.ey[i] as number
    const ez = c.ez[i] as number
    let on =
      ex * ((w.nearX[i] as number) + (w.farX[i] as number)) +
      ey * ((w.nearY[i] as number) + (w.farY[i] as number)) +
      ez * ((w.nearZ[i] as number) + (w.farZ[i] as number))
    let right = excess(c, w, i)
    if (i > 0 && c.taut[i - 1] === 1) {
      const beside = coupling(c, w, i, i - 1)
      w.above[i - 1] = beside
      const share = beside / (w.on[i - 1] as number)
      on -= share * beside
      right -= share * (w.right[i - 1] as number)
    }
    w.on[i] = on
    w.right[i] = right
  }
  let pull = 0
  for (let i = links - 1; i >= 0; i--) {
    pull =
      c.taut[i] === 1 ? ((w.right[i] as number) - (w.above[i] as number) * pull) / (w.on[i] as number) : 0
    c.pullN[i] = pull
  }
}

/** Lets go of links that would have to push, takes up slack ones that would lengthen. @returns whether any changed */
function revise(c: Chain, w: Workspace): boolean {
  const links = c.count - 1
  let changed = false
  for (let i = 0; i < links; i++) {
    if (c.taut[i] === 1) {
      if ((c.pullN[i] as number) >= 0) continue
      c.taut[i] = 0
      changed = true
    } else {
      const fore = i > 0 ? coupling(c, w, i, i - 1) * max(0, c.pullN[i - 1] as number) : 0
      const aft = i + 1 < links ? coupling(c, w, i + 1, i) * max(0, c.pullN[i + 1] as number) : 0
      if (excess(c, w, i) - fore - aft <= 1e-12) continue
      c.taut[i] = 1
      changed = true
    }
  }
  return changed
}

/** Sets each node's velocity from its own and the pulls either side, and moves it. */
function move(c: Chain, w: Workspace, dtS: number): void {
  const links = c.count - 1
  for (let i = 0; i <= links; i++) {
    c.vx[i] = w.freeX[i] as number
    c.vy[i] = w.freeY[i] as number
    c.vz[i] = w.freeZ[i] as number
  }
  for (let i = 0, j = 1; i < links; i++, j++) {
    const pullN = c.pullN[i] as number
    if (pullN <= 0) {
      c.pullN[i] = 0
      continue
    }
    c.vx[i] = (c.vx[i] as number) + pullN * (w.nearX[i] as number)
    c.vy[i] = (c.vy[i] as number) + pullN * (w.nearY[i] as number)
    c.vz[i] = (c.vz[i] as number) + pullN * (w.nearZ[i] as number)
    c.vx[j] = (c.vx[j] as number) - pullN * (w.farX[i] as number)
    c.vy[j] = (c.vy[j] as number) - pullN * (w.farY[i] as number)
    c.vz[j] = (c.vz[j] as number) - pullN * (w.farZ[i] as number)
  }
  for (let i = 0; i <= links; i++) {
    c.x[i] = (c.x[i] as number) + (c.vx[i] as number) * dtS
    c.y[i] = (c.y[i] as number) + (c.vy[i] as number) * dtS
    c.z[i] = (c.z[i] as number) + (c.vz[i] as number) * dtS
  }
}

/** The rod tip is led: it goes at this velocity whatever pulls. */
function lead(w: Workspace, tip: number, { vx, vy, vz }: Drive): void {
  w.xx[tip] = w.yy[tip] = w.zz[tip] = w.xy[tip] = w.xz[tip] = w.yz[tip] = 0
  w.freeX[tip] = vx
  w.freeY[tip] = vy
  w.freeZ[tip] = vz
}

/** Moves the whole line by one step of time: weight and drag of each node first, then the pulls that hold every link to its length. */
function attempt({ chain, work, stream, model, rod, drives }: StepInput, dtS: number): void {
  aim(chain, work, dtS)
  loadNodes(chain, work, stream, model, dtS, drives)
  lead(work, chain.count - 1, rod)
  yields(chain, work)
  let revisions = 0
  do solvePulls(chain, work)
  while (revise(chain, work) && ++revisions < MAX_REVISIONS)
  move(chain, work, dtS)
}

/** Worst share by which a link is too long; infinite when the line has left all sense. */
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

/** Copies what a step changes, one list after the other: in a loop, for it is done in every step. */
function copyState(from: readonly Float64Array[], to: readonly Float64Array[], count: number): void {
  for (let k = 0; k < from.length; k++) {
    const source = from[k] as Float64Array
    const target = to[k] as Float64Array
    for (let i = 0; i < count; i++) target[i] = source[i] as number
  }
}

function remember(c: Chain, w: Workspace): void {
  copyState(w.state, w.was, c.count)
  for (let i = 0; i < c.count; i++) w.wasOnBed[i] = c.onBed[i] as number
}

function goBack(c: Chain, w: Workspace): void {
  copyState(w.was, w.state, c.count)
  for (let i = 0; i < c.count; i++) c.onBed[i] = w.wasOnBed[i] as number
}

/** Most that a node's velocity has changed in the step taken last, or in the last part of one taken in parts [m/s]. */
export function mostChangedMps({ count, vx, vy, vz }: Chain, { was }: Workspace): number {
  const [, , , wasX, wasY, wasZ] = was as [
    unknown,
    unknown,
    unknown,
    Float64Array,
    Float64Array,
    Float64Array,
  ]
  let most = 0
  for (let i = 0; i < count; i++) {
    const x = (vx[i] as number) - (wasX[i] as number)
    const y = (vy[i] as number) - (wasY[i] as number)
    const z = (vz[i] as number) - (wasZ[i] as number)
    most = max(most, x * x + y * y + z * z)
  }
  return sqrt(most)
}

/**
 * Moves the line by one step of time. Where it turns so fast that a link would stretch, the step is taken again in halves.
 * @param halvings how often it may still be halved
 * @returns how many steps were computed
 */
export function step(input: StepInput, dtS = input.dtS, halvings = MAX_HALVINGS): number {
  const { chain, work } = input
  remember(chain, work)
  attempt(input, dtS)
  if (halvings === 0 || stretchOf(chain) < STRETCH_ALLOWED) return 1
  goBack(chain, work)
  return 1 + step(input, dtS / 2, halvings - 1) + step(input, dtS / 2, halvings - 1)
}
