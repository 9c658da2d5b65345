/** A lump of line: what half a link either side weighs, displaces and catches of the water. */
export class Node {
  x = 0
  y = 0
  z = 0
  /** Velocity [m/s]. */
  vx = 0
  vy = 0
  vz = 0
  massKg = 0
  /** Water it displaces when under [kg]. */
  displacedKg = 0
  /** ½ρ Cn Σ d l/2: force across the line ÷ speed² [N s²/m²]. */
  acrossK = 0
  /** ½ρ Ct π Σ d l/2: the same along the line. */
  alongK = 0
  /** ½ρ × drag area of what hangs here without a direction: the fly. */
  anywayK = 0
  /** Whether it belongs to floating line, which a mend can move. */
  floats = true
  onBed = false
  /** Push of the bed in the step before [N]. */
  bedN = 0
  /** Push of the bed per speed into it [kg/s], in this step. */
  bedFirmness = 0

  // Force of a step [N], and the symmetric matrix of inertia ÷ step and drag that resists a change of velocity [kg/s].
  fx = 0
  fy = 0
  fz = 0
  /** The least resistance across the line. */
  leastResistance = 0
  private xx = 0
  private yy = 0
  private zz = 0
  private xy = 0
  private xz = 0
  private yz = 0
  // Its inverse, and the velocity at the step's end but for the line's pull.
  private ixx = 0
  private iyy = 0
  private izz = 0
  private ixy = 0
  private ixz = 0
  private iyz = 0
  freeX = 0
  freeY = 0
  freeZ = 0

  // Where it was before the step, should the step have to be taken again.
  private wasX = 0
  private wasY = 0
  private wasZ = 0
  private wasVx = 0
  private wasVy = 0
  private wasVz = 0
  private wasOnBed = false
  private wasBedN = 0

  remember(): void {
    this.wasX = this.x
    this.wasY = this.y
    this.wasZ = this.z
    this.wasVx = this.vx
    this.wasVy = this.vy
    this.wasVz = this.vz
    this.wasOnBed = this.onBed
    this.wasBedN = this.bedN
  }

  goBack(): void {
    this.x = this.wasX
    this.y = this.wasY
    this.z = this.wasZ
    this.vx = this.wasVx
    this.vy = this.wasVy
    this.vz = this.wasVz
    this.onBed = this.wasOnBed
    this.bedN = this.wasBedN
  }

  /** Begins a step: no force, and the same resistance in every direction. */
  begin(resistance: number): void {
    this.fx = this.fy = this.fz = 0
    this.xx = this.yy = this.zz = this.leastResistance = resistance
    this.xy = this.xz = this.yz = 0
  }

  push(x: number, y: number, z: number): void {
    this.fx += x
    this.fy += y
    this.fz += z
  }

  resist(k: number): void {
    this.xx += k
    this.yy += k
    this.zz += k
  }

  /** Resistance k along a direction that need not have unit length. */
  resistAlong(k: number, x: number, y: number, z: number): void {
    this.xx += k * x * x
    this.yy += k * y * y
    this.zz += k * z * z
    this.xy += k * x * y
    this.xz += k * x * z
    this.yz += k * y * z
  }

  /** How firmly it resists being moved up or down. */
  get resistanceUp(): number {
    return this.zz
  }

  /** Solves for the velocity at the step's end but for the line's pull. */
  settle(): void {
    const { xx, yy, zz, xy, xz, yz } = this
    const cxx = yy * zz - yz * yz
    const cxy = xz * yz - xy * zz
    const cxz = xy * yz - xz * yy
    const over = 1 / (xx * cxx + xy * cxy + xz * cxz)
    this.ixx = cxx * over
    this.ixy = cxy * over
    this.ixz = cxz * over
    this.iyy = (xx * zz - xz * xz) * over
    this.iyz = (xy * xz - xx * yz) * over
    this.izz = (xx * yy - xy * xy) * over
    const { fx, fy, fz } = this
    this.freeX = this.vx + this.yieldX(fx, fy, fz)
    this.freeY = this.vy + this.yieldY(fx, fy, fz)
    this.freeZ = this.vz + this.yieldZ(fx, fy, fz)
  }

  /** A node that is led: it goes at this velocity whatever pulls. */
  lead(vx: number, vy: number, vz: number): void {
    this.ixx = this.iyy = this.izz = this.ixy = this.ixz = this.iyz = 0
    this.freeX = vx
    this.freeY = vy
    this.freeZ = vz
  }

  // Velocity gained from a force.
  yieldX(x: number, y: number, z: number): number {
    return this.ixx * x + this.ixy * y + this.ixz * z
  }
  yieldY(x: number, y: number, z: number): number {
    return this.ixy * x + this.iyy * y + this.iyz * z
  }
  yieldZ(x: number, y: number, z: number): number {
    return this.ixz * x + this.iyz * y + this.izz * z
  }
}
