import { printShare } from '@hoxen/core/quantity'
import { useMutation } from '@tanstack/react-query'
import { proxy } from 'comlink'
import { useId, useRef, useState } from 'react'
import { Button, DECIMAL_MARK, fieldLook, Sheet } from '../../ui/index.ts'
import { ask } from '../../worker/index.ts'
import { ImportPreview } from './ImportPreview.tsx'
import { fromFile, fromLines, fromTable, type ImportReading } from './importReading.ts'
import { usePastedList } from './pastedList.ts'

async function readAny(
  file: File,
  tell: (share: number) => void,
  signal: AbortSignal,
): Promise<ImportReading> {
  const stamp = crypto.randomUUID().slice(0, 6)
  const { table, document, lines } = await ask(
    (api, id) => api.readGear(id, file, stamp, DECIMAL_MARK, proxy(tell)),
    signal,
  )
  if (table !== undefined) return fromTable(file, table)
  if (document !== undefined) return fromFile(file.name, document)
  if (lines !== undefined) return fromLines(file.name, lines)
  throw new Error('Nothing readable was found in it.')
}

/** Reads a file, tells how far it is, and leaves off when that is wanted. */
function useReading() {
  const [share, setShare] = useState(0)
  const going = useRef<AbortController>(undefined)
  const reading = useMutation({
    mutationFn: (file: File) => {
      going.current?.abort()
      going.current = new AbortController()
      return readAny(file, setShare, going.current.signal)
    },
  })
  const { mutate, reset } = reading
  return {
    reading,
    share,
    start: (file: File) => {
      setShare(0)
      mutate(file)
    },
    stop: () => {
      going.current?.abort()
      reset()
    },
  }
}

interface ImportProps {
  readonly open: boolean
  /** Whether a list is to be read rather than a file. */
  readonly list: boolean
  readonly onClose: () => void
}

/** A table or an everything file: first shown what it would add, change and refuse, then taken in as one step. */
export function ImportSheet({ open, list, onClose }: ImportProps) {
  const id = useId()
  const { reading, share, start, stop } = useReading()
  const close = (): void => {
    stop()
    onClose()
  }
  return (
    <Sheet open={open} title="Import gear" onClose={close} wide inAddress>
      <label htmlFor={id} className="text-[0.95rem]">
        A table (CSV with the units in its header: kind, name, mass_gr or mass_g, length_ft or length_m …), a
        list with one item a line as you would type it, or a file saved from Hoxen
      </label>
      <input
        id={id}
        type="file"
        accept=".csv,.tsv,.txt,.json,text/csv,application/json"
        className={`${fieldLook} py-2`}
        onChange={(event) => {
          const [file] = event.target.files ?? []
          if (file) start(file)
        }}
      />
      <PastedList open={list} onRead={start} />
      {reading.isPending && (
        <p role="status" className="mt-4 flex flex-wrap items-center gap-3 text-faint">
          Reading… {printShare(share)}
          <progress value={share} max={1} className="h-2 flex-1" aria-label="Read so far" />
          <Button onClick={stop}>Stop reading</Button>
        </p>
      )}
      {reading.isError && (
        <p role="alert" className="mt-4 font-medium text-breaks">
          The file can’t be read: {reading.error.message} Nothing was changed.
        </p>
      )}
      {reading.data !== undefined && <ImportPreview reading={reading.data} onDone={close} />}
    </Sheet>
  )
}

interface ListProps {
  readonly open: boolean
  readonly onRead: (file: File) => void
}

/** A list typed or pasted here, read as a file of it would be. */
function PastedList({ open, onRead }: ListProps) {
  const id = useId()
  const [text, setText] = usePastedList()
  return (
    <details className="mt-3" open={open}>
      <summary className="min-h-11 content-center font-semibold">Or paste a list</summary>
      <label htmlFor={id} className="sr-only">
        One item a line
      </label>
      <textarea
        id={id}
        rows={5}
        value={text}
        spellCheck={false}
        placeholder={'skagit 510 gr 23 ft\nT-11 10 ft\n13 ft no. 7 two-hander'}
        onChange={(event) => setText(event.target.value)}
        className={`${fieldLook} py-2`}
      />
      <Button
        className="mt-2"
        disabled={text.trim() === ''}
        onClick={() => onRead(new File([text], 'the list'))}
      >
        Read the list
      </Button>
    </details>
  )
}
