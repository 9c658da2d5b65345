import { type Holding, heldState, PULL_M } from '@hoxen/core/cast'
import type { Stand } from '@hoxen/core/day'
import { heldFor, type RigParts, type Shot, shotWith, stripIn, type ThrowDay } from '@hoxen/core/rig'
import { LOOP_ADVICE, sayHeld, sayPulls, sayStripIn, sayStripOff, sayWindOnCast } from '@hoxen/core/words'
import { HangingLoops } from '../../drawing/index.ts'
import { Tag, useUnits } from '../../ui/index.ts'

interface Props {
  readonly shot: Shot
  readonly parts: RigParts
  readonly day: ThrowDay & { readonly castM: number }
  readonly stand: Stand
}

/** Line to strip for this cast, how to hold it, and how to get it back. */
export function LoopsInHand({ shot, parts, day, stand }: Props) {
  const { system } = useUnits()
  const { castM } = day
  const { stripM, loopsM } = heldFor(shot, parts.rod, parts.runningLine, castM)
  if (stripM <= 0) return null
  const build = parts.runningLine?.item.build ?? 'coated'
  const holding: Holding = { wadingM: day.wadingM, hands: stand.hands, basket: stand.basket }
  const inStillAir = shotWith(parts, parts.runningLine, { ...day, aheadMps: 0 })
  const wind = sayWindOnCast(shot.castM - inStillAir.castM, system)
  const trouble = sayHeld(heldState(build, stripM, holding), build, holding, system)
  return (
    <section aria-labelledby="hand-title" className="mt-6">
      <h2 id="hand-title" className="text-xl">
        Line in the hand <Tag tag="practice" />
      </h2>
      <p>
        {sayStripOff(castM, shot.castM, stripM, system)} {wind !== undefined && `${wind} `}
        <b className="font-semibold">
          {stand.basket ? 'Into the basket: no loops to hold.' : sayPulls(loopsM, build, PULL_M)}
        </b>
      </p>
      {trouble !== undefined && (
        <p data-held className="font-medium text-watch">
          {trouble}
        </p>
      )}
      {!stand.basket && <HangingLoops loopsM={loopsM} wadingM={day.wadingM} />}
      <p className="mt-2">{sayStripIn(stripIn(parts, day, stripM), system)}</p>
      <details className="mt-1 text-[0.95rem]">
        <summary className="min-h-11 cursor-pointer content-center">Loops, tangles and twist</summary>
        <ul className="list-disc pl-5">
          {LOOP_ADVICE.map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      </details>
    </section>
  )
}
