import type { RigKnot } from '@hoxen/core/rig'
import type { ReactNode } from 'react'

const WIDE = 96
const HIGH = 34
const Y = HIGH / 2

const line = (d: string, ink = 'var(--ink)', width = 2): ReactNode => (
  <path
    key={d}
    d={d}
    fill="none"
    stroke={ink}
    strokeWidth={width}
    strokeLinecap="round"
    strokeLinejoin="round"
  />
)
const REAR = 'var(--river)'
const FRONT = 'var(--ink)'

/** Turns of one line round another, from left to right. */
const turns = (from: number, count: number, tall = 9, step = 5, ink = FRONT): ReactNode =>
  Array.from({ length: count }, (_, i) =>
    line(`M${from + i * step} ${Y + tall / 2}L${from + i * step + step * 0.7} ${Y - tall / 2}`, ink, 2.4),
  )

/** The eye of a hook and its bend. */
const hook = (x: number): ReactNode => (
  <g key="hook">
    <circle cx={x} cy={Y} r="3.6" fill="none" stroke="var(--caster)" strokeWidth="2" />
    {line(`M${x + 4} ${Y}H${x + 18}q6 0 6 6t-6 6`, 'var(--caster)')}
  </g>
)

/** Each knot as it looks when it is drawn up: what comes from the reel in the river’s colour, what goes on in ink. */
const DRAWN: Readonly<Record<RigKnot, ReactNode>> = {
  arbor: (
    <>
      <circle cx="22" cy={Y} r="13" fill="none" stroke={REAR} strokeWidth="2.5" />
      {line(`M94 ${Y - 6}H34M34 ${Y - 6}C8 ${Y - 18} 4 ${Y + 16} 30 ${Y + 8}L40 ${Y - 6}`)}
      {turns(38, 2, 12)}
    </>
  ),
  'double-slip': (
    <>
      <circle cx="22" cy={Y} r="13" fill="none" stroke={REAR} strokeWidth="2.5" />
      {line(`M94 ${Y - 6}H34M34 ${Y - 6}C8 ${Y - 18} 4 ${Y + 16} 30 ${Y + 8}L44 ${Y - 2}`)}
      {turns(38, 4, 13)}
    </>
  ),
  loops: (
    <>
      {line(`M2 ${Y}H24C40 ${Y - 12} 56 ${Y - 10} 58 ${Y}C56 ${Y + 10} 40 ${Y + 12} 24 ${Y}`, REAR)}
      {line(`M94 ${Y}H72C56 ${Y - 12} 40 ${Y - 10} 38 ${Y}C40 ${Y + 10} 56 ${Y + 12} 72 ${Y}`)}
    </>
  ),
  nail: (
    <>
      {line(`M2 ${Y}H78`, REAR, 5)}
      {turns(34, 6, 14)}
      {line(`M66 ${Y - 4}H94`)}
    </>
  ),
  swivel: (
    <>
      {line(`M2 ${Y}H14C22 ${Y - 7} 30 ${Y - 6} 31 ${Y}C30 ${Y + 6} 22 ${Y + 7} 14 ${Y}`, REAR)}
      <circle cx="35" cy={Y} r="4" fill="none" stroke="var(--caster)" strokeWidth="2" />
      <rect x="39" y={Y - 5} width="18" height="10" rx="4" fill="var(--caster)" />
      <circle cx="61" cy={Y} r="4" fill="none" stroke="var(--caster)" strokeWidth="2" />
      {line(`M94 ${Y}H82C74 ${Y - 7} 66 ${Y - 6} 65 ${Y}C66 ${Y + 6} 74 ${Y + 7} 82 ${Y}`)}
    </>
  ),
  'nail-loop': (
    <>
      {line(`M2 ${Y}H40`, REAR, 5)}
      {turns(18, 4, 14)}
      {line(`M40 ${Y}H56C66 ${Y - 11} 80 ${Y - 10} 82 ${Y}C80 ${Y + 10} 66 ${Y + 11} 56 ${Y}`)}
      {line(`M94 ${Y}H86C78 ${Y - 8} 72 ${Y - 6} 71 ${Y}`)}
    </>
  ),
  ring: (
    <>
      {line(`M2 ${Y}H40`, REAR)}
      {turns(22, 3, 10, 5, REAR)}
      <circle cx="48" cy={Y} r="7" fill="none" stroke="var(--caster)" strokeWidth="2.5" />
      {line(`M56 ${Y}H94`)}
      {turns(60, 3, 10)}
    </>
  ),
  'non-slip-loop': (
    <>
      {line(`M2 ${Y}H44C54 ${Y - 12} 68 ${Y - 11} 70 ${Y}C68 ${Y + 11} 54 ${Y + 12} 44 ${Y}`)}
      {turns(26, 4, 11)}
      {hook(70)}
    </>
  ),
  clinch: (
    <>
      {line(`M2 ${Y}H66`)}
      {turns(34, 5, 11)}
      {hook(68)}
    </>
  ),
  'double-clinch': (
    <>
      {line(`M2 ${Y - 2}H66M24 ${Y + 2}H66`)}
      {turns(30, 6, 13)}
      {hook(68)}
    </>
  ),
}

/** A knot or loop, small; its name stands beside it. */
export const KnotDrawing = ({ knot }: { readonly knot: RigKnot }) => (
  <svg width={WIDE} height={HIGH} aria-hidden="true" className="block shrink-0">
    {DRAWN[knot]}
  </svg>
)
