import type { Day } from '@hoxen/core/day'
import type { RankedRig } from '@hoxen/core/match'
import { useUnits } from '../ui/index.ts'
import { sayNews, useDayNews } from './dayNews.ts'

interface Props {
  readonly day: Day
  readonly rig: RankedRig | undefined
}

/** News of the river since one looked, until it is heard. */
export function DayNews({ day, rig }: Props) {
  const { system } = useUnits()
  const { news, heard } = useDayNews(day, rig)
  if (news === undefined) return null
  return (
    <p role="status" data-news className="flex flex-wrap items-center gap-x-3 border-t border-rule/60">
      <span>{sayNews(news, system)}</span>
      <button
        type="button"
        onClick={heard}
        className="min-h-11 font-medium text-river underline underline-offset-4"
      >
        Heard
      </button>
    </p>
  )
}
