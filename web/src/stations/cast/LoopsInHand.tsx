import { PULL_M } from '@hoxen/core/cast'
import { heldFor, type RigParts, type Shot } from '@hoxen/core/rig'
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
  const { stripM, loopsM } = heldFor(shot, parts.rod, parts.runningLine, castM)
  if (parts.head.onePiece || stripM <= 0) return null
  const build = parts.runningLine?.item.build ?? 'coated'
  const longest = Math.max(...loopsM)
  return (
    <section aria-labelledby="hand-title" className="mt-6">
      <h2 id="hand-title" className="text-xl">
        In the hand <Tag tag="practice" />
      </h2>
      <p>
        {shot.castM >= castM
          ? `For ${show(castM, 'length')} strip ${show(stripM, 'length')} (it would go ${show(shot.castM, 'length')}).`
          : `It goes about ${show(shot.castM, 'length')}, short of the ${show(castM, 'length')} asked: strip ${show(stripM, 'length')}.`}{' '}
        <b className="font-semibold">{sayPulls(loopsM, build, PULL_M)}</b>
      </p>
      <ol className="mt-1 space-y-1" aria-label="Loops, first laid first">
        {loopsM.map((loopM, i) => (
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
