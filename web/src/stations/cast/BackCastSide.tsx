import { backCastIn, type CastSetting } from '@hoxen/core/cast'
import { sayBackCast, sayBackCastPicture } from '@hoxen/core/words'
import { useWidth } from '../../drawing/index.ts'
import { SaidText, Tag, useUnits } from '../../ui/index.ts'

const HEIGHT = 170
const AHEAD_M = 3

/** The back cast from the side: how far it reaches, how low it comes, and what it must clear. */
export function BackCastSide({ setting }: { readonly setting: CastSetting }) {
  const [ref, width] = useWidth<HTMLDivElement>(560)
  const { show, system } = useUnits()
  const { roomM, wadingM = 0, behindHighM, swellM = 0, obstruction = 'none' } = setting
  const { lineM: backM, lowM, tipM } = backCastIn(setting)
  const stands = obstruction === 'brush' || obstruction === 'cliff' ? (behindHighM ?? 2) : 0
  const handM = 1.2 - wadingM
  const topM = Math.max(tipM, stands, 3) + 0.6
  const scale = Math.min((width - 16) / (backM + AHEAD_M + 1), (HEIGHT - 36) / topM)
  const x = (behindM: number): number => width - 8 - (AHEAD_M + behindM) * scale
  const y = (m: number): number => HEIGHT - 24 - m * scale
  const meets = stands > 0 && backM > roomM && lowM < stands
  return (
    <section aria-labelledby="back-title" className="mt-6">
      <h2 id="back-title" className="text-xl">
        The back cast <Tag tag="estimate" />
      </h2>
      <div ref={ref} className="mt-1 overflow-hidden rounded-lg border border-rule bg-sheet">
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={sayBackCastPicture(backM, lowM, system)}
          className="block"
        >
          {swellM > 0 && <rect y={y(swellM)} width={width} height={y(0) - y(swellM)} fill="var(--shoal)" />}
          <path d={`M0 ${y(0)}H${width}`} stroke="var(--river)" strokeWidth="1.5" />
          {stands > 0 && (
            <path
              d={`M0 ${y(0)}V${y(stands)}H${Math.max(0, x(roomM))}V${y(0)}Z`}
              fill="var(--rule)"
              stroke={meets ? 'var(--breaks)' : 'var(--faint)'}
              strokeWidth="1.5"
            />
          )}
          <path
            d={`M${x(0.1)} ${y(tipM)}L${x(backM)} ${y(lowM)}`}
            stroke={meets ? 'var(--breaks)' : 'var(--river)'}
            strokeWidth="3"
          />
          <path d={`M${x(0)} ${y(handM)}L${x(0.1)} ${y(tipM)}`} stroke="var(--ink)" strokeWidth="3" />
          <path d={`M${x(0)} ${y(0)}V${y(handM + 0.3)}`} stroke="var(--faint)" strokeWidth="5" />
          <text x={Math.max(4, x(backM))} y={y(lowM) - 7} fontSize="12" fill="var(--ink)">
            {show(lowM, 'length')} up
          </text>
        </svg>
      </div>
      <p className="mt-1">
        <SaidText said={sayBackCast(backM, lowM, wadingM, system)} />
      </p>
    </section>
  )
}
