import type { ChangeRound, DeepRound, TipRound } from '@hoxen/core/practise'
import { swingInput } from '@hoxen/core/rig'
import type { SwingInput, SwingResult } from '@hoxen/core/swing'
import { sectionOf } from '@hoxen/core/water'
import { sayWithFish } from '@hoxen/core/words'
import { useMemo, useState } from 'react'
import { bySlider, Handle, SectionPicture, sectionScale, useHold, useWidth } from '../../drawing/index.ts'
import { useFullSwings } from '../../swings/index.ts'
import { useUnits } from '../../ui/index.ts'
import type { PictureProps } from './picture.ts'

type PoolRound = TipRound | DeepRound | ChangeRound
const ROOM = { height: 230, left: 44, right: 12, top: 12, bottom: 24 } as const

/** Swings that are drawn with the answer: the right one first, then what was chosen. */
function swingsOf(round: PoolRound, chosen: string | undefined): readonly SwingInput[] {
  if (round.kind === 'deep') return [swingInput({ ...round.day, parts: round.parts })]
  if (round.kind === 'change')
    return [round.after, round.before].map(({ day }) => swingInput({ ...day, parts: round.parts }))
  const { choices, answer, day } = round
  return [answer, ...(chosen === undefined || chosen === answer ? [] : [chosen])].flatMap((id) => {
    const rig = choices.find((choice) => choice.id === id)?.rig
    return rig === undefined ? [] : [swingInput({ ...day, parts: rig.parts })]
  })
}

const NONE: readonly SwingInput[] = []

/** A pool in section with the fish’s band; with the answer, the fly’s own way through it. */
export function PoolScene({ round, chosen, shown, onChoose }: PictureProps<PoolRound>) {
  const [box, width] = useWidth<HTMLDivElement>(600)
  const day = round.kind === 'change' ? round.before.day : round.day
  const { run, fishAt } = day
  const inputs = useMemo(() => (shown ? swingsOf(round, chosen) : NONE), [shown, round, chosen])
  const { results } = useFullSwings(inputs)
  const section = useMemo(() => sectionOf(run, run.widthM, fishAt), [run, fishAt])
  // No higher than the water is drawn.
  const wide = sectionScale({ width, ...ROOM }, section.toM, section.deepestM * 1.06, 0.1)
  const height = Math.min(ROOM.height, wide.y(-section.deepestM * 1.06) + ROOM.bottom)
  const room = { width, ...ROOM, height }
  const scale = sectionScale(room, section.toM, section.deepestM * 1.06, 0.1)
  const guess = useGuess(round, onChoose, scale.y)
  const open = round.kind === 'deep' && !shown
  return (
    <div ref={box} className="my-2 overflow-hidden rounded-lg border border-rule">
      <svg
        {...(open ? guess.drawing : {})}
        width={width}
        height={height}
        role={open ? 'group' : 'img'}
        aria-label={`${run.name} in section`}
        className="block bg-sheet"
      >
        <SectionPicture section={section} scale={scale} room={room} toDepthM={section.deepestM} band />
        {round.kind === 'deep' && (
          <Guess
            round={round}
            chosen={chosen}
            shown={shown}
            guess={guess}
            y={scale.y}
            left={scale.x(run.wadeM)}
            right={width - ROOM.right}
          />
        )}
        {results.map(
          (swing, i) =>
            swing !== undefined && (
              <Way
                key={i === 0 ? 'right' : 'other'}
                swing={swing}
                scale={scale}
                first={i === 0}
                name={nameOf(round, chosen, i)}
              />
            ),
        )}
      </svg>
    </div>
  )
}

/** What stands beside a way: the tip or the flow it is of. */
function nameOf(round: PoolRound, chosen: string | undefined, i: number): string | undefined {
  if (round.kind === 'change') return i === 0 ? 'then' : 'now'
  if (round.kind === 'deep') return undefined
  const id = i === 0 ? round.answer : chosen
  return round.situation.items.find((item) => item.id === id)?.name
}

interface WayProps {
  readonly swing: SwingResult
  readonly scale: ReturnType<typeof sectionScale>
  readonly first: boolean
  readonly name: string | undefined
}

