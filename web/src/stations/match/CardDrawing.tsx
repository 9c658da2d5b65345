import type { RankedRig } from '@hoxen/core/match'
import { piecesOf, type RigSlot, statesBySlot } from '@hoxen/core/rig'
import { RigDrawing, stripScale, useWidth } from '../../drawing/index.ts'

interface Props {
  readonly rig: RankedRig
  readonly height?: number
  /** Parts that are not there yet. */
  readonly looked?: readonly RigSlot[]
}

/** A rig across a card, as wide as the card lets it be. */
export function CardDrawing({ rig, height = 34, looked = [] }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(460)
  const pieces = piecesOf(rig.parts)
  return (
    <div ref={ref} className="min-w-0">
      <RigDrawing
        pieces={pieces}
        scale={stripScale(pieces, width, height, 30, 16)}
        width={width}
        height={height}
        states={statesBySlot(rig.checks)}
        looked={looked}
      />
    </div>
  )
}
