import type { Strand } from '@hoxen/core/ladder'
import { HOLDING_BAND_M } from '@hoxen/core/sink'
import type { Run } from '@hoxen/core/water'
import { bedPoints, depthAt } from '@hoxen/core/water'
import { sectionScale, ticks, useWidth, type WaterScale } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

const HEIGHT = 250
const ROOM = { left: 46, right: 14, top: 16, bottom: 24 } as const
const LABELLED = 6

interface Props {
  readonly run: Run
  readonly strands: readonly Strand[]
  /** The strand pointed at in the list. */
  readonly pointed: string | null | undefined
}

const path = (points: readonly (readonly [number, number])[], scale: WaterScale): string =>
  points
    .map(([y, z], i) => `${i === 0 ? 'M' : 'L'}${scale.x(y).toFixed(1)} ${scale.y(z).toFixed(1)}`)
    .join('')

/** The run in section with the way of the fly on each tip: strands at their depth, best ranked strongest. */
export function LadderDrawing({ run, strands, pointed }: Props) {
  const [box, width] = useWidth<HTMLDivElement>(800)
  const { show, system } = useUnits()
  const unit = system === 'trade' ? 0.3048 : 1
  const farthest = Math.max(run.wadeM + 4, ...strands.flatMap((s) => s.best.ride.track.map(([y]) => y + 1)))
  const toM = Math.min(run.widthM, farthest)
  const deepest = Math.max(0.3, ...run.soundings.map((s) => s.depthM))
  const scale = sectionScale({ width, height: HEIGHT, ...ROOM }, toM, deepest * 1.08, 0.1)
  const bed: readonly (readonly [number, number])[] = [
    ...bedPoints(run)
      .filter((s) => s.fromBankM < toM)
      .map((s) => [s.fromBankM, -s.depthM] as const),
    [toM, -depthAt(run, toM)],
  ]
  const bandTop = bed.map(([y, z]) => [y, Math.min(0, z + HOLDING_BAND_M)] as const)
  return (
    <div ref={box} className="rounded-lg border border-rule bg-sheet">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`The way of the fly on each of ${strands.length} tips, in section`}
        className="block"
      >
        <path d={`${path([[0, 0], ...bed, [toM, 0]], scale)}Z`} fill="var(--shoal)" />
        <path d={`${path([...bed, ...[...bandTop].reverse()], scale)}Z`} fill="var(--river)" opacity="0.16" />
        <path
          d={`${path(bed, scale)}V${HEIGHT - ROOM.bottom}H${scale.x(0).toFixed(1)}Z`}
          fill="var(--rule)"
        />
        <path d={path(bed, scale)} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
        <path
          d={path(
            [
              [0, 0],
              [toM, 0],
            ],
            scale,
          )}
          stroke="var(--river)"
        />
        {ticks(toM / unit, 6).map((n) =>
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
        {ticks(deepest / unit, 4).map((n) => (
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
        {[...strands].reverse().map((strand) => {
          const rank = strands.indexOf(strand)
          const lit = pointed === undefined ? rank < 1 || strand.mine : strand.tipId === pointed
          return (
            <path
              key={strand.tipId ?? '_'}
              d={path(
                strand.best.ride.track.map(([y, depth]) => [y, -depth] as const),
                scale,
              )}
              fill="none"
              stroke={strand.mine ? 'var(--caster)' : 'var(--ink)'}
              strokeWidth={lit ? 3.2 : 1.4}
              strokeDasharray={strand.mine ? '7 4' : undefined}
              opacity={lit ? 1 : 0.4}
            />
          )
        })}
        <Places strands={strands} scale={scale} />
      </svg>
      <p className="border-t border-rule px-3 py-1 text-[0.8rem] text-faint">
        Across the river; heights × {scale.exaggeration.toFixed(1)}. Tinted: the holding band. Figures: places
        in the list. Strong: the one that holds the fly longest. Dashed: the tip in the strip.
      </p>
    </div>
  )
}

/** The best strands' places in the list, on the strand, each a little further along than the one before. */
function Places({ strands, scale }: { readonly strands: readonly Strand[]; readonly scale: WaterScale }) {
  return strands.slice(0, LABELLED).map(({ tipId, best }, i) => {
    const { track } = best.ride
    const [y, depth] = track[Math.floor((track.length - 1) * (0.12 + 0.07 * i))] ?? [0, 0]
    return (
      <g key={tipId ?? '_'}>
        <circle cx={scale.x(y)} cy={scale.y(-depth)} r="9" fill="var(--sheet)" stroke="var(--ink)" />
        <text
          x={scale.x(y)}
          y={scale.y(-depth) + 4}
          textAnchor="middle"
          fontSize="12"
          fontWeight="700"
          fill="var(--ink)"
        >
          {i + 1}
        </text>
      </g>
    )
  })
}
