import { type Holding, heldState, PULL_M } from '@hoxen/core/cast'
import type { Stand } from '@hoxen/core/day'
import { heldFor, type RigParts, type Shot, shotWith, stripIn, type ThrowDay } from '@hoxen/core/rig'
import { LOOP_ADVICE, sayHeld, sayPulls, sayStripIn, sayWindOnCast } from '@hoxen/core/words'
import { useWidth } from '../../drawing/index.ts'
import { Tag, useUnits } from '../../ui/index.ts'

interface Props {
  readonly shot: Shot
  readonly parts: RigParts
  readonly day: ThrowDay & { readonly castM: number }
  readonly stand: Stand
}

/** How much line to strip for this cast, how to hold it, and how to get it back. */
export function LoopsInHand({ shot, parts, day, stand }: Props) {
  const { show, system } = useUnits()
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
        In the hand <Tag tag="practice" />
      </h2>
      <p>
        {shot.castM >= castM
          ? `For ${show(castM, 'length')} strip ${show(stripM, 'length')} (it would go ${show(shot.castM, 'length')}).`
          : `It goes about ${show(shot.castM, 'length')}, short of the ${show(castM, 'length')} asked: strip ${show(stripM, 'length')}.`}{' '}
        {wind !== undefined && `${wind} `}
        <b className="font-semibold">
          {stand.basket ? 'Into the basket, no loops.' : sayPulls(loopsM, build, PULL_M)}
        </b>
      </p>
      {trouble !== undefined && (
        <p data-held className="font-medium text-watch">
          {trouble}
        </p>
      )}
      {!stand.basket && <Loops loopsM={loopsM} wadingM={day.wadingM} />}
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

/** The hand that holds, over the bed it stands on [m]. */
const HAND_M = 1.15
const HEIGHT = 170
const TOP = 16

/** The loops as they hang from the hand, to scale: what reaches the water lies on it and is drawn off by the current. */
function Loops({ loopsM, wadingM }: { readonly loopsM: readonly number[]; readonly wadingM: number }) {
  const [ref, width] = useWidth<HTMLDivElement>(480)
  const { show } = useUnits()
  const deepest = Math.max(...loopsM) / 2
  const scale = (HEIGHT - TOP - 26) / Math.max(deepest, HAND_M)
  const waterY = TOP + (HAND_M - wadingM) * scale
  const gap = Math.min(90, (width - 24) / loopsM.length)
  const dips = loopsM.filter((m) => m / 2 > HAND_M - wadingM).length
  return (
    <div ref={ref} className="mt-2 overflow-hidden rounded-lg border border-rule bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`Loops, first laid first: ${loopsM.map((m) => show(m, 'length')).join(', ')}; ${dips} of ${loopsM.length} reach the water`}
        className="block"
      >
        <rect y={waterY} width={width} height={HEIGHT - waterY} fill="var(--shoal)" />
        <path d={`M0 ${waterY}H${width}`} stroke="var(--river)" strokeWidth="1.4" />
        <path
          d={`M12 ${TOP}H${12 + gap * loopsM.length}`}
          stroke="var(--ink)"
          strokeWidth="5"
          strokeLinecap="round"
        />
        {loopsM.map((m, i) => {
          const x = 12 + gap * (i + 0.22)
          const w = gap * 0.5
          const y = TOP + (m / 2) * scale - w / 2
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: loops are told apart by their turn alone
            <g key={i}>
              <path
                d={`M${x} ${TOP}V${Math.max(TOP, y)}a${w / 2} ${w / 2} 0 0 0 ${w} 0V${TOP}`}
                fill="none"
                stroke="var(--river)"
                strokeWidth="2.4"
              />
              <text x={x + w / 2} y={HEIGHT - 6} textAnchor="middle" fontSize="12" fill="var(--ink)">
                {show(m, 'length')}
              </text>
            </g>
          )
        })}
      </svg>
    </div>
  )
}
