import type { BendTest } from '@hoxen/core/rod'
import { alphaFor, bentRod } from '@hoxen/core/rod'
import { useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

export interface DrawnBend {
  readonly name: string
  readonly test: BendTest
  /** Diameter at the tip ÷ at the clamp, as fitted. */
  readonly tipShare: number
  readonly ink: string
}

const HIGH = 300
const LEFT = 30
const TOP = 26

/** Two rods clamped level and bent by their weights, to one scale: the shape of each as the fit has it, and where its tip was measured. */
export function BentRods({ rods }: { readonly rods: readonly DrawnBend[] }) {
  const { show } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(700)
  const longest = Math.max(...rods.map(({ test }) => test.freeLengthM))
  const deepest = Math.max(0.3, ...rods.flatMap(({ test }) => test.loads.map((l) => l.dropM)))
  const px = Math.min((width - LEFT - 120) / longest, (HIGH - TOP - 24) / deepest)
  return (
    <div ref={box} className="rounded-lg border border-rule bg-sheet">
      <svg
        width={width}
        height={HIGH}
        role="img"
        aria-label={rods
          .map(
            ({ name, test }) =>
              `${name}: ${test.loads.map((l) => `${show(l.massKg, 'gearMass')} drops the rod tip ${show(l.dropM, 'length')}`).join(', ')}`,
          )
          .join('; ')}
        className="block"
      >
        <rect x={LEFT - 16} y={TOP - 12} width="16" height="24" fill="var(--faint)" />
        <path d={`M${LEFT} ${TOP}H${LEFT + longest * px}`} stroke="var(--rule)" strokeDasharray="4 4" />
        {rods.map(({ name, test, tipShare, ink }) =>
          test.loads.map((load) => {
            const share = Math.min(0.9, load.dropM / test.freeLengthM)
            const { shape } = bentRod(alphaFor(share, tipShare), tipShare)
            const points = shape.map(
              ([out, down]) =>
                [LEFT + out * test.freeLengthM * px, TOP + down * test.freeLengthM * px] as const,
            )
            const [x = LEFT, y = TOP] = points.at(-1) ?? []
            return (
              <g key={`${name}${load.massKg}${load.dropM}`}>
                <path
                  d={points
                    .map(([a, b], i) => `${i === 0 ? 'M' : 'L'}${a.toFixed(1)} ${b.toFixed(1)}`)
                    .join('')}
                  fill="none"
                  stroke={ink}
                  strokeWidth="2.2"
                />
                <path d={`M${x} ${y}v12m-5 0h10v8h-10z`} stroke={ink} fill={ink} />
                <text x={x + 10} y={y + 20} fontSize="12" fill={ink}>
                  {show(load.massKg, 'gearMass')}
                </text>
              </g>
            )
          }),
        )}
        {rods.map(({ name, ink }, i) => (
          <text key={name} x={LEFT} y={HIGH - 26 + i * 16} fontSize="13" fontWeight="600" fill={ink}>
            {name}
          </text>
        ))}
      </svg>
    </div>
  )
}
