import {
  ANCHOR_PLACE,
  backCastIn,
  type CastChoice,
  type CastSetting,
  type CastStep,
  dLoopOf,
  hangsOn,
  type PlanPoint,
  stepsOf,
} from '@hoxen/core/cast'
import { CAST_TITLES, sayMoves } from '@hoxen/core/words'
import { useEffect, useRef, useState } from 'react'
import { useWidth } from '../../drawing/index.ts'
import { Button, useUnits } from '../../ui/index.ts'

interface Props {
  readonly choice: CastChoice
  readonly setting: CastSetting
  /** From the angler to the fly [m]. */
  readonly castM: number
}

/** A step is played in so long [ms], and stands so long before the next. */
const MOVE_MS = 900
const STAND_MS = 700
const HEIGHT = 250
const calm = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches

/** Share of the move that is played, by the clock of the screen; 1 when it stands. @param played its place, or undefined */
function useMove(played: number | undefined, onEnd: () => void): number {
  const [share, setShare] = useState(1)
  const ended = useRef(onEnd)
  ended.current = onEnd
  useEffect(() => {
    setShare(played === undefined || calm() ? 1 : 0)
    if (played === undefined) return
    const start = performance.now()
    let frame = requestAnimationFrame(function draw(now: number) {
      const run = now - start
      if (!calm()) setShare(Math.max(0, Math.min(1, run / MOVE_MS)))
      if (run < MOVE_MS + STAND_MS) frame = requestAnimationFrame(draw)
      else ended.current()
    })
    return () => cancelAnimationFrame(frame)
  }, [played])
  return share
}

/** The chosen cast, step by step, seen from above: where the tip goes, where the line lies; and what usually goes wrong. */
export function CastMoves({ choice, setting, castM }: Props) {
  const steps = stepsOf(choice.cast)
  const [at, setAt] = useState(0)
  const [playing, setPlaying] = useState(false)
  const { system } = useUnits()
  const { steps: said, faults } = sayMoves(choice.cast, setting, system)
  const last = at >= steps.length - 1
  const share = useMove(playing ? at : undefined, () => (last ? setPlaying(false) : setAt(at + 1)))
  const play = (): void => {
    if (last) setAt(0)
    setPlaying(!playing)
  }
  const go = (by: number): void => {
    setPlaying(false)
    setAt(Math.min(steps.length - 1, Math.max(0, at + by)))
  }
  const step = steps[at]
  if (step === undefined) return null
  return (
    <section
      aria-labelledby="moves-title"
      className="mb-6 rounded-lg border border-rule bg-sheet px-4 pt-3 pb-4"
    >
      <h2 id="moves-title" className="text-xl">
        {CAST_TITLES[choice.cast]}, off the {choice.side} side
      </h2>
      <Picture
        choice={choice}
        setting={setting}
        castM={castM}
        from={at === 0 ? undefined : steps[at - 1]}
        to={step}
        share={share}
      />
      <p className="min-h-12" aria-live="polite" data-step={at + 1}>
        <b className="font-semibold">
          {at + 1} of {steps.length}.
        </b>{' '}
        {said[at]}
      </p>
      <div className="no-print mt-1 flex flex-wrap gap-2">
        <Button onClick={() => go(-1)} disabled={at === 0}>
          Previous step
        </Button>
        <Button onClick={play} weight="strong">
          {playing ? 'Pause' : last ? 'Play again' : 'Play slowly'}
        </Button>
        <Button onClick={() => go(1)} disabled={last}>
          Next step
        </Button>
      </div>
      <details className="mt-2 text-[0.95rem]">
        <summary className="min-h-11 cursor-pointer content-center">What usually goes wrong</summary>
        <ul className="list-disc pl-5">
          {faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      </details>
    </section>
  )
}

interface PictureProps extends Props {
  readonly from: CastStep | undefined
  readonly to: CastStep
  readonly share: number
}

const mixed = (a: PlanPoint, b: PlanPoint, share: number): PlanPoint => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
]
/** Starts and ends gently, as a hand does. */
const eased = (share: number): number => share * share * (3 - 2 * share)

