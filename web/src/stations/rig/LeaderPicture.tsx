import type { LeaderRecipe } from '@hoxen/core/leader'
import { type KeyboardEvent, type PointerEvent, type ReactNode, useRef } from 'react'
import { bySlider, useHold, useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

interface Props {
  readonly recipe: LeaderRecipe
  /** Part that the leader hangs on. */
  readonly behind: string
  /** Of a dropper: from the ring to the point fly [m]. */
  readonly spacingM: number | undefined
  /** The end of a piece taken elsewhere, from the butt [m]. */
  readonly onEnd: (index: number, atM: number) => void
  /** Told which is held, and where; undefined when it is let go. */
  readonly onHold?: ((held: HeldEnd | undefined) => void) | undefined
}

/** The end of a piece while it is held, from the butt [m]. */
export interface HeldEnd {
  readonly index: number
  readonly atM: number
}

const HIGH = 150
const LINE_Y = 78
/** The line's end before the leader, and room for the fly behind it [px]. */
const STUB = 54
const FLY = 40
/** Thickness of a millimetre of diameter [px]. */
const PX_PER_MM = 18
/** A piece narrower than this has no room for its words [px]. */
const NAMED_PX = 58
const NUDGE_M = 0.02
/** Knots closer than this are drawn slimmer [px]. */
const SLIM_PX = 36

/** A leader to scale from the line’s end to the fly: each piece as thick as it is, each knot where it is tied, to be taken hold of and moved. */
export function LeaderPicture({ recipe, behind, spacingM, onEnd, onHold }: Props) {
  const { show } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(800)
  const wholeM = recipe.lengthM + (spacingM ?? 0)
  const toFit = (width - STUB - FLY) / wholeM
  // The scale stays while an end is held: what is under the hand must not slide away from it.
  const taken = useRef(toFit)
  const { drawing, take, held } = useHold<HeldEnd>({
    moved: ({ index }, at) => ({ index, atM: (at - STUB) / taken.current }),
    onHold,
    onDrop: ({ index, atM }) => onEnd(index, atM),
  })
  const px = held === undefined ? toFit : taken.current
  const x = (m: number): number => STUB + m * px
  const ends = endsOf(recipe)
  const said = useSaid(recipe)
  const takeEnd = (end: HeldEnd) => (event: PointerEvent) => {
    taken.current = px
    take(end)(event)
  }
  return (
    <div ref={box} className="rounded-lg border border-rule bg-sheet">
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups what can be taken hold of */}
      <svg
        {...drawing}
        width={width}
        height={HIGH}
        role="group"
        aria-label={said}
        className="block touch-none"
      >
        <path d={`M0 ${LINE_Y - 9}H${STUB - 14}q8 0 14 7v4q-6 7 -14 7H0Z`} fill="var(--faint)" />
        <text x="6" y="18" fontSize="12" fill="var(--faint)">
          {behind}
        </text>
        {recipe.steps.map((step, i) => (
          <Piece key={step.spoolId} step={step} from={x(ends[i - 1] ?? 0)} to={x(ends[i] ?? 0)} />
        ))}
        {spacingM !== undefined && (
          <Dropped from={x(recipe.lengthM)} to={x(wholeM)} says={show(spacingM, 'length')} />
        )}
        <Ends {...{ recipe, ends, x, spacingM, onEnd }} take={takeEnd} />
        <text x={STUB} y={HIGH - 8} fontSize="12" fill="var(--faint)">
          thickness × {Math.round((PX_PER_MM * 1000) / px)}
        </text>
        <text x={width - FLY} y={HIGH - 8} fontSize="13" fontWeight="600" textAnchor="end" fill="var(--ink)">
          {show(wholeM, 'length')} in all
        </text>
      </svg>
    </div>
  )
}

/** Where each piece ends, from the butt [m]. */
const endsOf = ({ steps }: LeaderRecipe): readonly number[] =>
  steps.map((_, i) => steps.slice(0, i + 1).reduce((sum, { lengthM }) => sum + lengthM, 0))

/** The leader in words. */
function useSaid({ steps }: LeaderRecipe): string {
  const { show } = useUnits()
  const said = steps.map(({ lengthM, diameterM, breakingN }) =>
    [
      `${show(lengthM, 'length')} of ${show(diameterM, 'diameter')}`,
      ...(breakingN === undefined ? [] : [show(breakingN, 'breakingLoad')]),
    ].join(', '),
  )
  return `The leader, butt to fly: ${said.join('; ')}`
}

interface EndsProps extends Pick<Props, 'recipe' | 'spacingM' | 'onEnd'> {
  readonly ends: readonly number[]
  readonly x: (m: number) => number
  readonly take: (end: HeldEnd) => (event: PointerEvent) => void
}

