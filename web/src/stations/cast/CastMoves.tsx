import type { CastChoice, CastSetting } from '@hoxen/core/cast'
import { CAST_TITLES, sayMoves } from '@hoxen/core/words'
import { Button, useUnits } from '../../ui/index.ts'
import type { Played } from './picture/usePlayed.ts'

/** Plays the cast in its picture, or goes through it step by step. */
export function PlayButtons({ at, steps, playing, play, go }: Played) {
  const last = at >= steps - 1
  return (
    <>
      <Button onClick={() => go(-1)} disabled={at === 0} aria-label="Previous step" className="min-w-11">
        ‹
      </Button>
      <Button onClick={play} weight="strong">
        {playing ? 'Pause' : last ? 'Play again' : 'Play slowly'}
      </Button>
      <Button onClick={() => go(1)} disabled={last} aria-label="Next step" className="min-w-11">
        ›
      </Button>
    </>
  )
}

interface Props {
  readonly choice: CastChoice
  readonly setting: CastSetting
  readonly played: Played
}

/** The chosen cast in words, at the step that its picture shows. */
export function CastStep({ choice, setting, played: { at } }: Props) {
  const { system } = useUnits()
  const { steps } = sayMoves(choice.cast, setting, system)
  return (
    <section aria-labelledby="moves-title" className="mt-2">
      <h2 id="moves-title" className="text-base sm:text-xl">
        {CAST_TITLES[choice.cast]}, off the {choice.side} side
      </h2>
      <p className="min-h-12" aria-live="polite" data-step={at + 1}>
        <b className="font-semibold">
          {at + 1} of {steps.length}.
        </b>{' '}
        {steps[at]}
      </p>
    </section>
  )
}

/** What usually goes wrong with the chosen cast, each drawn on request. */
export function CastFaults({ choice, setting, played: { fault, show } }: Props) {
  const { system } = useUnits()
  const { faults } = sayMoves(choice.cast, setting, system)
  const wrong = faults.find((one) => one.fault === fault)
  return (
    <details className="no-print mt-1 text-[0.95rem]">
      <summary className="min-h-11 cursor-pointer content-center">What usually goes wrong</summary>
      <div className="flex flex-wrap gap-1.5">
        {faults.map((one) => (
          <Button
            key={one.fault}
            aria-pressed={one.fault === fault}
            onClick={() => show(one.fault === fault ? undefined : one.fault)}
          >
            {one.name}
          </Button>
        ))}
      </div>
      <p className="mt-1 min-h-6" aria-live="polite" data-fault={fault}>
        {wrong?.looks ?? 'Choose one to see it drawn.'}
      </p>
    </details>
  )
}
