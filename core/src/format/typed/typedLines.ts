import type { Item, Problem } from '../../gear/index.ts'
import type { DecimalMark } from '../../quantity/index.ts'
import type { RowProblem } from '../csv.ts'
import { quickAdd } from './quickAdd.ts'

/** A list of gear as it is typed, one thing a line, by the reader of the one-line field. */
export interface TypedLinesReading {
  readonly items: readonly Item[]
  /** Fields of each that are only supposed, by its identifier. */
  readonly guessed: ReadonlyMap<string, readonly string[]>
  readonly rowProblems: readonly RowProblem[]
  /** Why nothing of it is taken. */
  readonly fileProblems: readonly Problem[]
}

/** More lines than this are no list that somebody typed. */
const MOST_LINES = 5000
/** Bullets and numbers before a thing in a list. */
const BULLET = /^\s*(?:[-–•*]|\d+[.)])\s+/

/**
 * Reads a list line by line; empty lines, and remarks that begin with “#”, are passed over.
 * @param newId makes the identifier of line n
 */
export function readTypedLines(
  text: string,
  newId: (row: number) => string,
  mark?: DecimalMark,
): TypedLinesReading {
  const items: Item[] = []
  const guessed = new Map<string, readonly string[]>()
  const rowProblems: RowProblem[] = []
  const lines = text.replace(/^\uFEFF/, '').split(/\r?\n/)
  if (lines.length > MOST_LINES) {
    const data = { rows: lines.length, limit: MOST_LINES }
    return { items, guessed, rowProblems, fileProblems: [{ path: [], code: 'too-many-lines', data }] }
  }
  lines.forEach((typed, index) => {
    const line = typed
      .replace(/^\s*#.*|\s#\s.*$/, '')
      .replace(BULLET, '')
      .trim()
    if (line === '') return
    const read = quickAdd(line, newId(index + 1), mark)
    if (read.ok) {
      items.push(read.item)
      if (read.guessed.length > 0) guessed.set(read.item.id, read.guessed)
    } else {
      // What stops it first; what else may be wrong is seen when that is mended.
      const [problem] = read.problems
      if (problem !== undefined) rowProblems.push({ ...problem, row: index + 1, name: line.slice(0, 60) })
    }
  })
  return { items, guessed, rowProblems, fileProblems: [] }
}
