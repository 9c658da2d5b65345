import { journalCsv, nothingKept, writeDocument } from '@hoxen/core/format'
import type { Entry } from '@hoxen/core/journal'
import { useList } from '../../store/index.ts'
import { Button, saveFile, today } from '../../ui/index.ts'

/** The swings in view as a table for a spreadsheet. */
export function SaveJournal({ entries }: { readonly entries: readonly Entry[] }) {
  const runs = useList('runs')
  const save = (): void => {
    saveFile(`hoxen-journal-${today()}.csv`, journalCsv(entries, runs ?? []), 'text/csv')
  }
  const photos = useList('photos')
  const saveWhole = (): void => {
    const shown = new Set(entries.map(({ photoId }) => photoId))
    const some = { ...nothingKept(), entries, photos: (photos ?? []).filter(({ id }) => shown.has(id)) }
    const text = writeDocument(some, new Date().toISOString())
    saveFile(`hoxen-journal-${today()}.json`, text, 'application/json')
  }
  return (
    <div className="no-print mt-3 flex flex-wrap gap-2">
      <Button disabled={entries.length === 0} onClick={save}>
        Save these as a table
      </Button>
      <Button disabled={entries.length === 0} onClick={saveWhole}>
        Save everything, photos too
      </Button>
    </div>
  )
}
