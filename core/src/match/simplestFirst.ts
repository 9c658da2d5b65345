import type { Candidates } from './candidates.ts'
import type { Card } from './match.ts'
import { offOf, type Score } from './score.ts'

/** Nearer to the best than this the models tell nothing apart [half-widths of the window]. [estimate] */
const AS_GOOD = 0.02

/** The distances that settle ties, together. */
const fine = ({ offCentre, offRules }: Score): number => offCentre + offRules

/** Whether one is as good as another as far as breaks and watches go. */
const ofOneKind = (a: Score, b: Score): boolean =>
  a.breaks === b.breaks && a.off === b.off && a.watchTenths === b.watchTenths

/** Parts of a rig that it could do without. */
const spare = ({ rig: { parts } }: Card): number => (parts.tip === null ? 0 : 1)

/** The same distance without that of the swing, the least sure of them. */
const atRest = ({ rig: { score, checks } }: Card): number => {
  const swings = checks.find(({ code }) => code === 'depth')?.from
  return fine(score) - offOf(swings)
}

/**
 * Of cards, best first, those that lie within the models' uncertainty of the best are one group: in it the fewest parts come
 * first (C48), then what is nearer to its rules apart from the swing, then the gear's own order. So a hair's breadth in a figure does not turn the
 * first rod round, and page, command line and link agree. [practice, estimate]
 */
export function simplestFirst(cards: readonly Card[], { rods, heads }: Candidates): readonly Card[] {
  const [best] = cards
  if (best === undefined) return cards
  const asGood = cards.filter(
    ({ rig: { score } }) => ofOneKind(score, best.rig.score) && fine(score) - fine(best.rig.score) <= AS_GOOD,
  )
  const placeOf = ({ rig: { parts } }: Card): number =>
    rods.indexOf(parts.rod) * heads.length + heads.findIndex(({ head }) => head.id === parts.head.head.id)
  const group = [...asGood].sort(
    (a, b) => spare(a) - spare(b) || atRest(a) - atRest(b) || placeOf(a) - placeOf(b),
  )
  return [...group, ...cards.filter((card) => !asGood.includes(card))]
}
