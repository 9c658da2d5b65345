import { type Situation, situationSchema } from './situation.ts'

/** The version of what stands in a round's link; a newer one is refused with words. */
const SENT_VERSION = 1
const MOST_CHARACTERS = 60_000

export type SentReading =
  | { readonly outcome: 'read'; readonly situation: Situation }
  | { readonly outcome: 'newer' | 'damaged' }

/** Text of a round's link: its situation, with all it needs. */
export const writeSent = (situation: Situation): string => JSON.stringify({ v: SENT_VERSION, situation })

/** Reads what stood in a link: whole and sound, or not at all. */
export function readSent(text: string): SentReading {
  if (text.length > MOST_CHARACTERS) return { outcome: 'damaged' }
  let raw: { readonly v?: unknown; readonly situation?: unknown } | null
  try {
    raw = JSON.parse(text) as typeof raw
  } catch {
    return { outcome: 'damaged' }
  }
  if (typeof raw?.v === 'number' && raw.v > SENT_VERSION) return { outcome: 'newer' }
  const parsed = situationSchema.safeParse(raw?.situation)
  return parsed.success ? { outcome: 'read', situation: parsed.data } : { outcome: 'damaged' }
}
