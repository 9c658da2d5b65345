import { lineFeed, type Scale } from './scale.ts'

const post = async (what: string, body: object = {}): Promise<void> => {
  const response = await fetch(`/api/scale/${what}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  })
  if (!response.ok) throw new Error('The stand-in scale did not answer.')
}

/** The scale that ships with the server, for trying things out. */
export const standIn: Scale = {
  start(onReading, onEnd) {
    const stream = new EventSource('/api/scale/stream')
    let over = false
    const end = (why: Parameters<typeof onEnd>[0]): void => {
      if (over) return
      over = true
      stream.close()
      onEnd(why)
    }
    const feed = lineFeed(onReading, () => end('nonsense'))
    stream.addEventListener('message', (event: MessageEvent<string>) => feed(event.data))
    stream.addEventListener('unplugged', () => end('unplugged'))
    stream.addEventListener('error', () => end('unplugged'))
    return () => {
      over = true
      stream.close()
    }
  },
  tare: () => post('tare'),
}

export interface BenchObject {
  readonly id: string
  readonly name: string
}

export async function benchObjects(): Promise<readonly BenchObject[]> {
  const response = await fetch('/api/scale/objects')
  if (!response.ok) throw new Error('The stand-in scale did not answer.')
  return (await response.json()) as BenchObject[]
}

/** What a person does to the stand-in. */
export const putOnBench = (id: string): Promise<void> => post('put', { id })
export const knockBench = (): Promise<void> => post('knock')
export const unplugBench = (): Promise<void> => post('unplug')
