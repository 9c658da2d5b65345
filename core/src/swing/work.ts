import type { Chain } from './chain.ts'

const lists = (room: number, state: readonly Float64Array[]) => ({
  // Of nodes. Water over the bed [m], and the velocity against the water [m/s].
  depthM: new Float64Array(room),
  ux: new Float64Array(room),
  uy: new Float64Array(room),
  uz: new Float64Array(room),
  /** Share of full drag: 1 under water, that of air above it. */
  thick: new Float64Array(room),
  // Force [N], and the symmetric matrix of inertia ÷ step and drag that resists a change of velocity [kg/s].
  fx: new Float64Array(room),
  fy: new Float64Array(room),
  fz: new Float64Array(room),
  xx: new Float64Array(room),
  yy: new Float64Array(room),
  zz: new Float64Array(room),
  xy: new Float64Array(room),
  xz: new Float64Array(room),
  yz: new Float64Array(room),
  /** The least resistance across the line [kg/s]. */
  least: new Float64Array(room),
  // Velocity at the step's end but for the line's pull.
  freeX: new Float64Array(room),
  freeY: new Float64Array(room),
  freeZ: new Float64Array(room),

  // Of links. Speed at which its ends may part over the step [m/s].
  give: new Float64Array(room),
  // Velocity that a unit of pull gives its near node, and takes from its far one.
  nearX: new Float64Array(room),
  nearY: new Float64Array(room),
  nearZ: new Float64Array(room),
  farX: new Float64Array(room),
  farY: new Float64Array(room),
  farZ: new Float64Array(room),
  // Its row of the tridiagonal system, left out while it is slack.
  on: new Float64Array(room),
  above: new Float64Array(room),
  right: new Float64Array(room),

  // What a step changes of the chain: place, velocity and pull; and what it was before, should it have to be taken again.
  state,
  was: state.map(() => new Float64Array(room)),
  wasOnBed: new Uint8Array(room),
})
export type Workspace = ReturnType<typeof lists>

/** The memory of a step, kept from one to the next: a list for each quantity of each node or link. */
export const workspace = ({ x, y, z, vx, vy, vz, pullN }: Chain): Workspace =>
  lists(x.length, [x, y, z, vx, vy, vz, pullN])
