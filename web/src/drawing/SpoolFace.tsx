import type { Spool } from '@hoxen/core/gear'
import { fillDiameterM, type Ring } from '@hoxen/core/reel'
import type { Wound } from '@hoxen/core/rig'

/** Fill of each part of the line wherever it lies on a spool. */
export const RING_FILL = {
  backing: 'url(#ring-backing)',
  running: 'url(#ring-running)',
  head: 'var(--ink)',
} as const

/** Dots for backing, hatching for running line, solid for the head: the same in every drawing of a spool. */
export function RingPatterns() {
  return (
    <defs>
      <pattern id="ring-backing" width="4" height="4" patternUnits="userSpaceOnUse">
        <rect width="4" height="4" fill="var(--sheet)" />
        <circle cx="2" cy="2" r="1" fill="var(--faint)" />
      </pattern>
      <pattern
        id="ring-running"
        width="5"
        height="5"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="5" height="5" fill="var(--sheet)" />
        <path d="M0 2.500H5" stroke="var(--river)" strokeWidth="1.6" />
      </pattern>
    </defs>
  )
}

/** A swatch of a ring, for its name beside the picture. */
export const RingSwatch = ({ part }: { readonly part: Wound['part'] }) => (
  <svg width="22" height="14" aria-hidden="true" className="shrink-0">
    <rect width="22" height="14" fill={RING_FILL[part]} stroke="var(--ink)" />
  </svg>
)

interface Props {
  readonly spool: Spool
  readonly rings: readonly Ring<Wound>[]
  readonly cx: number
  readonly cy: number
  /** Pixels to a metre. */
  readonly px: number
}

/** A spool's face to scale: arbor, each line as its ring, the clearance dashed, the rim. Wants `RingPatterns` beside it. */
export function SpoolFace({ spool, rings, cx, cy, px }: Props) {
  const half = (m: number): number => (m / 2) * px
  const limit = half(fillDiameterM(spool))
  const over = half(rings.at(-1)?.outerDiameterM ?? spool.arborDiameterM) > limit + 0.01
  return (
    <g transform={`translate(${cx} ${cy})`}>
      <circle r={half(spool.rimDiameterM)} fill="var(--shoal)" stroke="var(--ink)" strokeWidth="4" />
      {[...rings]
        .reverse()
        .map(({ line, outerDiameterM, leftM }) =>
          leftM <= 0 ? null : (
            <circle
              key={line.part}
              r={half(outerDiameterM)}
              fill={RING_FILL[line.part]}
              stroke="var(--ink)"
              strokeWidth="0.8"
            />
          ),
        )}
      <circle r={half(spool.arborDiameterM)} fill="var(--paper)" stroke="var(--ink)" />
      <circle r="4" fill="var(--ink)" />
      <circle
        r={limit}
        fill="none"
        stroke={over ? 'var(--breaks)' : 'var(--holds)'}
        strokeWidth={over ? 2.5 : 1.5}
        strokeDasharray="5 4"
      />
    </g>
  )
}
