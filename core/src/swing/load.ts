import type { WaterModel } from '../sink/index.ts'
import type { Chain } from './chain.ts'
import type { Stream } from './stream.ts'
import type { Workspace } from './work.ts'

// Taken once: asked for millions of times a second. Every index below is in range: `as number` says so to the compiler.
const { abs, max, min, sqrt } = Math

/**
 * Half the height over which a floating line goes from dry to drowned [m]. A line is a millimetre or two thick and water is
 * never that flat; this is the ripple it lies in. [estimate]
 */
const RIPPLE_M = 0.01
/** Density of air ÷ water: what drag is left above the surface. [physics] */
const AIR_SHARE = 1.2e-3
/** Speed below which the bed's grip fades, so that what lies still stays at rest [m/s]. */
const CREEP_MPS = 0.005
/** Depth that a piece of line sinks in between the stones until they bear all its weight [m]. [estimate] */
const BED_GIVE_M = 0.004
/** Inertia a node needs for each unit of its links' stiffness; 1.5 is just stable. */
const STEADYING = 2.2
/** Rate at which a mend moves line, for each of its mass: it has its speed within a few hundredths of a second [1/s]. [estimate] */
const HAND_FIRMNESS = 100
/** … and a rod flicks line no harder than this [m/s²]. [estimate] */
const HAND_LIMIT_MPS2 = 30

/** A velocity that something is led or driven at [m/s]. */
export interface Drive {
  readonly vx: number
  readonly vy: number
  readonly vz: number
}
/** Drives of nodes besides the water, by their number: a mend. */
export type Drives = ReadonlyMap<number, Drive>

/** Share of a node that is under water. */
const wetShare = (z: number): number => (z <= -RIPPLE_M ? 1 : z >= RIPPLE_M ? 0 : 0.5 - z / (2 * RIPPLE_M))

/** Resistance k of node i along a direction that need not have unit length. */
function resistAlong(w: Workspace, i: number, k: number, x: number, y: number, z: number): void {
  w.xx[i] = (w.xx[i] as number) + k * x * x
  w.yy[i] = (w.yy[i] as number) + k * y * y
  w.zz[i] = (w.zz[i] as number) + k * z * z
  w.xy[i] = (w.xy[i] as number) + k * x * y
  w.xz[i] = (w.xz[i] as number) + k * x * z
  w.yz[i] = (w.yz[i] as number) + k * y * z
}

/** Resistance k of node i in every direction. */
function resist(w: Workspace, i: number, k: number): void {
  w.xx[i] = (w.xx[i] as number) + k
  w.yy[i] = (w.yy[i] as number) + k
  w.zz[i] = (w.zz[i] as number) + k
}

function push(w: Workspace, i: number, x: number, y: number, z: number): void {
  w.fx[i] = (w.fx[i] as number) + x
  w.fy[i] = (w.fy[i] as number) + y
  w.fz[i] = (w.fz[i] as number) + z
}

/** Begins a step of a node: inertia, weight and buoyancy, and how it moves against the water. Mended line is borne by the rod. */
function weigh(
  c: Chain,
  w: Workspace,
  i: number,
  stream: Stream,
  gravity: number,
  dtS: number,
  lifted: boolean,
): void {
  const z = c.z[i] as number
  stream.look(c.y[i] as number)
  const wet = stream.depthM > 0 && !lifted ? wetShare(z) : 0
  w.depthM[i] = stream.depthM
  w.thick[i] = wet + (1 - wet) * AIR_SHARE
  w.ux[i] = (c.vx[i] as number) - (wet > 0 ? stream.currentAt(z) : 0)
  w.uy[i] = c.vy[i] as number
  w.uz[i] = c.vz[i] as number
  w.fx[i] = w.fy[i] = 0
  w.fz[i] = lifted ? 0 : ((c.displacedKg[i] as number) * wet - (c.massKg[i] as number)) * gravity
  w.xx[i] = w.yy[i] = w.zz[i] = w.least[i] = (c.massKg[i] as number) / dtS
  w.xy[i] = w.xz[i] = w.yz[i] = 0
  if (wet <= 0 || wet >= 1) return
  const stiff = (((c.displacedKg[i] as number) * gravity) / (2 * RIPPLE_M)) * dtS
  w.fz[i] = (w.fz[i] as number) - stiff * (c.vz[i] as number)
  w.zz[i] = (w.zz[i] as number) + stiff
}

