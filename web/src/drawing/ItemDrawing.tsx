import type { Item } from '@hoxen/core/gear'
import { pieceOfItem } from '@hoxen/core/rig'
import { useMemo } from 'react'
import { RigDrawing } from './RigDrawing.tsx'
import type { StripScale } from './scale.ts'

const NO_STATES = new Map<never, never>()
/** Longest thing drawn whole [m]; all items share this scale, so lengths and thicknesses can be compared by eye. */
const LONGEST_M = 12.5
const THICKEST_M = 0.0042

/** A head, tip or leader at the scale all of them share. */
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
  if (piece === null) return null
  const pxPerM = (width - 14) / LONGEST_M
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
