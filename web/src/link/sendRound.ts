import { type Situation, writeSent } from '@hoxen/core/practise'
import { addressOf } from './address.ts'
import { hand } from './hand.ts'
import { packed } from './packed.ts'

/** The address that holds a round with its pool and gear. */
const roundLink = (situation: Situation): string =>
  addressOf(`/practise/round/${packed(writeSent(situation))}`)

/** Hands a round's link to the share sheet, or to the clipboard. */
export const sendRound = (situation: Situation): Promise<void> =>
  hand(
    roundLink(situation),
    'A round in Hoxen',
    'Link copied. The round is in the link itself, with its water and gear: whoever opens it gets the same question.',
  )
