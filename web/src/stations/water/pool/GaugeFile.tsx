import { readByNow } from '@hoxen/core/water'
import { sayAhead, sayProblem } from '@hoxen/core/words'
import { useState } from 'react'
import { keepGauge, noticeSaid } from '../../../store/index.ts'
import { FileField, useUnits } from '../../../ui/index.ts'
import { ask } from '../../../worker/index.ts'

/** Reads a file, keeps what it holds, and says what could not be read. */
function useGaugeFile(gaugeId: string, onRead: () => void) {
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
  const take = (file: File): void =>
    void read(file).catch(() => setProblems(['The file can’t be read. Nothing was changed.']))
  return { problems, reading, take }
}

interface Props {
  readonly gaugeId: string
  readonly onRead: () => void
}

/** Takes a gauge's readings from a file: a table, or WaterML 2.0. What cannot be read changes nothing. */
export function GaugeFile({ gaugeId, onRead }: Props) {
  const { problems, reading, take } = useGaugeFile(gaugeId, onRead)
  return (
    <>
      <FileField
        label="Or import a file from the gauge (CSV or WaterML)"
        accept=".csv,.txt,.xml,text/csv,application/xml"
        said={problems}
        onFile={take}
      />
      {reading && (
        <p role="status" className="text-sm text-faint">
          Reading the file…
        </p>
      )}
    </>
  )
}
