import { type ReactNode, useState } from 'react'
import { useFrames, useWidth, wantsStillness } from '../../drawing/index.ts'

const HIGH = 170
/** One round of a drawing [ms], and where it rests for who wants no motion. */
const ROUND_MS = 5000
const STILL = 0.35

type Scene = (t: number, width: number) => ReactNode
const wave = (t: number): number => Math.sin(2 * Math.PI * t)
const INK = 'var(--ink)'

/** A head moves along a rod’s window. */
const windowScene: Scene = (t, width) => {
  const [low, high] = [width * 0.36, width * 0.64]
  const at = width / 2 + wave(t) * width * 0.3
  const holds = at > low && at < high
  const ink = holds ? 'var(--holds)' : 'var(--breaks)'
  const bend = 8 + ((at - width * 0.2) / width) * 80
  return (
    <>
      <path
        d={`M${width * 0.15} 62Q${width * 0.5} ${62 - bend * 0.2} ${width * 0.8} ${20 + bend}`}
        fill="none"
        stroke={INK}
        strokeWidth="3"
      />
      <rect
        x={low}
        y="108"
        width={high - low}
        height="22"
        fill="var(--river)"
        fillOpacity="0.3"
        stroke="var(--river)"
      />
      <path d={`M${width * 0.15} 130H${width * 0.85}`} stroke={INK} />
      <path d={`M${at} 96v40`} stroke={ink} strokeWidth="5" />
    </>
  )
}

/** The wind turns, and anchor and loop go to the other side. */
const sideScene: Scene = (t, width) => {
  const from = wave(t) > 0 ? 1 : -1
  const [x, y] = [width / 2, 110]
  return (
    <>
      <rect width={width} height="118" fill="var(--shoal)" />
      <path
        d={`M${x + from * 150} 60l${-from * 60} 14m${from * 12} -8l${-from * 12} 8l${from * 9} 8`}
        fill="none"
        stroke="var(--caster)"
        strokeWidth="3"
      />
      <g fill="none" stroke="var(--holds)" strokeWidth="2.5">
        <path d={`M${x - from * 40} 92c${-from * 44} 8 ${-from * 28} 64 ${from * 4} 54`} />
        <path d={`M${x - from * 45} 87l10 10m0 -10l-10 10`} />
        <path d={`M${x - from * 36} 92L${x} 18`} strokeDasharray="5 4" />
      </g>
      <circle cx={x} cy={y} r="8" fill={INK} />
    </>
  )
}

/** A short thick head, and the tip it carries, roll out. */
const skagitScene: Scene = (t, width) => {
  const out = Math.min(1, t * 1.4)
  const end = width * (0.2 + 0.65 * out)
  const front = Math.min(end, width * 0.62)
  return (
    <>
      <path d={`M${width * 0.08} 90H${width * 0.2}`} stroke={INK} strokeWidth="2" />
      <path d={`M${width * 0.2} 90H${front}`} stroke={INK} strokeWidth="10" strokeLinecap="round" />
      {end > front && <path d={`M${front} 90H${end}`} stroke="var(--river)" strokeWidth="5" />}
      <path
        d={`M${end} 90q26 0 22 -24t-40 -18`}
        fill="none"
        stroke="var(--river)"
        strokeWidth="3"
        strokeOpacity={1 - out}
      />
    </>
  )
}

/** Light and heavy tips hang at their own angles in the stream. */
const tipScene: Scene = (t, width) => (
  <>
    <rect y="30" width={width} height={HIGH - 30} fill="var(--shoal)" />
    <path d={`M${width * 0.1} 34H${width * 0.45}`} stroke={INK} strokeWidth="6" />
    {[10, 20, 34].map((deg, i) => {
      const now = (deg * (0.8 + 0.2 * wave(t + i / 6)) * Math.PI) / 180
      return (
        <path
          key={deg}
          d={`M${width * 0.45} 34l${200 * Math.cos(now)} ${200 * Math.sin(now)}`}
          stroke="var(--river)"
          strokeWidth={3 + 2 * i}
          strokeDasharray={`${9 - 3 * i} 3`}
        />
      )
    })}
    <path d={`M0 ${HIGH - 8}H${width}`} stroke={INK} strokeWidth="2" />
  </>
)

/** A fly swings across, deep and slow through the fish’s band. */
const depthScene: Scene = (t, width) => {
  const x = width * (0.88 - 0.72 * t)
  const y = 52 + 66 * Math.sin(Math.PI * Math.min(1, t * 1.15)) ** 0.7
  return (
    <>
      <rect y="40" width={width} height={HIGH - 40} fill="var(--shoal)" />
      <rect y="104" width={width} height="40" fill="var(--river)" fillOpacity="0.25" />
      <path d={`M0 146Q${width / 2} 160 ${width} 146V${HIGH}H0Z`} fill="var(--rule)" stroke={INK} />
      <path d={`M${width * 0.12} 24L${x} ${y}`} stroke={INK} strokeOpacity="0.6" />
      <circle cx={x} cy={y} r="7" fill="var(--caster)" />
    </>
  )
}

/** Brush comes nearer, and the loop grows smaller. */
const roomScene: Scene = (t, width) => {
  const room = 60 + 70 * (0.5 + 0.5 * wave(t))
  const x = width / 2
  return (
    <>
      <path d={`M0 140H${width}`} stroke={INK} />
      <path d={`M${x} 140v-44l46 -60`} fill="none" stroke={INK} strokeWidth="4" />
      <path
        d={`M${x + 46} 36C${x - room * 0.9} 40 ${x - room * 0.9} 110 ${x + 50} 138`}
        fill="none"
        stroke="var(--river)"
        strokeWidth="3"
      />
      <path
        d={Array.from({ length: 5 }, (_, i) => `M${x - room - 24 - i * 9} 140v${-50 - (i % 3) * 16}`).join(
          '',
        )}
        stroke="var(--holds)"
        strokeWidth="5"
      />
    </>
  )
}

/** The tide falls off the bar and comes back behind it. */
const surfScene: Scene = (t, width) => {
  const level = 84 + 34 * Math.cos(2 * Math.PI * t)
  const bed = `M0 46L${width * 0.2} 70L${width * 0.38} 112L${width * 0.55} 92L${width * 0.66} 96L${width} 150`
  return (
    <>
      <rect y={HIGH - level} width={width} height={level} fill="var(--shoal)" />
      <path d={`${bed}V${HIGH}H0Z`} fill="var(--rule)" stroke={INK} strokeWidth="2" />
      <path d={`M${width * 0.58} 90v-36`} stroke={INK} strokeWidth="4" />
      <circle cx={width * 0.58} cy="48" r="6" fill={INK} />
    </>
  )
}

const SCENES: Readonly<Record<string, Scene>> = {
  window: windowScene,
  sides: sideScene,
  skagit: skagitScene,
  tips: tipScene,
  depth: depthScene,
  wind: sideScene,
  room: roomScene,
  surf: surfScene,
}

/** A drawing that moves, of what a step is about. */
export function StepDrawing({ id }: { readonly id: string }) {
  const [box, width] = useWidth<HTMLDivElement>(600)
  const [t, setT] = useState(STILL)
  useFrames(wantsStillness() ? undefined : id, (ms) => {
    setT((ms % ROUND_MS) / ROUND_MS)
    return true
  })
  return (
    <div ref={box} className="my-3 overflow-hidden rounded-lg border border-rule bg-sheet">
      <svg width={width} height={HIGH} aria-hidden="true" className="block">
        {SCENES[id]?.(t, width)}
      </svg>
    </div>
  )
}
