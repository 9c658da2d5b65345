import {
  placedSounding,
  RUN_LIMITS,
  type Run,
  type Sounding,
  sectionOf,
  withSounding,
} from '@hoxen/core/water'
import type { KeyboardEvent, PointerEvent } from 'react'
import {
  bySlider,
  SectionPicture,
  sectionScale,
  useHold,
  useWidth,
  type WaterScale,
} from '../../../drawing/index.ts'
import { SoundingHandle } from './SoundingHandle.tsx'

const ROOM = { height: 250, left: 46, right: 14, top: 26, bottom: 24 } as const
/** Room below the deepest sounding to drag into, as a share of it, and at least this [m]. */
const SPARE = { share: 1.45, leastM: 0.9 } as const
/** A press this far above the water still means the water [m]. */
const ABOVE_M = 0.05
const NUDGE_M = 0.05

/** Across, in nudges, by key; what is left of a slider's keys moves it down and up. */
const ACROSS: Readonly<Record<string, number>> = { ArrowLeft: -2, ArrowRight: 2 }

interface Props {
  readonly run: Run
  /** New soundings; dragging hands them over when the pointer is lifted. */
  readonly onChange: (label: string, soundings: readonly Sounding[]) => void
}

interface Held {
  readonly index: number
  readonly at: Sounding
}

/** Place in the water by its place in the drawing [px]. */
const waterAt = (x: number, y: number, scale: WaterScale): Sounding => ({
  fromBankM: (x - scale.x(0)) / scale.pxPerM,
  depthM: (y - scale.y(0)) / (scale.pxPerM * scale.exaggeration),
})

/** Edits of a bed by hand or key. */
function useBed({ run, onChange }: Props, scale: WaterScale) {
  const replace = ({ index, at }: Held): void =>
    onChange(
      'Move a sounding',
      run.soundings.map((s, i) => (i === index ? at : s)),
    )
  const { held, drawing, take } = useHold<Held>({
    moved: ({ index }, x, y) => ({ index, at: placedSounding(run, index, waterAt(x, y, scale)) }),
    onDrop: replace,
  })
  const put = (index: number, at: Sounding): void => replace({ index, at: placedSounding(run, index, at) })
  return {
    held,
    drawing,
    take,
    soundings: run.soundings.map((s, i) => (held?.index === i ? held.at : s)),
    press: (event: PointerEvent<SVGSVGElement>) => {
      const box = event.currentTarget.getBoundingClientRect()
      const at = waterAt(event.clientX - box.left, event.clientY - box.top, scale)
      const more = at.depthM < -ABOVE_M ? undefined : withSounding(run, at)
      if (more !== undefined) onChange('Add a sounding', more)
    },
    key: (event: KeyboardEvent, index: number, { fromBankM, depthM }: Sounding) => {
      const across = ACROSS[event.key]
      if (event.key === 'Delete' || event.key === 'Backspace') {
        event.preventDefault()
        if (run.soundings.length > 1)
          onChange(
            'Delete a sounding',
            run.soundings.filter((_, i) => i !== index),
          )
      } else if (across !== undefined) {
        event.preventDefault()
        const step = event.shiftKey ? NUDGE_M * 5 : NUDGE_M
        put(index, { fromBankM: fromBankM + across * step, depthM })
      } else
        bySlider({
          now: depthM,
          min: RUN_LIMITS.depthM.low,
          max: RUN_LIMITS.depthM.high,
          step: -NUDGE_M,
          onPut: (m) => put(index, { fromBankM, depthM: m }),
        })(event)
    },
  }
}

/** The bed as it was sounded. Drag a sounding, press between two to add one; arrows move it, Delete takes it out. */
export function BedDrawing(props: Props) {
  const { run } = props
  const [box, width] = useWidth<HTMLDivElement>(800)
  const room = { width, ...ROOM }
  const toDepthM = Math.max(SPARE.leastM, SPARE.share * Math.max(...run.soundings.map((s) => s.depthM)))
  const scale = sectionScale(room, run.widthM, toDepthM, 0.1)
  const bed = useBed(props, scale)
  const section = sectionOf({ ...run, soundings: bed.soundings }, run.widthM, 'bottom')
  const surface = scale.y(0)
  return (
    <div ref={box} className="rounded-lg border border-rule bg-sheet">
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups the soundings as one */}
      <svg
        {...bed.drawing}
        width={width}
        height={ROOM.height}
        role="group"
        aria-label={`The bed of ${run.name}, ${run.soundings.length} soundings`}
        className="block touch-none"
        onPointerDown={(event) => {
          if ((event.target as Element).closest('[data-sounding]') === null) bed.press(event)
        }}
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
            onTake={bed.take({ index: i, at })}
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