/** Drag of the line at a node, across and along its direction there. */
function lineDrag(c: Chain, w: Workspace, i: number): void {
  const a = i > 0 ? i - 1 : 0
  const tx = (c.ex[a] as number) + (c.ex[i] as number)
  const ty = (c.ey[a] as number) + (c.ey[i] as number)
  const tz = (c.ez[a] as number) + (c.ez[i] as number)
  const ux = w.ux[i] as number
  const uy = w.uy[i] as number
  const uz = w.uz[i] as number
  const size2 = tx * tx + ty * ty + tz * tz
  // A line doubled back on itself has no direction.
  const over = size2 > 1e-9 ? 1 / size2 : 0
  const along = (ux * tx + uy * ty + uz * tz) * over
  const nx = ux - along * tx
  const ny = uy - along * ty
  const nz = uz - along * tz
  const thick = w.thick[i] as number
  const across = (c.acrossK[i] as number) * thick
  const speed = sqrt(nx * nx + ny * ny + nz * nz)
  const k = across * speed
  // Drag grows as speed², so its slope is twice as steep along the flow as across it: Newton's step, not a frozen speed.
  const slide = (c.alongK[i] as number) * thick * abs(along) * sqrt(size2)
  const back = slide * along
  push(w, i, -k * nx - back * tx, -k * ny - back * ty, -k * nz - back * tz)
  resist(w, i, k)
  w.least[i] = (w.least[i] as number) + k
  if (speed > 1e-12) resistAlong(w, i, across / speed, nx, ny, nz)
  resistAlong(w, i, (2 * slide - k) * over, tx, ty, tz)
}

/** Drag of what has no direction: a fly. */
function flyDrag(c: Chain, w: Workspace, i: number): void {
  const ux = w.ux[i] as number
  const uy = w.uy[i] as number
  const uz = w.uz[i] as number
  const speed = sqrt(ux * ux + uy * uy + uz * uz)
  if (speed < 1e-12) return
  const k = (c.anywayK[i] as number) * (w.thick[i] as number)
  push(w, i, -k * speed * ux, -k * speed * uy, -k * speed * uz)
  resist(w, i, k * speed)
  resistAlong(w, i, k / speed, ux, uy, uz)
}

/** Damping of a pulled link's turn, at one of its ends. @returns its stiffness over the step [kg/s] */
function straighten(c: Chain, w: Workspace, i: number, link: number, other: number, dtS: number): number {
  const pullN = c.pullN[link] as number
  if (pullN === 0) return 0
  const k = (pullN / (c.lengthM[link] as number)) * dtS
  const ex = c.ex[link] as number
  const ey = c.ey[link] as number
  const ez = c.ez[link] as number
  const dx = (c.vx[other] as number) - (c.vx[i] as number)
  const dy = (c.vy[other] as number) - (c.vy[i] as number)
  const dz = (c.vz[other] as number) - (c.vz[i] as number)
  const along = dx * ex + dy * ey + dz * ez
  push(w, i, k * (dx - along * ex), k * (dy - along * ey), k * (dz - along * ez))
  return k
}

/**
 * Pulled links turn their node back into line, as stiff as the pull is high. Their damping is taken in full, as it would be
 * at the step's end; where the node's own mass and drag are too little to bear it, it is given inertia until no way of
 * shaking can grow: 3 k for the shortest wave, by the roots of z² − (2 − 2r)z + (1 − r), r < 4/3.
 */
function stiffen(c: Chain, w: Workspace, i: number, dtS: number): void {
  const k = (i > 0 ? straighten(c, w, i, i - 1, i - 1, dtS) : 0) + straighten(c, w, i, i, i + 1, dtS)
  const lacking = STEADYING * k - (w.least[i] as number)
  if (lacking <= 0) return
  resist(w, i, lacking)
  resistAlong(w, i, -lacking, c.ex[i] as number, c.ey[i] as number, c.ez[i] as number)
}

/**
 * The bed bears what sinks into it, in proportion to how far it is in, and grips it in proportion to that. Taken as it will
 * be at the step's end, so that it neither bounces nor depends on how finely the line is cut.
 */
