import type { WaterModel } from '../sink/index.ts'
import type { Link } from './chain.ts'
import type { Node } from './node.ts'
import type { Stream } from './stream.ts'

// Taken once: asked for millions of times a second.
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
/** Firmness of the bed against everything else that acts on a node in a step. */
const BED_FIRMNESS = 200
/** Inertia a node needs for each unit of its links' stiffness; 1.5 is just stable. */
const STEADYING = 2.2
/** How firmly a mend moves line, for each of its mass: it has its speed within a few hundredths of a second [1/s]. [estimate] */
const HAND_FIRMNESS = 100
/** … and a rod flicks line no harder than this [m/s²]. [estimate] */
const HAND_LIMIT_MPS2 = 30

/** A velocity that something is led or driven at [m/s]. */
export interface Drive {
  readonly vx: number
  readonly vy: number
  readonly vz: number
}

/** Share of a node that is under water. */
const wetShare = (z: number): number => (z <= -RIPPLE_M ? 1 : z >= RIPPLE_M ? 0 : 0.5 - z / (2 * RIPPLE_M))

/** Drag of what has no direction: the fly. */
function flyDrag(node: Node, thick: number, ux: number, uy: number, uz: number): void {
  const speed = sqrt(ux * ux + uy * uy + uz * uz)
  const k = node.anywayK * thick
  if (k === 0 || speed < 1e-12) return
  node.push(-k * speed * ux, -k * speed * uy, -k * speed * uz)
  node.resist(k * speed)
  node.resistAlong(k / speed, ux, uy, uz)
}

/** Drag of the line here, across and along its direction t (of any length), at velocity u against the water. */
function lineDrag(
  node: Node,
  thick: number,
  ux: number,
  uy: number,
  uz: number,
  fore: Link | undefined,
  aft: Link | undefined,
): void {
  const a = fore ?? aft
  const b = aft ?? fore
  if (a === undefined || b === undefined) return
  const tx = a.ex + b.ex
  const ty = a.ey + b.ey
  const tz = a.ez + b.ez
  const size2 = tx * tx + ty * ty + tz * tz
  // A line doubled back on itself has no direction.
  const over = size2 > 1e-9 ? 1 / size2 : 0
  const along = (ux * tx + uy * ty + uz * tz) * over
  const nx = ux - along * tx
  const ny = uy - along * ty
  const nz = uz - along * tz
  const across = node.acrossK * thick
  const speed = sqrt(nx * nx + ny * ny + nz * nz)
  const k = across * speed
  // Drag grows as speed², so its slope is twice as steep along the flow as across it: Newton's step, not a frozen speed.
  const slide = node.alongK * thick * abs(along) * sqrt(size2)
  node.push(-k * nx - slide * along * tx, -k * ny - slide * along * ty, -k * nz - slide * along * tz)
  node.resist(k)
  node.leastResistance += k
  if (speed > 1e-12) node.resistAlong(across / speed, nx, ny, nz)
  node.resistAlong((2 * slide - k) * over, tx, ty, tz)
}

/** Damping of a pulled link's turn. @returns its stiffness over the step [kg/s] */
function straighten(node: Node, link: Link | undefined, dtS: number): number {
  if (link === undefined || link.pullN === 0) return 0
  const k = (link.pullN / link.lengthM) * dtS
  const other = link.near === node ? link.far : link.near
  const { ex, ey, ez } = link
  const dx = other.vx - node.vx
  const dy = other.vy - node.vy
  const dz = other.vz - node.vz
  const along = dx * ex + dy * ey + dz * ez
  node.push(k * (dx - along * ex), k * (dy - along * ey), k * (dz - along * ez))
  return k
}

/**
 * Pulled links turn their node back into line, as stiff as the pull is high. Their damping is taken in full, as it would be
 * at the step's end; where the node's own mass and drag are too little to bear it, it is given inertia until no way of
 * shaking can grow: 3 k for the shortest wave, by the roots of z² − (2 − 2r)z + (1 − r), r < 4/3.
 */
function stiffen(node: Node, fore: Link | undefined, aft: Link | undefined, dtS: number): void {
  const k = straighten(node, fore, dtS) + straighten(node, aft, dtS)
  const lacking = STEADYING * k - node.leastResistance
  if (lacking <= 0) return
  const link = aft ?? fore
  if (link === undefined) return
  node.resist(lacking)
  node.resistAlong(-lacking, link.ex, link.ey, link.ez)
}

/** The bed pushes what has sunk into it back to its surface, and grips it in proportion. */
function bedPush(node: Node, overBedM: number, friction: number, dtS: number): void {
  if (!node.onBed && overBedM + node.vz * dtS >= 0) return
  node.onBed = true
  const firm = BED_FIRMNESS * node.resistanceUp
  node.bedFirmness = firm
  node.push(0, 0, -firm * (overBedM / dtS + node.vz))
  node.resistAlong(firm, 0, 0, 1)
  const grip = (friction * node.bedN) / (sqrt(node.vx * node.vx + node.vy * node.vy) + CREEP_MPS)
  node.push(-grip * node.vx, -grip * node.vy, 0)
  node.resistAlong(grip, 1, 0, 0)
  node.resistAlong(grip, 0, 1, 0)
}

/** Moves line as a mend does: towards a velocity, but never harder than a rod can flick it. */
function mendPush(node: Node, { vx, vy, vz }: Drive): void {
  const dx = vx - node.vx
  const dy = vy - node.vy
  const dz = vz - node.vz
  const off = sqrt(dx * dx + dy * dy + dz * dz)
  const hand = min(HAND_FIRMNESS, HAND_LIMIT_MPS2 / max(off, 1e-9)) * node.massKg
  node.push(hand * dx, hand * dy, hand * dz)
  node.resist(hand)
}

/**
 * Gives a node all its load but the line's pull, drag, buoyancy and bed taken as they will be at the step's end:
 * (m/Δt + J)(v′ − v) = F, solved at once.
 * @param fore link towards the fly @param aft link towards the rod
 */
export function loadNode(
  node: Node,
  fore: Link | undefined,
  aft: Link | undefined,
  stream: Stream,
  model: WaterModel,
  dtS: number,
  drive?: Drive,
): void {
  stream.look(node.y)
  // Line that is being mended is lifted out of the water and borne by the rod.
  const lifted = drive !== undefined
  const wet = stream.depthM > 0 && !lifted ? wetShare(node.z) : 0
  const thick = wet + (1 - wet) * AIR_SHARE
  const ux = wet > 0 ? node.vx - stream.currentAt(node.z) : node.vx
  node.begin(node.massKg / dtS)
  if (!lifted) node.push(0, 0, (node.displacedKg * wet - node.massKg) * model.gravityMps2)
  lineDrag(node, thick, ux, node.vy, node.vz, fore, aft)
  flyDrag(node, thick, ux, node.vy, node.vz)
  if (wet > 0 && wet < 1) {
    const stiff = ((node.displacedKg * model.gravityMps2) / (2 * RIPPLE_M)) * dtS
    node.push(0, 0, -stiff * node.vz)
    node.resistAlong(stiff, 0, 0, 1)
  }
  stiffen(node, fore, aft, dtS)
  bedPush(node, node.z + stream.depthM, stream.friction, dtS)
  if (drive !== undefined) mendPush(node, drive)
  node.settle()
}
