import type { Item, Reel, Rod } from '@hoxen/core/gear'
import { usualHandle } from '@hoxen/core/reel'
import { pieceOfItem } from '@hoxen/core/rig'
import { useMemo } from 'react'
import { RigDrawing } from './RigDrawing.tsx'
import type { StripScale } from './scale.ts'

const NO_STATES = new Map<never, never>()
/** Longest thing drawn whole [m]; all items share this scale, so lengths and thicknesses can be compared by eye. */
const LONGEST_M = 12.5
const THICKEST_M = 0.0042

/** Spools are drawn by their rims, the largest there is as high as the drawing [m]. */
const WIDEST_RIM_M = 0.13

/** A rod, head, tip or leader at the scale all of them share; a reel by its face. */
export function ItemDrawing({
  item,
  width,
  height,
}: {
  readonly item: Item
  readonly width: number
  readonly height: number
}) {
  const piece = useMemo(() => pieceOfItem(item), [item])
  const pxPerM = (width - 14) / LONGEST_M
  if (item.kind === 'rod') return <RodInk rod={item} {...{ pxPerM, width, height }} />
  if (item.kind === 'reel') return <ReelInk reel={item} {...{ width, height }} />
  if (piece === null) return null
  const scale: StripScale = {
    left: 1,
    pxPerM,
    pxPerDiameterM: height / THICKEST_M,
    exaggeration: height / THICKEST_M / pxPerM,
    lengthM: Math.min(piece.lengthM, LONGEST_M),
    gapPx: 0,
  }
  return <RigDrawing pieces={[piece]} scale={scale} width={width} height={height} states={NO_STATES} bare />
}

interface InkProps {
  readonly width: number
  readonly height: number
}

/** A rod from grip to tip-top. */
function RodInk({ rod, pxPerM, width, height }: InkProps & { readonly rod: Rod; readonly pxPerM: number }) {
  const [tip, grip, y] = [1 + rod.lengthM * pxPerM, 1 + usualHandle(rod).handM * 1.1 * pxPerM, height / 2]
  return (
    <svg width={width} height={height} aria-hidden="true" className="block">
      <path
        d={`M1 ${y - 4}H${grip}V${y - 2}L${tip} ${y - 0.5}V${y + 0.5}L${grip} ${y + 2}V${y + 4}H1Z`}
        fill="var(--ink)"
      />
    </svg>
  )
}

/** A reel’s face: its rim, and the arbor the line is wound on, where they are known. */
function ReelInk({ reel: { spool }, width, height }: InkProps & { readonly reel: Reel }) {
  if (spool === undefined) return null
  const px = (height - 2) / WIDEST_RIM_M
  const at = { cx: 1 + (WIDEST_RIM_M / 2) * px, cy: height / 2, fill: 'none', stroke: 'var(--ink)' }
  return (
    <svg width={width} height={height} aria-hidden="true" className="block">
      <circle {...at} r={Math.min(height / 2 - 1, (spool.rimDiameterM / 2) * px)} strokeWidth="1.8" />
      <circle {...at} r={(spool.arborDiameterM / 2) * px} strokeWidth="1.2" />
    </svg>
  )
}
