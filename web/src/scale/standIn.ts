import { lineFeed, type Scale } from './scale.ts'
import { listenTogether } from './shared.ts'

const post = async (what: string, body: object = {}): Promise<void> => {
  const response = await fetch(`./api/scale/${what}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  })
  if (!response.ok) throw new Error('The demo scale didn’t answer.')
}

/** The scale that ships with the server, for trying things out. */
export const standIn: Scale = {
  start(onReading, onEnd) {
    let over = false
    let stop = (): void => {}
    const end = (why: Parameters<typeof onEnd>[0]): void => {
      if (over) return
      over = true
      stop()
      onEnd(why)
    }
    const feed = lineFeed(onReading, () => end('nonsense'))
    stop = listenTogether((heard) => {
      if ('line' in heard) feed(heard.line)
      else end('unplugged')
    })
    return () => {
      over = true
      stop()
    }
  },
  tare: () => post('tare'),
}

export interface BenchObject {
  readonly id: string
  readonly name: string
}

export async function benchObjects(): Promise<readonly BenchObject[]> {
  const response = await fetch('./api/scale/objects')
  if (!response.ok) throw new Error('The demo scale didn’t answer.')
  return (await response.json()) as BenchObject[]
}

/** Acts of a person on the stand-in. */
export const putOnBench = (id: string): Promise<void> => post('put', { id })
export const knockBench = (): Promise<void> => post('knock')
export const unplugBench = (): Promise<void> => post('unplug')
