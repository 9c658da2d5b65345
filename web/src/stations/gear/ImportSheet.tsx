import {
  type CsvReading,
  type DocumentReading,
  type HoxenDocument,
  type ImportPlan,
  LIST_NAMES,
  LISTS,
  type ListName,
  type ListRow,
  newIn,
  nothingKept,
  placeOf,
  planImport,
  SINGLES,
  type TypedLinesReading,
} from '@hoxen/core/format'
import type { Problem } from '@hoxen/core/gear'
import type { UnitSystem } from '@hoxen/core/quantity'
import { sayGuesses, sayLine, sayProblem, summarize } from '@hoxen/core/words'
import { useMutation, useQuery } from '@tanstack/react-query'
import { proxy } from 'comlink'
import { useId, useMemo, useRef, useState } from 'react'
import { everything, noticeDone, noticeFailed, takeIn, useList } from '../../store/index.ts'
import { Button, fieldLook, Sheet, saveFile, useUnits } from '../../ui/index.ts'
import { ask, askInSteps, revisionOf } from '../../worker/index.ts'

const capital = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1)

interface Reading {
  readonly name: string
  readonly document: HoxenDocument
  readonly fileProblems: readonly Problem[]
  readonly refused: readonly { readonly place: string; readonly problem: Problem }[]
  readonly unknownColumns: readonly string[]
  /** Of a list as it is typed: what is only supposed, by identifier. */
  readonly guessed?: TypedLinesReading['guessed']
  /** The table that was read, and the number of each row that was refused. */
  readonly table?: { readonly file: File; readonly rows: readonly number[] }
}

function fromTable(file: File, csv: CsvReading): Reading {
  const refused = csv.rowProblems.map((problem) => ({
    place: `Row ${problem.row}${problem.name === '' ? '' : `, ${problem.name}`}`,
    problem,
  }))
  return {
    name: file.name,
    document: { ...nothingKept(), items: csv.items },
    fileProblems: csv.fileProblems,
    refused,
    unknownColumns: csv.unknownColumns,
    table: { file, rows: csv.rowProblems.map(({ row }) => row) },
  }
}

function fromFile(name: string, { document, problems, readable }: DocumentReading): Reading {
  if (!readable) return { name, document, fileProblems: problems, refused: [], unknownColumns: [] }
  const place = (p: Problem): string => {
    const list = LIST_NAMES.find((name) => placeOf(name)[0] === p.path[0])
    const at = list === undefined ? undefined : p.path[placeOf(list).length]
    return list === undefined || at === undefined
      ? String(p.path[0])
      : `${capital(LISTS[list].words.one)} ${Number(at) + 1}`
  }
  return {
    name,
    document,
    fileProblems: [],
    refused: problems.map((problem) => ({ place: place(problem), problem })),
    unknownColumns: [],
  }
}

function fromLines(name: string, { items, guessed, rowProblems }: TypedLinesReading): Reading {
  return {
    name,
    document: { ...nothingKept(), items: [...items] },
    fileProblems: [],
    refused: rowProblems.map((problem) => ({ place: `Line ${problem.row}, ${problem.name}`, problem })),
    unknownColumns: [],
    guessed,
  }
}

