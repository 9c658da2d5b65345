import { type Remote, wrap } from 'comlink'

/** Long enough for the slowest question; beyond it the worker is taken for lost. */
const PATIENCE_MS = 30_000

/** Said when a worker crashed or never answered. */
export class WorkerLost extends Error {
  constructor() {
    super('The calculation stopped unexpectedly.')
  }
}

/** The way to one worker. A worker that crashes or never answers becomes an error, and is replaced for the next question. */
export class Door<Api> {
  private open: { worker: Worker; api: Remote<Api> } | undefined

  /** @param start makes the worker @param onCrash told when one breaks down, at work or idle */
  constructor(
    private readonly start: () => Worker,
    private readonly onCrash: () => void = () => {},
  ) {}

  private opened(): { worker: Worker; api: Remote<Api> } {
    if (this.open !== undefined) return this.open
    const worker = this.start()
    const open = { worker, api: wrap<Api>(worker) }
    worker.addEventListener('error', () => {
      this.drop(worker)
      this.onCrash()
    })
    this.open = open
    return open
  }

  private drop(worker: Worker): void {
    worker.terminate()
    if (this.open?.worker === worker) this.open = undefined
  }

  /** @param signal calls the question off: whoever asked is told at once */
  async ask<T>(question: (api: Remote<Api>) => Promise<T>, signal?: AbortSignal): Promise<T> {
    signal?.throwIfAborted()
    const { worker, api } = this.opened()
    const watch = new AbortController()
    let timer: ReturnType<typeof setTimeout> | undefined
    const lost = new Promise<never>((_resolve, reject) => {
      const give = (): void => {
        this.drop(worker)
        reject(new WorkerLost())
      }
      worker.addEventListener('error', give, { once: true, signal: watch.signal })
      timer = setTimeout(give, PATIENCE_MS)
      signal?.addEventListener('abort', () => reject(signal.reason), { once: true, signal: watch.signal })
    })
    try {
      return await Promise.race([question(api), lost])
    } finally {
      clearTimeout(timer)
      watch.abort()
    }
  }
}
