import { type DayOfEntries, daysOf, type Entry, monthOf, SAW } from '@hoxen/core/journal'
import { SAW_WORDS } from '@hoxen/core/words'
import { useMemo, useState } from 'react'
import { SawMark } from '../../pool/index.ts'
import { Button } from '../../ui/index.ts'
import { dayName, dayOf, monthName } from './days.ts'

/** Months shown at first. */
const SHOWN = 3
const WEEKDAYS = ['M', 'T', 'W', 'T', 'F', 'S', 'S'] as const
/** Tones of what was seen, as shares of a day’s bar. */
const TONES = { high: 'var(--faint)', band: 'var(--river)', touched: 'var(--caster)' } as const

interface Props {
  readonly entries: readonly Entry[]
  readonly day: string | undefined
  readonly onDay: (day: string | undefined) => void
}

/** The months with swings in them, latest first; a day opens its swings. */
export function Calendar({ entries, day, onDay }: Props) {
  const [shown, setShown] = useState(SHOWN)
  const days = useMemo(() => new Map(daysOf(entries, dayOf).map((one) => [one.day, one])), [entries])
  const months = [...new Set([...days.keys()].map((one) => one.slice(0, 7)))]
  return (
    <section aria-label="Calendar" className="mt-5">
      <div className="flex flex-wrap gap-x-6 gap-y-4">
        {months.slice(0, shown).map((month) => (
          <Month key={month} month={month} days={days} day={day} onDay={onDay} />
        ))}
      </div>
      <p className="mt-2 flex flex-wrap items-center gap-x-4 text-[0.85rem] text-faint">
        {[...SAW].reverse().map((saw) => (
          <span key={saw} className="inline-flex items-center gap-1.5">
            <SawMark saw={saw} />
            {SAW_WORDS[saw]}
          </span>
        ))}
      </p>
      {months.length > shown && (
        <Button weight="quiet" className="px-0" onClick={() => setShown(months.length)}>
          {months.length - shown} earlier {months.length - shown === 1 ? 'month' : 'months'}
        </Button>
      )}
    </section>
  )
}

interface MonthProps {
  readonly month: string
  readonly days: ReadonlyMap<string, DayOfEntries>
  readonly day: string | undefined
  readonly onDay: (day: string | undefined) => void
}

function Month({ month, days, day, onDay }: MonthProps) {
  const [year = 0, number = 1] = month.split('-').map(Number)
  return (
    <table className="border-separate border-spacing-0.5 text-center text-[0.85rem]">
      <caption className="pb-1 text-left text-[1rem] font-semibold">{monthName(year, number)}</caption>
      <thead aria-hidden="true" className="text-faint">
        <tr>
          {WEEKDAYS.map((name, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: seven days, always in this order
            <th key={i} className="w-11 font-normal max-[23rem]:w-9 sm:w-9">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {monthOf(year, number).map((week) => (
          <tr key={week.find((one) => one !== null)}>
            {week.map((one, i) => (
              <td key={one ?? `empty ${i}`} className="p-0">
                {one !== null && <Day name={one} found={days.get(one)} chosen={one === day} onDay={onDay} />}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

interface DayProps {
  readonly name: string
  readonly found: DayOfEntries | undefined
  readonly chosen: boolean
  readonly onDay: (day: string | undefined) => void
}

function Day({ name, found, chosen, onDay }: DayProps) {
  const number = Number(name.slice(-2))
  if (found === undefined)
    return (
      <span className="grid size-11 place-items-center text-faint max-[23rem]:size-9 sm:size-9">
        {number}
      </span>
    )
  const of = found.entries.length
  return (
    <button
      type="button"
      aria-pressed={chosen}
      aria-label={`${dayName(name)}: ${SAW.filter((saw) => found.saw[saw] > 0)
        .map((saw) => `${found.saw[saw]} ${SAW_WORDS[saw]}`)
        .join(', ')}`}
      onClick={() => onDay(chosen ? undefined : name)}
      className="relative grid size-11 place-items-center rounded max-[23rem]:size-9 border border-ink/50 bg-sheet font-semibold aria-pressed:border-2 aria-pressed:border-river sm:size-9"
    >
      {number}
      <span aria-hidden="true" className="absolute inset-x-0.5 bottom-0.5 flex h-1.5">
        {[...SAW].reverse().map((saw) => (
          <span key={saw} style={{ width: `${(found.saw[saw] / of) * 100}%`, background: TONES[saw] }} />
        ))}
      </span>
    </button>
  )
}
