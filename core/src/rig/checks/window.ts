import type { Rod, Schools } from '../../gear/index.ts'
import { type HeadFacts, singleHandNumber } from '../../line/index.ts'
import { type GrainWindow, numberStep, ratedNumber } from '../../rod/index.ts'
import type { TipFacts } from '../../sink/index.ts'
import { type Check, check, stateInRange } from '../check.ts'

/** Beyond a printed edge this share is a warning; an estimated window fades over its own half-width. */
const PRINTED_SLACK = 0.04

/** What a window weighs of head and tip [kg]; a trout line on a single-hand rod counts its first 30 ft. */
export function massOnWindow(
  rod: Rod,
  head: HeadFacts,
  tip: TipFacts | null,
  counts: GrainWindow['counts'],
): number {
  const trout = head.head.style === 'double-taper' || head.head.style === 'weight-forward'
  const headKg = trout && rod.hands === 'single' ? head.first30Kg : head.massKg.value
  return counts === 'head+tip' && tip?.item.kind === 'tip' ? headKg + tip.massKg.value : headKg
}

/** Is the mass inside the rod's window for this style? The heart of the match. */
export function massInWindow(rod: Rod, head: HeadFacts, tip: TipFacts | null, window: GrainWindow): Check {
  const value = massOnWindow(rod, head, tip, window.counts)
  const half = (window.highKg - window.lowKg) / 2
  const printed = window.tag === 'printed'
  const state = stateInRange(
    value,
    window.lowKg,
    window.highKg,
    printed ? window.lowKg * PRINTED_SLACK : half,
  )
  const reason = value < window.lowKg ? 'too-light' : value > window.highKg ? 'too-heavy' : 'inside'
  return check({
    code: 'mass-in-window',
    state,
    reason,
    value,
    allowed: { low: window.lowKg, high: window.highKg },
    measure: 'lineMass',
    tag: window.tag,
    data: { counts: window.counts, countsStated: window.countsStated, centreKg: window.centreKg },
  })
}

/** How far above the rod's own number a line may read and still be the classic mistake. */
const OWN_NUMBER_MARGIN = 0.7

/** What the head reads as in single-hand numbers: by the mass of its first 30 ft, or by its box for those who trust the label. */
function singleHandReading(head: HeadFacts, schools: Schools): number {
  const { labelNumber, labelStandard = 'single-hand' } = head.head
  if (schools.boxNumber === 'trust-label' && labelNumber !== undefined && labelStandard === 'single-hand')
    return labelNumber
  return singleHandNumber(head.first30Kg).exact
}

/**
 * The most common mistake: a line of the rod's own number from the single-hand world on a two-handed rod. It will not
 * load. Only for two-handed rods.
 */
export function rodNumberMistake(rod: Rod, head: HeadFacts, schools: Schools): Check | null {
  if (rod.hands === 'single') return null
  const own = ratedNumber(rod)
  const value = singleHandReading(head, schools)
  const mistake = value <= own + OWN_NUMBER_MARGIN
  return check({
    code: 'rod-number',
    state: mistake ? 'breaks' : 'holds',
    reason: mistake ? 'own-number' : 'clear',
    value,
    allowed: { low: own + 1 },
    measure: 'number',
    tag: 'practice',
    data: { own, wanted: own + numberStep(rod, schools.twoHandNumber) },
  })
}
