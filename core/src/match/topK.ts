import type { RigParts } from '../rig/index.ts'

/** The best rig of one rod, head and tip, with its cost and the place that settles ties. */
export interface FoundRig {
  readonly parts: RigParts
  readonly cost: number
  readonly place: number
}

/** The `limit` cheapest, in order; `ceiling` is the cost a newcomer must not exceed. */
export class TopK {
  private readonly found: FoundRig[] = []
  constructor(private readonly limit: number) {}

  get ceiling(): number {
    return this.found.length < this.limit ? Number.POSITIVE_INFINITY : (this.found.at(-1)?.cost ?? 0)
  }

  /** Whether one of this cost and place would be among them. */
  takes(cost: number, place: number): boolean {
    const last = this.found.length < this.limit ? undefined : this.found.at(-1)
    return last === undefined || cost < last.cost || (cost === last.cost && place < last.place)
  }

  add(entry: FoundRig): void {
    let low = 0
    let high = this.found.length
    while (low < high) {
      const middle = (low + high) >> 1
      const other = this.found[middle]
      if (
        other !== undefined &&
        (other.cost < entry.cost || (other.cost === entry.cost && other.place < entry.place))
      )
        low = middle + 1
      else high = middle
    }
    this.found.splice(low, 0, entry)
    if (this.found.length > this.limit) this.found.pop()
  }

  list(): readonly FoundRig[] {
    return this.found
  }
}
