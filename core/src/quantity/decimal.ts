/** The sign that parts the whole from its tenths where somebody writes. */
export type DecimalMark = '.' | ','

const GROUPED = { '.': /^\d{1,3}(\.\d{3}){2,}$/, ',': /^\d{1,3}(,\d{3}){2,}$/ } as const

function pointed(figure: string, mark: DecimalMark): string {
  const [point, comma] = [figure.lastIndexOf('.'), figure.lastIndexOf(',')]
  if (point > -1 && comma > -1) {
    // Of two signs the last parts the tenths, the other the thousands.
    const at = Math.max(point, comma)
    const whole = figure.slice(0, at)
    const groups = comma > point ? /^\d{1,3}(\.\d{3})+$/ : /^\d{1,3}(,\d{3})+$/
    return groups.test(whole) ? `${whole.replace(/[.,]/g, '')}.${figure.slice(at + 1)}` : figure
  }
  if (GROUPED['.'].test(figure) || GROUPED[','].test(figure)) return figure.replace(/[.,]/g, '')
  const [whole = '', part = '', ...more] = figure.split(',')
  if (comma === -1 || more.length > 0) return figure
  const thousand = mark === '.' && /^[1-9]\d{0,2}$/.test(whole) && part.length === 3
  return thousand ? whole + part : `${whole}.${part}`
}

/**
 * The figures of a text with a point before their tenths: "1.234,5" is 1234.5, "0,850" is 0.85, "1,234,567" a million. One
 * comma before three figures is what the reader's own language makes of it; one point is always decimal, as Hoxen prints it.
 * @param mark decimal sign of whoever writes
 */
export const withPoints = (text: string, mark: DecimalMark = '.'): string =>
  text.replace(/\d+(?:[.,]\d+)+/g, (figure) => pointed(figure, mark))
