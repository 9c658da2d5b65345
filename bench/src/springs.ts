import { Solver } from 'odex'
import type { Lumps } from './chainForces.ts'

/** Stiffness of the springs that stand for the links: a pull of 1 N stretches them by a two-hundredth [N]. */
const STIFFNESS_N = 200

/** The chain as stiff springs under a general integrator of differential equations (Gragg–Bulirsch–Stoer). */
export function springChain(
  lumps: Lumps,
  seconds: number,
  tolerance: number,
): { flyM: number[]; ms: number; steps: number } {
  const free = lumps.count - 1
  const place = new Float64Array(3 * lumps.count)
  place.set(lumps.startM)
  const speed = new Float64Array(3 * lumps.count)
  const out = [0, 0, 0]
  const derivative = (_t: number, y: number[]): number[] => {
    for (let k = 0; k < 3 * free; k++) {
      place[k] = y[k] ?? 0
      speed[k] = y[3 * free + k] ?? 0
    }
    const rate = new Array<number>(6 * free).fill(0)
    for (let i = 0; i < free; i++) {
      lumps.force(i, place, speed, out)
      const mass = lumps.massKg[i] ?? 1
      for (let k = 0; k < 3; k++) {
        rate[3 * i + k] = speed[3 * i + k] ?? 0
        rate[3 * free + 3 * i + k] = (out[k] ?? 0) / mass
      }
    }
    for (let i = 0; i < free; i++) {
      const d = [0, 1, 2].map((k) => (place[3 * i + 3 + k] ?? 0) - (place[3 * i + k] ?? 0)) as [
        number,
        number,
        number,
      ]
      const length = Math.hypot(...d)
      const own = lumps.lengthM[i] ?? 1
      if (length <= own) continue
      const pull = (STIFFNESS_N * (length - own)) / own / length
      for (let k = 0; k < 3; k++) {
        const f = pull * (d[k] ?? 0)
        const near = 3 * free + 3 * i + k
        rate[near] = (rate[near] ?? 0) + f / (lumps.massKg[i] ?? 1)
        if (i + 1 < free) rate[near + 3] = (rate[near + 3] ?? 0) - f / (lumps.massKg[i + 1] ?? 1)
      }
    }
    return rate
  }
  const solver = new Solver(6 * free)
  solver.absoluteTolerance = tolerance
  solver.relativeTolerance = tolerance
  solver.maxSteps = 50_000_000
  const start = performance.now()
  const y0 = [...lumps.startM.slice(0, 3 * free), ...new Array<number>(3 * free).fill(0)]
  const { y, nStep } = solver.solve(derivative, 0, y0, seconds)
  return { flyM: y.slice(0, 3), ms: performance.now() - start, steps: nStep }
}
