import type { PartOption } from '@hoxen/core/match'
import { rigKey } from '@hoxen/core/rig'
import { Link } from 'react-router'
import { StateMark } from '../../ui/index.ts'

interface Props {
  readonly title: string
  readonly options: readonly PartOption[]
}

/** The leaders or running lines that were swung with the best tip, its own first: what else would do, and how well. */
export function OtherParts({ title, options }: Props) {
  if (options.length < 2) return null
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-4 text-[0.9rem]">
      <span className="w-24 shrink-0 text-faint">{title}</span>
      <ul aria-label={title} className="flex flex-wrap gap-x-4">
        {options.map(({ choice, name, verdict }, i) => (
          <li key={rigKey(choice)} className="flex items-center gap-x-2">
            <Link
              to={`/match/rig/${rigKey(choice)}`}
              className={`inline-flex min-h-11 items-center hover:underline sm:min-h-8 ${i === 0 ? 'font-semibold' : ''}`}
            >
              {name ?? 'none'}
            </Link>
            <span>
              <StateMark state={verdict} />
            </span>
          </li>
        ))}
      </ul>
    </div>
  )
}
