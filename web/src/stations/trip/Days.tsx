import type { Item } from '@hoxen/core/gear'
import type { OrderedDay, TimedVisit } from '@hoxen/core/trip'
import { sayChanges, sayLeaveBy, sayMoreRods } from '@hoxen/core/words'
import { clock, onDay } from '../../ui/index.ts'
import { inHand, namesOf } from './rows.ts'

interface Props {
  readonly days: readonly OrderedDay[]
  readonly poolName: (id: string) => string
  readonly byId: ReadonlyMap<string, Item>
}

/** Each day in its order: pool after pool with its rig, and what is changed between. */
export function Days({ days, ...rest }: Props) {
  return (
    <section aria-labelledby="days-title" data-days>
      <h2 id="days-title" className="text-[1.15rem]">
        Day by day
      </h2>
      <div className="mt-1 grid gap-x-6 gap-y-4 sm:grid-cols-2 xl:grid-cols-4">
        {days.map((day) => (
          <Day key={day.on} day={day} {...rest} />
        ))}
      </div>
    </section>
  )
}

function Day({ day, poolName, byId }: { readonly day: OrderedDay } & Omit<Props, 'days'>) {
  const two = day.moreRods[0]
  return (
    <article data-day={day.on}>
      <h3 className="border-b border-rule text-[1rem]">{onDay(day.on)}</h3>
      <ol>
        {day.visits.map((visit, i) => (
          <Visited key={visit.runId} visit={visit} first={i === 0} name={poolName(visit.runId)} byId={byId} />
        ))}
      </ol>
      {day.visits.length === 0 && <p className="text-faint">No pool yet.</p>}
      {!day.inTime && (
        <p className="text-[0.9rem] font-medium text-watch">
          No order of these pools finds the beach at a tide to fish with the way back open.
        </p>
      )}
      {two !== undefined && day.minutes > 0 && (
        <p className="mt-1 text-[0.9rem] text-faint">{sayMoreRods(two)}</p>
      )}
    </article>
  )
}

interface VisitProps {
  readonly visit: TimedVisit
  readonly first: boolean
  readonly name: string
  readonly byId: Props['byId']
}

function Visited({ visit, first, name, byId }: VisitProps) {
  const { rig, changes, minutes, fromMs, toMs, tide } = visit
  return (
    <li className="py-1" data-visit={visit.runId}>
      {!first && (
        <p className="border-l-2 border-rule pl-2 text-[0.85rem] text-faint">
          {sayChanges(changes, minutes)}
        </p>
      )}
      <p className="flex items-baseline justify-between gap-2">
        <b className="font-semibold">{name}</b>
        <span className="shrink-0 text-[0.85rem] text-faint">
          {clock(fromMs)}–{clock(toMs)}
        </span>
      </p>
      <p className="text-[0.88rem] leading-snug">
        {rig === undefined ? 'Nothing in the kit covers it.' : namesOf(inHand(rig), byId)}
        {visit.angleDeg === undefined ? '' : ` · ${visit.angleDeg}°`}
      </p>
      {tide !== undefined && <p className="text-[0.88rem] font-semibold">{sayLeaveBy(tide.leave, clock)}</p>}
    </li>
  )
}
