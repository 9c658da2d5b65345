import { RUN_LIMITS, type Sounding } from '@hoxen/core/water'
import type { KeyboardEvent, PointerEvent } from 'react'
import type { WaterScale } from '../../../drawing/index.ts'
import { useUnits } from '../../../ui/index.ts'

interface Props {
  readonly index: number
  readonly at: Sounding
  readonly scale: WaterScale
  readonly held: boolean
  readonly onTake: (event: PointerEvent) => void
  readonly onKey: (event: KeyboardEvent) => void
}

/** One sounding to take hold of, by pointer or by key; its depth is told while it is held. */
export function SoundingHandle({ index, at, scale, held, onTake, onKey }: Props) {
  const { show } = useUnits()
  const x = scale.x(at.fromBankM)
  const y = scale.y(-at.depthM)
  return (
    <g
      data-sounding={index}
      role="slider"
      tabIndex={0}
      aria-label={`Sounding ${index + 1}, ${show(at.fromBankM, 'length')} from your bank`}
      aria-valuemin={RUN_LIMITS.depthM.low}
      aria-valuemax={RUN_LIMITS.depthM.high}
      aria-valuenow={at.depthM}
      aria-valuetext={`${show(at.depthM, 'length')} deep`}
      onPointerDown={onTake}
      onKeyDown={onKey}
      className="cursor-grab"
    >
      <circle cx={x} cy={y} r="20" fill="transparent" />
      <circle cx={x} cy={y} r="7" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2.5" />
      {held && (
        <text x={x} y={y - 14} textAnchor="middle" fontSize="13" fontWeight="700" fill="var(--ink)">
          {show(at.depthM, 'length')}
        </text>
      )}
    </g>
  )
}
