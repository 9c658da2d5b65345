import type { WaterModel } from '../sink/index.ts'
import { type Chain, Link, lend } from './chain.ts'
import type { SwingOptions } from './input.ts'
import type { Drive } from './load.ts'
import { Node } from './node.ts'
import type { Mend } from './plan.ts'

/** How long a mend takes [s]. [practice] */
const MEND_S = 0.7
/** A mend lifts the line this far off the water at its middle [m]. [estimate] */
const MEND_LIFT_M = 0.25
/** A following rod turns no faster than this [rad/s]. [estimate] */
const TURN_RADPS = 0.6
/** It points at the line this share of the way out. */
const LOOK_SHARE = 0.25
const STILL: Drive = { vx: 0, vy: 0, vz: 0 }

/** What the angler does while the line swings: leads the rod tip, feeds line, mends. */
export class Hand {
  private fedM = 0
  private stackedM = 0
  private readonly nominalM: number
  private readonly pivotX: number
  private readonly pivotY: number

  constructor(
    private readonly chain: Chain,
    private readonly options: SwingOptions,
    private readonly mends: readonly Mend[],
    private readonly model: WaterModel,
    castRad: number,
  ) {
    const tip = chain.nodes.at(-1)
    this.nominalM = chain.links.at(-1)?.lengthM ?? 1
    this.pivotX = (tip?.x ?? 0) - options.reachM * Math.cos(castRad)
    this.pivotY = (tip?.y ?? 0) - options.reachM * Math.sin(castRad)
  }

  /** Whether anything is still to come that would stir the line. */
  busy(tS: number): boolean {
    const feeding = this.options.rod === 'feed' && this.fedM < this.options.feedM
    return feeding || this.mends.some((mend) => tS < mend.atS + MEND_S)
  }

  /** Velocity of the rod tip over the next step. */
  rod(dtS: number): Drive {
    if (this.options.rod !== 'follow') return STILL
    const { nodes } = this.chain
    const tip = nodes.at(-1)
    const seen = nodes[Math.floor((nodes.length - 1) * (1 - LOOK_SHARE))]
    if (tip === undefined || seen === undefined) return STILL
    const now = Math.atan2(tip.y - this.pivotY, tip.x - this.pivotX)
    const wanted = Math.atan2(seen.y - this.pivotY, seen.x - this.pivotX)
    const off = Math.atan2(Math.sin(wanted - now), Math.cos(wanted - now))
    const turn = Math.max(-TURN_RADPS * dtS, Math.min(TURN_RADPS * dtS, off))
    const { reachM } = this.options
    return {
      vx: (this.pivotX + reachM * Math.cos(now + turn) - tip.x) / dtS,
      vy: (this.pivotY + reachM * Math.sin(now + turn) - tip.y) / dtS,
      vz: 0,
    }
  }

  /** Feeds what is to be fed in the next step. */
  feed(tS: number, dtS: number): void {
    const { rod, feedM, feedMps } = this.options
    if (rod === 'feed' && this.fedM < feedM) {
      const lengthM = Math.min(feedMps * dtS, feedM - this.fedM)
      this.fedM += lengthM
      this.lengthen(lengthM)
    }
    for (const mend of this.mends) {
      if (mend.kind !== 'stack' || tS < mend.atS || tS >= mend.atS + MEND_S) continue
      const lengthM = Math.min((mend.sizeM * dtS) / MEND_S, mend.sizeM - this.stackedM)
      this.stackedM += lengthM
      this.lengthen(lengthM)
    }
  }

  /** Lets line out through the tip-top; when the last link has grown enough it becomes two. */
  private lengthen(byM: number): void {
    const { nodes, links } = this.chain
    const link = links.at(-1)
    const tip = nodes.at(-1)
    if (link === undefined || tip === undefined || byM <= 0) return
    link.lengthM += byM
    lend(link.near, link.part, byM, this.model)
    if (link.lengthM < 2 * this.nominalM) return
    const restM = link.lengthM - this.nominalM
    const node = new Node()
    const share = this.nominalM / link.lengthM
    for (const axis of ['x', 'y', 'z'] as const)
      node[axis] = link.near[axis] + (tip[axis] - link.near[axis]) * share
    lend(link.near, link.part, -restM, this.model)
    lend(node, link.part, link.lengthM, this.model)
    links.pop()
    nodes.splice(-1, 0, node)
    const [outer, inner] = [
      new Link(link.near, node, this.nominalM, link.part),
      new Link(node, tip, restM, link.part),
    ]
    outer.pullN = inner.pullN = link.pullN
    outer.taut = inner.taut = link.taut
    links.push(outer, inner)
  }

  /** What moves the floating line in the next step, when a mend is under way. */
  drives(tS: number): ReadonlyMap<Node, Drive> | undefined {
    const mend = this.mends.find((m) => tS >= m.atS && tS < m.atS + MEND_S)
    return mend === undefined ? undefined : this.drivesOf(mend, (tS - mend.atS) / MEND_S)
  }

  private drivesOf(mend: Mend, progress: number): ReadonlyMap<Node, Drive> {
    const { nodes, links } = this.chain
    const drives = new Map<Node, Drive>()
    const last = nodes.length - 1
    const firstFloating = nodes.findIndex((node) => node.floats)
    const floating = last - firstFloating
    if (firstFloating < 0 || floating < 2) return drives
    // Up in the first half of the mend, down again in the second.
    const lift = ((Math.PI * MEND_LIFT_M) / MEND_S) * Math.cos(Math.PI * progress)
    for (let i = firstFloating + 1; i < last; i++) {
      const node = nodes[i]
      const link = links[i]
      if (node === undefined || link === undefined) continue
      const share = (last - i) / floating
      const shape = mend.kind === 'stack' ? 1 - share : Math.sin(Math.PI * share)
      const speed = (shape * mend.sizeM) / MEND_S
      const vz = node.z > 0.5 ? 0 : shape * lift
      if (mend.kind === 'stack') drives.set(node, { vx: -link.ex * speed, vy: -link.ey * speed, vz })
      else drives.set(node, { vx: mend.kind === 'upstream' ? -speed : speed, vy: 0, vz })
    }
    return drives
  }
}
