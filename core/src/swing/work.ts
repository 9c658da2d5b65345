import type { Chain } from './chain.ts'

const lists = (room: number) => ({
  // Of nodes. Velocity at the step's end but for the line's pull.
  freeX: new Float64Array(room),
  freeY: new Float64Array(room),
  freeZ: new Float64Array(room),
  // What the step makes of place and velocity, should it be taken.
  x: new Float64Array(room),
  y: new Float64Array(room),
  z: new Float64Array(room),
  vx: new Float64Array(room),
  vy: new Float64Array(room),
  vz: new Float64Array(room),
  onBed: new Uint8Array(room),

  // Of links. Speed at which its ends may part over the step [m/s].
  give: new Float64Array(room),
  // Velocity that a unit of pull gives its near node, and takes from its far one.
  nearX: new Float64Array(room),
  nearY: new Float64Array(room),
  nearZ: new Float64Array(room),
  farX: new Float64Array(room),
  farY: new Float64Array(room),
  farZ: new Float64Array(room),
  // Its row of the tridiagonal system: own, coupling to the link before, and speed at which its ends would part over what they may.
  own: new Float64Array(room),
  beside: new Float64Array(room),
  apart: new Float64Array(room),
  // The same eliminated; left out while it is slack.
  on: new Float64Array(room),
  right: new Float64Array(room),
  pullN: new Float64Array(room),

  /** Speed of the fastest node after the step [m/s]. */
  fastestMps: 0,
  /** Most that a node's velocity has changed in the step taken last, or in the last part of one taken in parts [m/s]. */
  changedMps: 0,
})
export type Workspace = ReturnType<typeof lists>

/** The memory of a step, kept from one to the next: a list for each quantity of each node or link. */
export const workspace = ({ x }: Chain): Workspace => lists(x.length)
