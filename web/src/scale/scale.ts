/** Reading of any bench scale: grams, and whether it has settled. */
export interface ScaleReading {
  readonly grams: number
  readonly stable: boolean
}

/** Why a scale fell silent. */
export type ScaleEnd = 'unplugged' | 'nonsense' | 'refused'

export interface Scale {
  /** Starts reading. @returns stops it */
  readonly start: (onReading: (reading: ScaleReading) => void, onEnd: (why: ScaleEnd) => void) => () => void
  readonly tare: () => Promise<void>
}

/**
 * The line protocol, one reading a line: figure, "g", and "stable" or "moving" — `7.16 g stable`. A scale that speaks it on
 * a serial line can stand in for the stand-in.
 * @returns undefined for a line that is no reading
 */
export function parseReading(line: string): ScaleReading | undefined {
  const found = /^\s*([+-]?\d{1,5}(?:\.\d{1,4})?)\s*g\s+(stable|moving)\s*$/.exec(line)
  return found ? { grams: Number(found[1]), stable: found[2] === 'stable' } : undefined
}

/** This many lines of nonsense in a row are a fault, fewer are noise. */
const NONSENSE_LINES = 6

/** Feeds lines to a listener; gives up after too many that are no readings. */
export function lineFeed(
  onReading: (reading: ScaleReading) => void,
  onNonsense: () => void,
): (line: string) => void {
  let bad = 0
  return (line) => {
    const reading = parseReading(line)
    if (reading !== undefined) {
      bad = 0
      onReading(reading)
    } else if (line.trim() !== '' && ++bad === NONSENSE_LINES) onNonsense()
  }
}
