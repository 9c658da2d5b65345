import {
  type CsvReading,
  type DocumentReading,
  type HoxenDocument,
  LIST_NAMES,
  LISTS,
  type ListName,
  nothingKept,
  type Past,
  placeOf,
  type TypedLinesReading,
} from '@hoxen/core/format'
import type { Problem } from '@hoxen/core/gear'

export const capital = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1)

/** A thing by its name, or by its sort where it has none. */
export const calledOf = (name: ListName, row: object): string =>
  'name' in row && typeof row.name === 'string' && row.name !== '' ? row.name : capital(LISTS[name].words.one)

/** A file as it was read: what can be taken from it, and what is refused. */
export interface ImportReading {
  readonly name: string
  readonly document: HoxenDocument
  /** History of its things, where another device tells it. */
  readonly past?: Past
  readonly fileProblems: readonly Problem[]
  readonly refused: readonly { readonly place: string; readonly problem: Problem }[]
  readonly unknownColumns: readonly string[]
  /** Of a list as it is typed: what is only supposed, by identifier. */
  readonly guessed?: TypedLinesReading['guessed']
  /** The table that was read, and the number of each row that was refused. */
  readonly table?: { readonly file: File; readonly rows: readonly number[] }
}

export function fromTable(file: File, csv: CsvReading): ImportReading {
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

export function fromFile(
  name: string,
  { document, problems, readable, past }: DocumentReading,
): ImportReading {
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
    ...(past === undefined ? {} : { past }),
  }
}

export function fromLines(
  name: string,
  { items, guessed, rowProblems, fileProblems }: TypedLinesReading,
): ImportReading {
  return {
    name,
    document: { ...nothingKept(), items: [...items] },
    fileProblems,
    refused: rowProblems.map((problem) => ({ place: `Line ${problem.row}, ${problem.name}`, problem })),
    unknownColumns: [],
    guessed,
  }
}
