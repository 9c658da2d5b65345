import { SAW, type Saw } from '@hoxen/core/journal'
import { SAW_WORDS } from '@hoxen/core/words'

/** Each sign lies where the fly did: over the band, in it, or on the bed. */
const SIGNS: Readonly<Record<Saw, string>> = {
  high: 'M2 4H12',
  band: 'M2 8H12',
  touched: 'M2 13H12M4.500 10.500L7 13L9.500 10.500',
}

/** What was seen before, as marks between the surface and the bed with their counts. */
export function SawMarks({ saw }: { readonly saw: Readonly<Record<Saw, number>> }) {
  const some = SAW.filter((what) => saw[what] > 0)
  return (
    <span
      className="flex shrink-0 gap-1.5"
      role="img"
      aria-label={`before: ${some.map((what) => `${SAW_WORDS[what]} ${saw[what]}×`).join(', ')}`}
    >
      {some.map((what) => (
        <span key={what} className="flex flex-col items-center text-[0.75rem] leading-none">
          <svg width="14" height="16" aria-hidden="true">
            <path d="M0 1H14M0 15H14" stroke="var(--rule)" />
            <path d={SIGNS[what]} stroke="var(--ink)" strokeWidth="2.2" fill="none" />
          </svg>
          {saw[what]}
        </span>
      ))}
    </span>
  )
}
