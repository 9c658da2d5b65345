import {
  type ImportPlan,
  LIST_NAMES,
  LISTS,
  type ListName,
  type ListRow,
  type Merge,
  merged,
  planMerge,
  SINGLES,
} from '@hoxen/core/format'
import type { UnitSystem } from '@hoxen/core/quantity'
import { sayGuesses, sayLine, sayProblem, summarize } from '@hoxen/core/words'
import { useMemo, useState } from 'react'
import { withPast } from '../../store/everything.ts'
import { bringIn, Live, noticeDone, noticeFailed, useLive } from '../../store/index.ts'
import { Button, saveFile, useUnits } from '../../ui/index.ts'
import { ask } from '../../worker/index.ts'
import { AskedList } from './AskedList.tsx'
import { capital, type ImportReading } from './importReading.ts'

const LISTED = 200
const all = new Live(withPast, true)

/** Preview of a file: what it would add, change, take away and ask; then taken in as one step. */
export function ImportPreview({
  reading,
  onDone,
}: {
  readonly reading: ImportReading
  readonly onDone: () => void
}) {
  // Read anew whenever anything that is kept changes.
  const kept = useLive(all)
  const { system } = useUnits()
  const [busy, setBusy] = useState(false)
  const [olderToo, setOlderToo] = useState(false)
  const [answers, setAnswers] = useState<Readonly<Record<string, 'mine' | 'theirs'>>>({})
  const { document, past, fileProblems, refused, unknownColumns } = reading
  const merge = useMemo(() => kept && planMerge(kept, { document, past }), [kept, document, past])
  if (merge === undefined) return null
  const { plan, removed, asked, older } = merge
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
  const count =
    lists.reduce((sum, { added, changed }) => sum + added.length + changed.length, 0) +
    removed.length +
    asked.length +
    (olderToo ? older.length : 0)
  const sum = (of: (list: (typeof lists)[number]) => number): number =>
    lists.reduce((total, list) => total + of(list), 0)
  /** A row may be wrong in more than one way. */
  const refusedRows = new Set(refused.map(({ place }) => place)).size
  const take = (): void => {
    setBusy(true)
    bringIn(
      merged(document, merge, answers, olderToo, Date.now(), crypto.randomUUID().slice(0, 6)),
      `Import ${reading.name}`,
    )
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
        {past !== undefined && (
          <>
            <b>{removed.length}</b> to take away, <b>{older.length}</b> newer here,{' '}
          </>
        )}
        <b className={refusedRows > 0 ? 'text-breaks' : ''}>{refusedRows}</b> refused
      </p>
      <AskedList
        asked={asked}
        answers={answers}
        onAnswer={(place, side) => setAnswers({ ...answers, [place]: side })}
      />
      {older.length > 0 && (
        <label className="mt-2 flex min-h-11 items-center gap-2.5">
          <input
            type="checkbox"
            checked={olderToo}
            onChange={(event) => setOlderToo(event.target.checked)}
            className="size-4 shrink-0"
          />
          <span>
            Take the file’s older state of these {older.length} too (
            {older.filter(({ mine }) => mine === undefined).length} of them were taken away here since)
          </span>
        </label>
      )}
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
      <ChangeList plan={plan} removed={removed} guessed={reading.guessed} />
      <div className="mt-4 flex gap-3">
        <Button weight="strong" disabled={busy || (count === 0 && plan.singles.length === 0)} onClick={take}>
          Take {count === 1 ? 'it' : `these ${count}`} in
        </Button>
        <Button onClick={onDone}>Leave everything as it is</Button>
      </div>
    </div>
  )
}

function Refused({ reading: { name, refused: rows, table, guessed } }: { readonly reading: ImportReading }) {
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
  { file, rows }: NonNullable<ImportReading['table']>,
  refused: ImportReading['refused'],
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
  readonly removed: Merge['removed']
  readonly guessed: ImportReading['guessed']
}

function ChangeList({ plan, removed, guessed = {} }: ChangeListProps) {
  const { system } = useUnits()
  const supposed = (row: ListRow<ListName>): string =>
    'kind' in row ? sayGuesses(row, guessed[row.id] ?? [], system) : ''
  const about = (name: ListName, row: ListRow<ListName>): string =>
    'kind' in row ? summarize(row, system) : LISTS[name].words.one
  const rows = LIST_NAMES.flatMap((name) => {
    const { changed, added } = plan.lists[name]
    return [
      ...removed.filter((one) => one.name === name).map(({ row }) => ({ name, row, word: 'taken away' })),
      ...changed.map(({ after }) => ({ name, row: after, word: 'changes' })),
      ...added.map((row) => ({ name, row, word: 'new' })),
    ]
  })
  if (rows.length === 0) return null
  return (
    <details className="mt-3" open={Object.keys(guessed).length > 0}>
      <summary className="font-semibold">What would be added, changed or taken away</summary>
      <ul className="mt-1 max-h-52 overflow-y-auto">
        {rows.slice(0, LISTED).map(({ name, row, word }) => (
          <li key={`${name} ${row.id}`} className="border-b border-rule py-1.5">
            {'name' in row && row.name !== undefined ? row.name : capital(LISTS[name].words.one)}{' '}
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
