/** The colours and the type of the face in use, for drawing on canvas. */
export interface Ink {
  readonly paper: string
  readonly sheet: string
  readonly ink: string
  readonly faint: string
  readonly rule: string
  readonly river: string
  readonly shoal: string
  readonly caster: string
  readonly breaks: string
  readonly watch: string
  readonly font: string
}

const NAMES = [
  'paper',
  'sheet',
  'ink',
  'faint',
  'rule',
  'river',
  'shoal',
  'caster',
  'breaks',
  'watch',
] as const

let known: { readonly face: string | undefined; readonly ink: Ink } | undefined

/** Memoised by face: reading computed styles at every frame would cost more than the drawing. */
export function inkOf(element: Element): Ink {
  const { face } = document.documentElement.dataset
  if (known !== undefined && known.face === face) return known.ink
  const style = getComputedStyle(element)
  const colours = Object.fromEntries(NAMES.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]))
  const ink = { ...colours, font: style.fontFamily } as unknown as Ink
  known = { face, ink }
  return ink
}

function channels(hex: string): readonly [number, number, number] {
  const value = Number.parseInt(hex.slice(1), 16)
  return [(value >> 16) & 255, (value >> 8) & 255, value & 255]
}

/** Steps of the speed scale: few enough to be told apart. */
export const SPEED_STEPS = 6

/** Ink for a speed: from the river's colour, slow, to the caster's, fast. @param share of the fastest, [0, 1] */
export function speedInk(ink: Ink, share: number): string {
  const step = Math.min(SPEED_STEPS - 1, Math.floor(Math.max(0, share) * SPEED_STEPS)) / (SPEED_STEPS - 1)
  const [r, g, b] = channels(ink.river)
  const [r2, g2, b2] = channels(ink.caster)
  const mix = (from: number, to: number): number => Math.round(from + (to - from) * step)
  return `rgb(${mix(r, r2)} ${mix(g, g2)} ${mix(b, b2)})`
}
