import { displacedKgPerM, isFloating, type WaterFly, type WaterModel, type WaterPart } from '../sink/index.ts'

/** Room for line that is let out while it swings [nodes]. */
const ROOM = 96

const emptyChain = (room: number) => ({
  /** Nodes in use; links are one fewer, number i from node i to node i + 1. */
  count: 0,
  // Of nodes: where, and how fast [m], [m/s].
  x: new Float64Array(room),
  y: new Float64Array(room),
  z: new Float64Array(room),
  vx: new Float64Array(room),
  vy: new Float64Array(room),
  vz: new Float64Array(room),
  massKg: new Float64Array(room),
  /** Water a node displaces when under [kg]. */
  displacedKg: new Float64Array(room),
  /** ½ρ Cn Σ d l/2: force across the line ÷ speed² [N s²/m²]. */
  acrossK: new Float64Array(room),
  /** ½ρ Ct π Σ d l/2: the same along the line. */
  alongK: new Float64Array(room),
  /** ½ρ × drag area of what hangs here without a direction: a fly. */
  anywayK: new Float64Array(room),
  /** 1 for floating line, which a mend can move. */
  floats: new Uint8Array(room).fill(1),
  onBed: new Uint8Array(room),

  // Of links.
  lengthM: new Float64Array(room),
  /** Pull [N]; never negative: a line cannot push. */
  pullN: new Float64Array(room),
  taut: new Uint8Array(room),
  // Direction towards the rod as the step begins.
  ex: new Float64Array(room),
  ey: new Float64Array(room),
  ez: new Float64Array(room),
  /** Parts of each link. */
  parts: [] as WaterPart[],
})

/**
 * The line as lumps and links, fly first, rod tip last. A lump is what half a link either side weighs, displaces and catches
 * of the water; a link is a stretch that does not lengthen. One list for each quantity: they are asked for millions of
 * times a second.
 */
export type Chain = ReturnType<typeof emptyChain>

/** A sinking part bends more than a floating one, so it is cut finer. */
const SINKING_WEIGHT = 2

/** Finer than this no line is cut, however many nodes are asked for [m]. */
const LEAST_LINK_M = 0.1
/** A part shorter than this share of the mean link, or than this, is one with its neighbour: so light a lump no step is short enough for. */
const SLIVER = { share: 0.1, leastM: 0.05 } as const

/** Two parts as one that weighs, displaces and catches as much, and floats as the longer does. */
function joined(near: WaterPart, far: WaterPart): WaterPart {
  const lengthM = near.lengthM + far.lengthM
  const mean = (of: (part: WaterPart) => number): number =>
    (of(near) * near.lengthM + of(far) * far.lengthM) / lengthM
  const { hangs: _one, ...longer } = near.lengthM > far.lengthM ? near : far
  const hangs = near.hangs ?? far.hangs
  return {
    ...longer,
    lengthM,
    kgPerM: mean((part) => part.kgPerM),
    diameterM: mean((part) => part.diameterM),
    ...(hangs === undefined ? {} : { hangs }),
  }
}

/** Parts, fly first, without slivers. @param linkM mean length of the links they are to be cut into [m] */
function withoutSlivers(fromFly: readonly WaterPart[], linkM: number): readonly WaterPart[] {
  const leastM = Math.max(SLIVER.share * linkM, SLIVER.leastM)
  const out: WaterPart[] = []
  for (const part of fromFly) {
    const before = out.at(-1)
    if (before !== undefined && Math.min(before.lengthM, part.lengthM) < leastM)
      out.splice(-1, 1, joined(before, part))
    else out.push(part)
  }
  return out
}

/** Links of each part, at least one, in proportion to length. */
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

const add = (list: Float64Array, i: number, by: number): void => {
  list[i] = (list[i] as number) + by
}

/** Gives a node half of what a link of this length carries. */
export function lend(chain: Chain, node: number, part: WaterPart, lengthM: number, model: WaterModel): void {
  const half = lengthM / 2
  const dragK = 0.5 * model.waterKgPerM3 * part.diameterM * half
  add(chain.massKg, node, part.kgPerM * half)
  add(chain.displacedKg, node, displacedKgPerM(part, model) * half)
  add(chain.acrossK, node, dragK * model.normalDrag)
  add(chain.alongK, node, dragK * model.tangentialDrag * Math.PI)
  if (!isFloating(part, model)) chain.floats[node] = 0
}

/** Least mass of a fly, so that its lump has some inertia [kg]. */
const LEAST_FLY_KG = 5e-5

function hangFly(chain: Chain, node: number, fly: WaterFly, model: WaterModel): void {
  const weightKg = fly.submergedWeightN / model.gravityMps2
  const massKg = Math.max(fly.massKg ?? 1.5 * weightKg, LEAST_FLY_KG, weightKg)
  add(chain.massKg, node, massKg)
  add(chain.displacedKg, node, massKg - weightKg)
  add(chain.anywayK, node, 0.5 * model.waterKgPerM3 * fly.dragAreaM2)
}

