/** Line of the stand-in scale's stream, as every tab hears it. */
export type ScaleLine = { readonly line: string } | { readonly ended: true }

const NAME = 'hoxen-scale'

/** Holds the one stream for as long as it is wanted, and tells every tab what it says. */
function hold(channel: BroadcastChannel, tell: (heard: ScaleLine) => void, stop: AbortSignal): Promise<void> {
  return new Promise((resolve) => {
    const stream = new EventSource('./api/scale/stream')
    const say = (heard: ScaleLine): void => {
      channel.postMessage(heard)
      tell(heard)
    }
    const end = (): void => {
      stream.close()
      resolve()
    }
    const over = (): void => {
      say({ ended: true })
      end()
    }
    stream.addEventListener('message', (event: MessageEvent<string>) => say({ line: event.data }))
    stream.addEventListener('unplugged', over)
    stream.addEventListener('error', over)
    stop.addEventListener('abort', end, { once: true })
  })
}

/**
 * Listens to the scale's stream. However many tabs listen, one of them holds the connection and the others hear it from
 * there; a browser has only a handful to each host. When that tab stops, the next takes over.
 * @returns stops listening
 */
export function listenTogether(tell: (heard: ScaleLine) => void): () => void {
  const stop = new AbortController()
  const channel = new BroadcastChannel(NAME)
  channel.onmessage = (event: MessageEvent<ScaleLine>) => tell(event.data)
  navigator.locks
    .request(NAME, { signal: stop.signal }, () => hold(channel, tell, stop.signal))
    .catch(() => undefined)
  return () => {
    stop.abort()
    channel.close()
  }
}
