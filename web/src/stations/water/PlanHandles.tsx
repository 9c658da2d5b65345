import { type Aim, ANGLE_LIMITS, aimAt, landingOf, type Mend, mendedM, mendOf } from '@hoxen/core/swing'
import { MEND_NAMES, sayAngle } from '@hoxen/core/words'
import type { KeyboardEvent } from 'react'
import {
  type AimKeys,
  aimByKey,
  bySlider,
  Handle,
  type RiverLayout,
  roundAim,
  roundLength,
  useHold,
} from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

interface Props {
  readonly layout: RiverLayout
  readonly wadeM: number
  readonly aim: Aim
  readonly mend: Mend | undefined
  readonly onAim: (aim: Aim) => void
  /** Undefined takes the mend away. */
  readonly onMend: (mend: Pick<Mend, 'kind' | 'sizeM'> | undefined) => void
}

/** Handle that is held, and where it has been taken to. */
type Held = { readonly what: 'fly'; readonly aim: Aim } | { readonly what: 'mend'; readonly downM: number }

/** Positions of what is held in the picture, what it says, and what hands and keys do to it. */
function usePlanHandles({ layout, wadeM, aim, mend, onAim, onMend }: Props) {
  const { show, system } = useUnits()
  const { plan } = layout
  const up = plan.y(1) > plan.y(0) ? -1 : 1
  const under = (x: number, y: number): readonly [xM: number, yM: number] => [
    (y - plan.y(0)) / (plan.pxPerM * plan.exaggeration * -up),
    (x - plan.x(0)) / plan.pxPerM,
  ]
  const { held, drawing, take } = useHold<Held>({
    moved: (it, x, y) =>
      it.what === 'fly'
        ? { what: 'fly', aim: roundAim(aimAt(under(x, y), wadeM), system) }
        : { what: 'mend', downM: under(x, y)[0] - middle[0] },
    onDrop: (it) => {
      if (it.what === 'fly') return onAim(it.aim)
      const next = mendOf(it.downM)
      onMend(next && { ...next, sizeM: roundLength(next.sizeM, system) })
    },
  })
  const now = held?.what === 'fly' ? held.aim : aim
  const landing = landingOf(now, wadeM)
  const middle = [landing[0] / 2, (landing[1] + wadeM) / 2] as const
  const downM = held?.what === 'mend' ? held.downM : mend === undefined ? 0 : mendedM(mend)
  const at = { x: plan.x(landing[1]), y: plan.y(landing[0]) }
  const mendAt = { x: plan.x(middle[1]), y: plan.y(middle[0] + downM) }
  const from = { x: plan.x(wadeM), y: plan.y(0) }
  const says = `${now.angleDeg}°, ${show(now.castM, 'length')}`
  const kind = downM === 0 ? mend?.kind : mendOf(downM)?.kind
  const mendSays =
    kind === undefined
      ? 'no mend'
      : `${MEND_NAMES[kind]}, ${show(kind === 'stack' ? (mend?.sizeM ?? 0) : Math.abs(downM), 'length')}`
  return {
    held,
    drawing,
    take,
    now,
    downM,
    at,
    mendAt,
    from,
    says,
    mendSays,
    mended: kind !== undefined,
    ...useKeys({ up, aim, mend, onAim, onMend }),
  }
}

/** What a press of the mend's keys adds to it [m]. */
const MEND_M = 0.5
const MEND_MOST_M = 10

/** What the keys do. @param up 1 where upstream is up in the picture, else -1 */
function useKeys({
  up,
  aim,
  mend,
  onAim,
  onMend,
}: Omit<Props, 'layout' | 'wadeM'> & { readonly up: 1 | -1 }) {
  const { system } = useUnits()
  const down = up === 1 ? -1 : 1
  const keys: AimKeys = { turn: { ArrowUp: down, ArrowDown: up }, out: { ArrowLeft: -1, ArrowRight: 1 } }
  return {
    aimKey: (event: KeyboardEvent): void => {
      const next = aimByKey(event, keys, aim, aim.castM, system)
      if (next !== undefined) onAim(next)
    },
    mendKey: (event: KeyboardEvent): void => {
      if (event.key === 'Delete' || event.key === 'Backspace') {
        event.preventDefault()
        onMend(undefined)
        return
      }
      const now = mend === undefined ? 0 : mendedM(mend)
      bySlider({
        now,
        min: -MEND_MOST_M,
        max: MEND_MOST_M,
        step: up * MEND_M,
        onPut: (m) => onMend(mendOf(m)),
      })(event)
    },
  }
}

/** The cast and its mend, to take hold of in the picture from above: by pointer, or by the arrow keys. */
export function PlanHandles(props: Props) {
  const { layout, aim } = props
  const { held, drawing, take, now, downM, at, mendAt, from, says, mendSays, mended, aimKey, mendKey } =
    usePlanHandles(props)
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups what can be taken hold of
    <svg
      {...drawing}
      role="group"
      aria-label="Cast and mend: drag, or use the arrow keys"
      className="no-print pointer-events-none absolute inset-0 touch-none"
      width={layout.width}
      height={layout.height}
    >
      <path
        d={`M${from.x} ${from.y}Q${2 * mendAt.x - (from.x + at.x) / 2} ${2 * mendAt.y - (from.y + at.y) / 2} ${at.x} ${at.y}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={held === undefined ? 1 : 2}
        strokeOpacity={held === undefined ? 0.45 : 0.9}
        strokeDasharray="2 4"
      />
      <Handle
        label="Where the cast lands. Up and down arrows change the angle, left and right the length"
        at={at}
        min={ANGLE_LIMITS.low}
        max={ANGLE_LIMITS.high}
        now={now.angleDeg}
        text={`${says}, ${sayAngle(now.angleDeg)}`}
        onTake={take({ what: 'fly', aim })}
        onKey={aimKey}
        shape={<circle r="7.5" />}
        says={held?.what === 'fly' ? says : undefined}
        width={layout.width}
      />
      <Handle
        label="Mend. Up and down arrows size it, Delete removes it"
        at={mendAt}
        min={-MEND_MOST_M}
        max={MEND_MOST_M}
        now={downM}
        text={mendSays}
        onTake={take({ what: 'mend', downM })}
        onKey={mendKey}
        shape={<path d="M0 -8.5L8.5 0L0 8.5L-8.5 0Z" />}
        says={held?.what === 'mend' || mended ? mendSays : undefined}
        width={layout.width}
      />
    </svg>
  )
}
