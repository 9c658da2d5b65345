import { unitOf } from '@hoxen/core/quantity'
import { LEVEL_MATERIALS, MATERIAL_TOLERANCE, type MaterialReading } from '@hoxen/core/sink'
import { sayAmongMaterials } from '@hoxen/core/words'
import { unitTicks, useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

const AXIS_HIGH = 132
const AXIS_Y = 84
/** Shown of the axis at least [gr/ft]. */
const AXIS = { low: 2, high: 22 } as const

/** Chart of a measure among the level materials: each with its tolerance, the measure with how sure scale and tape are. */
export function MaterialAxis({ reading }: { readonly reading: MaterialReading | undefined }) {
  const { show, system } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(800)
  const at = reading?.grainsPerFt
  const spread = reading?.sinkingGrainsPerFt
  const high = Math.max(AXIS.high, (at ?? 0) * 1.1, (spread?.high ?? 0) * 1.1)
  const low = Math.min(AXIS.low, (at ?? AXIS.low) * 0.8)
  const x = (n: number): number => 14 + ((n - low) / (high - low)) * (width - 28)
  const { toSi, fromSi } = unitOf('gr/ft')

  return (
    <div ref={box} className="rounded-lg border border-rule bg-sheet">
      <svg
        width={width}
        height={AXIS_HIGH}
        role="img"
        aria-label={sayAmongMaterials(reading, system)}
        className="block"
      >
        <path d={`M14 ${AXIS_Y}H${width - 14}`} stroke="var(--ink)" strokeWidth="1.5" />
        {unitTicks(toSi(low), toSi(high), Math.max(4, width / 110), 'massPerLength', system).map(
          ({ si, text }) => {
            const m = x(fromSi(si))
            return m < 30 ? null : (
              <g key={si}>
                <path d={`M${m} ${AXIS_Y}v6`} stroke="var(--ink)" />
                <text x={m} y={AXIS_Y + 22} textAnchor="middle" fontSize="12" fill="var(--faint)">
                  {text}
                </text>
              </g>
            )
          },
        )}
        <Materials x={x} named={reading?.material ?? undefined} />
        {spread !== undefined && <Spread x={x} spread={spread} />}
        {reading !== undefined && spread === undefined && (
          <Measured x={x} reading={reading} width={width} says={show(reading.kgPerM, 'massPerLength')} />
        )}
      </svg>
    </div>
  )
}

/** Place on the axis of so many grains a foot [px]. */
interface OnAxis {
  readonly x: (grainsPerFt: number) => number
}

/** The level materials, each with its tolerance; neighbours a grain apart are named one over the other. */
const Materials = ({ x, named }: OnAxis & { readonly named: string | undefined }) =>
  LEVEL_MATERIALS.map((n, i) => (
    <g key={n}>
      <rect
        x={x(n * (1 - MATERIAL_TOLERANCE))}
        y={AXIS_Y - 26}
        width={Math.max(2, x(n * (1 + MATERIAL_TOLERANCE)) - x(n * (1 - MATERIAL_TOLERANCE)))}
        height="26"
        fill="var(--river)"
        fillOpacity="0.28"
      />
      <path d={`M${x(n)} ${AXIS_Y - 26}v26`} stroke="var(--river)" strokeWidth="2" />
      <text
        x={x(n)}
        y={AXIS_Y - 31 - (LEVEL_MATERIALS[i - 1] === n - 1 ? 14 : 0)}
        textAnchor="middle"
        fontSize="13"
        fontWeight={named === `T-${n}` ? 700 : 500}
        fill="var(--ink)"
      >
        T-{n}
      </text>
    </g>
  ))

type Span = NonNullable<MaterialReading['sinkingGrainsPerFt']>

/** Where the sinking part of a tip lies that sinks in part. */
const Spread = ({ x, spread: { low, high } }: OnAxis & { readonly spread: Span }) => (
  <g fill="var(--caster)">
    <rect x={x(low)} y={AXIS_Y - 12} width={Math.max(2, x(high) - x(low))} height="12" fillOpacity="0.3" />
    <text x={x((low + high) / 2)} y={AXIS_HIGH - 8} textAnchor="middle" fontSize="13">
      its sinking part is in this range
    </text>
  </g>
)

interface MeasuredProps extends OnAxis {
  readonly reading: MaterialReading
  readonly width: number
  readonly says: string
}

/** The measure, and how sure scale and tape are of it. */
const Measured = ({ x, reading: { grainsPerFt, sure }, width, says }: MeasuredProps) => (
  <g fill="var(--caster)">
    <rect
      x={x(sure.low)}
      y={AXIS_Y - 40}
      width={Math.max(2, x(sure.high) - x(sure.low))}
      height="40"
      fillOpacity="0.3"
    />
    <path d={`M${x(grainsPerFt)} ${AXIS_Y - 46}V${AXIS_Y + 28}`} stroke="var(--caster)" strokeWidth="2.5" />
    <text
      x={Math.max(40, Math.min(width - 40, x(grainsPerFt)))}
      y={AXIS_HIGH - 4}
      textAnchor="middle"
      fontSize="14"
      fontWeight="700"
    >
      {says}
    </text>
  </g>
)
