/** A second time within this is the same click, or a key that is held [ms]. */
const DOUBLE_MS = 600

/** The one guard against a second tap: by a clock that nobody can set back. */
export class Once {
  private readonly at = new Map<string, number>()

  constructor(private readonly now: () => number = () => performance.now()) {}

  /** Whether it is asked for anew. @param what tells one thing from another @returns false when it was asked for again too soon */
  first(what: string): boolean {
    const now = this.now()
    const again = now - (this.at.get(what) ?? Number.NEGATIVE_INFINITY) < DOUBLE_MS
    for (const [key, at] of this.at) if (now - at >= DOUBLE_MS) this.at.delete(key)
    // A key that is held keeps asking: it counts from its last.
    this.at.set(what, now)
    return !again
  }

  /** Does a thing once, however often it is asked for at a stroke. @returns false when nothing was done */
  async run(what: string, action: () => Promise<boolean>): Promise<boolean> {
    return this.first(what) && action()
  }
}
