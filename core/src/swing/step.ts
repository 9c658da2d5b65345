import type { WaterModel } from '../sink/index.ts'
import type { Chain, Link } from './chain.ts'
import { type Drive, loadNode } from './load.ts'
import type { Node } from './node.ts'
import type { Stream } from './stream.ts'

// Taken once: asked for millions of times a second.
const { max, sqrt } = Math

/** Times the set of slack links may be revised in a step; once or twice is usual. */
const MAX_REVISIONS = 8

/** A step that leaves a link longer than this is taken again in halves … */
const STRETCH_ALLOWED = 0.004
/** … down to this many halvings. */
const MAX_HALVINGS = 7

export interface StepInput {
  readonly chain: Chain
  readonly stream: Stream
  readonly model: WaterModel
  readonly dtS: number
  /** Velocity of the rod tip over the step. */
  readonly rod: Drive
  /** What drives nodes besides the water: a mend. */
  readonly drives?: ReadonlyMap<Node, Drive> | undefined
}

/**
 * Direction of a link as the step begins, and how fast its ends may part: what is still slack, less what turning lengthens
 * it by.
 */
function aim(link: Link, dtS: number): void {
  const { near, far, lengthM } = link
  const dx = far.x - near.x
  const dy = far.y - near.y
  const dz = far.z - near.z
  const length = sqrt(dx * dx + dy * dy + dz * dz)
  if (length > 1e-9) {
    link.ex = dx / length
    link.ey = dy / length
    link.ez = dz / length
  }
  const wx = far.vx - near.vx
  const wy = far.vy - near.vy
  const wz = far.vz - near.vz
  const along = wx * link.ex + wy * link.ey + wz * link.ez
  const turning = max(0, wx * wx + wy * wy + wz * wz - along * along)
  link.give = (lengthM - length) / dtS - (0.5 * turning * dtS) / lengthM
}

function yieldTo(link: Link): void {
  const { near, far, ex, ey, ez } = link
  link.nearX = near.yieldX(ex, ey, ez)
  link.nearY = near.yieldY(ex, ey, ez)
  link.nearZ = near.yieldZ(ex, ey, ez)
  link.farX = far.yieldX(ex, ey, ez)
  link.farY = far.yieldY(ex, ey, ez)
  link.farZ = far.yieldZ(ex, ey, ez)
}

/** Speed at which a link's ends would part without any pull, over what it may. */
function excess({ near, far, ex, ey, ez, give }: Link): number {
  return (far.freeX - near.freeX) * ex + (far.freeY - near.freeY) * ey + (far.freeZ - near.freeZ) * ez - give
}

/** What a pull of `fore` takes from the parting of `link`, and the other way round: the system is symmetric. */
const coupling = (link: Link, fore: Link): number =>
  -(link.ex * fore.farX + link.ey * fore.farY + link.ez * fore.farZ)

function eliminate(link: Link, fore: Link | undefined): void {
  const { ex, ey, ez } = link
  link.on = ex * (link.nearX + link.farX) + ey * (link.nearY + link.farY) + ez * (link.nearZ + link.farZ)
  link.right = excess(link)
  if (!fore?.taut) return
  const beside = coupling(link, fore)
  fore.above = beside
  const share = beside / fore.on
  link.on -= share * beside
  link.right -= share * fore.right
}

/** The pulls that keep every taut link at its length: a tridiagonal system, by elimination from fly to rod and back (Thomas). */
function solvePulls(links: readonly Link[]): void {
  let fore: Link | undefined
  for (const link of links) {
    link.above = 0
    if (link.taut) eliminate(link, fore)
    fore = link
  }
  let pull = 0
  for (let i = links.length - 1; i >= 0; i--) {
    const link = links[i]
    if (link === undefined) continue
    pull = link.taut ? (link.right - link.above * pull) / link.on : 0
    link.pullN = pull
  }
}

