import { create } from 'qrcode'

/** Fewer squares print larger: long texts do with less to mend a smudge by. */
const SHORT_CHARACTERS = 300

/** The squares of a QR code (ISO/IEC 18004) as one path, a unit a square; undefined where the text is too long. */
export function codeOf(text: string): { readonly path: string; readonly side: number } | undefined {
  try {
    const { modules } = create(text, {
      errorCorrectionLevel: text.length > SHORT_CHARACTERS ? 'L' : 'M',
    })
    const { size, data } = modules
    const squares = Array.from(data, (on, i) => (on ? `M${i % size} ${Math.floor(i / size)}h1v1h-1z` : ''))
    return { path: squares.join(''), side: size }
  } catch {
    return undefined
  }
}
