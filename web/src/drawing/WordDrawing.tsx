import type { TradeWordId } from '@hoxen/core/words'
import type { ReactNode } from 'react'

const line = { fill: 'none', stroke: 'var(--ink)', strokeWidth: 2, strokeLinecap: 'round' } as const
const thin = { ...line, strokeWidth: 1.2 }
const faint = { ...line, stroke: 'var(--faint)', strokeWidth: 1.2 }
const rod = { ...line, strokeWidth: 2.6 }
const head = { fill: 'var(--caster)', stroke: 'none' } as const
const sinks = { fill: 'var(--river)', stroke: 'none' } as const
const water = { ...line, stroke: 'var(--river)', strokeWidth: 1.4 }

/** A head from rear to front between thin lines, the fly to the right. */
const Line = ({ shape, children }: { readonly shape: string; readonly children?: ReactNode }) => (
  <>
    <path d="M4 30H116" {...thin} />
    <path d={shape} {...head} />
    {children}
    <circle cx="116" cy="30" r="2.5" fill="var(--ink)" />
  </>
)
/** One who stands at the water's edge with rod and D loop. */
const Loop = ({ children }: { readonly children: ReactNode }) => (
  <>
    <path d="M4 50H116" {...water} />
    <path d="M56 50V30" {...rod} />
    <path d="M56 34L42 8" {...rod} />
    {children}
  </>
)
/** A river from above, running to the right. */
const River = ({ children }: { readonly children: ReactNode }) => (
  <>
    <rect x="4" y="10" width="112" height="40" fill="var(--shoal)" />
    <path d="M12 17h16m-4 -3l4 3l-4 3" {...water} />
    {children}
  </>
)
const Section = ({ children }: { readonly children: ReactNode }) => (
  <>
    <path d="M6 14H114L100 34L74 48L36 44Z" fill="var(--shoal)" />
    {children}
    <path d="M6 14H114" {...water} />
    <path d="M6 14L36 44L74 48L100 34L114 14" {...faint} />
  </>
)
const Axis = ({ children }: { readonly children: ReactNode }) => (
  <>
    <rect x="30" y="22" width="56" height="16" fill="var(--river)" fillOpacity="0.3" />
    {children}
    <path d="M8 38H112" {...faint} />
  </>
)

