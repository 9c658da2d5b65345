import { SAW, type Saw } from '@hoxen/core/journal'
import { SAW_WORDS } from '@hoxen/core/words'

/** Up and hollow: over the fish. A full round: with them. Down and full: on the stones. Told by shape first, colour second. */
const SIGNS: Readonly<Record<Saw, { readonly d: string; readonly ink: string; readonly full: boolean }>> = {
  high: { d: 'M7 2.500L12.500 12H1.500Z', ink: 'var(--ink)', full: false },
  band: { d: 'M7 2.500a5 5 0 1 0 .01 0Z', ink: 'var(--river)', full: true },
  touched: { d: 'M7 12.500L1.500 3H12.500Z', ink: 'var(--caster)', full: true },
}

/** One sign for what was seen of a swing; its word stands beside it. */
export function SawMark({ saw }: { readonly saw: Saw }) {
  const { d, ink, full } = SIGNS[saw]
  return (
    <svg width="14" height="15" aria-hidden="true" className="shrink-0">
      <path d={d} stroke={ink} strokeWidth="1.6" strokeLinejoin="round" fill={full ? ink : 'none'} />
    </svg>
  )
}

/** Signs of what was seen before, each with its count. */
export function SawMarks({ saw }: { readonly saw: Readonly<Record<Saw, number>> }) {
  const some = SAW.filter((what) => saw[what] > 0)
  return (
    <span
      className="flex shrink-0 gap-1.5"
      role="img"
      aria-label={some.map((what) => `${SAW_WORDS[what]} ${saw[what]}×`).join(', ')}
    >
      {some.map((what) => (
        <span key={what} className="flex flex-col items-center text-[0.75rem] leading-none">
          <SawMark saw={what} />
          {saw[what]}
        </span>
      ))}
    </span>
  )
}