function bedPush(c: Chain, w: Workspace, i: number, friction: number, gravity: number, dtS: number): void {
  const overBedM = (c.z[i] as number) + (w.depthM[i] as number)
  const vz = c.vz[i] as number
  c.onBed[i] = overBedM < 0 ? 1 : 0
  if (overBedM >= 0 && overBedM + vz * dtS >= 0) return
  const stiff = ((c.massKg[i] as number) * gravity) / BED_GIVE_M
  push(w, i, 0, 0, -stiff * (overBedM + vz * dtS))
  w.zz[i] = (w.zz[i] as number) + stiff * dtS
  if (overBedM >= 0) return
  const vx = c.vx[i] as number
  const vy = c.vy[i] as number
  const grip = (friction * -stiff * overBedM) / (sqrt(vx * vx + vy * vy) + CREEP_MPS)
  push(w, i, -grip * vx, -grip * vy, 0)
  w.xx[i] = (w.xx[i] as number) + grip
  w.yy[i] = (w.yy[i] as number) + grip
}

/** Moves line as a mend does: towards a velocity, but never harder than a rod can flick it. */
function mendPush(c: Chain, w: Workspace, i: number, { vx, vy, vz }: Drive): void {
  const dx = vx - (c.vx[i] as number)
  const dy = vy - (c.vy[i] as number)
  const dz = vz - (c.vz[i] as number)
  const off = sqrt(dx * dx + dy * dy + dz * dz)
  const hand = min(HAND_FIRMNESS, HAND_LIMIT_MPS2 / max(off, 1e-9)) * (c.massKg[i] as number)
  push(w, i, hand * dx, hand * dy, hand * dz)
  resist(w, i, hand)
}

/** Turns a node's resistance into what a force gives it, in place, and finds its velocity at the step's end but for the line's pull. */
function settle(c: Chain, w: Workspace, i: number): void {
  const xx = w.xx[i] as number
  const yy = w.yy[i] as number
  const zz = w.zz[i] as number
  const xy = w.xy[i] as number
  const xz = w.xz[i] as number
  const yz = w.yz[i] as number
  const cxx = yy * zz - yz * yz
  const cxy = xz * yz - xy * zz
  const cxz = xy * yz - xz * yy
  const over = 1 / (xx * cxx + xy * cxy + xz * cxz)
  const ixx = cxx * over
  const ixy = cxy * over
  const ixz = cxz * over
  const iyy = (xx * zz - xz * xz) * over
  const iyz = (xy * xz - xx * yz) * over
  const izz = (xx * yy - xy * xy) * over
  w.xx[i] = ixx
  w.xy[i] = ixy
  w.xz[i] = ixz
  w.yy[i] = iyy
  w.yz[i] = iyz
  w.zz[i] = izz
  const fx = w.fx[i] as number
  const fy = w.fy[i] as number
  const fz = w.fz[i] as number
  w.freeX[i] = (c.vx[i] as number) + ixx * fx + ixy * fy + ixz * fz
  w.freeY[i] = (c.vy[i] as number) + ixy * fx + iyy * fy + iyz * fz
  w.freeZ[i] = (c.vz[i] as number) + ixz * fx + iyz * fy + izz * fz
}

/**
 * Gives every node but the rod tip all its load but the line's pull, drag, buoyancy and bed taken as they will be at the
 * step's end: (m/Δt + J)(v′ − v) = F, solved at once.
 */
export function loadNodes(
  c: Chain,
  w: Workspace,
  stream: Stream,
  { gravityMps2 }: WaterModel,
  dtS: number,
  drives?: Drives,
): void {
  const { friction } = stream
  const last = c.count - 1
  for (let i = 0; i < last; i++) {
    const drive = drives?.get(i)
    weigh(c, w, i, stream, gravityMps2, dtS, drive !== undefined)
    lineDrag(c, w, i)
    if ((c.anywayK[i] as number) > 0) flyDrag(c, w, i)
    stiffen(c, w, i, dtS)
    bedPush(c, w, i, friction, gravityMps2, dtS)
    if (drive !== undefined) mendPush(c, w, i, drive)
    settle(c, w, i)
  }
}
