/** The figure a sentence is about: a page sets it bold. */
export interface SaidFigure {
  readonly figure: string
}

/** A sentence in its pieces: plain words, and the figures it is about. */
export type Said = readonly (string | SaidFigure)[]

/** Marks a printed figure as what its sentence is about. */
export const figure = (printed: string): SaidFigure => ({ figure: printed })

/** Template tag of a sentence; what is marked by `figure` stays apart. */
export const said = (words: TemplateStringsArray, ...pieces: readonly (string | SaidFigure)[]): Said =>
  words.flatMap((word, i): Said => {
    const piece = pieces[i]
    return piece === undefined ? [word] : [word, piece]
  })

/** The sentence as plain text. @internal asked for by tests alone */
export const plainly = (sentence: Said): string =>
  sentence.map((piece) => (typeof piece === 'string' ? piece : piece.figure)).join('')
