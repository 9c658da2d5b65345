import { isFloating, type WaterFly, type WaterModel, type WaterPart } from '../sink/index.ts'
import { Node } from './node.ts'

/** A stretch of line that does not lengthen, between a node nearer the fly and the next nearer the rod. */
export class Link {
  /** Pull [N]; never negative: a line cannot push. */
  pullN = 0
  /** Before the step, should it have to be taken again. */
  wasN = 0
  // Direction from `near` to `far` as the step begins.
  ex = 0
  ey = 0
  ez = 0
  // Velocity that a unit of pull gives its near node, and takes from its far one.
  nearX = 0
  nearY = 0
  nearZ = 0
  farX = 0
  farY = 0
  farZ = 0
  /** Speed at which its ends may part over the step [m/s]. */
  give = 0
  // Its row of the tridiagonal system, left out while it is slack.
  taut = false
  on = 1
  above = 0
  right = 0

  constructor(
    readonly near: Node,
    readonly far: Node,
    public lengthM: number,
    readonly part: WaterPart,
  ) {}
}

/** The line as lumps and links, fly first, rod tip last. */
export interface Chain {
  readonly nodes: Node[]
  readonly links: Link[]
  readonly fly: Node
}

/** A sinking part bends more than a floating one, so it is cut finer. */
const SINKING_WEIGHT = 2

/** How many links each part gets, at least one, in proportion to length. */
function shareLinks(parts: readonly WaterPart[], links: number, model: WaterModel): readonly number[] {
  const weights = parts.map((p) => p.lengthM * (isFloating(p, model) ? 1 : SINKING_WEIGHT))
  const total = weights.reduce((sum, w) => sum + w, 0)
  const wanted = weights.map((w) => (w / total) * links)
  const counts = wanted.map((w) => Math.max(1, Math.floor(w)))
  let left = links - counts.reduce((sum, n) => sum + n, 0)
  const byRest = wanted.map((w, i) => ({ i, rest: w - Math.floor(w) })).sort((a, b) => b.rest - a.rest)
  for (const { i } of byRest) {
    if (left <= 0) break
    counts[i] = (counts[i] ?? 0) + 1
    left--
  }
  return counts
}

/** Gives a node half of what a link of this length carries. */
export function lend(node: Node, part: WaterPart, lengthM: number, model: WaterModel): void {
  const half = lengthM / 2
  const volume = (Math.PI * part.diameterM ** 2 * half) / 4
  const massKg = part.kgPerM * half
  // A part kept afloat displaces a tenth more than it weighs, at least.
  const displaced = Math.max(volume * model.waterKgPerM3, part.floats === true ? 1.1 * massKg : 0)
  node.massKg += massKg
  node.displacedKg += displaced
  node.acrossK += 0.5 * model.waterKgPerM3 * model.normalDrag * part.diameterM * half
  node.alongK += 0.5 * model.waterKgPerM3 * model.tangentialDrag * Math.PI * part.diameterM * half
  node.floats = node.floats && isFloating(part, model)
}

/** Least mass of a fly, so that its lump has some inertia [kg]. */
const LEAST_FLY_KG = 5e-5

function hangFly(node: Node, fly: WaterFly, model: WaterModel): void {
  const weightKg = fly.submergedWeightN / model.gravityMps2
  const massKg = Math.max(fly.massKg ?? 1.5 * weightKg, LEAST_FLY_KG, weightKg)
  node.massKg += massKg
  node.displacedKg += massKg - weightKg
  node.anywayK += 0.5 * model.waterKgPerM3 * fly.dragAreaM2
}

/**
 * Cuts a line into about `count` nodes, joints on nodes. All nodes start at the origin, at rest.
 * @param parts rod tip first, fly last
 */
export function buildChain(
  parts: readonly WaterPart[],
  fly: WaterFly,
  count: number,
  model: WaterModel,
): Chain {
  const fromFly = [...parts].reverse()
  const counts = shareLinks(fromFly, Math.max(count - 1, parts.length), model)
  const first = new Node()
  const nodes = [first]
  const links: Link[] = []
  let near = first
  fromFly.forEach((part, i) => {
    const cuts = counts[i] ?? 1
    for (let k = 0; k < cuts; k++) {
      const far = new Node()
      const lengthM = part.lengthM / cuts
      lend(near, part, lengthM, model)
      lend(far, part, lengthM, model)
      links.push(new Link(near, far, lengthM, part))
      nodes.push(far)
      near = far
    }
  })
  hangFly(first, fly, model)
  return { nodes, links, fly: first }
}
