import type { SwingSample } from '@hoxen/core/swing'
import { depthAt, type Run } from '@hoxen/core/water'
import { useWidth } from './useWidth.ts'

/** A swing that is drawn. */
interface AcrossSwing {
  readonly id: string
  readonly samples: readonly SwingSample[]
  /** Dashes of its path: none, or a pattern beside another. */
  readonly dash?: string
}

interface Props {
  readonly run: Run
  readonly swings: readonly AcrossSwing[]
  /** Seconds into the swing that the flies are shown at. */
  readonly atS: number
  readonly label: string
}

const HEIGHT = 150
const TOP = 18
const INKS = ['var(--caster)', 'var(--ink)'] as const

/** The ways of flies in a pool, seen along the river, and where they are at one moment. */
export function SwingAcross({ run, swings, atS, label }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(600)
  const deepest = Math.max(...run.soundings.map(({ depthM }) => depthM)) + 0.2
  const far = Math.max(...swings.flatMap(({ samples }) => samples.map(({ flyM }) => flyM[1]))) + 2
  const x = (m: number): number => (m / far) * width
  const y = (m: number): number => TOP + (m / deepest) * (HEIGHT - TOP - 6)
  const bed = Array.from({ length: 41 }, (_, i) => (i / 40) * far)
    .map((m, i) => `${i === 0 ? 'M' : 'L'}${x(m)} ${y(depthAt(run, m))}`)
    .join('')
  return (
    <div ref={ref} className="overflow-hidden rounded-lg border border-rule">
      <svg width={width} height={HEIGHT} role="img" aria-label={label} className="block bg-sheet">
        <rect y={TOP} width={width} height={HEIGHT} fill="var(--shoal)" />
        <path d={`${bed}V${HEIGHT}H0Z`} fill="var(--rule)" stroke="var(--ink)" strokeWidth="1.2" />
        {swings.map(({ id, samples, dash }, i) => {
          const way = samples
            .map(({ flyM }, n) => `${n === 0 ? 'M' : 'L'}${x(flyM[1])} ${y(-flyM[2])}`)
            .join('')
          const fly = (samples.findLast(({ tS }) => tS <= atS) ?? samples[0])?.flyM
          return (
            <g key={id}>
              <path d={way} fill="none" stroke={INKS[i % 2]} strokeWidth="1.8" strokeDasharray={dash} />
              {fly !== undefined && (
                <>
                  <path
                    d={`M${x(run.wadeM)} 4L${x(fly[1])} ${y(-fly[2])}`}
                    stroke={INKS[i % 2]}
                    strokeWidth="1"
                  />
                  <circle cx={x(fly[1])} cy={y(-fly[2])} r="5" fill={INKS[i % 2]} />
                </>
              )}
            </g>
          )
        })}
      </svg>
    </div>
  )
}
