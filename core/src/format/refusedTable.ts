import Papa from 'papaparse'
import { rowsCsv } from './csv.ts'

/** Rows of a table that were refused, each with why, as a table to correct and bring back. @param why by number of the row, the heading being 1 */
export function refusedTable(text: string, why: Readonly<Record<number, string>>): string {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), { skipEmptyLines: true })
  const [heading = [], ...rows] = data
  const refused = rows.flatMap((cells, i) => {
    const reason = why[i + 2]
    return reason === undefined ? [] : [[...heading.map((_, column) => cells[column] ?? ''), reason]]
  })
  return rowsCsv([[...heading, 'why'], ...refused])
}
