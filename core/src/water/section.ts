import type { Run, Sounding, SurfaceCurrent } from './run.ts'

/** Exponent of the velocity profile over depth. Prandtl's 1/7 power law for smooth turbulent flow. [physics] */
export const PROFILE_EXPONENT = 1 / 7
/** Mean over depth of (z/D)^(1/7): mean velocity ÷ surface velocity. [physics] */
export const MEAN_OF_SURFACE = 1 / (1 + PROFILE_EXPONENT)

type Point = readonly [fromBankM: number, value: number]

/** Straight lines between points; beyond the first and last the end value. */
function between(points: readonly Point[], at: number): number {
  let [before] = points
  if (before === undefined) return 0
  for (const point of points) {
    if (at <= point[0]) {
      const span = point[0] - before[0]
      return span <= 0 ? point[1] : before[1] + ((point[1] - before[1]) * (at - before[0])) / span
    }
    before = point
  }
  return before[1]
}

/** The bed with both banks: an unsounded bank is where the bed meets the surface. */
export function bedPoints({ soundings, widthM }: Pick<Run, 'soundings' | 'widthM'>): readonly Sounding[] {
  const first = soundings[0]
  const last = soundings.at(-1)
  const near = first === undefined || first.fromBankM > 0 ? [{ fromBankM: 0, depthM: 0 }] : []
  const far = last === undefined || last.fromBankM < widthM ? [{ fromBankM: widthM, depthM: 0 }] : []
  return [...near, ...soundings, ...far]
}

/** Of what never changes: worked out once for each. */
function once<K extends object, V>(of: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, V>()
  return (key) => {
    const before = known.get(key)
    if (before !== undefined) return before
    const made = of(key)
    known.set(key, made)
    return made
  }
}

const depthsOf = once((run: Pick<Run, 'soundings' | 'widthM'>): readonly Point[] =>
  bedPoints(run).map((s) => [s.fromBankM, s.depthM]),
)
const speedsOf = once((currents: readonly SurfaceCurrent[]): readonly Point[] =>
  currents.map((c) => [c.fromBankM, c.mps]),
)

/** Depth of the water [m] this far from the angler's bank; 0 on dry land. */
export function depthAt(run: Pick<Run, 'soundings' | 'widthM'>, fromBankM: number): number {
  return fromBankM < 0 || fromBankM > run.widthM ? 0 : between(depthsOf(run), fromBankM)
}

/** Current at the surface [m/s] this far from the angler's bank; 0 where there is no water. */
export function surfaceCurrentAt(
  run: Pick<Run, 'soundings' | 'currents' | 'widthM'>,
  fromBankM: number,
): number {
  return depthAt(run, fromBankM) <= 0 ? 0 : between(speedsOf(run.currents), fromBankM)
}

/**
 * Share of the surface current at a height over the bed, by the 1/7 power law. [physics]
 * @param overBedM height over the bed [m]; 0 and below stands still @param depthM [m], above the surface as at it
 */
export function profileShare(overBedM: number, depthM: number): number {
  if (overBedM <= 0 || depthM <= 0) return 0
  return overBedM >= depthM ? 1 : (overBedM / depthM) ** PROFILE_EXPONENT
}

/** Current downstream [m/s] at a place: y from the angler's bank [m], z up from the surface [m]. @internal asked for by tests alone */
export function currentAt(run: Run, yM: number, zM: number): number {
  const depthM = depthAt(run, yM)
  return surfaceCurrentAt(run, yM) * profileShare(zM + depthM, depthM)
}

/** Strips the section is summed over; fine enough that the sum is right to a thousandth. */
const STRIPS = 400

/** Flow through the section [m³/s]: depth × mean velocity, summed across (the velocity–area method, ISO 748). */
export function sectionFlowM3ps(run: Run): number {
  const strip = run.widthM / STRIPS
  let flow = 0
  for (let i = 0; i < STRIPS; i++) {
    const y = (i + 0.5) * strip
    flow += depthAt(run, y) * surfaceCurrentAt(run, y) * MEAN_OF_SURFACE * strip
  }
  return flow
}

/** Places the water between the angler and three quarters of the way across is looked at. */
const FISHED_PLACES = 20
const FISHED_SHARE = 0.75

/** Depth [m] and surface current [m/s] of the water a swing goes through, on the whole: the mean from the wading line outward. [estimate] */
export function fishedWater(run: Run): { readonly depthM: number; readonly currentMps: number } {
  const farM = Math.max(run.widthM * FISHED_SHARE, run.wadeM)
  let depthM = 0
  let currentMps = 0
  for (let i = 0; i < FISHED_PLACES; i++) {
    const y = run.wadeM + ((farM - run.wadeM) * (i + 0.5)) / FISHED_PLACES
    depthM += depthAt(run, y) / FISHED_PLACES
    currentMps += surfaceCurrentAt(run, y) / FISHED_PLACES
  }
  return { depthM, currentMps }
}
