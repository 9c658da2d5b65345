import { lineFeed, type Scale } from './scale.ts'

/** As much of the Web Serial interface as a scale needs. */
interface SerialPort {
  readonly readable: ReadableStream<Uint8Array> | null
  readonly writable: WritableStream<Uint8Array> | null
  open(options: { baudRate: number }): Promise<void>
  close(): Promise<void>
}
interface Serial {
  requestPort(): Promise<SerialPort>
}

const serialOf = (): Serial | undefined => (navigator as Navigator & { readonly serial?: Serial }).serial
export const hasSerial = (): boolean => serialOf() !== undefined

/** Speed most small scales speak [baud]. [practice] */
const BAUD = 9600

async function readLines(
  port: SerialPort,
  feed: (line: string) => void,
  stopped: () => boolean,
): Promise<void> {
  const reader = port.readable?.getReader()
  if (reader === undefined) return
  const decoder = new TextDecoder()
  let rest = ''
  try {
    while (!stopped()) {
      const { value, done } = await reader.read()
      if (done) return
      const lines = (rest + decoder.decode(value, { stream: true })).split('\n')
      rest = lines.pop() ?? ''
      lines.forEach(feed)
    }
  } finally {
    reader.releaseLock()
  }
}

/** A scale on a serial line that speaks the protocol of `parseReading`; a tare is the letter T on a line. */
export function serialScale(): Scale {
  let port: SerialPort | undefined
  return {
    start(onReading, onEnd) {
      let over = false
      const end = (why: Parameters<typeof onEnd>[0]): void => {
        if (!over) onEnd(why)
        over = true
      }
      const run = async (): Promise<void> => {
        port = await serialOf()?.requestPort()
        if (port === undefined) return end('refused')
        await port.open({ baudRate: BAUD })
        await readLines(
          port,
          lineFeed(onReading, () => end('nonsense')),
          () => over,
        )
        end('unplugged')
      }
      run().catch(() => end(port === undefined ? 'refused' : 'unplugged'))
      return () => {
        over = true
        void port?.close().catch(() => undefined)
      }
    },
    async tare() {
      const writer = port?.writable?.getWriter()
      if (writer === undefined) throw new Error('The scale is not connected.')
      await writer.write(new TextEncoder().encode('T\n'))
      writer.releaseLock()
    },
  }
}