/** The same rod, line and target as the verdict's: another rod length draws another picture. */
function Picture({ choice, setting, castM, from, to, share }: PictureProps) {
  const [ref, width] = useWidth<HTMLDivElement>(520)
  const { rig, targetDeg = 0, wadingM = 0 } = setting
  const compact = choice.reasons.includes('compact-stroke')
  const loop = dLoopOf(
    { rodM: rig.rodLengthM, style: rig.style, carriedM: rig.headLengthM, wadingM },
    compact ? 'compact' : 'full',
  )
  const { lineM: backM } = backCastIn(setting)
  const overhead = choice.anchor === 'none'
  const rods = rig.rodLengthM
  const behind = overhead ? Math.min(backM / rods + 0.3, 3) : Math.max(0.9, loop.behindM / rods + 0.2)
  // The fly itself lands further out than is drawn: the movements are what is looked at.
  const ahead = Math.min(castM / rods, 1.8) + 0.2
  const scale = Math.min(HEIGHT / (ahead + behind), width / 5)
  const [x0, y0] = [width / 2, ahead * scale]
  const way = choice.side === 'right' ? 1 : -1
  const px = ([aside, forth]: PlanPoint): readonly [number, number] => [
    x0 + way * aside * scale,
    y0 - forth * scale,
  ]
  const rad = (targetDeg * Math.PI) / 180
  const out: PlanPoint = [(way * Math.sin(rad) * castM) / rods, (Math.cos(rad) * castM) / rods]
  const hangs: PlanPoint = [hangsOn(choice.cast) * 2.2, hangsOn(choice.cast) === 0 ? 2.2 : 0.35]
  const places: Readonly<Record<CastStep['lies'], PlanPoint>> = {
    hangs,
    anchor: ANCHOR_PLACE,
    behind: [0.2, -backM / rods],
    out,
  }
  const begin: Pick<CastStep, 'tip' | 'lies'> = from ?? { tip: [hangs[0] * 0.35, 0.6], lies: 'hangs' }
  const eases = eased(share)
  const tip = px(mixed(begin.tip, to.tip, eases))
  const end = px(mixed(places[begin.lies], places[to.lies], eases))
  const looped = to.code === 'form-loop' || to.code === 'circle-up'
  const depth = looped ? eases * (loop.behindM / rods) * scale * (to.code === 'circle-up' ? 0.6 : 1) : 0
  const line = looped
    ? `M${tip[0]} ${tip[1]}Q${tip[0] + way * 8} ${y0 + depth} ${(tip[0] + end[0]) / 2} ${y0 + depth}T${end[0]} ${end[1]}`
    : `M${tip[0]} ${tip[1]}Q${(tip[0] + end[0]) / 2} ${(tip[1] + end[1]) / 2 + 10} ${end[0]} ${end[1]}`
  return (
    <div ref={ref} className="mt-1 overflow-hidden rounded-md">
      <svg width={width} height={HEIGHT} aria-hidden="true" className="block">
        <rect width={width} height={Math.min(HEIGHT, y0 + 4)} fill="var(--shoal)" />
        <path d={line} fill="none" stroke="var(--river)" strokeWidth="2.6" strokeLinecap="round" />
        {to.lies === 'anchor' && (
          <circle cx={end[0]} cy={end[1]} r="6" fill="none" stroke="var(--caster)" strokeWidth="2.5" />
        )}
        <path
          d={`M${x0} ${y0}L${tip[0]} ${tip[1]}`}
          stroke="var(--ink)"
          strokeWidth="4"
          strokeLinecap="round"
        />
        <circle cx={x0} cy={y0} r="7" fill="var(--ink)" />
      </svg>
    </div>
  )
}
