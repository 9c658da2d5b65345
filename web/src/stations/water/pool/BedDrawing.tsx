import { placedSounding, type Run, type Sounding, sectionOf, withSounding } from '@hoxen/core/water'
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react'
import { SectionPicture, sectionScale, useWidth, type WaterScale } from '../../../drawing/index.ts'
import { SoundingHandle } from './SoundingHandle.tsx'

const ROOM = { height: 250, left: 46, right: 14, top: 26, bottom: 24 } as const
/** Room below the deepest sounding to drag into, as a share of it, and at least this [m]. */
const SPARE = { share: 1.45, leastM: 0.9 } as const
/** A press this far above the water still means the water [m]. */
const ABOVE_M = 0.05
const NUDGE_M = 0.05

/** Across and down, in nudges, by key. */
const MOVES: Readonly<Record<string, readonly [across: number, down: number]>> = {
  ArrowLeft: [-2, 0],
  ArrowRight: [2, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

interface Props {
  readonly run: Run
  /** New soundings; dragging hands them over when the pointer is lifted. */
  readonly onChange: (label: string, soundings: readonly Sounding[]) => void
}

interface Held {
  readonly index: number
  readonly at: Sounding
}

/** Edits of a bed by hand or key. */
function useBed({ run, onChange }: Props, under: (event: PointerEvent) => Sounding) {
  const [held, setHeld] = useState<Held>()
  const replace = ({ index, at }: Held): void =>
    onChange(
      'Move a sounding',
      run.soundings.map((s, i) => (i === index ? at : s)),
    )
  return {
    held,
    soundings: run.soundings.map((s, i) => (held?.index === i ? held.at : s)),
    take: (index: number, at: Sounding) => setHeld({ index, at }),
    drag: (event: PointerEvent) => {
      if (held !== undefined) setHeld({ ...held, at: placedSounding(run, held.index, under(event)) })
    },
    drop: () => {
      if (held !== undefined) replace(held)
      setHeld(undefined)
    },
    letGo: () => setHeld(undefined),
    press: (event: PointerEvent) => {
      const at = under(event)
      const more = at.depthM < -ABOVE_M ? undefined : withSounding(run, at)
      if (more !== undefined) onChange('Add a sounding', more)
    },
    key: (event: KeyboardEvent, index: number, { fromBankM, depthM }: Sounding) => {
      const move = MOVES[event.key]
      const step = event.shiftKey ? NUDGE_M * 5 : NUDGE_M
      if (event.key === 'Delete' || event.key === 'Backspace') {
        if (run.soundings.length > 1)
          onChange(
            'Delete a sounding',
            run.soundings.filter((_, i) => i !== index),
          )
      } else if (move !== undefined) {
        const at = { fromBankM: fromBankM + move[0] * step, depthM: depthM + move[1] * step }
        replace({ index, at: placedSounding(run, index, at) })
      } else return
      event.preventDefault()
    },
  }
}

/** Point of the water under a pointer. */
function waterUnder(event: PointerEvent, svg: SVGSVGElement | null, scale: WaterScale): Sounding {
  const rect = svg?.getBoundingClientRect()
  return {
    fromBankM: (event.clientX - (rect?.left ?? 0) - scale.x(0)) / scale.pxPerM,
    depthM: (event.clientY - (rect?.top ?? 0) - scale.y(0)) / (scale.pxPerM * scale.exaggeration),
  }
}

/** The bed as it was sounded. Drag a sounding, press between two to add one; arrows move it, Delete takes it out. */
export function BedDrawing(props: Props) {
  const { run } = props
  const [box, width] = useWidth<HTMLDivElement>(800)
  const svg = useRef<SVGSVGElement>(null)
  const room = { width, ...ROOM }
  const toDepthM = Math.max(SPARE.leastM, SPARE.share * Math.max(...run.soundings.map((s) => s.depthM)))
  const scale = sectionScale(room, run.widthM, toDepthM, 0.1)
  const bed = useBed(props, (event) => waterUnder(event, svg.current, scale))
  const section = sectionOf({ ...run, soundings: bed.soundings }, run.widthM, 'bottom')
  const surface = scale.y(0)
  return (
    <div ref={box} className="rounded-lg border border-rule bg-sheet">
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups the soundings as one */}
      <svg
        ref={svg}
        width={width}
        height={ROOM.height}
        role="group"
        aria-label={`The bed of ${run.name}, ${run.soundings.length} soundings`}
        className="block touch-none"
        onPointerDown={(event) => {
          if ((event.target as Element).closest('[data-sounding]') === null) bed.press(event)
        }}
        onPointerMove={bed.drag}
        onPointerUp={bed.drop}
        onPointerCancel={bed.letGo}
      >
        <SectionPicture section={section} scale={scale} room={room} toDepthM={toDepthM} />
        <g stroke="var(--caster)" strokeWidth="2" fill="var(--caster)">
          <path d={`M${scale.x(run.wadeM)} ${surface - 14}V${surface}`} />
          <circle cx={scale.x(run.wadeM)} cy={surface - 16} r="4" />
        </g>
        {bed.soundings.map((at, i) => (
          <SoundingHandle
            // biome-ignore lint/suspicious/noArrayIndexKey: a sounding is known by its place in the row
            key={i}
            index={i}
            at={at}
            scale={scale}
            held={bed.held?.index === i}
            onTake={() => bed.take(i, at)}
            onKey={(event) => bed.key(event, i, at)}
          />
        ))}
      </svg>
      <p className="border-t border-rule px-3 py-1 text-[0.8rem] text-faint">
        Drag a sounding, or tap the water to add one. On the keyboard: arrows move, Delete deletes. Heights ×{' '}
        {scale.exaggeration.toFixed(1)}; as measured.
      </p>
    </div>
  )
}
