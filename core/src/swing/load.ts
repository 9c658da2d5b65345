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

/**
 * Directions of the links as the step begins, and how fast their ends may part: what is still slack, less what turning lengthens
 * them by.
 */
function aim(c: Chain, w: Workspace, dtS: number): void {
  const { x, y, z, vx, vy, vz, ex, ey, ez, lengthM } = c
  const { give } = w
  const links = c.count - 1
  for (let i = 0, j = 1; i < links; i++, j++) {
    const dx = (x[j] as number) - (x[i] as number)
    const dy = (y[j] as number) - (y[i] as number)
    const dz = (z[j] as number) - (z[i] as number)
    const length = sqrt(dx * dx + dy * dy + dz * dz)
    if (length > 1e-9) {
      ex[i] = dx / length
      ey[i] = dy / length
      ez[i] = dz / length
    }
    const wx = (vx[j] as number) - (vx[i] as number)
    const wy = (vy[j] as number) - (vy[i] as number)
    const wz = (vz[j] as number) - (vz[i] as number)
    const along = wx * (ex[i] as number) + wy * (ey[i] as number) + wz * (ez[i] as number)
    const turning = max(0, wx * wx + wy * wy + wz * wz - along * along)
    const wholeM = lengthM[i] as number
    give[i] = (wholeM - length) / dtS - (0.5 * turning * dtS) / wholeM
  }
}

/**
 * Gives every node but the rod tip all its load but the line's pull, drag, buoyancy and bed taken as they will be at the step's end:
 * (m/Δt + J)(v′ − v) = F, solved at once; then each link what a unit of its pull does to its two ends. A node's force and its
 * resistance J live in local variables from the first line of the loop to the last: most of a swing's time is spent here.
 */
