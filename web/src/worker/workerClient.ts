import { type Remote, wrap } from 'comlink'

/** Said when a worker crashed or came to no further step. */
export class WorkerLost extends Error {
  constructor() {
    super('The calculation stopped unexpectedly.')
  }
}

/** Messages of every worker, besides its own questions. */
export interface Attended {
  /** Cancels a question: its calculation stops at its next step. */
  readonly callOff: (id: number) => void
  /** Answers between two steps: a worker that is stuck in one does not. */
  readonly alive: () => void
}

/** Watchdog: a worker is taken for lost after so many unanswered pings in a row without progress. */
export interface Watch {
  readonly everyMs: number
  readonly unanswered: number
  /** A worker that does not hear of a cancellation within this is stopped: for work that has no steps [ms]. */
  readonly impatientMs: number
}
const WATCH: Watch = { everyMs: 1000, unanswered: 30, impatientMs: Number.POSITIVE_INFINITY }

/** A worker, and its pending questions. */
interface Open<Api> {
  readonly worker: Worker
  readonly api: Remote<Api & Attended>
  readonly asked: Set<(reason: unknown) => void>
  watch?: ReturnType<typeof setInterval> | undefined
}

let asked = 0

/**
 * The client of one worker, which is started lazily. A worker that crashes or hangs rejects its questions, and is replaced for the next.
 * Its watchdog counts unanswered calls, not time: a slow machine, or one that slept, is not lost.
 */
export class WorkerClient<Api extends object> {
  private open: Open<Api> | undefined

  private readonly watch: Watch

  /** @param start makes the worker @param onCrash told when one breaks down, at work or idle */
  constructor(
    private readonly start: () => Worker,
    private readonly onCrash: () => void = () => {},
    watch: Partial<Watch> = {},
  ) {
    this.watch = { ...WATCH, ...watch }
  }

  private opened(): Open<Api> {
    if (this.open !== undefined) return this.open
    const worker = this.start()
    const open: Open<Api> = { worker, api: wrap<Api & Attended>(worker), asked: new Set() }
    worker.addEventListener('error', () => {
      this.drop(open)
      this.onCrash()
    })
    this.open = open
    return open
  }

  private drop(open: Open<Api>): void {
    open.worker.terminate()
    clearInterval(open.watch)
    if (this.open === open) this.open = undefined
    for (const reject of open.asked) reject(new WorkerLost())
  }

  private attend(open: Open<Api>): void {
    let unanswered = 0
    const alive: () => Promise<unknown> = open.api.alive
    open.watch ??= setInterval(() => {
      if (++unanswered > this.watch.unanswered) return this.drop(open)
      alive().then(() => {
        unanswered = 0
      }, console.error)
    }, this.watch.everyMs)
  }

  /** Tells a worker that nobody wants an answer any more; one that is too busy to hear of it in time is replaced. */
  private callOff(open: Open<Api>, id: number): void {
    const tell: (which: number) => Promise<unknown> = open.api.callOff
    const { impatientMs } = this.watch
    const drop = Number.isFinite(impatientMs) ? setTimeout(() => this.drop(open), impatientMs) : undefined
    tell(id).then(() => clearTimeout(drop), console.error)
  }

  /** Asks; where the worker is lost meanwhile, asks a fresh one once more. */
  async askAgain<T>(
    question: (api: Remote<Api & Attended>, id: number) => Promise<T>,
    signal?: AbortSignal,
  ): Promise<T> {
    try {
      return await this.ask(question, signal)
    } catch (error) {
      if (error instanceof WorkerLost) return this.ask(question, signal)
      throw error
    }
  }

  /**
   * Asks a question under a number of its own.
   * @param signal cancels the question: whoever asked is told at once, and the worker stops working on it
   */
  async ask<T>(
    question: (api: Remote<Api & Attended>, id: number) => Promise<T>,
    signal?: AbortSignal,
  ): Promise<T> {
    signal?.throwIfAborted()
    const open = this.opened()
    const id = ++asked
    let forget = (): void => {}
    const lost = new Promise<never>((_resolve, reject) => {
      const callOff = (): void => {
        this.callOff(open, id)
        reject(signal?.reason)
      }
      signal?.addEventListener('abort', callOff, { once: true })
      open.asked.add(reject)
      forget = () => {
        signal?.removeEventListener('abort', callOff)
        open.asked.delete(reject)
        if (open.asked.size > 0) return
        clearInterval(open.watch)
        open.watch = undefined
      }
    })
    this.attend(open)
    try {
      return await Promise.race([question(open.api, id), lost])
    } finally {
      forget()
    }
  }
}
