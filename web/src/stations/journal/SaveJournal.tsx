import { journalCsv } from '@hoxen/core/format'
import type { Entry } from '@hoxen/core/journal'
import { useList } from '../../store/index.ts'
import { Button, saveFile, today } from '../../ui/index.ts'

/** The swings in view as a table for a spreadsheet. */
export function SaveJournal({ entries }: { readonly entries: readonly Entry[] }) {
  const runs = useList('runs')
  const save = (): void => {
    saveFile(`hoxen-journal-${today()}.csv`, journalCsv(entries, runs ?? []), 'text/csv')
  }
  return (
    <Button className="no-print mt-3" disabled={entries.length === 0} onClick={save}>
      Save these as a table
    </Button>
  )
}
