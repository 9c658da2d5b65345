import { type CastChoice, windOn } from '@hoxen/core/cast'
import type { CastRound } from '@hoxen/core/practise'
import { RAD_PER_DEG } from '@hoxen/core/quantity'
import { CAST_TITLES, OBSTRUCTION_NAMES } from '@hoxen/core/words'
import { useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'
import type { PictureProps } from './picture.ts'

const HIGH = 260
/** Where the angler stands in the drawing, and how far the water reaches above. */
const FOOT = 168

/** Where one stands, from above: water ahead, room behind, current, wind and the line of the cast; with the answer, where line and loop go. */
export function CastScene({ round, chosen, shown }: PictureProps<CastRound>) {
  const [box, width] = useWidth<HTMLDivElement>(600)
  const { show } = useUnits()
  const { bank, wind, targetDeg = 0 } = round.setting
  const x = width / 2
  const [ax, ay] = [
    x + 150 * Math.sin(targetDeg * RAD_PER_DEG),
    FOOT - 130 * Math.cos(targetDeg * RAD_PER_DEG),
  ]
  return (
    <div ref={box} className="my-2 overflow-hidden rounded-lg border border-rule">
      <svg
        width={width}
        height={HIGH}
        role="img"
        aria-label="Where you stand, from above"
        className="block bg-sheet"
      >
        <rect width={width} height={FOOT + 14} fill="var(--shoal)" />
        {bank !== null && <Current toRight={bank === 'right'} width={width} />}
        <path d={`M${x} ${FOOT}L${ax} ${ay}`} stroke="var(--ink)" strokeWidth="1.5" strokeDasharray="2 5" />
        <circle cx={ax} cy={ay} r="6" fill="none" stroke="var(--ink)" strokeWidth="2" />
        <Room round={round} x={x} />
        {wind.mps > 0 && <WindArrow fromDeg={wind.fromDeg} said={show(wind.mps, 'windSpeed')} x={x} />}
        {shown && <Answered round={round} chosen={chosen} at={{ x, ax, ay }} />}
        <circle cx={x} cy={FOOT} r="8" fill="var(--ink)" />
      </svg>
    </div>
  )
}

/** The right cast, and beside it the one that was chosen where it is another. */
function Answered({ round, chosen, at }: Pick<PictureProps<CastRound>, 'round' | 'chosen'> & MadeAt) {
  const mine = round.choices.find(({ id }) => id === chosen)?.cast
  const right = round.choices.find(({ id }) => id === round.answer)?.cast
  return (
    <>
      {mine !== undefined && mine !== right && <Made cast={mine} at={at} unsafe={isWindward(mine, round)} />}
      {right !== undefined && <Made cast={right} at={at} right />}
    </>
  )
}

interface MadeAt {
  readonly at: Parameters<typeof Made>[0]['at']
}

/** How much room is behind, and what ends it. */
function Room({ round, x }: { readonly round: CastRound; readonly x: number }) {
  const { show } = useUnits()
  const { roomM, obstruction = 'none' } = round.setting
  const behindPx = Math.min(78, 8 + 7 * roomM)
  const y = FOOT + behindPx
  return (
    <>
      <g stroke="var(--faint)" strokeWidth="2" fill="none">
        <path d={`M${x - 90} ${y}H${x + 90}`} strokeDasharray={obstruction === 'none' ? '1 6' : undefined} />
        {obstruction !== 'none' && (
          <path d={Array.from({ length: 12 }, (_, i) => `M${x - 88 + i * 16} ${y}l6 -9l6 9`).join('')} />
        )}
      </g>
      <text x={x} y={y + (behindPx > 60 ? -14 : 16)} textAnchor="middle" fontSize="12.5" fill="var(--faint)">
        {show(roomM, 'length')}
        {obstruction === 'none' ? '' : `, ${OBSTRUCTION_NAMES[obstruction]}`}
      </text>
    </>
  )
}

const isWindward = ({ reasons }: CastChoice, { setting }: CastRound): boolean =>
  reasons.includes('windward') && windOn(setting.wind, setting.targetDeg).acrossMps !== 0

/** The river’s way, as the angler faces it. */
function Current({ toRight, width }: { readonly toRight: boolean; readonly width: number }) {
  const way = toRight ? 1 : -1
  return (
    <g stroke="var(--river)" strokeWidth="2" fill="none">
      {[30, 70, 110].map((y, i) => (
        <path
          key={y}
          d={`M${width / 2 - way * (150 - i * 60)} ${y}h${way * 60}m${-way * 9} -5l${way * 9} 5l${-way * 9} 5`}
        />
      ))}
    </g>
  )
}

function WindArrow({
  fromDeg,
  said,
  x,
}: {
  readonly fromDeg: number
  readonly said: string
  readonly x: number
}) {
  const [s, c] = [Math.sin(fromDeg * RAD_PER_DEG), -Math.cos(fromDeg * RAD_PER_DEG)]
  const [fx, fy] = [x + 128 * s, FOOT - 30 + 76 * c]
  return (
    <g stroke="var(--caster)" strokeWidth="3" fill="none">
      <g transform={`translate(${fx} ${fy}) rotate(${fromDeg + 180})`}>
        <path d="M0 0V-48M-7 -38L0 -48L7 -38" />
      </g>
      <text
        x={fx + (s < 0 ? -8 : 8)}
        y={fy + 4}
        textAnchor={s < 0 ? 'end' : 'start'}
        fontSize="13"
        fontWeight="700"
        fill="var(--caster)"
        stroke="none"
      >
        {said}
      </text>
    </g>
  )
}

/** Usual width of a letter of a cast's name [px]. */
const LETTER = 7.2
const EDGE = 6

/** Where a cast's name stands: outside its loop, or at the edge of the picture where it has no room there. @param x middle of the picture */
function besideLoop(name: string, x: number, way: 1 | -1) {
  const room = x - LOOP_PX
  const [outward, inward] = way > 0 ? (['start', 'end'] as const) : (['end', 'start'] as const)
  return name.length * LETTER <= room
    ? { x: x + way * LOOP_PX, textAnchor: outward }
    : { x: x + way * (x - EDGE), textAnchor: inward }
}
/** Reach of a D loop to its side [px]. */
const LOOP_PX = 74

interface MadeProps {
  readonly cast: CastChoice
  readonly at: { readonly x: number; readonly ax: number; readonly ay: number }
  readonly right?: boolean
  /** The wind throws line and hook onto the caster. */
  readonly unsafe?: boolean
}

/** A cast made: anchor and D loop, or the back cast, on its side, then the line; one off the windward side comes into the caster. */
function Made({ cast, at: { x, ax, ay }, right = false, unsafe = false }: MadeProps) {
  const way = cast.side === 'right' ? 1 : -1
  const ink = right ? 'var(--holds)' : 'var(--breaks)'
  const tip = x + way * 34
  const loop =
    cast.anchor === 'none'
      ? `M${tip} ${FOOT}v74`
      : `M${tip} ${FOOT - 18}c${way * 46} 10 ${way * 30} 74 ${-way * 4} 60`
  return (
    <g fill="none" stroke={ink} strokeWidth="2.5" data-made={right ? 'right' : 'chosen'}>
      {cast.anchor !== 'none' && <path d={`M${tip - 5} ${FOOT - 23}l10 10m0 -10l-10 10`} />}
      <path d={loop} />
      <path
        d={
          unsafe
            ? `M${tip} ${FOOT - 18}C${x + way * 20} ${FOOT - 60} ${x - way * 10} ${FOOT - 40} ${x} ${FOOT}`
            : `M${tip} ${FOOT - 18}L${ax} ${ay}`
        }
        strokeDasharray={right ? undefined : '5 4'}
      />
      {unsafe && <path d={`M${x - 9} ${FOOT - 9}l18 18m0 -18l-18 18`} strokeWidth="3.5" />}
      <text
        {...(unsafe ? { x, textAnchor: 'middle' } : besideLoop(CAST_TITLES[cast.cast], x, way))}
        y={unsafe ? 18 : FOOT + (right ? 30 : 50)}
        fontSize="12.5"
        fontWeight="700"
        fill={ink}
        stroke="var(--sheet)"
        strokeWidth="3"
        paintOrder="stroke"
      >
        {CAST_TITLES[cast.cast]}
        {unsafe ? ': line and hook come into you' : ''}
      </text>
    </g>
  )
}
