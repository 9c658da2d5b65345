import type { Strand } from '@hoxen/core/ladder'
import { type FishAt, type Run, sectionOf } from '@hoxen/core/water'
import { SectionPicture, sectionPath, sectionScale, useWidth, type WaterScale } from '../../drawing/index.ts'

const ROOM = { height: 250, left: 46, right: 14, top: 16, bottom: 24 } as const
const LABELLED = 6

interface Props {
  readonly run: Run
  readonly fishAt: FishAt
  readonly strands: readonly Strand[]
  /** The strand pointed at in the list. */
  readonly pointed: string | null | undefined
}

/** The run in section with the way of the fly on each tip: strands at their depth, best ranked strongest. */
export function LadderDrawing({ run, fishAt, strands, pointed }: Props) {
  const [box, width] = useWidth<HTMLDivElement>(800)
  const farthest = Math.max(run.wadeM + 4, ...strands.flatMap((s) => s.best.ride.track.map(([y]) => y + 1)))
  const section = sectionOf(run, Math.min(run.widthM, farthest), fishAt)
  const room = { width, ...ROOM }
  const scale = sectionScale(room, section.toM, section.deepestM * 1.08, 0.1)
  return (
    <div ref={box} className="mt-2 rounded-lg border border-rule bg-sheet">
      <svg
        width={width}
        height={ROOM.height}
        role="img"
        aria-label={`${run.name} in section, with the fly’s path on each of ${strands.length} tips`}
        className="block"
      >
        <SectionPicture section={section} scale={scale} room={room} toDepthM={section.deepestM} band />
        {[...strands].reverse().map((strand) => (
          <StrandPath
            key={strand.tipId ?? '_'}
            strand={strand}
            scale={scale}
            lit={
              pointed === undefined ? strand.mine || strands.indexOf(strand) === 0 : strand.tipId === pointed
            }
          />
        ))}
        <Places strands={strands} scale={scale} />
      </svg>
      <p className="border-t border-rule px-3 py-1 text-[0.8rem] text-faint">
        Section across the river, heights × {scale.exaggeration.toFixed(1)}. Tinted: fish depth. Numbers:
        rank. Bold: best tip. Dashed: the tip you have on.
      </p>
    </div>
  )
}

interface StrandProps {
  readonly strand: Strand
  readonly scale: WaterScale
  readonly lit: boolean
}

function StrandPath({ strand, scale, lit }: StrandProps) {
  const way = strand.best.ride.track.map(([y, depth]) => [y, -depth] as const)
  return (
    <path
      d={sectionPath(way, scale)}
      fill="none"
      stroke={strand.mine ? 'var(--caster)' : 'var(--ink)'}
      strokeWidth={lit ? 3.2 : 1.4}
      strokeDasharray={strand.mine ? '7 4' : undefined}
      opacity={lit ? 1 : 0.4}
    />
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
