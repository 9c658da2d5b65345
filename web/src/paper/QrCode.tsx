import { useMemo } from 'react'
import { codeOf } from './codeOf.ts'

interface Props {
  readonly text: string
  /** Label of the link, for those who do not see it. */
  readonly label: string
  /** Side on paper [mm]. */
  readonly mm: number
}

/** A square code that a phone's camera opens; nothing where the text is too long for one. */
export function QrCode({ text, label, mm }: Props) {
  const code = useMemo(() => codeOf(text), [text])
  if (code === undefined) return null
  const { path, side } = code
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`-4 -4 ${side + 8} ${side + 8}`}
      style={{ width: `${mm}mm`, height: `${mm}mm` }}
      className="shrink-0"
      shapeRendering="crispEdges"
    >
      <rect x="-4" y="-4" width={side + 8} height={side + 8} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  )
}