/** Each knot, and the end at the fly. */
function Ends({ recipe, ends, x, spacingM, take, onEnd }: EndsProps) {
  const { show } = useUnits()
  /** Where knots stand close together each is drawn slimmer. */
  const slim = Math.min(...recipe.steps.map(({ lengthM }) => x(lengthM) - x(0))) < SLIM_PX
  const last = ends.length - 1
  return ends.map((m, i) => (
    <End
      key={recipe.steps[i]?.spoolId}
      x={x(m)}
      label={i === last ? 'The end at the fly' : `Knot ${i + 1}`}
      atM={m}
      mostM={recipe.lengthM}
      says={`${show(m, 'length')} from the butt`}
      shape={i < last ? <Knot slim={slim} /> : spacingM === undefined ? <Fly x={0} y={0} /> : <Ring />}
      onTake={take({ index: i, atM: m })}
      onKey={bySlider({ now: m, min: 0, max: recipe.lengthM, step: NUDGE_M, onPut: (to) => onEnd(i, to) })}
    />
  ))
}

interface PieceProps {
  readonly step: LeaderRecipe['steps'][number]
  /** Its ends [px]. */
  readonly from: number
  readonly to: number
}

/** One piece as thick as it is, with its figures where there is room. */
function Piece({ step, from, to }: PieceProps) {
  const { show } = useUnits()
  const thick = Math.max(2, step.diameterM * 1000 * PX_PER_MM)
  const middle = (from + to) / 2
  return (
    <>
      <rect x={from} y={LINE_Y - thick / 2} width={Math.max(0, to - from)} height={thick} fill="var(--ink)" />
      {to - from > NAMED_PX && (
        <g fontSize="13" textAnchor="middle" fill="var(--ink)">
          <text x={middle} y={LINE_Y - 30} fontWeight="600">
            {show(step.lengthM, 'length')}
          </text>
          <text x={middle} y={LINE_Y - 15} fill="var(--faint)">
            {show(step.diameterM, 'diameter')}
          </text>
          {step.breakingN !== undefined && (
            <text x={middle} y={LINE_Y + 30} fontWeight="600">
              {show(step.breakingN, 'breakingLoad')}
            </text>
          )}
        </g>
      )}
    </>
  )
}

/** The point fly on its own piece, from the dropper’s ring. */
const Dropped = ({
  from,
  to,
  says,
}: {
  readonly from: number
  readonly to: number
  readonly says: string
}) => (
  <g>
    <path d={`M${from} ${LINE_Y}H${to}`} stroke="var(--ink)" strokeWidth="2.5" strokeDasharray="7 3" />
    <text x={(from + to) / 2} y={LINE_Y - 15} fontSize="13" textAnchor="middle" fill="var(--ink)">
      {says}
    </text>
    <Fly x={to} y={LINE_Y} />
  </g>
)

interface EndProps {
  readonly x: number
  readonly label: string
  readonly atM: number
  readonly mostM: number
  readonly says: string
  readonly shape: ReactNode
  readonly onTake: (event: PointerEvent) => void
  readonly onKey: (event: KeyboardEvent) => void
}

function End({ x, label, atM, mostM, says, shape, onTake, onKey }: EndProps) {
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={mostM}
      aria-valuenow={atM}
      aria-valuetext={says}
      transform={`translate(${x} ${LINE_Y})`}
      className="group cursor-ew-resize outline-none"
      onPointerDown={onTake}
      onKeyDown={onKey}
    >
      <rect x="-16" y="-24" width="32" height="48" fill="transparent" />
      <circle
        r="15"
        fill="none"
        stroke="var(--caster)"
        strokeWidth="3"
        className="invisible group-focus-visible:visible"
      />
      {shape}
    </g>
  )
}

/** Two lines wound round one another: turns either side of the middle. */
const Knot = ({ slim }: { readonly slim: boolean }) => (
  <g stroke="var(--caster)" strokeWidth="2.5" strokeLinecap="round">
    <rect
      x={slim ? -5 : -10}
      y="-7"
      width={slim ? 10 : 20}
      height="14"
      rx="4"
      fill="var(--sheet)"
      stroke="none"
    />
    {(slim ? [-2, 2] : [-8, -4, 0, 4, 8]).map((at) => (
      <path key={at} d={`M${at - 2} 6L${at + 2} -6`} />
    ))}
  </g>
)

const Ring = () => <circle r="6" fill="var(--sheet)" stroke="var(--caster)" strokeWidth="3" />

const Fly = ({ x, y }: { readonly x: number; readonly y: number }) => (
  <path
    d={`M${x} ${y}h22q9 0 9 8t-9 8q-5 0 -6 -5M${x + 4} ${y}l-2 -8M${x + 8} ${y}l1 -9M${x + 12} ${y}l4 -8`}
    fill="none"
    stroke="var(--caster)"
    strokeWidth="2.2"
    strokeLinecap="round"
  />
)
