import type { Day } from '@hoxen/core/day'
import { trendOf } from '@hoxen/core/water'
import { sayFish, sayFlies, sayLevelAge, sayLevelDoubt, sayWading } from '@hoxen/core/words'
import { Suspense } from 'react'
import { Link } from 'react-router'
import { useToday } from '../day/index.ts'
import { lazily, useNow, useUnits } from '../ui/index.ts'

// News comes when the river moves, not at the first look.
const DayNews = lazily(() => import('./NewsLine.tsx').then((m) => m.DayNews))

interface Props {
  readonly day: Day
  /** On a phone the page says all of it by itself. */
  readonly quiet: boolean
}

/**
 * The day in one line, the same on every page: everything is judged in it, and each word opens what sets it. Its line and its
 * notes are laid out by the head: on a phone the line stands at the very top.
 */
export function DayLine({ day, quiet }: Props) {
  const { show, system } = useUnits()
  const now = useNow()
  const heard = useToday()?.gauge.heard
  const trend = heard && trendOf(heard.record.readings, now)
  const doubt = sayLevelDoubt(day)
  const wading = sayWading(day, system)
  const { where } = day
  const age = where.by === 'pool' ? sayLevelAge(where.flow, now) : undefined
  return (
    <section aria-label="The day" className={`text-[0.88rem] ${quiet ? 'hidden lg:contents' : 'contents'}`}>
      <ul className="col-start-1 row-start-1 flex min-w-0 items-center overflow-x-auto text-[0.88rem] whitespace-nowrap lg:col-span-2 lg:row-start-2 lg:h-[1.4375rem]">
        <Word to="/water">{where.by === 'words' ? 'Water as described' : where.pool.name}</Word>
        {where.by === 'words' ? (
          <Word to="/match?ask=waterDepthM">
            {show(day.waterDepthM, 'length')} deep, {show(day.currentMps, 'current')}
          </Word>
        ) : (
          <Word to="/water?say=level">
            {where.flow === undefined ? 'as measured' : show(where.flow.m3ps, 'flow')}
            {where.flow?.from === 'hand' || trend === undefined ? '' : `, ${trend}`}
            {age !== undefined && <span className="ml-1 font-medium text-watch">{age}</span>}
          </Word>
        )}
        <Word to="/match?ask=season">
          {day.waterC === undefined ? day.season : show(day.waterC, 'temperature')}
        </Word>
        <Word to="/match?ask=fishKg">{sayFish(day, system)}</Word>
        <Word to="/match?ask=fly">{sayFlies(day)}</Word>
      </ul>
      <div className="col-span-2 row-start-3 text-[0.88rem]">
        {doubt !== undefined && (
          <p role="status" className="pb-1 font-medium text-watch">
            {doubt}
          </p>
        )}
        {wading !== undefined && (
          <p role="note" data-wading className="pb-1 font-medium text-watch">
            {wading}
          </p>
        )}
        <Suspense>
          <DayNews day={day} />
        </Suspense>
      </div>
    </section>
  )
}

function Word({ to, children }: { readonly to: string; readonly children: React.ReactNode }) {
  return (
    <li className="flex shrink-0 items-center not-first:before:px-1.5 not-first:before:text-faint not-first:before:content-['·']">
      <Link
        to={to}
        className="inline-flex min-h-11 min-w-11 items-center rounded-sm sm:min-w-0 hover:underline lg:min-h-6"
      >
        {children}
      </Link>
    </li>
  )
}