/** The fly’s way across, where it ends, and its seconds with the fish. */
function Way({ swing: { samples, summary }, scale, first, name }: WayProps) {
  const way = samples
    .map(({ flyM: [, y, z] }, i) => `${i === 0 ? 'M' : 'L'}${scale.x(y).toFixed(1)} ${scale.y(z).toFixed(1)}`)
    .join('')
  const [start, end] = [samples[0]?.flyM, samples.at(-1)?.flyM]
  const ink = first ? 'var(--holds)' : 'var(--caster)'
  return (
    <g data-way={first ? 'right' : 'other'}>
      <path d={way} fill="none" stroke={ink} strokeWidth="2.5" strokeDasharray={first ? undefined : '6 4'} />
      {end !== undefined && <circle cx={scale.x(end[1])} cy={scale.y(end[2])} r="5" fill={ink} />}
      {start !== undefined && name !== undefined && (
        <text
          x={scale.x(start[1]) + 8}
          y={scale.y(0) + (first ? 16 : 33)}
          fontSize="12.5"
          fontWeight="700"
          fill={ink}
          stroke="var(--sheet)"
          strokeWidth="3"
          paintOrder="stroke"
        >
          {name}, {sayWithFish(summary)}
        </text>
      )}
    </g>
  )
}

/** The depth one thinks the fly rides at, moved by hand or keys; the span it lies in is the choice. */
function useGuess(round: PoolRound, onChoose: (id: string) => void, y: (m: number) => number) {
  const [atM, setAtM] = useState<number>()
  const waterM = round.kind === 'deep' ? round.day.waterDepthM : 1
  const put = (m: number): void => {
    const depthM = Math.max(0, Math.min(waterM * 0.999, m))
    setAtM(depthM)
    const span =
      round.kind === 'deep'
        ? round.choices.find(({ high }) => high === undefined || depthM < high)
        : undefined
    if (span !== undefined) onChoose(span.id)
  }
  const { drawing, take } = useHold<number>({
    moved: (_was, _x, py) => (py - y(0)) / (y(-1) - y(0)),
    onDrop: put,
    onHold: (m) => m !== undefined && put(m),
  })
  return { atM: atM ?? waterM / 2, drawing, put, take }
}
/** By how much of the water a key moves it. */
const KEY_SHARE = 0.05

interface GuessProps extends Omit<PictureProps<DeepRound>, 'onChoose'> {
  readonly guess: ReturnType<typeof useGuess>
  readonly y: (m: number) => number
  readonly left: number
  readonly right: number
}

/** A marker to be held where one thinks that the fly rides; with the answer, where it does and how sure that is. */
function Guess({ round, chosen, shown, guess, y, left, right }: GuessProps) {
  const { show } = useUnits()
  const { choices, day } = round
  const { waterDepthM } = day
  const { atM, put, take } = guess
  const step = KEY_SHARE * waterDepthM
  const mine = choices.find(({ id }) => id === chosen)
  return (
    <>
      {mine !== undefined && (
        <rect
          x={left}
          y={y(-(mine.low ?? 0))}
          width={right - left}
          height={y(-(mine.high ?? waterDepthM)) - y(-(mine.low ?? 0))}
          fill="var(--caster)"
          fillOpacity="0.22"
        />
      )}
      {shown ? (
        <Rides round={round} y={y} left={left} right={right} />
      ) : (
        <>
          <path
            d={`M${left} ${y(-atM)}H${right}`}
            stroke="var(--caster)"
            strokeWidth="1.5"
            strokeDasharray="4 4"
          />
          <Handle
            label="How deep the fly rides"
            at={{ x: (left + right) / 2, y: y(-atM) }}
            min={0}
            max={waterDepthM}
            now={atM}
            text={show(atM, 'length')}
            says={show(atM, 'length')}
            shape={<circle r="8" />}
            width={right}
            onTake={take(atM)}
            onKey={bySlider({ now: atM, min: 0, max: waterDepthM, step: -step, onPut: put })}
          />
        </>
      )}
    </>
  )
}

/** Where the fly rides, and between which in four pools of five. */
function Rides({
  round: { ridesM, likely },
  y,
  left,
  right,
}: Pick<GuessProps, 'round' | 'y' | 'left' | 'right'>) {
  return (
    <g>
      <rect
        x={left}
        y={y(-likely[0])}
        width={right - left}
        height={Math.max(2, y(-likely[1]) - y(-likely[0]))}
        fill="var(--holds)"
        fillOpacity="0.2"
      />
      <path
        d={`M${left} ${y(-ridesM)}H${right}`}
        stroke="var(--holds)"
        strokeWidth="1.5"
        strokeDasharray="8 4"
      />
    </g>
  )
}
