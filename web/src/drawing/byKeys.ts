import type { UnitSystem } from '@hoxen/core/quantity'
import { type Aim, ANGLE_LIMITS } from '@hoxen/core/swing'
import type { KeyboardEvent } from 'react'
import { roundLength } from './rounded.ts'

/** Larger steps are taken with Shift. */
const LARGE = 5
const ARROWS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }
/** A page of a slider, in steps. */
const PAGE = 10
const PAGES: Readonly<Record<string, number>> = { PageDown: -PAGE, PageUp: PAGE }

interface Slider {
  readonly now: number
  readonly min: number
  readonly max: number
  /** What one press of an arrow adds; below 0 where up and right take away. */
  readonly step: number
  readonly onPut: (value: number) => void
}

/** The keys of a slider: arrows, larger with Shift, a page up and down, Home and End; other keys are let pass. */
export const bySlider =
  ({ now, min, max, step, onPut }: Slider) =>
  (event: KeyboardEvent): void => {
    const arrow = ARROWS[event.key]
    const steps = arrow === undefined ? PAGES[event.key] : event.shiftKey ? arrow * LARGE : arrow
    const to = { Home: min, End: max }[event.key] ?? (steps === undefined ? undefined : now + steps * step)
    if (to === undefined) return
    event.preventDefault()
    event.stopPropagation()
    onPut(Math.max(min, Math.min(max, to)))
  }

/** Moved by one press of a key [m]. */
const KEY_M = 0.3

/** Which way keys turn a cast, and which make it longer. */
export interface AimKeys {
  readonly turn: Readonly<Record<string, 1 | -1>>
  readonly out: Readonly<Record<string, 1 | -1>>
}

/** The cast that a press of a key makes of it; undefined where the key does nothing to it. @param flyM where the fly lands now [m] */
export function aimByKey(
  event: KeyboardEvent,
  keys: AimKeys,
  aim: Aim,
  flyM: number,
  system: UnitSystem,
): Aim | undefined {
  const { low, high } = ANGLE_LIMITS
  const end = { Home: low, End: high }[event.key]
  const turn = keys.turn[event.key]
  const out = keys.out[event.key] ?? PAGES[event.key]
  const turns = Object.keys(keys.turn).length > 0
  if (turn === undefined && out === undefined && (end === undefined || !turns)) return undefined
  event.preventDefault()
  event.stopPropagation()
  if (end !== undefined && turns) return { ...aim, angleDeg: end }
  const steps = event.shiftKey ? LARGE : 1
  return {
    angleDeg: Math.max(low, Math.min(high, aim.angleDeg + (turn ?? 0) * steps)),
    castM:
      out === undefined ? aim.castM : roundLength(flyM, system) + roundLength(KEY_M, system) * out * steps,
  }
}
