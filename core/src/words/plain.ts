import { KG_PER_POUND, M_PER_FOOT } from '../quantity/index.ts'

/** A plain word for a figure people do not carry in their heads. [practice] */
export interface PlainWord {
  readonly word: string
  readonly si: number
}

const feet = (n: number): number => n * M_PER_FOOT
const pounds = (n: number): number => n * KG_PER_POUND

/** Choices of each question in plain words, small to large. Common practice, no source. */
export const PLAIN_WORDS = {
  fishKg: [
    { word: 'small trout', si: pounds(1) },
    { word: 'good trout', si: pounds(3) },
    { word: 'sea trout', si: pounds(6) },
    { word: 'salmon or steelhead', si: pounds(10) },
    { word: 'big salmon or steelhead', si: pounds(18) },
    { word: 'fish of a lifetime', si: pounds(30) },
  ],
  castM: [
    { word: 'short', si: feet(30) },
    { word: 'an easy distance', si: feet(50) },
    { word: 'a good distance', si: feet(70) },
    { word: 'a long way', si: feet(90) },
    { word: 'as far as I can', si: feet(110) },
  ],
  waterDepthM: [
    { word: 'knee deep', si: 0.5 },
    { word: 'thigh deep', si: 0.8 },
    { word: 'waist deep', si: 1.1 },
    { word: 'chest deep', si: 1.4 },
    { word: 'over your head', si: 2.2 },
  ],
  currentMps: [
    { word: 'barely moving', si: 0.15 },
    { word: 'slow', si: 0.4 },
    { word: 'strolling pace', si: 0.7 },
    { word: 'walking pace', si: 1.2 },
    { word: 'a torrent', si: 1.8 },
  ],
  roomBehindM: [
    { word: 'a wall of brush', si: 1 },
    { word: 'a few feet', si: 2 },
    { word: 'half a rod length', si: 2.5 },
    { word: 'a rod length', si: 4 },
    { word: 'open bank', si: 25 },
  ],
} as const satisfies Readonly<Record<string, readonly PlainWord[]>>

export type PlainQuestion = keyof typeof PLAIN_WORDS

/** The word nearest in proportion to a figure. */
export function nearestWord(question: PlainQuestion, si: number): PlainWord {
  const list: readonly PlainWord[] = PLAIN_WORDS[question]
  const gap = (word: PlainWord): number => Math.abs(Math.log((si + 0.05) / (word.si + 0.05)))
  return list.reduce((best, word) => (gap(word) < gap(best) ? word : best))
}
