import { printShare } from '../quantity/index.ts'
import type { SwingReason, SwingSummary } from '../swing/index.ts'
import type { FishAt } from '../water/index.ts'

const WHERE: Readonly<Record<FishAt, string>> = {
  surface: 'near the surface, where the fish are',
  middle: 'in mid-water, where the fish are',
  bottom: 'down where the fish hold',
}

/** A swing in plain words, for fish at the surface, in the middle or at the bottom. */
export function saySwing(reason: SwingReason, fishAt: FishAt): string {
  const there = WHERE[fishAt]
  switch (reason) {
    case 'wakes':
      return 'It stays on top and wakes well.'
    case 'drowns':
      return 'It gets pulled under: keep a tighter line, or fish one that floats better.'
    case 'skates':
      return 'It skates too fast over the water: cast steeper, or mend upstream.'
    case 'drifts':
      return 'It drifts free long enough to be taken.'
    case 'drags-on-top':
      return 'It drags before a fish has time to take it: cast more slack, or use a stack mend.'
    case 'in-place':
      return `It rides ${there}.`
    case 'touches':
      return `It rides ${there}, and ticks the bottom.`
    case 'seldom-high':
      return fishAt === 'bottom'
        ? 'It reaches the fish for part of the swing; mostly it rides too high.'
        : `It rides ${there} for part of the swing; mostly it rides too high.`
    case 'seldom-deep':
      return `It rides ${there} for part of the swing; mostly it is too deep.`
    case 'scrapes':
      return 'It scrapes along the bottom for part of the swing: fish it a little lighter or shorter.'
    case 'too-high':
      return 'It rides above the fish.'
    case 'hurried':
      return 'It rides above the fish, and too fast.'
    case 'too-deep':
      return fishAt === 'bottom' ? 'It lies on the bottom.' : 'It passes under the fish.'
    case 'drags':
      return 'It drags along the bottom: go lighter or shorter.'
    case 'grounded':
      return 'It comes to rest on the bottom before it has swung round: go lighter or shorter.'
    case 'no-swing':
      return 'The swing never crosses holding water.'
    case 'unfinished':
      return 'This swing took too long to work out. Try a shorter cast or a steeper angle.'
  }
}

/** Less than this nobody could tell apart: of a chance, and of a depth [m]. [estimate] */
const TELLING = { snag: 0.05, ridesM: 0.1 } as const

/** How a swing differs from another that is as long with the fish: “less snag”, “rides deeper”. */
export function sayDiffers(
  now: Pick<SwingSummary, 'snagRisk' | 'ridesM'>,
  then: Pick<SwingSummary, 'snagRisk' | 'ridesM'>,
): string {
  const snag = then.snagRisk - now.snagRisk
  if (Math.abs(snag) >= TELLING.snag) return snag < 0 ? 'less snag' : 'more snag'
  const deeper = then.ridesM - now.ridesM
  if (Math.abs(deeper) >= TELLING.ridesM) return deeper > 0 ? 'rides deeper' : 'rides higher'
  return 'as now'
}

export type Contact = Pick<SwingSummary, 'touches' | 'touchesOverHolding' | 'bedShare'>

/** Touches of a swing, and where: “2 touches, 1 of them over the fish”. */
export function sayTouches({ touches, touchesOverHolding: over }: Contact): string {
  if (touches === 0) return 'no touches'
  const times = touches === 1 ? '1 touch' : `${touches} touches`
  if (over === 0) return `${times}, away from the fish`
  return over === touches ? `${times} over the fish` : `${times}, ${over} of them over the fish`
}

/** The same with the fly’s share of the swing on the bottom, from a twentieth. */
export const sayContact = (contact: Contact): string =>
  contact.bedShare < 0.05
    ? sayTouches(contact)
    : `${sayTouches(contact)}, the fly on the bottom for ${printShare(contact.bedShare)} of the swing`
