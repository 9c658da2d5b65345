import { readByNow } from '@hoxen/core/water'
import { sayAhead, sayProblem } from '@hoxen/core/words'
import { useId, useState } from 'react'
import { keepGauge, noticeSaid } from '../../../store/index.ts'
import { useUnits } from '../../../ui/index.ts'
import { ask } from '../../../worker/index.ts'

/** Takes a gauge's readings from a file: a table, or WaterML 2.0. What cannot be read changes nothing. */
export function GaugeFile({ gaugeId, onRead }: { readonly gaugeId: string; readonly onRead: () => void }) {
  const id = useId()
  const { system } = useUnits()
  const [problems, setProblems] = useState<readonly string[]>([])
  const [reading, setReading] = useState(false)
  const read = async (file: File): Promise<void> => {
    setReading(true)
    const {
      readings,
      problems: found,
      read: there,
    } = await ask((api) => api.readGauge(file)).finally(() => setReading(false))
    const ahead = readings.length - readByNow(readings, Date.now()).length
    setProblems([
      ...found.map((p) => sayProblem(p, system)),
      ...(ahead > 0 ? [sayAhead(ahead, there ?? readings.length)] : []),
    ])
    if (readings.length === ahead) return
    await keepGauge({
      id: gaugeId,
      from: 'file',
      record: { station: file.name.slice(0, 80), readings: [...readings] },
    })
    noticeSaid(
      there === undefined
        ? `${readings.length} readings imported from ${file.name}`
        : `${there} readings in ${file.name}; saved: the last fortnight in full, one a day before that`,
    )
    onRead()
  }
  return (
    <div>
      <label htmlFor={id} className="block text-sm text-faint">
        Or import a file from the gauge (CSV or WaterML)
      </label>
      <input
        id={id}
        type="file"
        accept=".csv,.txt,.xml,text/csv,application/xml"
        aria-describedby={problems.length > 0 ? `${id}-problems` : undefined}
        onChange={(event) => {
          const [file] = event.target.files ?? []
          if (file !== undefined)
            read(file).catch(() => setProblems(['The file can’t be read. Nothing was changed.']))
          event.target.value = ''
        }}
        className="mt-1 block min-h-11 w-full text-sm file:mr-3 file:min-h-11 file:rounded-md file:border file:border-ink/60 file:bg-sheet file:px-3"
      />
      {reading && (
        <p role="status" className="text-sm text-faint">
          Reading the file…
        </p>
      )}
      {problems.length > 0 && (
        <ul id={`${id}-problems`} role="alert" className="mt-1 text-sm font-medium text-breaks">
          {problems.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      )}
    </div>
  )
}
