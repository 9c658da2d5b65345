import type { SwingReason } from '../swing/index.ts'
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
