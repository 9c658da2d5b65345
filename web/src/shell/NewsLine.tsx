import { type Day, isElsewhere } from '@hoxen/core/day'
import { sayElsewhere } from '@hoxen/core/words'
import { useQuestion, useRig } from '../ledger/index.ts'
import { goToPool } from '../pool/index.ts'
import { useSingle } from '../store/index.ts'
import { useUnits } from '../ui/index.ts'
import { sayNews, useDayNews } from './dayNews.ts'

interface Props {
  readonly day: Day
}

/** The place and the kind of water that was said, where they are not of one kind: one of them is to go. */
function Elsewhere({ day: { where, water } }: Props) {
  if (where.by !== 'pool' || !isElsewhere(where.pool, water)) return null
  const { pool } = where
  const look = 'min-h-11 font-medium text-river underline underline-offset-4'
  return (
    <p role="status" data-elsewhere className="flex flex-wrap items-center gap-x-3 font-medium text-watch">
      <span>{sayElsewhere(pool, water)}</span>
      <button type="button" onClick={() => goToPool(pool)} className={look}>
        Fish it as it is
      </button>
      <button type="button" onClick={() => goToPool(undefined)} className={look}>
        Leave {pool.name}
      </button>
    </p>
  )
}

/** News of the river since one looked, until it is heard; and a day that is not of its place. */
export function DayNews({ day }: Props) {
  return (
    <>
      <Elsewhere day={day} />
      <News day={day} />
    </>
  )
}

function News({ day }: Props) {
  const { system } = useUnits()
  const rig = useRig(useQuestion(), useSingle('rig'))
  const { news, heard } = useDayNews(day, rig === 'gone' ? undefined : rig)
  if (news === undefined) return null
  return (
    <p role="status" data-news className="flex flex-wrap items-center gap-x-3 border-t border-rule/60">
      <span>{sayNews(news, system)}</span>
      <button
        type="button"
        onClick={heard}
        className="min-h-11 font-medium text-river underline underline-offset-4"
      >
        Got it
      </button>
    </p>
  )
}
