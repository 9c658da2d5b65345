import type { Item } from '@hoxen/core/gear'
import type { UnitSystem } from '@hoxen/core/quantity'
import type { RigSlot } from '@hoxen/core/rig'
import { type CheckState, type Piece, piecesOf, type RigParts } from '@hoxen/core/rig'
import { SLOT_NAMES, STATE_NAMES, summaryBeside } from '@hoxen/core/words'
import { useState } from 'react'
import { Link } from 'react-router'
import { useUnits } from '../ui/index.ts'
import { RigDrawing } from './RigDrawing.tsx'
import { type StripScale, scaleBarM, startsOf, stripScale, targetPlaces } from './scale.ts'
import { useWidth } from './useWidth.ts'

interface Props {
  readonly parts: RigParts
  readonly states: ReadonlyMap<RigSlot, CheckState>
  readonly hrefFor: (slot: RigSlot) => string
  readonly height?: number
  /** Parts drawn apart, each with its name. */
  readonly exploded?: boolean
  /** Names and scale only of the part that is pointed at. */
  readonly bare?: boolean
}

const LEAST_TARGET = 44
const EXPLODED_PX = 16

interface Target {
  readonly slot: RigSlot
  readonly name: string
  /** Beside its name; left out where the name says it. */
  readonly figures: string | undefined

  readonly start: number
  readonly end: number
}

function reelTarget(parts: RigParts, left: number, figures: string | undefined): Target {
  return { slot: 'reelId', name: parts.reel?.name ?? 'No reel', figures, start: 0, end: left }
}

/** The rig as navigation: each part can be pointed at, named, and opened. */
export function RigStrip({ parts, states, hrefFor, height = 46, exploded = false, bare = false }: Props) {
  const [ref, width] = useWidth<HTMLElement>(900)
  const [marked, setMarked] = useState<RigSlot>()
  const { system } = useUnits()
  const pieces = piecesOf(parts)
  const scale = stripScale(pieces, width, height, width < 600 ? 34 : 44, 18, exploded ? EXPLODED_PX : 0)
  const targets = targetsOf(parts, pieces, scale, system)
  const places = targetPlaces(targets, LEAST_TARGET, width)
  const shown = targets.find((t) => t.slot === marked)
  return (
    <nav
      ref={ref}
      aria-label={exploded ? 'Parts of this rig, drawn apart' : 'Parts of the rig'}
      className="relative select-none"
    >
      <RigDrawing
        pieces={pieces}
        scale={scale}
        width={width}
        height={height}
        states={states}
        marked={marked}
      />
      <div className="absolute inset-x-0 top-0" style={{ height }}>
        {targets.map((target, i) => (
          <Link
            key={target.slot}
            to={hrefFor(target.slot)}
            aria-label={labelOf(target, states.get(target.slot))}
            onPointerEnter={() => setMarked(target.slot)}
            onPointerLeave={() => setMarked(undefined)}
            onFocus={() => setMarked(target.slot)}
            onBlur={() => setMarked(undefined)}
            className="absolute top-0 block h-full min-h-11"
            style={places[i] ?? { left: 0, width: LEAST_TARGET }}
          />
        ))}
      </div>
      <Caption {...{ parts, shown, bare, scale, exploded }} />
    </nav>
  )
}

/** What can be pointed at, with its figures: reel first, then each piece of the line. */
function targetsOf(
  parts: RigParts,
  pieces: readonly Piece[],
  scale: StripScale,
  system: UnitSystem,
): readonly Target[] {
  const items = new Map<RigSlot, Item | null | undefined>([
    ['reelId', parts.reel],
    ['runningLineId', parts.runningLine?.item],
    ['headId', parts.head.head],
    ['tipId', parts.tip?.item],
    ['leaderId', parts.leader],
  ])
  const figuresOf = (slot: RigSlot): string | undefined => {
    const item = items.get(slot)
    return item ? summaryBeside(item, system) : undefined
  }
  const starts = startsOf(pieces, scale)
  return [
    reelTarget(parts, scale.left, figuresOf('reelId')),
    ...pieces.map(({ slot, name, lengthM }, i): Target => {
      const start = starts[i] ?? 0
      return { slot, name, figures: figuresOf(slot), start, end: start + lengthM * scale.pxPerM }
    }),
  ]
}

const labelOf = ({ slot, name, figures }: Target, state: CheckState | undefined): string =>
  `${SLOT_NAMES[slot]}: ${name}${figures === undefined ? '' : `, ${figures}`}${state === undefined || state === 'holds' ? '' : `. ${STATE_NAMES[state]}`}`

interface CaptionProps {
  readonly parts: RigParts
  readonly shown: Target | undefined
  readonly bare: boolean
  readonly exploded: boolean
  readonly scale: StripScale
}

/** The part that is pointed at, or all of them; and the scale. */
function Caption({ parts, shown, bare, exploded, scale }: CaptionProps) {
  const { system, show } = useUnits()
  const barM = scaleBarM(scale, system)
  return (
    <div
      className={`items-end justify-between gap-3 text-[0.8rem] leading-none text-faint ${bare ? `pointer-events-none absolute inset-x-0 top-full z-10 rounded-b border-b border-rule bg-paper px-1 pb-1.5 ${shown === undefined ? 'hidden' : 'flex'}` : 'flex h-6'}`}
    >
      <span className="min-w-0 truncate" aria-live="polite">
        {shown === undefined ? (
          !exploded && <Summary parts={parts} />
        ) : (
          <>
            <b className="font-semibold text-ink">{shown.name}</b>
            {shown.figures === undefined ? '' : ` — ${shown.figures}`}
          </>
        )}
      </span>
      <span className="flex shrink-0 items-end gap-2">
        <span className="hidden sm:inline">thickness × {Math.round(scale.exaggeration / 10) * 10}</span>
        <span className="flex flex-col items-center gap-0.5">
          <span>{show(barM, 'length')}</span>
          <span
            className="block h-1.5 border-x border-b border-faint"
            style={{ width: barM * scale.pxPerM }}
          />
        </span>
      </span>
    </div>
  )
}

function Summary({ parts }: { readonly parts: RigParts }) {
  const names = [parts.rod.name, parts.head.head.name, parts.tip?.item.name, parts.leader?.name].filter(
    (n) => n !== undefined,
  )
  return <>{names.join(' · ')}</>
}
