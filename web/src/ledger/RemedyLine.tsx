import type { Item } from '@hoxen/core/gear'
import type { Remedy } from '@hoxen/core/match'
import { CHECK_TITLES, STATE_NAMES, sayLeaderWith, sayPart } from '@hoxen/core/words'
import { Link } from 'react-router'
import { Button, buttonLook } from '../ui/index.ts'

interface Props {
  readonly remedy: Remedy
  readonly items: ReadonlyMap<string, Item>
  readonly href?: string
  readonly onTake?: () => void
}

/** The cheapest change that would fix a check, and what it would do to the others. */
export function RemedyLine({ remedy, items, href, onTake }: Props) {
  const what = sayPart(
    remedy.slot,
    (remedy.itemId === null ? undefined : items.get(remedy.itemId)?.name) ?? null,
  )
  const text = `${what}${sayLeaderWith(remedy.leaderName)}`
  const effects = remedy.effects.map((e) => `${CHECK_TITLES[e.code]}: ${word(e.from)} → ${word(e.to)}`)
  return (
    <div className="mt-1.5 border-l-[3px] border-river pl-3">
      <div className="flex flex-wrap items-center gap-x-3">
        <span>{text}</span>
        {href !== undefined && (
          <Link to={href} className={`${buttonLook('quiet')} px-0`}>
            See it
          </Link>
        )}
        {onTake !== undefined && (
          <Button weight="quiet" className="px-0" onClick={onTake}>
            Fix it
          </Button>
        )}
      </div>
      <p className="text-[0.86rem] text-faint">{effects.join(' · ')}</p>
    </div>
  )
}

const word = (state: Remedy['effects'][number]['from']): string =>
  state === 'absent' ? 'n/a' : STATE_NAMES[state].toLowerCase()
