import { loopAt, type TurnoverResult } from '@hoxen/core/cast'
import { useState } from 'react'
import { useFrames, useWidth, wantsStillness } from '../../drawing/index.ts'
import { Button } from '../../ui/index.ts'

/** A fly on its way, with how its line unrolls. */
export interface FlyRun {
  readonly id: string
  readonly name: string
  readonly ink: string
  readonly result: TurnoverResult
}

const ROW = 78
/** Height of the loop's face as it is drawn [px], and room for the name. */
const FACE = 20
const TOP = 24
/** Played so many times slower than it is. */
const SLOWER = 6

/** The moment that is shown, played slower than it is. */
function usePlayed(lastS: number) {
  const [atS, setAtS] = useState(lastS / 2)
  const [playing, setPlaying] = useState(false)
  useFrames(playing ? lastS : undefined, (ms) => {
    const s = wantsStillness() ? lastS : Math.min(lastS, ms / 1000 / SLOWER)
    setAtS(s)
    if (s === lastS) setPlaying(false)
    return s < lastS
  })
  return {
    atS,
    lastS,
    playing,
    play: (): void => {
      if (!playing) setAtS(0)
      setPlaying(!playing)
    },
    seek: (s: number): void => {
      setPlaying(false)
      setAtS(s)
    },
  }
}

/** The loops of one rig with several flies, unrolling at the same moment, each fly falling as it goes. */
export function Unrolling({ runs }: { readonly runs: readonly FlyRun[] }) {
  const [ref, width] = useWidth<HTMLDivElement>(700)
  const played = usePlayed(Math.max(0.1, ...runs.map(({ result }) => result.samples.at(-1)?.atS ?? 0)))
  const longest = Math.max(1, ...runs.map(({ result }) => result.samples[0]?.legM ?? 0))
  const px = (width - 24) / (2 * longest)
  return (
    <figure className="mt-3 rounded-lg border border-rule bg-sheet">
      <div ref={ref} className="overflow-hidden">
        <svg
          width={width}
          height={runs.length * ROW}
          role="img"
          aria-label="The loop of each fly as it unrolls, the fly falling behind it"
          className="block"
        >
          {runs.map((run, i) => (
            <Loop key={run.id} run={run} y={i * ROW + TOP} x0={width / 2} px={px} atS={played.atS} />
          ))}
        </svg>
      </div>
      <PlayRow {...played} />
    </figure>
  )
}

const PlayRow = ({ atS, lastS, playing, play, seek }: ReturnType<typeof usePlayed>) => (
  <div className="no-print flex items-center gap-3 border-t border-rule px-3 py-1.5">
    <Button weight="strong" className="shrink-0" onClick={play}>
      {playing ? 'Pause' : 'Play slowly'}
    </Button>
    <input
      type="range"
      aria-label="Time since the loop left"
      aria-valuetext={`${atS.toFixed(2)} s`}
      min={0}
      max={lastS}
      step={lastS / 100}
      value={Math.min(atS, lastS)}
      onChange={(event) => seek(Number(event.target.value))}
      className="h-11 w-full"
    />
    <b className="w-16 text-right whitespace-nowrap">{atS.toFixed(2)} s</b>
  </div>
)

interface LoopProps {
  readonly run: FlyRun
  /** The rod tip in the picture [px]. */
  readonly x0: number
  readonly y: number
  readonly px: number
  readonly atS: number
}

/** One loop at a moment: rod leg, nose, and the fly leg back to the fly. */
function Loop({ run: { name, ink, result }, x0, y, px, atS }: LoopProps) {
  const now = loopAt(result, atS)
  if (now === undefined) return null
  const [nose, fly] = [x0 + now.noseM * px, x0 + now.flyM * px]
  const low = y + FACE
  const drop = Math.min(ROW - TOP - 6, now.dropM * px)
  return (
    <g fill="none" stroke={ink} strokeWidth="2.2" strokeLinecap="round">
      <text x="12" y={y - 8} fontSize="13" fontWeight="600" fill={ink} stroke="none">
        {name}
      </text>
      <path
        d={`M${x0} ${low}H${nose}A${FACE / 2} ${FACE / 2} 0 0 0 ${nose} ${y}Q${(nose + fly) / 2} ${y} ${fly} ${y + drop}`}
      />
      <circle cx={fly} cy={y + drop} r="4" fill={ink} />
      <path d={`M${x0} ${low}l-10 22`} stroke="var(--faint)" strokeWidth="3" />
    </g>
  )
}