/** Lets go of links that would have to push, takes up slack ones that would lengthen. @returns whether any changed */
function revise(links: readonly Link[]): boolean {
  let changed = false
  let fore: Link | undefined
  for (let i = 0; i < links.length; i++) {
    const link = links[i]
    if (link === undefined) continue
    if (link.taut) {
      if (link.pullN < 0) {
        link.taut = false
        changed = true
      }
    } else {
      const aft = links[i + 1]
      const besides =
        (fore === undefined ? 0 : coupling(link, fore) * max(0, fore.pullN)) +
        (aft === undefined ? 0 : coupling(aft, link) * max(0, aft.pullN))
      if (excess(link) - besides > 1e-12) {
        link.taut = true
        changed = true
      }
    }
    fore = link
  }
  return changed
}

/** Sets each node's velocity from its own and the pulls either side. */
function applyPulls({ nodes, links }: Chain): void {
  for (const node of nodes) {
    node.vx = node.freeX
    node.vy = node.freeY
    node.vz = node.freeZ
  }
  for (const link of links) {
    const { near, far, pullN } = link
    if (pullN <= 0) {
      link.pullN = 0
      continue
    }
    near.vx += pullN * link.nearX
    near.vy += pullN * link.nearY
    near.vz += pullN * link.nearZ
    far.vx -= pullN * link.farX
    far.vy -= pullN * link.farY
    far.vz -= pullN * link.farZ
  }
}

/** Moves a node; one that lies on the bed stays there for as long as the bed pushes. */
function move(node: Node, stream: Stream, dtS: number): void {
  node.x += node.vx * dtS
  node.y += node.vy * dtS
  node.z += node.vz * dtS
  if (!node.onBed) return
  stream.look(node.y)
  const intoM = -stream.depthM - node.z
  node.onBed = intoM > 0
  node.bedN = node.onBed ? (intoM / dtS) * node.bedFirmness : 0
}

/** Moves the whole line by one step of time: weight and drag of each node first, then the pulls that hold every link to its length. */
function attempt({ chain, stream, model, rod, drives }: StepInput, dtS: number): void {
  const { nodes, links } = chain
  for (const link of links) aim(link, dtS)
  const last = nodes.length - 1
  for (let i = 0; i < last; i++) {
    const node = nodes[i]
    if (node !== undefined) loadNode(node, links[i - 1], links[i], stream, model, dtS, drives?.get(node))
  }
  nodes[last]?.lead(rod.vx, rod.vy, rod.vz)
  for (const link of links) yieldTo(link)
  let revisions = 0
  do solvePulls(links)
  while (revise(links) && ++revisions < MAX_REVISIONS)
  applyPulls(chain)
  for (const node of nodes) move(node, stream, dtS)
}

/** Worst share by which a link is too long; infinite when the line has left all sense. */
export function stretchOf({ links }: Chain): number {
  let worst = 0
  for (const { near, far, lengthM } of links) {
    const dx = far.x - near.x
    const dy = far.y - near.y
    const dz = far.z - near.z
    const over = sqrt(dx * dx + dy * dy + dz * dz) / lengthM - 1
    if (!(over <= worst)) worst = Number.isNaN(over) ? Number.POSITIVE_INFINITY : over
  }
  return worst
}

/**
 * Moves the line by one step of time. Where it turns so fast that a link would stretch, the step is taken again in halves.
 * @param halvings how often it may still be halved
 * @returns how many steps were worked out
 */
export function step(input: StepInput, dtS = input.dtS, halvings = MAX_HALVINGS): number {
  const { nodes, links } = input.chain
  if (halvings > 0) {
    for (const node of nodes) node.remember()
    for (const link of links) link.wasN = link.pullN
  }
  attempt(input, dtS)
  if (halvings === 0 || stretchOf(input.chain) < STRETCH_ALLOWED) return 1
  for (const node of nodes) node.goBack()
  for (const link of links) link.pullN = link.wasN
  return 1 + step(input, dtS / 2, halvings - 1) + step(input, dtS / 2, halvings - 1)
}