/**
 * Cuts a line into about `count` nodes, fewer where it is short, joints on nodes. All nodes start at the origin, at rest.
 * @param parts rod tip first, fly last; a part's own fly hangs at its end towards the fly
 */
export function buildChain(
  parts: readonly WaterPart[],
  fly: WaterFly,
  count: number,
  model: WaterModel,
): Chain {
  const lineM = parts.reduce((sum, { lengthM }) => sum + lengthM, 0)
  const cut = Math.max(1, Math.min(count - 1, Math.floor(lineM / LEAST_LINK_M)))
  const fromFly = withoutSlivers(parts.toReversed(), lineM / cut)
  const counts = shareLinks(fromFly, Math.max(cut, fromFly.length), model)
  const links = counts.reduce((sum, n) => sum + n, 0)
  const chain = emptyChain(links + 1 + ROOM)
  let near = 0
  fromFly.forEach((part, i) => {
    if (part.hangs !== undefined) hangFly(chain, near, part.hangs, model)
    const cuts = counts[i] ?? 1
    for (let k = 0; k < cuts; k++, near++) {
      const lengthM = part.lengthM / cuts
      lend(chain, near, part, lengthM, model)
      lend(chain, near + 1, part, lengthM, model)
      chain.lengthM[near] = lengthM
      chain.parts.push(part)
    }
  })
  chain.count = links + 1
  hangFly(chain, 0, fly, model)
  return chain
}

/** Length of all links [m]. */
export function lengthOfChain({ count, lengthM }: Chain): number {
  let sum = 0
  for (let i = 0; i < count - 1; i++) sum += lengthM[i] as number
  return sum
}

/** Lets line out at the rod; when the last link has grown to twice its cut it becomes two. @param cutM [m] */
export function letOut(chain: Chain, byM: number, cutM: number, model: WaterModel): void {
  const tip = chain.count - 1
  const last = tip - 1
  const part = chain.parts[last]
  if (part === undefined || byM <= 0) return
  add(chain.lengthM, last, byM)
  lend(chain, last, part, byM, model)
  const whole = chain.lengthM[last] as number
  if (whole < 2 * cutM || tip + 1 >= chain.x.length) return
  const restM = whole - cutM
  const share = cutM / whole
  for (const list of [chain.x, chain.y, chain.z]) {
    const [near = 0, far = 0] = [list[last], list[tip]]
    list[tip + 1] = far
    list[tip] = near + (far - near) * share
  }
  for (const list of [chain.vx, chain.vy, chain.vz]) {
    list[tip + 1] = list[tip] as number
    list[tip] = 0
  }
  for (const list of [chain.massKg, chain.displacedKg, chain.acrossK, chain.alongK]) {
    list[tip + 1] = list[tip] as number
    list[tip] = 0
  }
  chain.floats[tip] = 1
  chain.parts.push(part)
  lend(chain, last, part, -restM, model)
  lend(chain, tip, part, whole, model)
  chain.lengthM[last] = cutM
  chain.lengthM[tip] = restM
  chain.pullN[tip] = chain.pullN[last] as number
  chain.taut[tip] = chain.taut[last] as number
  chain.count++
}

/** Length of the part that runs through the rod tip [m]. */
export function lengthOfPartAtRod({ count, parts, lengthM }: Chain): number {
  const part = parts[count - 2]
  let sum = 0
  for (let i = count - 2; i >= 0 && parts[i] === part; i--) sum += lengthM[i] as number
  return sum
}

/** The node before the rod tip gives way: the last two links become one. */
function joinLast(chain: Chain, part: WaterPart, model: WaterModel): void {
  const tip = chain.count - 1
  const last = tip - 1
  const lengthM = chain.lengthM[last] as number
  for (const list of [chain.x, chain.y, chain.z, chain.vx, chain.vy, chain.vz])
    list[last] = list[tip] as number
  for (const list of [chain.massKg, chain.displacedKg, chain.acrossK, chain.alongK, chain.anywayK])
    list[last] = 0
  // The rod tip is led, whatever it carries: it is given nothing.
  lend(chain, last - 1, part, lengthM, model)
  add(chain.lengthM, last - 1, lengthM)
  chain.floats[last] = chain.floats[tip] ?? 1
  chain.onBed[last] = 0
  chain.parts.pop()
  chain.count--
}

/** Takes line in at the rod; where less than half a cut would be left of the last link it first joins the one before, of the same part. @param cutM [m] */
export function takeIn(chain: Chain, byM: number, cutM: number, model: WaterModel): void {
  const part = chain.parts[chain.count - 2]
  if (part === undefined || byM <= 0) return
  while ((chain.lengthM[chain.count - 2] as number) - byM < cutM / 2 && chain.parts[chain.count - 3] === part)
    joinLast(chain, part, model)
  const last = chain.count - 2
  add(chain.lengthM, last, -byM)
  lend(chain, last, part, -byM, model)
}
