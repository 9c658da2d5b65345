/** Seconds of the swing for a second of playing. */
const RATES: readonly number[] = [1, 4, 10]

/** One clock for every view of a swing. Views listen to it and draw; nothing is rendered anew for a frame. */
export class SwingClock {
  tS = 0
  playing = false
  rate = 4
  private durationS = 0
  private frame = 0
  private before = 0
  private readonly listeners = new Set<() => void>()

  /** @param still plays in steps of a second instead of smoothly, for those who want less motion */
  constructor(private readonly still: () => boolean) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => void this.listeners.delete(listener)
  }

  private tell(): void {
    for (const listener of this.listeners) listener()
  }

  get endS(): number {
    return this.durationS
  }

  /** A new swing: shown whole, at its end, unless it is being played. */
  load(durationS: number): void {
    this.durationS = durationS
    this.tS = this.playing ? Math.min(this.tS, durationS) : durationS
    this.tell()
  }

  seek(tS: number): void {
    this.tS = Math.max(0, Math.min(this.durationS, tS))
    this.tell()
  }

  /** The next way of playing it: as the river, faster, fastest. */
  changeRate(): void {
    this.rate = RATES[(RATES.indexOf(this.rate) + 1) % RATES.length] ?? 1
    this.tell()
  }

  play(): void {
    if (this.playing || this.durationS === 0) return
    if (this.tS >= this.durationS - 1e-6) this.tS = 0
    this.playing = true
    this.before = performance.now()
    this.frame = requestAnimationFrame(this.tick)
    this.tell()
  }

  pause(): void {
    cancelAnimationFrame(this.frame)
    if (!this.playing) return
    this.playing = false
    this.tell()
  }

  toggle(): void {
    if (this.playing) this.pause()
    else this.play()
  }

  private readonly tick = (now: number): void => {
    const passedS = ((now - this.before) / 1000) * this.rate
    if (!this.still() || passedS >= 1) {
      this.before = now
      this.tS = Math.min(this.durationS, this.tS + passedS)
      this.tell()
    }
    if (this.tS >= this.durationS) this.pause()
    else this.frame = requestAnimationFrame(this.tick)
  }
}
