import { PULL_M } from '@hoxen/core/cast'
import type { RigParts, Shot } from '@hoxen/core/rig'
import { sayPulls } from '@hoxen/core/words'
import { Tag, useUnits } from '../../ui/index.ts'

interface Props {
  readonly shot: Shot
  readonly parts: RigParts
  /** As far as the day asks [m]. */
  readonly castM: number
}

/** How much line to strip for this cast, and how to hold it. */
export function LoopsInHand({ shot, parts, castM }: Props) {
  const { show } = useUnits()
  if (parts.head.onePiece || shot.shootM <= 0) return null
  const build = parts.runningLine?.item.build ?? 'coated'
  const longest = Math.max(...shot.loopsM)
  return (
    <section aria-labelledby="hand-title" className="mt-6">
      <h2 id="hand-title" className="text-xl">
        In the hand <Tag tag="practice" />
      </h2>
      <p>
        {shot.castM >= castM
          ? `It goes about ${show(shot.castM, 'length')}; ${show(castM, 'length')} are asked.`
          : `It goes about ${show(shot.castM, 'length')}, short of the ${show(castM, 'length')} asked.`}{' '}
        <b className="font-semibold">{sayPulls(shot.loopsM, build, PULL_M)}</b>
      </p>
      <ol className="mt-1 space-y-1" aria-label="Loops, first laid first">
        {shot.loopsM.map((loopM, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: loops are told apart by their turn alone
          <li key={i} className="flex items-center gap-3 text-[0.92rem]">
            <span
              className="h-3 rounded-full border-2 border-river"
              style={{ width: `${(70 * loopM) / longest}%` }}
            />
            {show(loopM, 'length')}
          </li>
        ))}
      </ol>
    </section>
  )
}
