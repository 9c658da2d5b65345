import { WATER_MODEL, type WaterFly, type WaterPart } from '@hoxen/core/sink'
import type { Run } from '@hoxen/core/water'
import { depthAt, profileShare, surfaceCurrentAt } from '@hoxen/core/water'
import { buildChain } from '../../core/src/swing/chain.ts'
import { layLine } from '../../core/src/swing/lay.ts'

/** The line cut as the swing cuts it, for engines that know nothing of lines: lumps, lengths and where they start. */
export interface Lumps {
  readonly count: number
  readonly massKg: readonly number[]
  readonly lengthM: readonly number[]
  /** x y z of each lump, fly first, rod tip last. */
  readonly startM: readonly number[]
  /** Force on a lump that moves so, its neighbours lying so [N]; written into `out` as x y z. */
  readonly force: (i: number, place: ArrayLike<number>, speed: ArrayLike<number>, out: number[]) => void
}

/** The ripple of the surface, as the swing has it [m]. */
const RIPPLE_M = 0.01
const AIR_SHARE = 1.2e-3

/** The same weight, buoyancy and drag as the swing's, written anew from the handbook's formulas; no bed. */
export function lumpsOf(
  run: Run,
  parts: readonly WaterPart[],
  fly: WaterFly,
  nodes: number,
  tip: { readonly heightM: number; readonly xM: number; readonly yM: number },
  angleRad: number,
  slack: number,
): Lumps {
  const chain = buildChain(parts, fly, nodes, WATER_MODEL)
  layLine(chain, tip, angleRad, slack)
  const depths = Array.from({ length: 2000 }, (_, i) => depthAt(run, i * 0.05))
  const currents = Array.from({ length: 2000 }, (_, i) => surfaceCurrentAt(run, i * 0.05))
  const force = (i: number, p: ArrayLike<number>, v: ArrayLike<number>, out: number[]): void => {
    const at = (j: number, k: number): number => p[3 * j + k] ?? 0
    const z = at(i, 2)
    const cell = Math.max(0, Math.min(1999, Math.round(at(i, 1) / 0.05)))
    const depth = depths[cell] ?? 0
    const wet = Math.max(0, Math.min(1, 0.5 - z / (2 * RIPPLE_M)))
    const thick = wet + (1 - wet) * AIR_SHARE
    const current = wet > 0 ? (currents[cell] ?? 0) * profileShare(z + depth, depth) : 0
    const u = [(v[3 * i] ?? 0) - current, v[3 * i + 1] ?? 0, v[3 * i + 2] ?? 0] as const
    const fore = Math.max(0, i - 1)
    const aft = Math.min(chain.count - 1, i + 1)
    const t = [0, 1, 2].map((k) => at(aft, k) - at(fore, k)) as [number, number, number]
    const size = Math.hypot(...t) || 1
    const along = (u[0] * t[0] + u[1] * t[1] + u[2] * t[2]) / size
    const n = u.map((c, k) => c - (along * (t[k] ?? 0)) / size) as [number, number, number]
    const across = (chain.acrossK[i] ?? 0) * thick * Math.hypot(...n)
    const slide = (chain.alongK[i] ?? 0) * thick * Math.abs(along)
    const any = (chain.anywayK[i] ?? 0) * thick * Math.hypot(...u)
    for (let k = 0; k < 3; k++)
      out[k] = -across * (n[k] ?? 0) - (slide * along * (t[k] ?? 0)) / size - any * (u[k] ?? 0)
    out[2] =
      (out[2] ?? 0) + ((chain.displacedKg[i] ?? 0) * wet - (chain.massKg[i] ?? 0)) * WATER_MODEL.gravityMps2
  }
  return {
    count: chain.count,
    massKg: [...chain.massKg.subarray(0, chain.count)],
    lengthM: [...chain.lengthM.subarray(0, chain.count - 1)],
    startM: Array.from({ length: chain.count }, (_, i) => [
      chain.x[i] ?? 0,
      chain.y[i] ?? 0,
      chain.z[i] ?? 0,
    ]).flat(),
    force,
  }
}
