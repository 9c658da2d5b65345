import type { Covered, Step } from '@hoxen/core/trip'
import { sayStair } from '@hoxen/core/words'
import { useUnits } from '../../ui/index.ts'

interface Props {
  readonly steps: readonly Step[]
  /** Whether they are still worked out. */
  readonly stale: boolean
  /** The best kit, as a step. */
  readonly best: Step
  readonly covered: readonly Covered[]
  /** All that could be covered. */
  readonly of: number
  readonly viewed: number | undefined
  readonly onView: (items: number | undefined) => void
}

const HIGH_PX = 84

/** What each size of kit covers at best: one bar a size, each opens its kit. */
export function Stairs({ steps, stale, best, covered, of, viewed, onView }: Props) {
  const { system } = useUnits()
  const at = steps.find(({ items }) => items === viewed) ?? best
  const before = steps.find(({ items }) => items === at.items - 1)
  return (
    <section aria-labelledby="stairs-title" data-stairs>
      <h2 id="stairs-title" className="text-[1.15rem]">
        What each size covers
      </h2>
      <div
        aria-busy={stale}
        className="mt-1 flex items-end gap-px overflow-x-auto border-b border-ink pt-4 aria-busy:opacity-60"
        style={{ height: HIGH_PX + 34 }}
      >
        {steps.map(({ items, weight }) => (
          <button
            key={items}
            type="button"
            aria-pressed={at.items === items}
            aria-label={`${items} things cover ${weight} of ${of}`}
            onClick={() => onView(items === best.items ? undefined : items)}
            className="group flex min-w-11 flex-1 flex-col items-center justify-end self-stretch text-[0.72rem] lg:min-w-6 text-faint aria-pressed:font-bold aria-pressed:text-ink"
          >
            <span className={weight === steps.find((s) => s.items === items - 1)?.weight ? 'invisible' : ''}>
              {weight}
            </span>
            <span
              className="w-full bg-river/35 group-hover:bg-river/60 group-aria-pressed:bg-river"
              style={{ height: Math.max(2, (HIGH_PX * weight) / Math.max(1, of)) }}
            />
            <span className="h-5">{items}</span>
          </button>
        ))}
      </div>
      <p className="mt-1 text-[0.9rem]" role="status">
        {sayStair(at, before, covered, of, system)}
      </p>
    </section>
  )
}
