import type { Section, SectionPoint } from '@hoxen/core/water'
import { useUnits } from '../ui/index.ts'
import { unitTicks } from './ticks.ts'
import type { Room, WaterScale } from './waterScale.ts'

interface Props {
  readonly section: Section
  readonly scale: WaterScale
  readonly room: Room
  /** Depth the axis is told to [m]. */
  readonly toDepthM: number
  /** Whether the holding band is tinted. */
  readonly band?: boolean
}

/** Points of a section as a path. */
export const sectionPath = (points: readonly SectionPoint[], scale: WaterScale): string =>
  points
    .map(([y, z], i) => `${i === 0 ? 'M' : 'L'}${scale.x(y).toFixed(1)} ${scale.y(z).toFixed(1)}`)
    .join('')

/** The water of a section, its bed and its axes: what every drawing of a run from the side stands on. */
export function SectionPicture({ section, scale, room, toDepthM, band = false }: Props) {
  const { bed, toM } = section
  const foot = room.height - room.bottom
  const line = sectionPath(bed, scale)
  return (
    <>
      <path d={`${line}L${scale.x(toM)} ${scale.y(0)}L${scale.x(0)} ${scale.y(0)}Z`} fill="var(--shoal)" />
      {band && <path d={`${sectionPath(section.band, scale)}Z`} fill="var(--river)" fillOpacity="0.2" />}
      <path d={`${line}L${scale.x(toM)} ${foot}L${scale.x(0)} ${foot}Z`} fill="var(--rule)" />
      <path d={line} fill="none" stroke="var(--ink)" strokeWidth="2" />
      <path d={`M${scale.x(0)} ${scale.y(0)}H${scale.x(toM)}`} stroke="var(--river)" />
      <Axes scale={scale} room={room} toM={toM} toDepthM={toDepthM} />
    </>
  )
}

function Axes({ scale, room, toM, toDepthM }: Pick<Props, 'scale' | 'room' | 'toDepthM'> & { toM: number }) {
  const { system } = useUnits()
  return (
    <g fontSize="12" fill="var(--faint)">
      {unitTicks(0, toM, 6, 'length', system).map(({ si, text }) =>
        si === 0 ? null : (
          <text key={si} x={scale.x(si)} y={room.height - 7} textAnchor="middle">
            {text}
          </text>
        ),
      )}
      {unitTicks(0, toDepthM, 4, 'length', system).map(({ si, text }) => (
        <text key={si} x={room.left - 8} y={scale.y(-si) + 4} textAnchor="end">
          {text}
        </text>
      ))}
    </g>
  )
}