const DRAWINGS: Readonly<Record<TradeWordId, ReactNode>> = {
  window: (
    <Axis>
      <path d="M30 18V42M86 18V42" {...line} />
    </Axis>
  ),
  'sweet-spot': (
    <Axis>
      <path d="M52 14V42" {...line} strokeDasharray="1 4" />
    </Axis>
  ),
  skagit: <Line shape="M30 27H64V33H30Z" />,
  scandi: <Line shape="M22 28.5L40 26.5L96 29.4V30.6L40 33.5L22 31.5Z" />,
  integrated: <Line shape="M4 29H44L52 26.5L96 29.4V30.6L52 33.5L44 31H4Z" />,
  'trout-line': <Line shape="M10 29.4L26 27H78L104 29.4V30.6L78 33H26L10 30.6Z" />,
  rods: (
    <>
      <path d="M12 14H112M12 30H96M12 46H78" {...line} />
      <path d="M12 14H30M12 30H26M12 46H22" {...line} strokeWidth="5" />
    </>
  ),
  tip: (
    <Line shape="M8 27H36V33H8Z">
      <rect x="38" y="27.5" width="46" height="5" {...sinks} />
    </Line>
  ),
  'sinking-leader': (
    <Line shape="M8 28.5L24 26.5L58 29.2V30.8L24 33.5L8 31.5Z">
      <path d="M60 28.6L100 29.6V30.4L60 31.4Z" {...sinks} />
    </Line>
  ),
  'running-line': (
    <>
      <path d="M8 30H70" {...line} stroke="var(--river)" />
      <path d="M70 27H104V33H70Z" {...head} />
    </>
  ),
  overhang: (
    <>
      <path d="M8 52L42 20" {...rod} />
      <path d="M42 20H66" {...line} stroke="var(--river)" />
      <path d="M66 17H108V23H66Z" {...head} />
      <path d="M42 30V36M66 30V36M42 33H66" {...faint} />
    </>
  ),
  cheater: (
    <Line shape="M40 26.5H78V33.5H40Z">
      <rect x="22" y="27" width="17" height="6" {...sinks} />
    </Line>
  ),
  anchor: (
    <Loop>
      <path d="M42 8Q16 22 66 49" {...thin} />
      <path d="M66 49H108" {...line} stroke="var(--caster)" strokeWidth="3" />
    </Loop>
  ),
  'd-loop': (
    <Loop>
      <path d="M42 8C2 14 2 46 66 49" {...line} stroke="var(--caster)" strokeWidth="3" />
      <path d="M66 49H100" {...thin} />
    </Loop>
  ),
  'compact-stroke': (
    <Loop>
      <path d="M42 8C26 14 26 46 66 49" {...line} stroke="var(--caster)" strokeWidth="3" />
      <path d="M66 49H112" {...line} />
    </Loop>
  ),
  'right-bank': (
    <River>
      <path d="M4 50H116" {...line} strokeWidth="4" stroke="var(--caster)" />
      <circle cx="60" cy="44" r="3.5" fill="var(--ink)" />
    </River>
  ),
  swing: (
    <River>
      <circle cx="40" cy="46" r="3.5" fill="var(--ink)" />
      <path d="M40 46L72 16" {...thin} />
      <path d="M72 16Q100 22 100 46" {...line} stroke="var(--caster)" strokeDasharray="5 4" />
      <circle cx="72" cy="16" r="2.5" fill="var(--ink)" />
    </River>
  ),
  'hang-down': (
    <River>
      <circle cx="34" cy="46" r="3.5" fill="var(--ink)" />
      <path d="M34 46H100" {...line} stroke="var(--caster)" />
      <circle cx="100" cy="46" r="2.5" fill="var(--ink)" />
    </River>
  ),
  mend: (
    <River>
      <circle cx="46" cy="46" r="3.5" fill="var(--ink)" />
      <path d="M46 46L84 18" {...faint} strokeDasharray="4 4" />
      <path d="M46 46Q46 20 84 18" {...line} stroke="var(--caster)" />
    </River>
  ),
  'holding-water': (
    <Section>
      <path d="M30 38L36 44L74 48L94 37Z" fill="var(--river)" fillOpacity="0.45" />
      <path d="M52 41q7 -5 14 0q-7 5 -14 0m14 0l5 -3v6z" fill="var(--ink)" />
    </Section>
  ),
  sounding: (
    <Section>
      <path d="M24 14V31M46 14V44M68 14V47M92 14V37" {...line} stroke="var(--caster)" />
    </Section>
  ),
  flow: (
    <Section>
      <path d="M30 24h22m-5 -4l5 4l-5 4M58 34h24m-5 -4l5 4l-5 4" {...water} />
      <path d="M10 4V14M7 11l3 3l3 -3" {...line} />
    </Section>
  ),
  datum: (
    <>
      <path d="M4 48H116" {...line} strokeDasharray="5 4" />
      <path d="M4 24q9 -6 18 0t18 0t18 0t18 0t18 0t18 0" {...water} />
      <path d="M60 46V26m-3 3l3 -3l3 3" {...line} stroke="var(--caster)" />
    </>
  ),
  constituents: (
    <>
      <path d="M4 18q14 -14 28 0t28 0t28 0t28 0" {...faint} />
      <path d="M4 44q28 -20 56 0t56 0" {...water} />
    </>
  ),
  'tide-mark': (
    <>
      <path d="M4 36q9 -6 18 0t18 0t18 0t18 0t18 0t18 0" {...water} />
      <path d="M60 10V52" {...rod} />
      <path d="M54 20H66M54 28H66M54 36H66M54 44H66" {...line} stroke="var(--caster)" />
    </>
  ),
  pin: (
    <>
      <path d="M8 22H112" {...line} />
      <path d="M8 42H112" {...line} strokeDasharray="6 5" />
      <circle cx="60" cy="22" r="4.5" fill="var(--caster)" />
    </>
  ),
}

/** A word of the trade as a small picture. */
export const WordDrawing = ({ id }: { readonly id: TradeWordId }) => (
  <svg viewBox="0 0 120 60" width="120" height="60" aria-hidden="true" className="block shrink-0">
    {DRAWINGS[id]}
  </svg>
)
