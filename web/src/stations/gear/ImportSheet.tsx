import {
  type CsvReading,
  type DocumentReading,
  type HoxenDocument,
  type ImportPlan,
  type Problem,
  planImport,
} from '@hoxen/core/gear'
import { sayProblem, summarize } from '@hoxen/core/words'
import { useMutation } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { applyImport, noticeDone, noticeFailed, useGear } from '../../store/index.ts'
import { Button, fieldLook, Sheet, useUnits } from '../../ui/index.ts'
import { ask } from '../../worker/index.ts'

interface Reading {
  readonly name: string
  readonly document: HoxenDocument
  readonly fileProblems: readonly Problem[]
  readonly refused: readonly { readonly place: string; readonly problem: Problem }[]
  readonly unknownColumns: readonly string[]
}

const NOTHING: HoxenDocument = { gear: { items: [] } }

function fromTable(name: string, csv: CsvReading): Reading {
  const refused = csv.rowProblems.map((problem) => ({
    place: `Row ${problem.row}${problem.name === '' ? '' : `, ${problem.name}`}`,
    problem,
  }))
  return {
    name,
    document: { gear: { items: csv.items } },
    fileProblems: csv.fileProblems,
    refused,
    unknownColumns: csv.unknownColumns,
  }
}

function fromFile(name: string, { document, problems, readable }: DocumentReading): Reading {
  if (!readable) return { name, document: NOTHING, fileProblems: problems, refused: [], unknownColumns: [] }
  const place = (p: Problem): string =>
    p.path[0] === 'gear' ? `Item ${Number(p.path[2]) + 1}` : String(p.path[0])
  return {
    name,
    document,
    fileProblems: [],
    refused: problems.map((problem) => ({ place: place(problem), problem })),
    unknownColumns: [],
  }
}

async function readAny(name: string, text: string): Promise<Reading> {
  const looksJson = /^\s*[{[<]/.test(text)
  if (looksJson) return fromFile(name, await ask((api) => api.readFile(text)))
  const stamp = crypto.randomUUID().slice(0, 6)
  return fromTable(name, await ask((api) => api.readTable(text, stamp)))
}

/** A table or an everything file: first shown what it would add, change and refuse, then taken in as one step. */
export function ImportSheet({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  const id = useId()
  const reading = useMutation({ mutationFn: async (file: File) => readAny(file.name, await file.text()) })
  const close = (): void => {
    reading.reset()
    onClose()
  }
  return (
    <Sheet open={open} title="Import gear" onClose={close} wide>
      <label htmlFor={id} className="text-[0.95rem]">
        A table (CSV with the units in its header: kind, name, mass_gr or mass_g, length_ft or length_m …) or
        a file saved from Hoxen
      </label>
      <input
        id={id}
        type="file"
        accept=".csv,.tsv,.txt,.json,text/csv,application/json"
        className={`${fieldLook} py-2`}
        onChange={(event) => {
          const [file] = event.target.files ?? []
          if (file) reading.mutate(file)
        }}
      />
      {reading.isPending && <p className="mt-4 text-faint">Reading…</p>}
      {reading.isError && (
        <p role="alert" className="mt-4 font-medium text-breaks">
          The file could not be read: {reading.error.message} Nothing was changed.
        </p>
      )}
      {reading.data !== undefined && <Preview reading={reading.data} onDone={close} />}
    </Sheet>
  )
}

const LISTED = 200

function Preview({ reading, onDone }: { readonly reading: Reading; readonly onDone: () => void }) {
  const gear = useGear()
  const { system } = useUnits()
  const [busy, setBusy] = useState(false)
  if (gear === undefined) return null
  const { document, fileProblems, refused, unknownColumns } = reading
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
  const plan = planImport(gear, document.gear.items)
  const parts = (['job', 'rig', 'pinned', 'settings', 'rigging', 'runs', 'water'] as const).filter(
    (key) => document[key] !== undefined,
  )
  const count = plan.added.length + plan.changed.length
  const take = (): void => {
    setBusy(true)
    applyImport(plan, document, `Import ${reading.name}`)
      .then(() => {
        noticeDone(`${count} taken from ${reading.name}`)
        onDone()
      }, noticeFailed)
      .finally(() => setBusy(false))
  }
  return (
    <div className="mt-4">
      <p className="text-lg" role="status">
        <b>{plan.added.length}</b> to add, <b>{plan.changed.length}</b> to change, <b>{plan.same}</b> already
        the same, <b className={refused.length > 0 ? 'text-breaks' : ''}>{refused.length}</b> refused
      </p>
      {parts.length > 0 && <p className="text-[0.92rem] text-faint">Also replaces: {parts.join(', ')}.</p>}
      {unknownColumns.length > 0 && (
        <p className="text-[0.92rem] text-watch">
          Columns not known and left out: {unknownColumns.join(', ')}.
        </p>
      )}
      <Refused rows={refused} />
      <ChangeList plan={plan} />
      <div className="mt-4 flex gap-3">
        <Button weight="strong" disabled={busy || (count === 0 && parts.length === 0)} onClick={take}>
          Take {count === 1 ? 'it' : `these ${count}`} in
        </Button>
        <Button onClick={onDone}>Leave everything as it is</Button>
      </div>
    </div>
  )
}

function Refused({ rows }: { readonly rows: Reading['refused'] }) {
  const { system } = useUnits()
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
            <b className="font-semibold">{place}.</b> {sayProblem(problem, system)}
          </li>
        ))}
      </ul>
      {rows.length > LISTED && <p className="text-faint">… and {rows.length - LISTED} more.</p>}
    </details>
  )
}

function ChangeList({ plan }: { readonly plan: ImportPlan }) {
  const { system } = useUnits()
  const rows = [
    ...plan.changed.map((c) => ({ item: c.after, word: 'changes' })),
    ...plan.added.map((item) => ({ item, word: 'new' })),
  ]
  if (rows.length === 0) return null
  return (
    <details className="mt-3">
      <summary className="font-semibold">What would be added or changed</summary>
      <ul className="mt-1 max-h-52 overflow-y-auto">
        {rows.slice(0, LISTED).map(({ item, word }) => (
          <li key={item.id} className="border-b border-rule py-1.5">
            {item.name}{' '}
            <span className="text-faint">
              — {summarize(item, system)} ({word})
            </span>
          </li>
        ))}
      </ul>
      {rows.length > LISTED && <p className="text-faint">… and {rows.length - LISTED} more.</p>}
    </details>
  )
}