export function loadNodes(
  c: Chain,
  w: Workspace,
  stream: Stream,
  { gravityMps2 }: WaterModel,
  dtS: number,
  drives?: Drives,
): void {
  aim(c, w, dtS)
  const { z, vx, vy, vz, ex, ey, ez, lengthM, pullN, massKg, displacedKg, acrossK, alongK, anywayK } = c
  const { freeX, freeY, freeZ, nearX, nearY, nearZ, farX, farY, farZ, onBed } = w
  const { friction } = stream
  const last = c.count - 1
  for (let i = 0; i < last; i++) {
    const drive = drives === undefined ? undefined : drives.get(i)
    const mass = massKg[i] as number
    const height = z[i] as number
    const vxi = vx[i] as number
    const vyi = vy[i] as number
    const vzi = vz[i] as number
    // Direction and pull of the links before and behind.
    const a = i > 0 ? i - 1 : 0
    const exa = ex[a] as number
    const eya = ey[a] as number
    const eza = ez[a] as number
    const exi = ex[i] as number
    const eyi = ey[i] as number
    const ezi = ez[i] as number

    // Inertia, weight and buoyancy, and the velocity against the water. Mended line is borne by the rod.
    stream.look(c.y[i] as number)
    const { depthM } = stream
    let wet = 0
    if (depthM > 0 && drive === undefined)
      wet = height <= -RIPPLE_M ? 1 : height >= RIPPLE_M ? 0 : 0.5 - height / (2 * RIPPLE_M)
    const thick = wet + (1 - wet) * AIR_SHARE
    const ux = vxi - (wet > 0 ? stream.currentAt(height) : 0)
    const uy = vyi
    const uz = vzi
    let fx = 0
    let fy = 0
    let fz = drive !== undefined ? 0 : ((displacedKg[i] as number) * wet - mass) * gravityMps2
    let least = mass / dtS
    let xx = least
    let yy = least
    let zz = least
    let xy = 0
    let xz = 0
    let yz = 0
    if (wet > 0 && wet < 1) {
      const stiff = (((displacedKg[i] as number) * gravityMps2) / (2 * RIPPLE_M)) * dtS
      fz -= stiff * vzi
      zz += stiff
    }

    // Drag of the line, across and along its direction here. A line doubled back on itself has no direction.
    const tx = exa + exi
    const ty = eya + eyi
    const tz = eza + ezi
    const size2 = tx * tx + ty * ty + tz * tz
    const over = size2 > 1e-9 ? 1 / size2 : 0
    const along = (ux * tx + uy * ty + uz * tz) * over
    const nx = ux - along * tx
    const ny = uy - along * ty
    const nz = uz - along * tz
    const across = (acrossK[i] as number) * thick
    const speed = sqrt(nx * nx + ny * ny + nz * nz)
    const k = across * speed
    // Drag grows as speed², so its slope is twice as steep along the flow as across it: Newton's step, not a frozen speed.
    const slide = (alongK[i] as number) * thick * abs(along) * sqrt(size2)
    const back = slide * along
    fx += -k * nx - back * tx
    fy += -k * ny - back * ty
    fz += -k * nz - back * tz
    xx += k
    yy += k
    zz += k
    least += k
    if (speed > 1e-12) {
      const s = across / speed
      xx += s * nx * nx
      yy += s * ny * ny
      zz += s * nz * nz
      xy += s * nx * ny
      xz += s * nx * nz
      yz += s * ny * nz
    }
    const t = (2 * slide - k) * over
    xx += t * tx * tx
    yy += t * ty * ty
    zz += t * tz * tz
    xy += t * tx * ty
    xz += t * tx * tz
    yz += t * ty * tz

    // Drag of what has no direction: a fly.
    const flyK = anywayK[i] as number
    if (flyK > 0) {
      const flySpeed = sqrt(ux * ux + uy * uy + uz * uz)
      if (flySpeed >= 1e-12) {
        const f = flyK * thick
        const fs = f * flySpeed
        fx += -f * flySpeed * ux
        fy += -f * flySpeed * uy
        fz += -f * flySpeed * uz
        const g = f / flySpeed
        xx = xx + fs + g * ux * ux
        yy = yy + fs + g * uy * uy
        zz = zz + fs + g * uz * uz
        xy += g * ux * uy
        xz += g * ux * uz
        yz += g * uy * uz
      }
    }

    // Pulled links turn their node back into line, as stiff as the pull is high. Their damping is taken in full, as it would be at the
    // step's end; where the node's own mass and drag are too little to bear it, it is given inertia until no way of shaking can grow:
    // 3 k for the shortest wave, by the roots of z² − (2 − 2r)z + (1 − r), r < 4/3.
    let turnK = 0
    const foreN = i > 0 ? (pullN[a] as number) : 0
    if (foreN !== 0) {
      turnK = (foreN / (lengthM[a] as number)) * dtS
      const dx = (vx[a] as number) - vxi
      const dy = (vy[a] as number) - vyi
      const dz = (vz[a] as number) - vzi
      const part = dx * exa + dy * eya + dz * eza
      fx += turnK * (dx - part * exa)
      fy += turnK * (dy - part * eya)
      fz += turnK * (dz - part * eza)
    }
    const aftN = pullN[i] as number
    if (aftN !== 0) {
      const aftK = (aftN / (lengthM[i] as number)) * dtS
      const dx = (vx[i + 1] as number) - vxi
      const dy = (vy[i + 1] as number) - vyi
      const dz = (vz[i + 1] as number) - vzi
      const part = dx * exi + dy * eyi + dz * ezi
      fx += aftK * (dx - part * exi)
      fy += aftK * (dy - part * eyi)
      fz += aftK * (dz - part * ezi)
      turnK += aftK
    }
    const lacking = STEADYING * turnK - least
    if (lacking > 0) {
      xx = xx + lacking - lacking * exi * exi
      yy = yy + lacking - lacking * eyi * eyi
      zz = zz + lacking - lacking * ezi * ezi
      xy -= lacking * exi * eyi
      xz -= lacking * exi * ezi
      yz -= lacking * eyi * ezi
    }

    // The bed bears what sinks into it, in proportion to how far it is in, and grips it in proportion to that. Taken as it will be at the
    // step's end, so that it neither bounces nor depends on how finely the line is cut.
    const overBedM = height + depthM
    onBed[i] = overBedM < 0 ? 1 : 0
    if (overBedM < 0 || overBedM + vzi * dtS < 0) {
      const stiff = (mass * gravityMps2) / BED_GIVE_M
      fz += -stiff * (overBedM + vzi * dtS)
      zz += stiff * dtS
      if (overBedM < 0) {
        const grip = (friction * -stiff * overBedM) / (sqrt(vxi * vxi + vyi * vyi) + CREEP_MPS)
        fx += -grip * vxi
        fy += -grip * vyi
        xx += grip
        yy += grip
      }
    }

    // A mend moves line towards a velocity, but never harder than a rod can flick it.
    if (drive !== undefined) {
      const dx = drive.vx - vxi
      const dy = drive.vy - vyi
      const dz = drive.vz - vzi
      const off = sqrt(dx * dx + dy * dy + dz * dz)
      const hand = min(HAND_FIRMNESS, HAND_LIMIT_MPS2 / max(off, 1e-9)) * mass
      fx += hand * dx
      fy += hand * dy
      fz += hand * dz
      xx += hand
      yy += hand
      zz += hand
    }

    // The resistance turned into what a force gives: its inverse, by minors.
    const cxx = yy * zz - yz * yz
    const cxy = xz * yz - xy * zz
    const cxz = xy * yz - xz * yy
    const det = 1 / (xx * cxx + xy * cxy + xz * cxz)
    const ixx = cxx * det
    const ixy = cxy * det
    const ixz = cxz * det
    const iyy = (xx * zz - xz * xz) * det
    const iyz = (xy * xz - xx * yz) * det
    const izz = (xx * yy - xy * xy) * det
    freeX[i] = vxi + ixx * fx + ixy * fy + ixz * fz
    freeY[i] = vyi + ixy * fx + iyy * fy + iyz * fz
    freeZ[i] = vzi + ixz * fx + iyz * fy + izz * fz
    nearX[i] = ixx * exi + ixy * eyi + ixz * ezi
    nearY[i] = ixy * exi + iyy * eyi + iyz * ezi
    nearZ[i] = ixz * exi + iyz * eyi + izz * ezi
    if (i > 0) {
      farX[a] = ixx * exa + ixy * eya + ixz * eza
      farY[a] = ixy * exa + iyy * eya + iyz * eza
      farZ[a] = ixz * exa + iyz * eya + izz * eza
    }
  }
}
