import type { Run, Sounding } from '@hoxen/core/water'
import { bedPoints } from '@hoxen/core/water'
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react'
import { sectionScale, ticks, useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

const HEIGHT = 250
const ROOM = { left: 46, right: 14, top: 26, bottom: 24 } as const
/** A sounding keeps this far from its neighbours [m]. */
const GAP_M = 0.1
/** Room below the deepest sounding to drag into, as a share of it. */
const SPARE = 1.45
const NUDGE_M = 0.05

interface Props {
  readonly run: Run
  /** New soundings; dragging hands them over when the pointer is lifted. */
  readonly onChange: (label: string, soundings: readonly Sounding[]) => void
}

const clamp = (value: number, low: number, high: number): number => Math.max(low, Math.min(high, value))

/** The bed as it was sounded. Drag a sounding, press between two to add one; arrows move it, Delete takes it out. */
export function BedDrawing({ run, onChange }: Props) {
  const [box, width] = useWidth<HTMLDivElement>(800)
  const svg = useRef<SVGSVGElement>(null)
  const [drag, setDrag] = useState<{ readonly index: number; readonly at: Sounding }>()
  const { show, system } = useUnits()
  const unit = system === 'trade' ? 0.3048 : 1
  const deepest = Math.max(0.6, ...run.soundings.map((s) => s.depthM))
  const scale = sectionScale({ width, height: HEIGHT, ...ROOM }, run.widthM, deepest * SPARE, 0.1)
  const soundings = run.soundings.map((s, i) => (drag?.index === i ? drag.at : s))
  const bed = bedPoints({ widthM: run.widthM, soundings })
  const line = bed.map((s) => `${scale.x(s.fromBankM).toFixed(1)} ${scale.y(-s.depthM).toFixed(1)}`).join('L')
  const surface = scale.y(0)

  const placed = (index: number, fromBankM: number, depthM: number): Sounding => {
    const low = (run.soundings[index - 1]?.fromBankM ?? -GAP_M) + GAP_M
    const high = (run.soundings[index + 1]?.fromBankM ?? run.widthM + GAP_M) - GAP_M
    const round = (m: number): number => Math.round(m * 100) / 100
    return { fromBankM: clamp(round(fromBankM), low, high), depthM: clamp(round(depthM), 0, 20) }
  }
  const under = (event: PointerEvent): readonly [fromBankM: number, depthM: number] => {
    const rect = svg.current?.getBoundingClientRect()
    const x = event.clientX - (rect?.left ?? 0)
    const y = event.clientY - (rect?.top ?? 0)
    return [(x - scale.x(0)) / scale.pxPerM, (y - surface) / (scale.pxPerM * scale.exaggeration)]
  }
  const replace = (label: string, index: number, at: Sounding): void =>
    onChange(
      label,
      run.soundings.map((s, i) => (i === index ? at : s)),
    )
  const remove = (index: number): void => {
    if (run.soundings.length > 1)
      onChange(
        'Take out a sounding',
        run.soundings.filter((_, i) => i !== index),
      )
  }
  const add = (event: PointerEvent): void => {
    const [fromBankM, depthM] = under(event)
    if (fromBankM <= 0 || fromBankM >= run.widthM || depthM < -0.05) return
    if (run.soundings.some((s) => Math.abs(s.fromBankM - fromBankM) < GAP_M)) return
    const at = {
      fromBankM: Math.round(fromBankM * 100) / 100,
      depthM: Math.max(0, Math.round(depthM * 100) / 100),
    }
    onChange(
      'Add a sounding',
      [...run.soundings, at].sort((a, b) => a.fromBankM - b.fromBankM),
    )
  }
  const onKey = (event: KeyboardEvent, index: number, at: Sounding): void => {
    const step = event.shiftKey ? NUDGE_M * 5 : NUDGE_M
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-step * 2, 0],
      ArrowRight: [step * 2, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    }
    const move = moves[event.key]
    if (event.key === 'Delete' || event.key === 'Backspace') remove(index)
    else if (move !== undefined)
      replace('Move a sounding', index, placed(index, at.fromBankM + move[0], at.depthM + move[1]))
    else return
    event.preventDefault()
  }
  return (
    <div ref={box} className="rounded-lg border border-rule bg-sheet">
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset; it groups the soundings as one */}
      <svg
        ref={svg}
        width={width}
        height={HEIGHT}
        role="group"
        aria-label={`The bed of ${run.name}, ${run.soundings.length} soundings`}
        className="block touch-none"
        onPointerDown={(event) => {
          if ((event.target as Element).closest('[data-sounding]') === null) add(event)
        }}
        onPointerMove={(event) => {
          if (drag !== undefined) setDrag({ ...drag, at: placed(drag.index, ...under(event)) })
        }}
        onPointerUp={() => {
          if (drag !== undefined) replace('Move a sounding', drag.index, drag.at)
          setDrag(undefined)
        }}
        onPointerCancel={() => setDrag(undefined)}
      >
        <path
          d={`M${line}L${scale.x(run.widthM)} ${surface}L${scale.x(0)} ${surface}Z`}
          fill="var(--shoal)"
        />
        <path
          d={`M${line}L${scale.x(run.widthM)} ${HEIGHT - ROOM.bottom}L${scale.x(0)} ${HEIGHT - ROOM.bottom}Z`}
          fill="var(--rule)"
        />
        <path d={`M${line}`} fill="none" stroke="var(--ink)" strokeWidth="2" />
        <path d={`M${scale.x(0)} ${surface}H${scale.x(run.widthM)}`} stroke="var(--river)" />
        <g stroke="var(--caster)" strokeWidth="2" fill="var(--caster)">
          <path d={`M${scale.x(run.wadeM)} ${surface - 14}V${surface}`} />
          <circle cx={scale.x(run.wadeM)} cy={surface - 16} r="4" />
        </g>
        {ticks(run.widthM / unit, 6).map((n) =>
          n === 0 ? null : (
            <text
              key={n}
              x={scale.x(n * unit)}
              y={HEIGHT - 7}
              textAnchor="middle"
              fontSize="12"
              fill="var(--faint)"
            >
              {show(n * unit, 'length')}
            </text>
          ),
        )}
        {ticks((deepest * SPARE) / unit, 4).map((n) => (
          <text
            key={n}
            x={ROOM.left - 8}
            y={scale.y(-n * unit) + 4}
            textAnchor="end"
            fontSize="12"
            fill="var(--faint)"
          >
            {n === 0 ? '0' : show(n * unit, 'length')}
          </text>
        ))}
        {soundings.map((at, i) => (
          <g
            // biome-ignore lint/suspicious/noArrayIndexKey: a sounding is known by its place in the row
            key={i}
            data-sounding={i}
            role="slider"
            tabIndex={0}
            aria-label={`Sounding ${i + 1}, ${show(at.fromBankM, 'length')} from your bank`}
            aria-valuemin={0}
            aria-valuemax={20}
            aria-valuenow={at.depthM}
            aria-valuetext={`${show(at.depthM, 'length')} deep`}
            onPointerDown={(event) => {
              event.currentTarget.ownerSVGElement?.setPointerCapture(event.pointerId)
              setDrag({ index: i, at })
            }}
            onKeyDown={(event) => onKey(event, i, at)}
            className="cursor-grab"
          >
            <circle cx={scale.x(at.fromBankM)} cy={scale.y(-at.depthM)} r="20" fill="transparent" />
            <circle
              cx={scale.x(at.fromBankM)}
              cy={scale.y(-at.depthM)}
              r="7"
              fill="var(--sheet)"
              stroke="var(--ink)"
              strokeWidth="2.5"
            />
            {drag?.index === i && (
              <text
                x={scale.x(at.fromBankM)}
                y={scale.y(-at.depthM) - 14}
                textAnchor="middle"
                fontSize="13"
                fontWeight="700"
                fill="var(--ink)"
              >
                {show(at.depthM, 'length')}
              </text>
            )}
          </g>
        ))}
      </svg>
      <p className="border-t border-rule px-3 py-1 text-[0.8rem] text-faint">
        Drag a sounding; press in the water to add one. With the keyboard: arrows move, Delete takes out.
        Heights × {scale.exaggeration.toFixed(1)}; as it was measured.
      </p>
    </div>
  )
}
