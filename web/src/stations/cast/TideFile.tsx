import { gapsIn, type TideSource } from '@hoxen/core/tide'
import { sayTideProblem } from '@hoxen/core/words'
import { useState } from 'react'
import { noticeSaid } from '../../store/index.ts'
import { FileField, Select } from '../../ui/index.ts'
import { ask } from '../../worker/index.ts'

interface Props {
  readonly source: TideSource | undefined
  readonly onRead: (source: TideSource) => void
}

const HERE = Intl.DateTimeFormat().resolvedOptions().timeZone
const ZONES: readonly (readonly [string, string])[] = [
  [HERE, `this device’s: ${HERE}`],
  ...(HERE === 'UTC' ? [] : [['UTC', 'UTC'] as const]),
  ...['+01:00', '+02:00', '-05:00', '-08:00', '+09:00', '+10:00', '+12:00']
    .filter((zone) => zone !== HERE)
    .map((zone) => [zone, `UTC ${zone}`] as const),
]
const day = (ms: number): string => new Date(ms).toLocaleDateString([], { day: 'numeric', month: 'long' })

/** Takes the tide from a file: a table, or a calendar. What cannot be read changes nothing. */
export function TideFile({ source, onRead }: Props) {
  const [zone, setZone] = useState(HERE)
  const [said, setSaid] = useState<readonly string[]>([])
  const read = async (file: File): Promise<void> => {
    const {
      source: found,
      floating,
      problems,
    } = await ask((api) => api.readTide(file, zone, file.name.slice(0, 80)))
    setSaid([
      ...(floating ? [`Its times give no zone, so they were read as ${zone}.`] : []),
      ...problems.map(sayTideProblem),
      ...(found === undefined ? ['Nothing was changed.'] : []),
    ])
    if (found === undefined) return
    onRead(found)
    noticeSaid(`${found.table.length} heights imported from ${file.name}`)
  }
  const kept = source !== undefined && 'table' in source ? source : undefined
  return (
    <>
      <Select label="Times without a zone are in" value={zone} options={ZONES} onChange={setZone} />
      <FileField
        label="Import a tide file (CSV or iCalendar)"
        accept=".csv,.txt,.ics,text/csv,text/calendar"
        said={said}
        onFile={(file) =>
          void read(file).catch(() => setSaid(['The file can’t be read. Nothing was changed.']))
        }
      />
      {kept !== undefined && (
        <p className="text-[0.9rem] text-faint">
          {kept.from ?? 'A table'}: {kept.table.length} heights, {day(kept.table[0]?.[0] ?? 0)} to{' '}
          {day(kept.table.at(-1)?.[0] ?? 0)}
          {gapsIn(kept).length > 0 ? `, with ${gapsIn(kept).length} gaps` : ''}.
        </p>
      )}
    </>
  )
}
