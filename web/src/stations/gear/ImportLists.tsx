import {
  type ImportPlan,
  LIST_NAMES,
  LISTS,
  type ListName,
  type ListRow,
  type Merge,
} from '@hoxen/core/format'
import type { UnitSystem } from '@hoxen/core/quantity'
import { differing, sayGuesses, sayLine, sayProblem, summarize } from '@hoxen/core/words'
import { noticeFailed } from '../../store/index.ts'
import { Button, saveFile, useUnits } from '../../ui/index.ts'
import { ask } from '../../worker/index.ts'
import { calledOf, type ImportReading } from './importReading.ts'

const LISTED = 200
const NONE_GUESSED: NonNullable<ImportReading['guessed']> = new Map()

/** Rows of a file that are refused, each with its reason. */
export function Refused({
  reading: { name, refused: rows, table, guessed },
}: {
  readonly reading: ImportReading
}) {
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

/** Of all that is kept, gear alone has a kind and a name. */
const isItem = (row: ListRow<ListName>): row is ListRow<'items'> => 'kind' in row && 'name' in row

interface ChangeListProps {
  readonly plan: ImportPlan
  readonly removed: Merge['removed']
  readonly guessed: ImportReading['guessed']
}

/** Things that a file adds, changes and takes away; of what is overwritten both states. */
export function ChangeList({ plan, removed, guessed = NONE_GUESSED }: ChangeListProps) {
  const { system } = useUnits()
  const supposed = (row: ListRow<ListName>): string =>
    isItem(row) ? sayGuesses(row, guessed.get(row.id) ?? [], system) : ''
  const about = (name: ListName, row: ListRow<ListName>): string =>
    isItem(row) ? summarize(row, system) : LISTS[name].words.one
  const rows = LIST_NAMES.flatMap((name) => {
    const { changed, added } = plan.lists[name]
    return [
      ...removed
        .filter((one) => one.name === name)
        .map(({ row }) => ({ name, row, says: `${about(name, row)}: deleted` })),
      ...changed.map(({ before, after }) => ({
        name,
        row: after,
        says: `${differing(before, after, system)} → ${differing(after, before, system)}`,
      })),
      ...added.map((row) => ({ name, row, says: `${about(name, row)}: new` })),
    ]
  })
  const overwrites = removed.length > 0 || LIST_NAMES.some((name) => plan.lists[name].changed.length > 0)
  if (rows.length === 0) return null
  return (
    <details className="mt-3" open={overwrites || guessed.size > 0}>
      <summary className="font-semibold">What would be added, changed or deleted</summary>
      <ul className="mt-1 max-h-52 overflow-y-auto">
        {rows.slice(0, LISTED).map(({ name, row, says }) => (
          <li key={`${name} ${row.id}`} className="border-b border-rule py-1.5">
            {calledOf(name, row)}{' '}
            <span className="text-faint">
              — {says}. {supposed(row)}
            </span>
          </li>
        ))}
      </ul>
      {rows.length > LISTED && <p className="text-faint">… and {rows.length - LISTED} more.</p>}
    </details>
  )
}