async function readAny(file: File, tell: (share: number) => void, signal: AbortSignal): Promise<Reading> {
  const stamp = crypto.randomUUID().slice(0, 6)
  const { table, document, lines } = await askInSteps(
    (api, id) => api.readGear(id, file, stamp, proxy(tell)),
    signal,
  )
  if (table !== undefined) return fromTable(file, table)
  if (document !== undefined) return fromFile(file.name, document)
  if (lines !== undefined) return fromLines(file.name, lines)
  throw new Error('It was read as nothing.')
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

/** A table or an everything file: first shown what it would add, change and refuse, then taken in as one step. */
export function ImportSheet({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  const id = useId()
  const { reading, share, start, stop } = useReading()
  const close = (): void => {
    stop()
    onClose()
  }
  return (
    <Sheet open={open} title="Import gear" onClose={close} wide>
      <label htmlFor={id} className="text-[0.95rem]">
        A table (CSV with the units in its header: kind, name, mass_gr or mass_g, length_ft or length_m …), a
        list with one thing a line as you would type it, or a file saved from Hoxen
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
      <PastedList onRead={start} />
      {reading.isPending && (
        <p role="status" className="mt-4 flex flex-wrap items-center gap-3 text-faint">
          Reading… {Math.round(share * 100)} %
          <progress value={share} max={1} className="h-2 flex-1" aria-label="Read so far" />
          <Button onClick={stop}>Stop reading</Button>
        </p>
      )}
      {reading.isError && (
        <p role="alert" className="mt-4 font-medium text-breaks">
          The file could not be read: {reading.error.message} Nothing was changed.
        </p>
      )}
      {reading.data !== undefined && <Preview reading={reading.data} onDone={close} />}
    </Sheet>
  )
}

/** A list typed or pasted here, read as a file of it would be. */
function PastedList({ onRead }: { readonly onRead: (file: File) => void }) {
  const id = useId()
  const [text, setText] = useState('')
  return (
    <details className="mt-3">
      <summary className="min-h-11 content-center font-semibold">Or paste a list</summary>
      <label htmlFor={id} className="sr-only">
        One thing a line
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

const LISTED = 200

/** Everything that is kept, read anew whenever it changes. */
function useKept(): HoxenDocument | undefined {
  const gear = useList('items')
  const runs = useList('runs')
  const { data } = useQuery({
    queryKey: ['kept', gear && revisionOf(gear), runs?.length],
    queryFn: everything,
    enabled: gear !== undefined,
    gcTime: 0,
    structuralSharing: false,
  })
  return data
}

function Preview({ reading, onDone }: { readonly reading: Reading; readonly onDone: () => void }) {
  const kept = useKept()
  const { system } = useUnits()
  const [busy, setBusy] = useState(false)
  const { document, fileProblems, refused, unknownColumns } = reading
  const plan = useMemo(() => kept && planImport(kept, document), [kept, document])
  if (plan === undefined) return null
  if (fileProblems.length > 0)
    return (
      <div role="alert" className="mt-4">
        {fileProblems.map((problem) => (
          <p key={problem.code} className="font-medium text-breaks">
            {reading.name}: {sayProblem(problem, system)}
          </p>
        ))}
        <p className="mt-1">Nothing was changed.</p>
      </div>
    )
  const lists = LIST_NAMES.map((name) => ({ name, words: LISTS[name].words, ...plan.lists[name] }))
  const count = lists.reduce((sum, { added, changed }) => sum + added.length + changed.length, 0)
  const sum = (of: (list: (typeof lists)[number]) => number): number =>
    lists.reduce((total, list) => total + of(list), 0)
  /** A row may be wrong in more than one way. */
  const refusedRows = new Set(refused.map(({ place }) => place)).size
  const take = (): void => {
    setBusy(true)
    takeIn(newIn(document, plan), `Import ${reading.name}`)
      .then(() => {
        noticeDone(`${count} taken from ${reading.name}`)
        onDone()
      }, noticeFailed)
      .finally(() => setBusy(false))
  }
  return (
    <div className="mt-4">
      <p className="text-lg" role="status">
        <b>{sum((l) => l.added.length)}</b> to add, <b>{sum((l) => l.changed.length)}</b> to change,{' '}
        <b>{sum((l) => l.same)}</b> already the same,{' '}
        <b className={refusedRows > 0 ? 'text-breaks' : ''}>{refusedRows}</b> refused
      </p>
      {plan.singles.length > 0 && (
        <p className="text-[0.92rem] text-faint">
          Also replaces: {plan.singles.map((name) => SINGLES[name].words.one).join(', ')}.
        </p>
      )}
      {unknownColumns.length > 0 && (
        <p className="text-[0.92rem] text-watch">
          Columns not known and left out: {unknownColumns.join(', ')}.
        </p>
      )}
      <Refused reading={reading} />
      <ChangeList plan={plan} guessed={reading.guessed} />
      <div className="mt-4 flex gap-3">
        <Button weight="strong" disabled={busy || (count === 0 && plan.singles.length === 0)} onClick={take}>
          Take {count === 1 ? 'it' : `these ${count}`} in
        </Button>
        <Button onClick={onDone}>Leave everything as it is</Button>
      </div>
    </div>
  )
}

function Refused({ reading: { name, refused: rows, table, guessed } }: { readonly reading: Reading }) {
  const { system } = useUnits()
  const say = guessed === undefined ? sayProblem : sayLine
  if (rows.length === 0) return null
  return (
    <details open className="mt-3">
      <summary className="font-semibold">Refused, and why</summary>
      <ul className="mt-1 max-h-52 overflow-y-auto">
        {rows.slice(0, LISTED).map(({ place, problem }) => (
          <li
            key={`${place}${problem.path.join('.')}${problem.code}`}
            className="border-b border-rule py-1.5"
          >
            <b className="font-semibold">{place}.</b> {say(problem, system)}
          </li>
        ))}
      </ul>
      {rows.length > LISTED && <p className="text-faint">… and {rows.length - LISTED} more.</p>}
      {table !== undefined && (
        <Button
          weight="quiet"
          className="px-0"
          onClick={() => void saveRefused(name, table, rows, system).catch(noticeFailed)}
        >
          Save these rows as a table to correct
        </Button>
      )}
    </details>
  )
}

async function saveRefused(
  name: string,
  { file, rows }: NonNullable<Reading['table']>,
  refused: Reading['refused'],
  system: UnitSystem,
): Promise<void> {
  const why = Object.fromEntries(
    rows.map((row, i) => [row, refused[i] === undefined ? '' : sayProblem(refused[i].problem, system)]),
  )
  const table = await ask((api) => api.refusedTable(file, why))
  saveFile(`${name.replace(/\.[^.]*$/, '')}-refused.csv`, table, 'text/csv')
}

interface ChangeListProps {
  readonly plan: ImportPlan
  readonly guessed: Reading['guessed']
}

function ChangeList({ plan, guessed = {} }: ChangeListProps) {
  const { system } = useUnits()
  const supposed = (row: ListRow<ListName>): string =>
    'kind' in row ? sayGuesses(row, guessed[row.id] ?? [], system) : ''
  const about = (name: ListName, row: ListRow<ListName>): string =>
    'kind' in row ? summarize(row, system) : LISTS[name].words.one
  const rows = LIST_NAMES.flatMap((name) => {
    const { changed, added } = plan.lists[name]
    return [
      ...changed.map(({ after }) => ({ name, row: after, word: 'changes' })),
      ...added.map((row) => ({ name, row, word: 'new' })),
    ]
  })
  if (rows.length === 0) return null
  return (
    <details className="mt-3" open={Object.keys(guessed).length > 0}>
      <summary className="font-semibold">What would be added or changed</summary>
      <ul className="mt-1 max-h-52 overflow-y-auto">
        {rows.slice(0, LISTED).map(({ name, row, word }) => (
          <li key={`${name} ${row.id}`} className="border-b border-rule py-1.5">
            {'name' in row && row.name !== undefined ? row.name : LISTS[name].words.one}{' '}
            <span className="text-faint">
              — {about(name, row)} ({word}). {supposed(row)}
            </span>
          </li>
        ))}
      </ul>
      {rows.length > LISTED && <p className="text-faint">… and {rows.length - LISTED} more.</p>}
    </details>
  )
}
