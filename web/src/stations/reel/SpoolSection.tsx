import type { Spool } from '@hoxen/core/gear'
import { diameterAtM, fillDiameterM, woundVolumeM3 } from '@hoxen/core/reel'
import type { Wound } from '@hoxen/core/rig'

interface Props {
  readonly spool: Spool
  readonly lines: readonly Wound[]
  readonly packing: number
  readonly describe: string
}

const SIZE = 300
const MARGIN = 16

/** Cross-section of the spool to scale, filling from the arbor outward; what stands above the clearance is overfull. */
export function SpoolSection({ spool, lines, packing, describe }: Props) {
  const scale = (SIZE - 2 * MARGIN) / Math.max(spool.rimDiameterM * 1.15, spool.widthM * 2)
  const middle = SIZE / 2
  const half = (m: number): number => (m / 2) * scale
  const [left, right] = [middle - half(spool.widthM), middle + half(spool.widthM)]
  let wound = 0
  const layers = lines.map((line) => {
    const inner = diameterAtM(spool, wound)
    wound += woundVolumeM3(line.lengthM, line.diameterM, packing)
    return { line, inner, outer: diameterAtM(spool, wound) }
  })
  const limit = fillDiameterM(spool)
  const over = diameterAtM(spool, wound) > limit
  const patterns = { backing: 'url(#backing)', running: 'url(#running)', head: 'var(--ink)' } as const
  return (
    <svg viewBox={`0 0 ${SIZE} ${SIZE}`} role="img" aria-label={describe} className="w-full max-w-sm">
      <defs>
        <pattern id="backing" width="4" height="4" patternUnits="userSpaceOnUse">
          <circle cx="2" cy="2" r="1" fill="var(--faint)" />
        </pattern>
        <pattern
          id="running"
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 2.500H5" stroke="var(--river)" strokeWidth="1.6" />
        </pattern>
      </defs>
      {layers.map(({ line, inner, outer }) =>
        [-1, 1].map((side) => {
          const top = side < 0 ? middle - half(outer) : middle + half(inner)
          return (
            <rect
              key={`${line.part}${side}`}
              x={left}
              y={top}
              width={right - left}
              height={Math.max(0.5, half(outer) - half(inner))}
              fill={patterns[line.part]}
              stroke="var(--ink)"
              strokeWidth="0.6"
            />
          )
        }),
      )}
      <rect
        x={left}
        y={middle - half(spool.arborDiameterM)}
        width={right - left}
        height={half(spool.arborDiameterM) * 2}
        fill="var(--shoal)"
        stroke="var(--ink)"
      />
      {[left, right].map((x) => (
        <path
          key={x}
          d={`M${x} ${middle - half(spool.rimDiameterM)}V${middle + half(spool.rimDiameterM)}`}
          stroke="var(--ink)"
          strokeWidth="5"
          strokeLinecap="round"
        />
      ))}
      {[-1, 1].map((side) => (
        <path
          key={side}
          d={`M${left - 8} ${middle + side * half(limit)}H${right + 8}`}
          stroke={over ? 'var(--breaks)' : 'var(--holds)'}
          strokeWidth={over ? 2.5 : 1.5}
          strokeDasharray="5 4"
        />
      ))}
      <path d={`M${MARGIN} ${SIZE - 8}h${0.02 * scale}`} stroke="var(--faint)" strokeWidth="2" />
      <text x={MARGIN} y={SIZE - 13} fontSize="11" fill="var(--faint)">
        20 mm
      </text>
    </svg>
  )
}
