import type { Fan } from '@hoxen/core/ladder'
import type { Run } from '@hoxen/core/water'
import { sayFan, saySpreads } from '@hoxen/core/words'
import { Tag, useUnits } from '../../ui/index.ts'

interface Props {
  readonly fan: Fan | undefined
  readonly pool: Run | undefined
}

/** Confidence in the swing, in a sentence, and what it is unsure of. */
export function HowSure({ fan, pool }: Props) {
  const { system } = useUnits()
  return (
    <div className="mt-2 text-[0.92rem]" data-fan={fan === undefined ? 'working' : 'done'}>
      <p role="status">
        {fan === undefined ? 'How sure is that? Swinging 24 more…' : sayFan(fan, system)}{' '}
        <Tag tag="estimate" />
      </p>
      <details className="text-[0.85rem] text-faint">
        <summary className="min-h-11 cursor-pointer content-center">What was varied</summary>
        {saySpreads(pool)}
      </details>
    </div>
  )
}
