/** A port of a channel within one thread: what is posted arrives at the other end in a task of its own. */
class Port extends EventTarget {
  other: Port | undefined
  private handler: ((event: Event) => void) | null = null

  set onmessage(handler: ((event: Event) => void) | null) {
    if (this.handler !== null) this.removeEventListener('message', this.handler)
    this.handler = handler
    if (handler !== null) this.addEventListener('message', handler)
  }

  postMessage(data: unknown): void {
    const { other } = this
    setTimeout(() => other?.dispatchEvent(new MessageEvent('message', { data })))
  }

  start(): void {}

  close(): void {
    this.other = undefined
  }
}

/** Stands in for a browser's channel, which keeps no process of the tests alive. */
export class Channel {
  readonly port1 = new Port()
  readonly port2 = new Port()

  constructor() {
    this.port1.other = this.port2
    this.port2.other = this.port1
  }
}

/** Questions that workers of the page were asked, by name, in their order: what a test counts. */
export const asked: string[] = []

/** Stands in for a worker: what the real one exposes, in this thread. */
export class WorkerHere extends EventTarget {
  private readonly ends = new Channel()

  constructor(url: URL) {
    super()
    const { port1, port2 } = this.ends
    port1.addEventListener('message', (event) =>
      this.dispatchEvent(new MessageEvent('message', { data: (event as MessageEvent).data })),
    )
    const { expose } = require('comlink') as typeof import('comlink')
    expose(
      String(url).includes('swing')
        ? require('../worker/swingApi.ts').swingApi
        : require('../worker/coreApi.ts').coreApi,
      port2 as unknown as Parameters<typeof expose>[1],
    )
  }

  postMessage(message: { readonly type?: string; readonly path?: readonly string[] }): void {
    if (message.type === 'APPLY') asked.push(message.path?.join('.') ?? '')
    this.ends.port1.postMessage(message)
  }

  terminate(): void {
    this.ends.port1.close()
  }
}
