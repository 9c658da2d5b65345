import { type Remote, wrap } from 'comlink'
import type { CoreApi } from './core.worker.ts'

let open: { worker: Worker; api: Remote<CoreApi> } | undefined

function start(): { worker: Worker; api: Remote<CoreApi> } {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' })
  // A crashed worker is let go; the next question starts a fresh one.
  worker.addEventListener('error', () => {
    worker.terminate()
    open = undefined
  })
  return { worker, api: wrap<CoreApi>(worker) }
}

/** Long enough for the slowest question; beyond it the worker is taken for lost. */
const PATIENCE_MS = 30_000

/** The one door to core's heavy work. A worker that crashes or never answers becomes an error, and is replaced. */
export async function ask<T>(question: (api: Remote<CoreApi>) => Promise<T>): Promise<T> {
  open ??= start()
  const { worker, api } = open
  const watch = new AbortController()
  let timer: ReturnType<typeof setTimeout> | undefined
  const lost = new Promise<never>((_resolve, reject) => {
    const give = (): void => {
      worker.terminate()
      open = undefined
      reject(new Error('The calculation stopped unexpectedly.'))
    }
    worker.addEventListener('error', give, { once: true, signal: watch.signal })
    timer = setTimeout(give, PATIENCE_MS)
  })
  try {
    return await Promise.race([question(api), lost])
  } finally {
    clearTimeout(timer)
    watch.abort()
  }
}
