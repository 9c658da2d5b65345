import type { Reel, Spool } from '@hoxen/core/gear'
import { fillDiameterM, type Ring } from '@hoxen/core/reel'
import type { Wound } from '@hoxen/core/rig'
import { RING_FILL, RingPatterns, SpoolFace } from './SpoolFace.tsx'

interface Props {
  readonly reel: Reel
  readonly spool: Spool
  readonly rings: readonly Ring<Wound>[]
  /** Line that is out [m], as it is told. */
  readonly out: string | undefined
  readonly describe: string
}

const WIDE = 470
const HIGH = 300
const FRONT = { x: 290, y: 148 } as const
const EDGE_X = 78
/** Largest the rim is drawn [px]. */
const RIM_PX = 236

/** The reel to scale, its edge at the left and its face at the right: each line a ring, the clearance dashed, and what has run off. */
export function ReelPicture({ reel, spool, rings, out, describe }: Props) {
  const px = Math.min(RIM_PX / spool.rimDiameterM, 96 / spool.widthM)
  const half = (m: number): number => (m / 2) * px
  const limit = half(fillDiameterM(spool))
  const filled = half(rings.at(-1)?.outerDiameterM ?? spool.arborDiameterM)
  const over = filled > limit + 0.01
  const clearance = {
    stroke: over ? 'var(--breaks)' : 'var(--holds)',
    strokeWidth: over ? 2.5 : 1.5,
    strokeDasharray: '5 4',
  } as const
  return (
    <svg viewBox={`0 0 ${WIDE} ${HIGH}`} role="img" aria-label={describe} className="w-full">
      <RingPatterns />
      <Edge spool={spool} rings={rings} half={half} limit={limit} clearance={clearance} />
      <Frame reel={reel} rim={half(spool.rimDiameterM)} />
      <SpoolFace spool={spool} rings={rings} cx={FRONT.x} cy={FRONT.y} px={px} />
      {out !== undefined && (
        <>
          <path
            d={`M${FRONT.x} ${FRONT.y - filled}H${WIDE - 4}`}
            stroke="var(--caster)"
            strokeWidth="2"
            strokeDasharray="6 3"
          />
          <text
            x={WIDE - 6}
            y={FRONT.y - filled - 7}
            textAnchor="end"
            fontSize="13"
            fontWeight="600"
            fill="var(--caster)"
          >
            {out} out
          </text>
        </>
      )}
      <path d={`M14 ${HIGH - 5}h${0.02 * px}`} stroke="var(--faint)" strokeWidth="2" />
      <text x={20 + 0.02 * px} y={HIGH - 1} fontSize="11" fill="var(--faint)">
        20 mm
      </text>
    </svg>
  )
}

interface EdgeProps {
  readonly spool: Spool
  readonly rings: readonly Ring<Wound>[]
  readonly half: (m: number) => number
  readonly limit: number
  readonly clearance: Readonly<Record<string, string | number>>
}

/** The spool cut through its axle. */
function Edge({ spool, rings, half, limit, clearance }: EdgeProps) {
  const [left, right] = [EDGE_X - half(spool.widthM), EDGE_X + half(spool.widthM)]
  const rim = half(spool.rimDiameterM)
  return (
    <g>
      {rings.map(({ line, innerDiameterM, outerDiameterM, leftM }) =>
        leftM <= 0
          ? null
          : [-1, 1].map((side) => (
              <rect
                key={`${line.part}${side}`}
                x={left}
                y={FRONT.y + (side < 0 ? -half(outerDiameterM) : half(innerDiameterM))}
                width={right - left}
                height={Math.max(0.5, half(outerDiameterM) - half(innerDiameterM))}
                fill={RING_FILL[line.part]}
                stroke="var(--ink)"
                strokeWidth="0.6"
              />
            )),
      )}
      <rect
        x={left}
        y={FRONT.y - half(spool.arborDiameterM)}
        width={right - left}
        height={2 * half(spool.arborDiameterM)}
        fill="var(--paper)"
        stroke="var(--ink)"
      />
      <path d={`M${left - 8} ${FRONT.y}H${right + 8}`} stroke="var(--faint)" strokeDasharray="8 3 2 3" />
      {[left, right].map((x) => (
        <path
          key={x}
          d={`M${x} ${FRONT.y - rim}V${FRONT.y + rim}`}
          stroke="var(--ink)"
          strokeWidth="5"
          strokeLinecap="round"
        />
      ))}
      {[-1, 1].map((side) => (
        <path key={side} d={`M${left - 8} ${FRONT.y + side * limit}H${right + 8}`} {...clearance} />
      ))}
    </g>
  )
}

/** The frame round the spool: closed where it is a full cage, with gaps where it is open; the foot above. */
function Frame({ reel, rim }: { readonly reel: Reel; readonly rim: number }) {
  const r = rim + 9
  return (
    <g fill="none" stroke="var(--faint)" strokeWidth="5" strokeLinecap="round">
      <circle
        cx={FRONT.x}
        cy={FRONT.y}
        r={r}
        {...(reel.cage === 'open'
          ? { strokeDasharray: `${r * 0.75} ${r * 1.345}`, strokeDashoffset: r * 0.4 }
          : {})}
      />
      <path d={`M${FRONT.x - 34} ${FRONT.y - r - 8}h68`} />
    </g>
  )
}
