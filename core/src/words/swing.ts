import type { SwingReason, SwingSummary } from '../swing/index.ts'
import type { FishAt } from '../water/index.ts'

const WHERE: Readonly<Record<FishAt, string>> = {
  surface: 'near the surface, where the fish are',
  middle: 'in mid-water, where the fish are',
  bottom: 'down where the fish hold',
}

/** Words of an angler for a swing, for fish at the surface, in the middle or at the bottom. */
export function saySwing(reason: SwingReason, fishAt: FishAt): string {
  const there = WHERE[fishAt]
  switch (reason) {
    case 'wakes':
      return 'It stays on top and wakes well.'
    case 'drowns':
      return 'It goes under: more pull on it, or one that floats better.'
    case 'skates':
      return 'It skates too fast over the water: a steeper cast, or a mend upstream.'
    case 'drifts':
      return 'It drifts with the water, long enough to be taken.'
    case 'drags-on-top':
      return 'It drags on top before a fish has time for it: cast more slack, or stack a mend.'
    case 'in-place':
      return `It rides ${there}.`
    case 'touches':
      return `It rides ${there}, and ticks the bottom.`
    case 'seldom-high':
      return `It rides ${there} for a part of its way only; mostly it is above them.`
    case 'seldom-deep':
      return `It rides ${there} for a part of its way only; mostly it is too deep.`
    case 'scrapes':
      return 'It scrapes along the bottom for some way: a little lighter or shorter.'
    case 'too-high':
      return 'It rides above the fish.'
    case 'hurried':
      return 'It rides above the fish, and in a hurry.'
    case 'too-deep':
      return fishAt === 'bottom' ? 'It lies on the bottom.' : 'It passes under the fish.'
    case 'drags':
      return 'It drags along the bottom: lighten it or shorten it.'
    case 'grounded':
      return 'It comes to rest on the bottom before it is round: lighten it or shorten it.'
    case 'no-swing':
      return 'It is not carried round over water that holds fish.'
  }
}

type Contact = Pick<SwingSummary, 'touches' | 'touchesOverHolding' | 'bedShare'>

/** Touches of a swing, and where: “2 touches, 1 of them over the fish”. */
export function sayTouches({ touches, touchesOverHolding: over }: Contact): string {
  if (touches === 0) return 'no touch'
  const times = touches === 1 ? '1 touch' : `${touches} touches`
  if (over === 0) return `${times}, away from the fish`
  return over === touches ? `${times} over the fish` : `${times}, ${over} of them over the fish`
}

/** The same with the fly’s share of the swing on the bed, from a twentieth. */
export const sayContact = (contact: Contact): string =>
  contact.bedShare < 0.05
    ? sayTouches(contact)
    : `${sayTouches(contact)}, the fly on the bed for ${Math.round(contact.bedShare * 100)} % of the swing`
