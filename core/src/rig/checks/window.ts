import type { Day } from '../../day/index.ts'
import { type Rod, type Schools, troutLine, type WindowStyle } from '../../gear/index.ts'
import { type HeadFacts, massOfFirst, SINGLE_HAND_LENGTH_M, singleHandNumber } from '../../line/index.ts'
import { type GrainWindow, numberStep, ratedNumber, WINDOW_MODEL, windowFor } from '../../rod/index.ts'
import type { TipFacts } from '../../sink/index.ts'
import { defineCheck, stateInRange } from '../define.ts'
import { type RigParts, windowStyleOf } from '../parts.ts'

type Caster = Pick<Day, 'schools' | 'caster' | 'own'>
type Windows = Partial<Record<WindowStyle, GrainWindow | 'none'>>

/** Memoised: a rod has few windows in a day, and thousands of heads are held against them. */
const known = new WeakMap<Caster, WeakMap<Rod, Windows>>()

function windowsOf(rod: Rod, day: Caster): Windows {
  const rods = known.get(day) ?? new WeakMap<Rod, Windows>()
  known.set(day, rods)
  const windows = rods.get(rod) ?? {}
  rods.set(rod, windows)
  return windows
}

/** The rod's window for the head's style, as the day's schools and caster see it. */
export function windowOf(
  { rod, head }: Pick<RigParts, 'rod' | 'head'>,
  day: Caster,
): GrainWindow | undefined {
  const windows = windowsOf(rod, day)
  const style = windowStyleOf(head.head.style)
  let window = windows[style]
  if (window === undefined) {
    const result = windowFor(rod, style, day)
    window = result.outcome === 'window' ? result.window : 'none'
    windows[style] = window
  }
  return window === 'none' ? undefined : window
}

/** Beyond a printed edge this share is a warning; an estimated window fades over its own half-width. */
const PRINTED_SLACK = 0.04

/**
 * Trout line in one piece that a two-handed rod carries [m]: by the window's own rule, which is a Scandi's, a line three
 * numbers up (or by the other school two) is right, and so much of it weighs what a Scandi would: 1.7 times its first 30 ft.
 * [practice]
 */
export const TROUT_CARRY_M = WINDOW_MODEL.lightFactor.scandi * SINGLE_HAND_LENGTH_M

/** The mass that a window counts, of head and tip [kg]; of a trout line its first 30 ft on a single-hand rod, what is carried on another. */
export function massOnWindow(
  rod: Rod,
  head: HeadFacts,
  tip: TipFacts | null,
  counts: GrainWindow['counts'],
): number {
  const headKg = !troutLine(head.head.style)
    ? head.massKg.value
    : rod.hands === 'single'
      ? head.first30Kg
      : massOfFirst(head.line, TROUT_CARRY_M)
  return counts === 'head+tip' && tip?.item.kind === 'tip' ? headKg + tip.massKg.value : headKg
}

/** Is the mass inside the rod's window for this style? The heart of the match. */
function massAgainst(window: GrainWindow, value: number) {
  const half = (window.highKg - window.lowKg) / 2
  const slack = window.tag === 'printed' ? window.lowKg * PRINTED_SLACK : half
  const state = stateInRange(value, window.lowKg, window.highKg, slack)
  const reason =
    value < window.lowKg ? 'too-light' : value > window.highKg ? 'too-heavy' : ('inside' as const)
  return {
    state,
    reason,
    value,
    allowed: { low: window.lowKg, high: window.highKg },
    measure: 'lineMass',
    tag: window.tag,
    data: { counts: window.counts },
  } as const
}

const COUNTED = { counts: 'head+tip' }

const massInWindow = defineCheck({
  code: 'mass-in-window',
  slots: ['headId', 'tipId', 'rodId'],
  reasons: { inside: COUNTED, 'too-light': COUNTED, 'too-heavy': COUNTED, 'no-window': {} },
})
  .look(
    ['rod', 'head'],
    ({ rod, head }, day) => {
      const window = windowOf({ rod, head }, day)
      if (window === undefined)
        return { state: 'watch', reason: 'no-window', value: null, measure: 'none', tag: 'standard' }
      return window.counts === 'head' ? massAgainst(window, massOnWindow(rod, head, null, 'head')) : null
    },
    { grows: 'off-window' },
  )
  .look(
    ['rod', 'head', 'tip'],
    ({ rod, head, tip }, day) => {
      const window = windowOf({ rod, head }, day)
      if (window?.counts !== 'head+tip') return null
      return massAgainst(window, massOnWindow(rod, head, tip, window.counts))
    },
    {
      // A tip only adds mass: what is too heavy bare stays so, what is too light may be helped.
      least: ({ rod, head }, day) => {
        const window = windowOf({ rod, head }, day)
        if (window?.counts !== 'head+tip') return null
        const bareKg = massOnWindow(rod, head, null, 'head')
        return bareKg < window.highKg ? null : massAgainst(window, bareKg)
      },
      grows: 'off-window',
    },
  )

/** Numbers above the rod's own that a line may read and still be the classic mistake. */
const OWN_NUMBER_MARGIN = 0.7

/** Reading of the head in single-hand numbers: by the mass of its first 30 ft, or by its box for those who trust the label. */
function singleHandReading(head: HeadFacts, schools: Schools): number {
  const { labelNumber, labelStandard = 'single-hand' } = head.head
  if (schools.boxNumber === 'trust-label' && labelNumber !== undefined && labelStandard === 'single-hand')
    return labelNumber
  return singleHandNumber(head.first30Kg).exact
}

const NUMBERS = { own: 7, wanted: 10 }

/**
 * The most common mistake: a line of the rod's own number from the single-hand world on a two-handed rod. It will not
 * load. Only for two-handed rods.
 */
const rodNumber = defineCheck({
  code: 'rod-number',
  slots: ['headId', 'rodId'],
  reasons: { 'own-number': NUMBERS, clear: NUMBERS },
}).look(['rod', 'head'], ({ rod, head }, { schools }) => {
  if (rod.hands === 'single') return null
  const own = ratedNumber(rod)
  const value = singleHandReading(head, schools)
  const mistake = value <= own + OWN_NUMBER_MARGIN
  return {
    state: mistake ? 'breaks' : 'holds',
    reason: mistake ? 'own-number' : 'clear',
    value,
    allowed: { low: own + 1 },
    measure: 'number',
    tag: 'practice',
    data: { own, wanted: own + numberStep(rod, schools.twoHandNumber) },
  }
})

export const WINDOW_CHECKS = [massInWindow, rodNumber] as const
